package glanzen.forecast;

import glanzen.pull.PullOutcome;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * Where an ensemble's answers lie.
 *
 * @param low tenth of the ensemble is below
 * @param middle half of the ensemble is below
 * @param high tenth of the ensemble is above
 */
public record Quantiles(double low, double middle, double high) {

    private static final double[] LEVELS = {0.1, 0.5, 0.9};

    static Quantiles of(List<PullOutcome> pulls, double[] weights, ToDoubleFunction<PullOutcome> figure) {
        Integer[] order = new Integer[pulls.size()];
        Arrays.setAll(order, i -> i);
        Arrays.sort(order, Comparator.comparingDouble(i -> figure.applyAsDouble(pulls.get(i))));
        double[] found = new double[LEVELS.length];
        double passed = 0;
        int level = 0;
        for (int i : order) {
            passed += weights[i];
            while (level < LEVELS.length && passed >= LEVELS[level] - 1e-12) {
                found[level++] = figure.applyAsDouble(pulls.get(i));
            }
        }
        return new Quantiles(found[0], found[1], found[2]);
    }
}
