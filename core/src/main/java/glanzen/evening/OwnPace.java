package glanzen.evening;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * How much longer a person takes for something than hands usually do, by what they took before: the first stretches count little, as
 * if one stretch of twenty minutes had gone just as planned.
 *
 * @param factors what planned times are multiplied by, by what is done
 */
public record OwnPace(Map<String, Double> factors) {

    /** Nothing is known yet. */
    public static final OwnPace USUAL = new OwnPace(Map.of());

    private static final double AS_PLANNED_SECONDS = 20 * 60;
    /** Beyond this something else was done meanwhile. */
    private static final double MOST = 2.5;

    public OwnPace {
        factors = Map.copyOf(factors);
    }

    /**
     * A stretch of work that is over.
     *
     * @param what as {@link Block#pace()} calls it
     * @param plannedSeconds as hands usually take, s
     * @param tookSeconds as it took, s
     */
    public record Took(String what, double plannedSeconds, double tookSeconds) {}

    /** By all stretches that are over. */
    public static OwnPace of(List<Took> all) {
        Map<String, double[]> sums = new HashMap<>();
        for (Took t : all) {
            if (t.tookSeconds > t.plannedSeconds / MOST && t.tookSeconds < t.plannedSeconds * MOST) {
                double[] sum = sums.computeIfAbsent(t.what, w -> new double[2]);
                sum[0] += t.plannedSeconds;
                sum[1] += t.tookSeconds;
            }
        }
        Map<String, Double> factors = new HashMap<>();
        sums.forEach((what, sum) -> factors.put(what, (AS_PLANNED_SECONDS + sum[1]) / (AS_PLANNED_SECONDS + sum[0])));
        return new OwnPace(factors);
    }

    /** What planned times of something are multiplied by. */
    public double factor(String what) {
        return Objects.requireNonNull(factors.getOrDefault(what, 1.0));
    }
}
