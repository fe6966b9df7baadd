package glanzen.setup;

import glanzen.kit.Stock;
import glanzen.measure.Figures;
import glanzen.transfer.Drying;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A panel of gel on the bench, some time after it was spread.
 *
 * @param drying how it dries in its room
 * @param stencilled whether it was spread through a stencil
 * @param stock what it lies on, if that is known
 * @param ageSeconds since it was spread, s
 * @param foundDrySeconds when the person found it dry, s after it was spread; nothing if they did not say
 */
public record GelPanel(
        Drying drying,
        boolean stencilled,
        @Nullable Stock stock,
        double ageSeconds,
        @Nullable Double foundDrySeconds) {

    /** How long it is said that the stencil is to be cleaned: gel that has set does not come off, s. */
    private static final double CLEANED_SECONDS = 1800;

    /** Where a panel stands. */
    public enum State {
        /** Pressed now it would be squashed to a blob. */
        WET,
        /** It holds its shape, and takes foil here and there. */
        SETTING,
        /** Ready for foil or flock. */
        SOUND,
        /** It has lost its tack. */
        TOO_LATE
    }

    /** How dry it is, 0…1. */
    public double dryness() {
        return drying.dryness(ageSeconds);
    }

    /** Whether it looks clear. */
    public boolean clear() {
        return dryness() >= Drying.CLEAR;
    }

    /** Where it stands. */
    public State state() {
        if (ageSeconds > Drying.USE_WITHIN_SECONDS) {
            return State.TOO_LATE;
        }
        return dryness() >= Drying.SOUND ? State.SOUND : dryness() >= Drying.BLOB ? State.SETTING : State.WET;
    }

    /** What to know of it, worst first. */
    public List<String> says() {
        List<String> says = new ArrayList<>();
        State state = state();
        if (state == State.TOO_LATE) {
            says.add("It has lost its tack: gel takes foil for a week");
        }
        if (foundDrySeconds != null && drying.dryness(foundDrySeconds) < Drying.BLOB) {
            says.add("You found it dry sooner than a coat of " + Figures.length(drying.coatMm())
                    + " should be: clear is not sound, pressed now it may be squashed");
        }
        if (stencilled && ageSeconds < CLEANED_SECONDS) {
            says.add("Clean the stencil now; what is left over goes back in the pot");
        }
        if (stock != null && Drying.curls(stock.gsm())) {
            says.add(stock.name() + " of " + Figures.weight(stock.gsm()) + " will curl: about {gsm:300} lies flat");
        }
        if (state == State.WET || state == State.SETTING) {
            says.add("Keep dust and pet hair off it");
        }
        return says;
    }
}
