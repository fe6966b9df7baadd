package glanzen.inspect;

import glanzen.photograph.Flat;
import glanzen.photograph.Grid;
import java.util.Arrays;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import org.apache.commons.math3.linear.Array2DRowRealMatrix;
import org.apache.commons.math3.linear.ArrayRealVector;
import org.apache.commons.math3.linear.CholeskyDecomposition;
import org.apache.commons.math3.linear.MatrixUtils;
import org.apache.commons.math3.linear.RealMatrix;
import org.apache.commons.math3.linear.RealVector;
import org.jspecify.annotations.Nullable;

/**
 * Bare stock under the light of one picture: a smooth surface of light per colour, fitted to places where nothing lies and
 * robust against the few where something does, and how much bare stock strays from it.
 */
final class BareStock {

    private static final int ORDER = 3;
    private static final int TERMS = (ORDER + 1) * (ORDER + 2) / 2;
    private static final int MOST_POINTS = 5_000;
    private static final int ROUNDS = 6;
    /** Residuals beyond so many deviations no longer pull. */
    private static final double TUKEY = 4.0;
    /** What no camera tells apart, as a share of the light. */
    private static final double LEAST_STRAY = 0.006;
    /** Pictures keep colour less sharply than lightness, so that edges are looked for in lightness first. */
    private static final double COLOUR_STRAY = 0.03;

    private static final double DARKEST = 1e-4;
    private static final double COAT_STRAY = 0.05;
    private static final double COAT_GLOSS = 0.12;
    private static final int SMOOTH_PX = 16;

    private final Grid grid;
    private final double[][] terms = new double[3][];
    /** Whitens departures: lower triangle of the inverse of the covariance's root. */
    private double[][] whitening = new double[3][3];

    private BareStock(Grid grid) {
        this.grid = grid;
    }

    /**
     * @param bare which pixels are thought to be bare
     * @throws IllegalArgumentException where too few are
     */
    static BareStock fit(Flat flat, IntPredicate bare) {
        int[] points = IntStream.range(0, flat.grid().count())
                .filter(i -> flat.seen()[i] && bare.test(i))
                .toArray();
        if (points.length < 20 * TERMS) {
            throw new IllegalArgumentException("too little bare stock is seen");
        }
        int step = Math.max(1, points.length / MOST_POINTS);
        int[] taken = IntStream.range(0, points.length / step)
                .map(i -> points[i * step + (i * 7919) % step])
                .toArray();
        BareStock stock = new BareStock(flat.grid());
        stock.fitTo(flat, taken);
        return stock;
    }

    private void fitTo(Flat flat, int[] points) {
        double[][] basis = Arrays.stream(points).mapToObj(this::basis).toArray(double[][]::new);
        double[] weights = new double[points.length];
        Arrays.fill(weights, 1);
        double[][] off = new double[3][points.length];
        for (int round = 0; round < ROUNDS; round++) {
            for (int c = 0; c < 3; c++) {
                double[] light = new double[points.length];
                for (int i = 0; i < points.length; i++) {
                    light[i] = Math.log(Math.max(DARKEST, flat.light()[c][points[i]]));
                }
                terms[c] = round == 0 ? middle(light) : solved(basis, light, weights);
                for (int i = 0; i < points.length; i++) {
                    off[c][i] = light[i] - dot(terms[c], basis[i]);
                }
            }
            weigh(off, weights);
        }
        whitening = whitened(off, weights);
    }

    /** To begin with, even light of the middle kind: whatever covers less than half of the points does not pull at it. */
    private static double[] middle(double[] light) {
        double[] sorted = light.clone();
        Arrays.sort(sorted);
        double[] terms = new double[TERMS];
        terms[0] = sorted[sorted.length / 2];
        return terms;
    }

    private static void weigh(double[][] off, double[] weights) {
        double[] scale = new double[3];
        for (int c = 0; c < 3; c++) {
            double[] size = Arrays.stream(off[c]).map(Math::abs).sorted().toArray();
            scale[c] = Math.max(LEAST_STRAY, 1.4826 * size[size.length / 2]);
        }
        for (int i = 0; i < weights.length; i++) {
            double z = 0;
            for (int c = 0; c < 3; c++) {
                z = Math.max(z, Math.abs(off[c][i]) / scale[c] / TUKEY);
            }
            weights[i] = z >= 1 ? 0 : (1 - z * z) * (1 - z * z);
        }
    }

    private static double[] solved(double[][] basis, double[] light, double[] weights) {
        double[][] normal = new double[TERMS][TERMS];
        double[] right = new double[TERMS];
        for (int i = 0; i < basis.length; i++) {
            for (int r = 0; r < TERMS; r++) {
                double w = weights[i] * basis[i][r];
                right[r] += w * light[i];
                for (int k = 0; k <= r; k++) {
                    normal[r][k] += w * basis[i][k];
                }
            }
        }
        for (int r = 0; r < TERMS; r++) {
            // A little stiffness, so that light far from any bare place does not run away.
            normal[r][r] += r == 0 ? 1e-9 : 1e-3 * basis.length / 100;
            for (int k = 0; k < r; k++) {
                normal[k][r] = normal[r][k];
            }
        }
        RealVector found = new CholeskyDecomposition(new Array2DRowRealMatrix(normal, false), 1e-9, 1e-14)
                .getSolver()
                .solve(new ArrayRealVector(right, false));
        return found.toArray();
    }

