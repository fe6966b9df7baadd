package glanzen.learning;

import glanzen.forecast.RigEnsemble;
import glanzen.measure.Checks;
import glanzen.pull.Doubt;
import glanzen.pull.Rig;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.apache.commons.math3.linear.Array2DRowRealMatrix;
import org.apache.commons.math3.linear.ArrayRealVector;
import org.apache.commons.math3.linear.CholeskyDecomposition;
import org.apache.commons.math3.linear.MatrixUtils;
import org.apache.commons.math3.linear.NonPositiveDefiniteMatrixException;
import org.apache.commons.math3.linear.RealMatrix;
import org.apache.commons.math3.linear.RealVector;

/**
 * The belief of all things of a workshop: one normal distribution over everything that may be off about them. What a
 * press showed with one platform so counts with every other, what a film showed counts on every press, and what two of them
 * may share between them stays open between them. What is not in it is as far off as its label, and depends on nothing.
 *
 * @param known what is believed of each trait, in the order in which they were met
 * @param pulled from how many pulls it was learned, by machine and what heated
 */
public record Belief(List<Known> known, List<Pulled> pulled) {

    /** The belief before anything is known. */
    public static final Belief NOTHING = new Belief(List.of(), List.of());

    /** More than a workshop has: a file that says more is none of ours. */
    private static final int MOST = 400;
    /** The part that two quantities share is never all of either: a distribution needs some width in every direction. */
    private static final double LEAST_SHARE = 1e-9;

    /**
     * The belief of one trait.
     *
     * @param trait what of which thing
     * @param mean how far it is off, in its own unit
     * @param doubted the standard deviation it began with
     * @param covariances with each trait before it and, last, with itself
     */
    public record Known(Trait trait, double mean, double doubted, List<Double> covariances) {
        public Known {
            new Checks().present("trait", trait, "what of which thing").done();
            new Checks()
                    .figure("mean", mean, -100, 100, "")
                    .figure("doubted", doubted, 0, 100, "")
                    .present("covariances", covariances, "covariances, up to its own")
                    .done();
            covariances = List.copyOf(covariances);
        }
    }

    /**
     * How many pulls told of a rig.
     *
     * @param machineId the press or machine
     * @param heaterId what heats: a platform, or the machine itself
     * @param strange how much better the last pulls are explained by a rig that was not thought of, ln of how many times; 0 where
     *     they are not
     */
    public record Pulled(String machineId, String heaterId, int pulls, double strange) {
        public Pulled {
            new Checks()
                    .name("machineId", machineId)
                    .name("heaterId", heaterId)
                    .figure("pulls", pulls, 0, 1_000_000, "pulls")
                    .figure("strange", strange, 0, 100, "")
                    .done();
        }
    }

    public Belief {
        new Checks()
                .present("known", known, "what is believed of things, perhaps nothing")
                .present("pulled", pulled, "pulls by rig, perhaps none")
                .done();
        known = List.copyOf(known);
        pulled = List.copyOf(pulled);
        new Checks().figure("known", known.size(), 0, MOST, "traits").done();
        for (int i = 0; i < known.size(); i++) {
            new Checks()
                    .figure("known.covariances", known.get(i).covariances.size(), i + 1, i + 1, "up to its own")
                    .done();
        }
        new Checks()
                .holds(
                        known.stream().map(Known::trait).distinct().count() == known.size(),
                        "known",
                        "say something twice",
                        "each trait once")
                .holds(
                        positive(known),
                        "known.covariances",
                        "are those of no distribution",
                        "covariances of a normal distribution")
                .done();
    }

    private static boolean positive(List<Known> known) {
        try {
            root(covariance(known));
            return known.stream().allMatch(k -> k.covariances.get(k.covariances.size() - 1) >= 0);
        } catch (NonPositiveDefiniteMatrixException none) {
            return false;
        }
    }

