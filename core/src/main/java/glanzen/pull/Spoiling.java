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

    /** Nothing is spoiled. */
    public static final Spoiling NONE = new Spoiling(0, 0, 0);

    /** What a press takes at most is a round figure on its label, ln. */
    private static final double LN_GREATEST_FORCE = 0.05;
    /** At how many degrees a film begins to hold on bare sheet is as little known, K. */
    private static final double BARE_SHEET_K = 3;

    private static final double LIKELY = 0.5;

    public Spoiling {
        new Checks()
                .figure("refused", refused, 0, 1, "")
                .figure("bareSheet", bareSheet, 0, 1, "")
                .figure("wet", wet, 0, 1, "")
                .done();
    }

    /**
     * What a press refuses.
     *
     * @param forceN in the nip, N
     * @param greatestN what it takes at most, N
     */
    static Spoiling byForce(double forceN, double greatestN) {
        return forceN <= 0 ? NONE : new Spoiling(Normal.cdf(Math.log(forceN / greatestN) / LN_GREATEST_FORCE), 0, 0);
    }

    /**
     * The same, with a sheet that gets so hot.
     *
     * @param bondC hottest of the bond under the rollers, °C
     * @param hottestC up to which foil does not hold on bare sheet, °C
     */
    Spoiling withHeat(double bondC, double hottestC) {
        return new Spoiling(refused, Normal.cdf((bondC - hottestC) / BARE_SHEET_K), wet);
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

    /** What spoils more pulls than not, whatever their dose; nothing if nothing does. */
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
