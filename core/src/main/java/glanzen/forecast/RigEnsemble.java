package glanzen.forecast;

import glanzen.measure.Checks;
import glanzen.pull.Doubt;
import glanzen.pull.Rig;
import glanzen.transfer.Normal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import org.apache.commons.math3.random.SobolSequenceGenerator;

/**
 * A weighted ensemble of plausible rigs. Nobody's press and platform match their label; what is known of them is which
 * members of the ensemble are still plausible.
 *
 * @param rigs its members; weights sum to 1
 */
public record RigEnsemble(List<Rig> rigs) {

    /** Members of a fresh ensemble. */
    public static final int SIZE = 256;

    /** Needs are drawn from the dimensions after those of the rig and of luck. */
    private static final int FIRST_NEED = 5;

    private static final int DIMENSIONS = 65;
    /** How much rollers give is drawn from the last dimension. */
    private static final int GIVE = DIMENSIONS - 1;

    private static final double[][] SPREAD = spread();

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
        return around(Doubt.OF_LABELS);
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
                    Map.of(),
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

    /** Evenly spread standard normal luck, one to a member. */
    static double luck(int member) {
        return SPREAD[member % SIZE][FIRST_NEED - 1];
    }

    /**
     * The same ensemble with an opinion on a film or a stock. What has not been met before gets evenly spread needs that
     * depend on nothing else.
     *
     * @param lnDeviation how far needs stray, ln
     */
    public RigEnsemble knowing(String needKey, double lnDeviation) {
        Map<String, Double> met = rigs.get(0).lnNeeds();
        if (met.containsKey(needKey)) {
            return this;
        }
        int dimension = FIRST_NEED + met.size() % (GIVE - FIRST_NEED);
        List<Rig> told = new ArrayList<>(rigs.size());
        for (int i = 0; i < rigs.size(); i++) {
            told.add(rigs.get(i).needing(needKey, lnDeviation * SPREAD[i % SIZE][dimension]));
        }
        return new RigEnsemble(told);
    }

    /** The same ensemble with another opinion on how much its rollers give, which depends on nothing else it believes. */
    public RigEnsemble giving(double lnMean, double lnDeviation) {
        List<Rig> told = new ArrayList<>(rigs.size());
        for (int i = 0; i < rigs.size(); i++) {
            told.add(rigs.get(i).giving(lnMean + lnDeviation * SPREAD[i % SIZE][GIVE]));
        }
        return new RigEnsemble(told);
    }

    /** How plausible each rig is. */
    public List<Double> weights() {
        return rigs.stream().map(Rig::weight).toList();
    }

    /**
     * The same rigs, each as plausible as is said.
     *
     * @param weights one for each rig, in their order; they sum to 1
     */
    public RigEnsemble weighing(List<Double> weights) {
        new Checks()
                .figure("weights", weights.size(), rigs.size(), rigs.size(), "one for each rig")
                .done();
        List<Rig> weighed = new ArrayList<>(rigs.size());
        for (int i = 0; i < rigs.size(); i++) {
            weighed.add(rigs.get(i).weighing(weights.get(i)));
        }
        return new RigEnsemble(weighed);
    }

    /** Whether another ensemble has the same rigs, however plausible each of them is. */
    public boolean sameRigs(RigEnsemble other) {
        return rigs.size() == other.rigs.size() && weighing(other.weights()).equals(other);
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

    /** One rig in the middle of the ensemble, for a film. */
    public Rig middle(String filmId) {
        return new Rig(
                mean(Rig::setPointErrorK),
                mean(Rig::openingErrorMm),
                mean(Rig::lnStiffness),
                mean(Rig::lnContact),
                mean(Rig::lnGive),
                Map.of(filmId, mean(r -> r.lnNeed(filmId))),
                1);
    }

    /** {@code 1/Σw²}: how many equally plausible rigs the ensemble is worth. */
    public double effectiveSize() {
        return 1 / rigs.stream().mapToDouble(r -> r.weight() * r.weight()).sum();
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
