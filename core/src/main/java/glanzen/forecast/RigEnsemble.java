package glanzen.forecast;

import glanzen.measure.Checks;
import glanzen.pull.Doubt;
import glanzen.pull.Rig;
import glanzen.transfer.Normal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.apache.commons.math3.linear.Array2DRowRealMatrix;
import org.apache.commons.math3.linear.CholeskyDecomposition;
import org.apache.commons.math3.linear.MatrixUtils;
import org.apache.commons.math3.linear.RealMatrix;
import org.apache.commons.math3.linear.RealVector;
import org.apache.commons.math3.random.SobolSequenceGenerator;
import org.apache.commons.math3.stat.StatUtils;

/**
 * A weighted ensemble of plausible rigs. Nobody's press and platform match their label; what is known of them is which
 * members of the ensemble are still plausible.
 *
 * @param rigs its members; weights sum to 1
 */
public record RigEnsemble(List<Rig> rigs) {

    /** Members of a fresh ensemble. */
    public static final int SIZE = 256;

    /** The number of figures drawn of a rig: set-point, opening, stiffness and contact, in this order. */
    public static final int DRAWN = 4;

    /** Luck is drawn from the dimension after those of the rig, how much rollers give from the last. */
    private static final int LUCK = DRAWN;

    private static final int GIVE = DRAWN + 1;
    private static final int DIMENSIONS = GIVE + 1;

    private static final double[][] SPREAD = spread();
    private static final double[][] EVEN = even();
    private static final RigEnsemble FRESH = around(Doubt.OF_LABELS);

    public RigEnsemble {
        new Checks()
                .present("rigs", rigs, "plausible rigs")
                .filled("rigs", rigs == null ? List.of() : rigs, "plausible rigs")
                .done();
        rigs = List.copyOf(rigs);
        double weight = rigs.stream().mapToDouble(Rig::weight).sum();
        new Checks().figure("rigs.weight", weight, 0.999, 1.001, "in all").done();
    }

    /** A fresh ensemble around the labels; always the same. */
    public static RigEnsemble fresh() {
        return FRESH;
    }

    /** A fresh ensemble around figures that are more or less sure. */
    public static RigEnsemble around(Doubt doubt) {
        List<Rig> rigs = new ArrayList<>(SIZE);
        for (int i = 0; i < SIZE; i++) {
            rigs.add(new Rig(
                    doubt.setPointK() * SPREAD[i][0],
                    doubt.openingMm() * SPREAD[i][1],
                    doubt.lnStiffness() * SPREAD[i][2],
                    doubt.lnContact() * SPREAD[i][3],
                    0,
                    0,
                    Rig.AS_ITS_KIND,
                    1.0 / SIZE));
        }
        return new RigEnsemble(rigs);
    }

    /**
     * Sobol's sequence (directions of Joe and Kuo 2008), each point in the middle of its cell: dimensions do not correlate. It
     * is laid down in bit-reversed order, so that every fourth of its points are as evenly spread as the first quarter.
     */
    private static double[][] spread() {
        SobolSequenceGenerator sobol = new SobolSequenceGenerator(DIMENSIONS);
        double[][] quantiles = new double[SIZE][];
        int bits = Integer.numberOfTrailingZeros(SIZE);
        for (int n = 0; n < SIZE; n++) {
            double[] point = sobol.nextVector();
            for (int d = 0; d < DIMENSIONS; d++) {
                point[d] = Normal.inverse(point[d] + 0.5 / SIZE);
            }
            quantiles[Integer.reverse(n) >>> Integer.SIZE - bits] = point;
        }
        return quantiles;
    }

    /** Deviates of a rig with mean 0, deviation 1 and no correlation, to the last digit. */
    private static double[][] even() {
        double[][] raw = new double[SIZE][];
        for (int i = 0; i < SIZE; i++) {
            raw[i] = Arrays.copyOf(SPREAD[i], DRAWN);
        }
        RealMatrix drawn = new Array2DRowRealMatrix(raw);
        for (int d = 0; d < DRAWN; d++) {
            RealVector column = drawn.getColumnVector(d);
            drawn.setColumnVector(d, column.mapSubtract(StatUtils.mean(column.toArray())));
        }
        RealMatrix covariance = drawn.transpose().multiply(drawn).scalarMultiply(1.0 / SIZE);
        RealMatrix root = new CholeskyDecomposition(covariance).getL();
        return drawn.multiply(MatrixUtils.inverse(root).transpose()).getData();
    }

    /**
     * Evenly spread standard normal deviates: any normal distribution over what is drawn of a rig is laid out by them, and has its own
     * mean and covariance exactly.
     *
     * @param member of the ensemble, 0…{@value #SIZE} − 1
     * @return {@value #DRAWN} deviates
     */
    public static double[] even(int member) {
        return EVEN[member].clone();
    }

    /** An evenly spread standard normal deviate that depends on nothing else, for how much rollers give. */
    public static double evenGive(int member) {
        return SPREAD[member][GIVE];
    }

    /** Evenly spread standard normal luck, one to a member. */
    static double luck(int member) {
        return SPREAD[member % SIZE][LUCK];
    }

    /** Weighted mean of something about the rigs. */
    public double mean(ToDoubleFunction<Rig> of) {
        return rigs.stream().mapToDouble(r -> r.weight() * of.applyAsDouble(r)).sum();
    }

    /** Weighted standard deviation of something about the rigs. */
    public double deviation(ToDoubleFunction<Rig> of) {
        double mean = mean(of);
        return Math.sqrt(mean(r -> {
            double off = of.applyAsDouble(r) - mean;
            return off * off;
        }));
    }

    /** One rig in the middle of the ensemble. */
    public Rig middle() {
        return new Rig(
                mean(Rig::setPointErrorK),
                mean(Rig::openingErrorMm),
                mean(Rig::lnStiffness),
                mean(Rig::lnContact),
                mean(Rig::lnGive),
                mean(Rig::lnNeed),
                0,
                1);
    }

    /** A smaller ensemble that stands for this one: evenly spaced picks along the cumulative weight. */
    public RigEnsemble thinned(int members) {
        List<Rig> picked = new ArrayList<>(members);
        double passed = 0;
        int next = 0;
        for (Rig rig : rigs) {
            passed += rig.weight();
            while (next < members && (next + 0.5) / members <= passed + 1e-12) {
                picked.add(rig.weighing(1.0 / members));
                next++;
            }
        }
        return new RigEnsemble(picked);
    }
}