    private static RealMatrix covariance(List<Known> known) {
        int n = known.size();
        RealMatrix all = new Array2DRowRealMatrix(Math.max(1, n), Math.max(1, n));
        for (int i = 0; i < n; i++) {
            for (int j = 0; j <= i; j++) {
                double shared = known.get(i).covariances.get(j);
                all.setEntry(i, j, shared);
                all.setEntry(j, i, shared);
            }
        }
        return all;
    }

    /** The root of a covariance; quantities have units of very different size, so it is taken of correlations. */
    private static RealMatrix root(RealMatrix covariance) {
        int n = covariance.getRowDimension();
        RealMatrix scaled = covariance.copy();
        double[] sd = new double[n];
        for (int i = 0; i < n; i++) {
            sd[i] = Math.sqrt(Math.max(0, covariance.getEntry(i, i)));
            sd[i] = sd[i] > 0 ? sd[i] : 1;
        }
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                double one = i == j ? 1 + LEAST_SHARE : covariance.getEntry(i, j) / (sd[i] * sd[j]);
                scaled.setEntry(i, j, one);
            }
        }
        RealMatrix root = new CholeskyDecomposition(scaled, 1e-9, 1e-14).getL();
        return MatrixUtils.createRealDiagonalMatrix(sd).multiply(root);
    }

    /** Whether anything was learned or measured of a trait, or is doubted otherwise than a label. */
    Optional<Known> of(Trait trait) {
        return known.stream().filter(k -> k.trait.equals(trait)).findFirst();
    }

    /** How far a trait is believed to be off, in its own unit. */
    public double mean(Trait trait) {
        return of(trait).map(Known::mean).orElse(0.0);
    }

    /** How sure that is: its standard deviation, in its own unit. */
    public double deviation(Trait trait) {
        return of(trait)
                .map(k -> Math.sqrt(k.covariances.get(k.covariances.size() - 1)))
                .orElse(trait.quantity().strays());
    }

    /** How far a trait was doubted before anything was learned of it: a standard deviation, in its own unit. */
    public double doubted(Trait trait) {
        return of(trait).map(Known::doubted).orElse(trait.quantity().strays());
    }

    /** Whether anything is said of a trait at all. */
    public boolean knows(Trait trait) {
        return of(trait).isPresent();
    }

    /**
     * The same as against another label.
     *
     * @param by how much further off it is against that label, in its own unit
     */
    public Belief shifted(Trait trait, double by) {
        if (by == 0) {
            return this;
        }
        Belief met = meeting(trait, trait.quantity().strays());
        return new Belief(
                met.known.stream()
                        .map(k -> k.trait.equals(trait) ? new Known(k.trait, k.mean + by, k.doubted, k.covariances) : k)
                        .toList(),
                pulled);
    }

    /** From how many pulls with just this machine and heater it was learned. */
    public int pulls(Rigged rig) {
        return pulled.stream()
                .filter(p -> p.machineId.equals(rig.machineId()) && p.heaterId.equals(rig.heaterId()))
                .mapToInt(Pulled::pulls)
                .sum();
    }

    /** How much better the last pulls of a rig are explained by one that was not thought of, ln of how many times. */
    double strange(Rigged rig) {
        return pulled.stream()
                .filter(p -> p.machineId.equals(rig.machineId()) && p.heaterId.equals(rig.heaterId()))
                .mapToDouble(Pulled::strange)
                .sum();
    }

    /** The same, told by one more pull. */
    Belief counting(Rigged rig, double strange) {
        List<Pulled> more = new ArrayList<>(pulled);
        more.removeIf(p -> p.machineId.equals(rig.machineId()) && p.heaterId.equals(rig.heaterId()));
        more.add(new Pulled(rig.machineId(), rig.heaterId(), pulls(rig) + 1, strange));
        return new Belief(known, more);
    }

    /** The same with something said of a trait, if nothing is said of it yet: not off, as far as is known. */
    Belief meeting(Trait trait, double deviation) {
        if (of(trait).isPresent()) {
            return this;
        }
        List<Known> more = new ArrayList<>(known);
        List<Double> covariances = new ArrayList<>(Collections.nCopies(known.size(), 0.0));
        covariances.add(deviation * deviation);
        more.add(new Known(trait, 0, deviation, covariances));
        return new Belief(more, pulled);
    }

    /** The same, where a thing that nothing has been said of is doubted as much as its figures deserve. */
    public Belief doubting(String thingId, Doubt doubt) {
        Belief told = this;
        for (Quantity quantity : List.of(Quantity.SET_POINT, Quantity.OPENING, Quantity.STIFFNESS, Quantity.CONTACT)) {
            told = told.meeting(new Trait(thingId, quantity), quantity.strays(doubt));
        }
        return told;
    }

    /** The same with an opinion on how much the rollers give, which depends on nothing else: until it is told of, they give as labelled. */
    public Belief giving(Rigged rigged, double lnMean, double lnDeviation) {
        Belief met = meeting(rigged.give(), rigged.give().quantity().strays());
        return met.replaced(
                List.of(rigged.give()),
                new ArrayRealVector(new double[] {lnMean}),
                MatrixUtils.createRealDiagonalMatrix(new double[] {lnDeviation * lnDeviation}));
    }

    /**
     * The same where a quantity was measured directly: that replaces what its label and what pulls said of it, and whatever was thought
     * to go with it follows.
     *
     * @param value how far it is off, in its own unit
     * @param deviation give or take; nothing is ever surer of it than a label is of a thing that is as it says
     */
    public Belief measured(Trait trait, double value, double deviation) {
        Belief met = meeting(trait, trait.quantity().strays());
        double sure = Math.max(deviation, Math.min(trait.quantity().strays(), met.deviation(trait)));
        return met.replaced(
                List.of(trait),
                new ArrayRealVector(new double[] {value}),
                MatrixUtils.createRealDiagonalMatrix(new double[] {sure * sure}));
    }

    /**
     * The same with another opinion on a few traits: what is believed of the rest, given them, stays as it was (Jeffrey 1965; for normal
     * distributions that is regression).
     */
    Belief replaced(List<Trait> traits, RealVector mean, RealMatrix covariance) {
        int n = known.size();
        int[] few = traits.stream().mapToInt(this::index).toArray();
        RealMatrix before = covariance(known);
        RealMatrix ofFew = before.getSubMatrix(few, few);
        int[] all = IntStream.range(0, n).toArray();
        RealMatrix root = root(ofFew);
        RealMatrix inverse = MatrixUtils.inverse(root);
        RealMatrix gain =
                before.getSubMatrix(all, few).multiply(inverse.transpose().multiply(inverse));
        RealVector means =
                new ArrayRealVector(known.stream().mapToDouble(Known::mean).toArray());
        RealVector moved = mean.copy();
        for (int i = 0; i < few.length; i++) {
            moved.addToEntry(i, -means.getEntry(few[i]));
        }
        means = means.add(gain.operate(moved));
        RealMatrix after = before.add(gain.multiply(covariance.subtract(ofFew)).multiply(gain.transpose()));
        for (int i = 0; i < few.length; i++) {
            means.setEntry(few[i], mean.getEntry(i));
            for (int j = 0; j < few.length; j++) {
                after.setEntry(few[i], few[j], covariance.getEntry(i, j));
            }
        }
        return with(means, after);
    }

    private Belief with(RealVector means, RealMatrix covariance) {
        List<Known> changed = new ArrayList<>(known.size());
        for (int i = 0; i < known.size(); i++) {
            List<Double> row = new ArrayList<>(i + 1);
            for (int j = 0; j <= i; j++) {
                row.add((covariance.getEntry(i, j) + covariance.getEntry(j, i)) / 2);
            }
            changed.add(new Known(known.get(i).trait, means.getEntry(i), known.get(i).doubted, row));
        }
        return new Belief(changed, pulled);
    }

    private int index(Trait trait) {
        for (int i = 0; i < known.size(); i++) {
            if (known.get(i).trait.equals(trait)) {
                return i;
            }
        }
        throw new IllegalArgumentException("Nothing is said of " + trait);
    }

    /** The same with some things as little known as they were at first; what others showed stays theirs. */
    public Belief forgetting(Collection<String> thingIds) {
        List<Known> left = new ArrayList<>(known.size());
        for (Known k : known) {
            boolean gone = thingIds.contains(k.trait.thingId());
            List<Double> row = new ArrayList<>(k.covariances);
            for (int j = 0; j < row.size(); j++) {
                boolean itself = j == row.size() - 1;
                if (gone || thingIds.contains(known.get(j).trait.thingId())) {
                    row.set(j, itself ? k.doubted * k.doubted : 0);
                }
            }
            left.add(new Known(k.trait, gone ? 0 : k.mean, k.doubted, row));
        }
        return new Belief(
                        left,
                        pulled.stream()
                                .filter(p -> !thingIds.contains(p.machineId) && !thingIds.contains(p.heaterId))
                                .toList())
                .without(thingIds, Quantity.GIVE);
    }

    /** The same without some traits at all. */
    private Belief without(Collection<String> thingIds, Quantity quantity) {
        List<Known> left = new ArrayList<>();
        for (int i = 0; i < known.size(); i++) {
            Known k = known.get(i);
            if (gone(k, thingIds, quantity)) {
                continue;
            }
            List<Double> row = new ArrayList<>();
            for (int j = 0; j <= i; j++) {
                if (!gone(known.get(j), thingIds, quantity)) {
                    row.add(k.covariances.get(j));
                }
            }
            left.add(new Known(k.trait, k.mean, k.doubted, row));
        }
        return new Belief(left, pulled);
    }

    private static boolean gone(Known k, Collection<String> thingIds, Quantity quantity) {
        return k.trait.quantity() == quantity && thingIds.contains(k.trait.thingId());
    }

    /** Plausible rigs of these things; what it needs is integrated by its own distribution on each of them. */
    public RigEnsemble rigs(Rigged of) {
        boolean met = known.stream()
                .anyMatch(k -> of.drawn().contains(k.trait) || k.trait.equals(of.need()) || k.trait.equals(of.give()));
        return met ? new RigEnsemble(drawn(of, 1, RigEnsemble.SIZE)) : RigEnsemble.fresh();
    }

    /**
     * Evenly spread rigs.
     *
     * @param wider by which factor they stray further than is believed
     * @param count how many of them; each fourth part of all is as even as all
     */
    List<Rig> drawn(Rigged of, double wider, int count) {
        List<Trait> traits = new ArrayList<>(of.drawn());
        Belief met = this;
        for (Trait trait : traits) {
            met = met.meeting(trait, trait.quantity().strays());
        }
        boolean needed = of(of.need()).isPresent();
        traits.add(of.need());
        met = met.meeting(of.need(), 1);
        int[] at = traits.stream().mapToInt(met::index).toArray();
        RealMatrix root = root(covariance(met.known).getSubMatrix(at, at));
        Map<Integer, Double> means = new HashMap<>();
        for (int d = 0; d < at.length; d++) {
            means.put(d, met.known.get(at[d]).mean);
        }
        int need = RigEnsemble.DRAWN;
        List<Rig> rigs = new ArrayList<>(count);
        for (int i = 0; i < count; i++) {
            RealVector even = new ArrayRealVector(RigEnsemble.even(i)).append(0);
            double[] off = root.operate(even).mapMultiply(wider).toArray();
            rigs.add(new Rig(
                    means.get(0) + off[0],
                    means.get(1) + off[1],
                    means.get(2) + off[2],
                    means.get(3) + off[3],
                    of(of.give()).isPresent() ? mean(of.give()) + deviation(of.give()) * RigEnsemble.evenGive(i) : 0,
                    needed ? means.get(need) + off[need] : 0,
                    needed ? wider * root.getEntry(need, need) : Rig.AS_ITS_KIND,
                    1.0 / count));
        }
        return rigs;
    }
}