    private static double[][] whitened(double[][] off, double[] weights) {
        double[][] covariance = new double[3][3];
        double sum = 0;
        for (int i = 0; i < weights.length; i++) {
            sum += weights[i];
            for (int r = 0; r < 3; r++) {
                for (int c = 0; c < 3; c++) {
                    covariance[r][c] += weights[i] * off[r][i] * off[c][i];
                }
            }
        }
        for (int r = 0; r < 3; r++) {
            for (int c = 0; c < 3; c++) {
                double colour = COLOUR_STRAY * COLOUR_STRAY * ((r == c ? 1 : 0) - 1.0 / 3);
                covariance[r][c] = covariance[r][c] / Math.max(1e-9, sum) * 1.2
                        + (r == c ? LEAST_STRAY * LEAST_STRAY : 0)
                        + colour;
            }
        }
        RealMatrix root = new CholeskyDecomposition(new Array2DRowRealMatrix(covariance, false), 1e-9, 1e-16).getL();
        return MatrixUtils.inverse(root).getData();
    }

    private double[] basis(int i) {
        return basis(i % grid.width(), i / grid.width());
    }

    private double[] basis(double column, double row) {
        double side = Math.max(grid.width(), grid.height()) / 2.0;
        double x = (column - grid.width() / 2.0) / side;
        double y = (row - grid.height() / 2.0) / side;
        double[] basis = new double[TERMS];
        int n = 0;
        for (int order = 0; order <= ORDER; order++) {
            for (int k = 0; k <= order; k++) {
                basis[n++] = Math.pow(x, order - k) * Math.pow(y, k);
            }
        }
        return basis;
    }

    private static double dot(double[] a, double[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += a[i] * b[i];
        }
        return sum;
    }

    /** How far each pixel departs from bare stock, in deviations of bare stock, red to blue whitened. */
    Departures departures(Flat flat) {
        return departures(flat, null);
    }

    /**
     * The same where something else lies bare.
     *
     * @param undercoat what shows where the film did not take, as shares of the stock's own light; nothing for the stock itself
     */
    Departures departures(Flat flat, double @Nullable [] undercoat) {
        Departures d = new Departures(flat.grid());
        float[][] lit = new float[3][];
        for (int c = 0; c < 3; c++) {
            lit[c] = lit(flat.grid(), terms[c]);
        }
        int coarse = coarse(flat.grid().width());
        IntStream.range(0, flat.grid().height()).parallel().forEach(y -> {
            for (int x = 0; x < flat.grid().width(); x++) {
                int i = y * flat.grid().width() + x;
                double[] off = new double[3];
                for (int c = 0; c < 3; c++) {
                    off[c] = flat.light()[c][i] / between(lit[c], coarse, x, y) - 1;
                }
                d.set(i, flat.seen()[i] ? whitened(undercoat == null ? off : from(undercoat, off)) : new double[3]);
            }
        });
        return d;
    }

    private static double[] from(double[] coat, double[] off) {
        double[] from = new double[3];
        for (int c = 0; c < 3; c++) {
            double away = off[c] + 1 - coat[c];
            // How black a black is, and how it shines, nobody has written down.
            from[c] = Math.signum(away) * Math.max(0, Math.abs(away) - COAT_STRAY - COAT_GLOSS * coat[c]);
        }
        return from;
    }

    private double[] whitened(double[] off) {
        return new double[] {
            whitening[0][0] * off[0],
            whitening[1][0] * off[0] + whitening[1][1] * off[1],
            whitening[2][0] * off[0] + whitening[2][1] * off[1] + whitening[2][2] * off[2]
        };
    }

    private static int coarse(int width) {
        return width / SMOOTH_PX + 2;
    }

    /** The light over another grid of the same plane, every sixteenth pixel: it is smooth. */
    private float[] lit(Grid other, double[] terms) {
        int width = coarse(other.width());
        int height = coarse(other.height());
        float[] lit = new float[width * height];
        for (int i = 0; i < lit.length; i++) {
            double column = grid.column(other.xMm(i % width * SMOOTH_PX));
            double row = grid.row(other.yMm(i / width * SMOOTH_PX));
            lit[i] = (float) Math.exp(dot(terms, basis(column, row)));
        }
        return lit;
    }

    private static float between(float[] lit, int width, int x, int y) {
        int i = y / SMOOTH_PX * width + x / SMOOTH_PX;
        float s = x % SMOOTH_PX / (float) SMOOTH_PX;
        float t = y % SMOOTH_PX / (float) SMOOTH_PX;
        return (lit[i] * (1 - s) + lit[i + 1] * s) * (1 - t) + (lit[i + width] * (1 - s) + lit[i + width + 1] * s) * t;
    }
}
