package glanzen.rules;

import glanzen.setup.SetUp;
import org.jspecify.annotations.Nullable;

/**
 * Something a set-up breaks.
 *
 * @param rule short key of the rule, such as {@code film-face}
 * @param severity how bad it is
 * @param layer place of the layer it concerns, from the bottom; −1 if none in particular
 * @param what what is wrong
 * @param why why that matters
 * @param mend what can be done about it at once, if anything
 */
public record Finding(
        String rule,
        Severity severity,
        int layer,
        String what,
        String why,
        @Nullable Mend mend) {

    /** How bad a finding is. */
    public enum Severity {
        /** It cannot be pulled like this. */
        STOP,
        /** It will likely spoil the pull or the kit. */
        WARN,
        /** Worth knowing. */
        NOTE
    }

    /**
     * A way out.
     *
     * @param label what it does, in the imperative
     * @param mended the set-up afterwards
     */
    public record Mend(String label, SetUp mended) {}

    static Finding stop(String rule, int layer, String what, String why, @Nullable Mend mend) {
        return new Finding(rule, Severity.STOP, layer, what, why, mend);
    }

    static Finding warn(String rule, int layer, String what, String why, @Nullable Mend mend) {
        return new Finding(rule, Severity.WARN, layer, what, why, mend);
    }

    static Finding note(String rule, int layer, String what, String why, @Nullable Mend mend) {
        return new Finding(rule, Severity.NOTE, layer, what, why, mend);
    }
}
