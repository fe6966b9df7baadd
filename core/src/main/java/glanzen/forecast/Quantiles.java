package glanzen.forecast;

import glanzen.pull.PullOutcome;
import java.util.Arrays;
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

    /** Weights travel with their figures through one sort of primitive keys: places in the low bits of rounded figures. */
    static Quantiles of(PullOutcome[] pulls, double[] weights, ToDoubleFunction<PullOutcome> figure) {
        double[] figures = Arrays.stream(pulls).mapToDouble(figure).toArray();
        int bits = Integer.SIZE - Integer.numberOfLeadingZeros(pulls.length);
        long places = (1L << bits) - 1;
        long[] keys = new long[figures.length];
        for (int i = 0; i < keys.length; i++) {
            // Figures are not negative, so their bits sort as they do.
            keys[i] = Double.doubleToRawLongBits(figures[i]) & ~places | i;
        }
        Arrays.sort(keys);
        double[] found = new double[LEVELS.length];
        double passed = 0;
        int level = 0;
        for (long key : keys) {
            int i = (int) (key & places);
            passed += weights[i];
            while (level < LEVELS.length && passed >= LEVELS[level] - 1e-12) {
                found[level++] = figures[i];
            }
        }
        return new Quantiles(found[0], found[1], found[2]);
    }
}
