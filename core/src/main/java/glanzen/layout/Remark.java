package glanzen.layout;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Something about a layout that a person should know.
 *
 * @param rule short key
 * @param weight how much it matters
 * @param keys the plates it is about; none if it is about the whole
 * @param what what is wrong
 * @param why why that matters
 * @param mend what can be done at once, if anything
 */
public record Remark(
        String rule,
        Weight weight,
        List<String> keys,
        String what,
        String why,
        @Nullable Mend mend) {

    /** How much a remark matters. */
    public enum Weight {
        /** It cannot be pulled like this. */
        STOP,
        /** It will likely spoil the pull. */
        WARN,
        /** Worth knowing. */
        NOTE
    }

    /** A way out: what it does, and the layout afterwards. */
    public record Mend(String label, Layout layout) {}

    public Remark {
        keys = List.copyOf(keys);
    }
}
