package glanzen.app.pull;

import glanzen.diagnosis.Cause;
import glanzen.diagnosis.Verdict;
import glanzen.inspect.Figure;
import glanzen.measure.Checks;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * What was read off a pull's picture and is kept with it; or, without a picture, only why it is thought to have come out so.
 *
 * @param verdict what to do with it
 * @param shares how likely each cause is
 * @param onRight how much more came out on the right than on the left across the throat, as a share
 * @param inMiddle how much less came out in the middle than at the sides
 * @param placing from millimetres of the piece to its first picture, whose width is 1; nine numbers of a homography, row by row
 * @param lesson what the pull told of a change that was made for it
 */
public record LogRead(
        Verdict.@Nullable Action verdict,
        Map<Cause, Double> shares,
        @Nullable Figure onRight,
        @Nullable Figure inMiddle,
        @Nullable List<Double> placing,
        @Nullable String lesson) {

    private static final int HOMOGRAPHY = 9;

    public LogRead {
        new Checks()
                .holds(shares != null && !shares.isEmpty(), "read.shares", "are none", "causes and how likely they are")
                .holds(
                        placing == null || placing.size() == HOMOGRAPHY,
                        "read.placing",
                        "is not a placing",
                        "nine numbers")
                .done();
        shares = Map.copyOf(shares);
        placing = placing == null ? null : List.copyOf(placing);
    }

    /** What a person ticked, thought over. */
    static LogRead ticked(Map<Cause, Double> shares) {
        return new LogRead(null, shares, null, null, null, null);
    }

    /** The same with other thoughts about its cause. */
    LogRead believing(Map<Cause, Double> changed) {
        return new LogRead(verdict, changed, onRight, inMiddle, placing, lesson);
    }

    /** The likeliest cause. */
    Cause cause() {
        return shares.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .orElseThrow()
                .getKey();
    }

    double[] homography() {
        return Objects.requireNonNull(placing).stream()
                .mapToDouble(Double::doubleValue)
                .toArray();
    }
}
