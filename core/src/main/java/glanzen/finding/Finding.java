package glanzen.finding;

import org.jspecify.annotations.Nullable;

/**
 * Something that breaks a rule, of a stack, a layout or the order of a piece.
 *
 * @param <M> what can be mended
 * @param rule which
 * @param concern what it is about
 * @param what what is wrong
 * @param why why that matters
 * @param mend what can be done about it at once, if anything
 */
public record Finding<M>(
        RuleId rule,
        Concern concern,
        String what,
        String why,
        @Nullable Mend<M> mend) {

    /**
     * A way out.
     *
     * @param label what it does, in the imperative
     * @param mended what it is about, afterwards
     */
    public record Mend<M>(String label, M mended) {}

    /** Something about a layer of a stack; −1 for the whole of it. */
    public static <M> Finding<M> at(int layer, RuleId rule, String what, String why, @Nullable Mend<M> mend) {
        return new Finding<>(rule, Concern.layer(layer), what, why, mend);
    }

    /** How much it matters. */
    public Weight weight() {
        return rule.weight();
    }
}
