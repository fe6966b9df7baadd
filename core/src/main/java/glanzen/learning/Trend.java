package glanzen.learning;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.apache.commons.math3.stat.correlation.KendallsCorrelation;

/**
 * Whether pulls of one recipe come out differently as time goes on, or with the warmth of the room: Kendall's rank test, and the
 * median of all slopes for how much (Mann 1945; Sen 1968).
 *
 * @param perTenPulls by how much coverage changes over ten pulls, as a share
 * @param says what it may be; empty where nothing can be told from luck
 */
public record Trend(double perTenPulls, String says) {

    private static final int LEAST = 6;
    private static final double SURE = 1.96;
    /** Less than this over ten pulls is nothing that anybody sees. */
    private static final double SEEN = 0.02;

    /**
     * A pull.
     *
     * @param coverage share covered, 0…1
     * @param roomC room temperature, °C
     */
    public record Point(double coverage, double roomC) {}

    /** @param pulls of one recipe, oldest first */
    public static Trend of(List<Point> pulls) {
        if (pulls.size() < LEAST) {
            return new Trend(0, "");
        }
        double perTen = 10 * slope(pulls);
        double order = strength(pulls, true, p -> 0);
        double room = strength(pulls, false, Point::roomC);
        boolean drifts = Math.abs(order) > SURE && Math.abs(perTen) > SEEN;
        if (Math.abs(room) > SURE && Math.abs(room) > Math.abs(order)) {
            return new Trend(
                    perTen,
                    room > 0
                            ? "It comes out fuller in a warm room than in a cold one: soak a little longer when it is cold."
                            : "It comes out fuller in a cold room than in a warm one, which no heat explains: look for "
                                    + "something else that changes with the season, damp card for one.");
        }
        return new Trend(perTen, drifts ? drifting(perTen) : "");
    }

    private static String drifting(double perTen) {
        String much = String.format(Locale.ROOT, "%.1f points of coverage in ten pulls", 100 * Math.abs(perTen));
        return perTen < 0
                ? "It loses " + much + ": card shims press flat and boards bow. Measure the shims, turn the boards, "
                        + "or give it a little more."
                : "It gains " + much + ": look whether its edges still hold, and give it a little less if they do not.";
    }

    /** Kendall's tau in its own deviations; 0 where all is the same. */
    private static double strength(List<Point> pulls, boolean inOrder, ToDoubleFunction<Point> of) {
        int n = pulls.size();
        double[] coverage = pulls.stream().mapToDouble(Point::coverage).toArray();
        double[] with = inOrder
                ? IntStream.range(0, n).asDoubleStream().toArray()
                : pulls.stream().mapToDouble(of).toArray();
        double tau = new KendallsCorrelation().correlation(with, coverage);
        return Double.isNaN(tau) ? 0 : tau * 3 * Math.sqrt(n * (n - 1.0)) / Math.sqrt(2 * (2 * n + 5.0));
    }

    private static double slope(List<Point> pulls) {
        int n = pulls.size();
        double[] slopes = new double[n * (n - 1) / 2];
        int k = 0;
        for (int i = 0; i < n; i++) {
            for (int j = i + 1; j < n; j++) {
                slopes[k++] = (pulls.get(j).coverage - pulls.get(i).coverage) / (j - i);
            }
        }
        Arrays.sort(slopes);
        return k == 0 ? 0 : slopes[k / 2];
    }
}
