package glanzen.pull;

import glanzen.measure.Checks;
import glanzen.transfer.Normal;
import java.util.Optional;

/**
 * How many pulls on a rig are spoiled whatever their dose. None of the limits is known exactly, so each is a share of pulls, 0…1.
 *
 * @param refused whose press won't take the stack
 * @param bareSheet of those that go through, whose foil sticks to bare sheet
 * @param wet of those that go through, whose gel is squeezed past its stencil
 */
public record Spoiling(double refused, double bareSheet, double wet) {

    /** The shares where nothing is spoiled. */
    public static final Spoiling NONE = new Spoiling(0, 0, 0);

    private static final double LIKELY = 0.5;

    public Spoiling {
        new Checks()
                .figure("refused", refused, 0, 1, "")
                .figure("bareSheet", bareSheet, 0, 1, "")
                .figure("wet", wet, 0, 1, "")
                .done();
    }

    /**
     * The share that a press refuses.
     *
     * @param forceN in the nip, N
     * @param greatestN what it takes at most, N
     */
    static Spoiling byForce(double forceN, double greatestN) {
        return forceN <= 0
                ? NONE
                : new Spoiling(Normal.cdf(Math.log(forceN / greatestN) / RigPriors.LN_GREATEST_FORCE), 0, 0);
    }

    /**
     * The same, with a sheet that gets so hot.
     *
     * @param bondC hottest of the bond under the rollers, °C
     * @param hottestC up to which foil does not hold on bare sheet, °C
     */
    Spoiling withHeat(double bondC, double hottestC) {
        return new Spoiling(refused, Normal.cdf((bondC - hottestC) / RigPriors.BARE_SHEET_K), wet);
    }

    /** The same, with a share of pulls whose gel is still wet. */
    Spoiling withWet(double share) {
        return new Spoiling(refused, bareSheet, share);
    }

    /** Both asked of one pull by the same limits: whichever spoils more. */
    Spoiling and(Spoiling other) {
        return new Spoiling(
                Math.max(refused, other.refused), Math.max(bareSheet, other.bareSheet), Math.max(wet, other.wet));
    }

    /** The trouble that spoils more pulls than not, whatever their dose; nothing if none does. */
    public Optional<Trouble> likely() {
        if (refused >= LIKELY) {
            return Optional.of(Trouble.REFUSED);
        }
        return bareSheet >= LIKELY ? Optional.of(Trouble.BARE_SHEET) : Optional.empty();
    }

    /** Whether more pulls are wet than not. */
    boolean likelyWet() {
        return wet >= LIKELY;
    }
}
