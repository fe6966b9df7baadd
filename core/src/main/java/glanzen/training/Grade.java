package glanzen.training;

import glanzen.setup.SetUp;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What an answer was worth.
 *
 * @param right whether it will do
 * @param score 0…1
 * @param parts question by question
 * @param guess of how many of twenty: what was guessed, as a share; nothing elsewhere
 * @param came of how many of twenty: how many came, as a share; nothing elsewhere
 */
public record Grade(
        boolean right,
        double score,
        List<Part> parts,
        @Nullable Double guess,
        @Nullable Double came) {

    /**
     * One question.
     *
     * @param right whether it was answered well
     * @param best what would have been right, as keys of its options
     * @param says why, and what came of the answer
     * @param after set-ups and pulls to be looked at beside it
     */
    public record Part(boolean right, List<String> best, String says, List<After> after) {}

    /**
     * A pull that would have come.
     *
     * @param label what was done
     * @param picture how it would have looked; the key of a picture of the drill
     * @param setUp what it would have been pulled with; nothing where only luck differs
     */
    public record After(
            String label, String picture, @Nullable SetUp setUp) {}

    static Grade of(List<Part> parts) {
        long good = parts.stream().filter(Part::right).count();
        return new Grade(good == parts.size(), good / (double) parts.size(), parts, null, null);
    }
}
