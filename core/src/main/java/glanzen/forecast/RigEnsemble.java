package glanzen.forecast;

import glanzen.measure.Checks;
import glanzen.pull.Rig;
import glanzen.pull.RigPriors;
import glanzen.transfer.Normal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.ToDoubleFunction;

/**
 * A weighted ensemble of plausible rigs. Nobody's press and platform match their label; what is known of them is which
 * members of the ensemble are still plausible.
 *
 * @param rigs its members; weights sum to 1
 */
public record RigEnsemble(List<Rig> rigs) {

    /** Members of a fresh ensemble. */
    public static final int SIZE = 256;

    /** Positive root of x⁵ = x + 1: generalised golden ratio for four dimensions (Roberts' additive recurrence). */
    private static final double GOLDEN_4 = 1.1673039782614187;

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
        List<Rig> rigs = new ArrayList<>(SIZE);
        for (int i = 0; i < SIZE; i++) {
            rigs.add(new Rig(
                    RigPriors.SET_POINT_K * quantile(i, 1),
                    RigPriors.OPENING_MM * quantile(i, 2),
                    RigPriors.LN_STIFFNESS * quantile(i, 3),
                    RigPriors.LN_CONTACT * quantile(i, 4),
                    Map.of(),
                    1.0 / SIZE));
        }
        return new RigEnsemble(rigs);
    }

    private static double quantile(int member, int dimension) {
        double x = 0.5 + (member + 1) * Math.pow(GOLDEN_4, -dimension);
        return Normal.inverse(x - Math.floor(x));
    }

    /**
     * The same ensemble with an opinion on a film. A film not met before gets evenly spread needs in an order drawn from its
     * name, so that films are independent and the same question always has the same answer.
     */
    public RigEnsemble knowing(String filmId) {
        if (rigs.get(0).lnNeeds().containsKey(filmId)) {
            return this;
        }
        int n = rigs.size();
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            order.add(i);
        }
        Collections.shuffle(order, new Random(filmId.hashCode()));
        List<Rig> told = new ArrayList<>(n);
        for (int i = 0; i < n; i++) {
            told.add(rigs.get(i).needing(filmId, RigPriors.LN_NEED * Normal.inverse((order.get(i) + 0.5) / n)));
        }
        return new RigEnsemble(told);
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
