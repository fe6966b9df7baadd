package glanzen.learning;

import glanzen.forecast.RigEnsemble;
import glanzen.measure.Checks;
import glanzen.pull.Doubt;
import glanzen.pull.Rig;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.apache.commons.math3.linear.Array2DRowRealMatrix;
import org.apache.commons.math3.linear.ArrayRealVector;
import org.apache.commons.math3.linear.MatrixUtils;
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

        private boolean of(Rigged rig) {
            return machineId.equals(rig.machineId()) && heaterId.equals(rig.heaterId());
        }

        private boolean shares(Rigged rig) {
            return machineId.equals(rig.machineId()) || heaterId.equals(rig.heaterId());
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
                        JointNormal.of(covariance(known)),
                        "known.covariances",
                        "are those of no distribution",
                        "covariances of a normal distribution")
                .done();
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
        return told(rig).map(Pulled::pulls).orElse(0);
    }

    /** From how many more it was learned with this machine and another heater, or this heater and another machine. */
    public int pullsElsewhere(Rigged rig) {
        return pulled.stream()
                        .filter(p -> p.shares(rig))
                        .mapToInt(Pulled::pulls)
                        .sum()
                - pulls(rig);
    }

    /** How much better the last pulls of a rig are explained by one that was not thought of, ln of how many times. */
    double strange(Rigged rig) {
        return told(rig).map(Pulled::strange).orElse(0.0);
    }

    private Optional<Pulled> told(Rigged rig) {
        return pulled.stream().filter(p -> p.of(rig)).findFirst();
    }

    /** The same, told by one more pull. */
    Belief counting(Rigged rig, double strange) {
        List<Pulled> more = new ArrayList<>(pulled);
        more.removeIf(p -> p.of(rig));
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

    /** The same with something said of all that is drawn of a rig. */
    Belief meeting(Rigged rig) {
        Belief met = this;
        for (Trait trait : rig.drawn()) {
            met = met.meeting(trait, trait.quantity().strays());
        }
        return met;
    }

    /** The same, where things that nothing has been said of are doubted as much as their figures deserve; by their keys. */
    public Belief doubting(Map<String, Doubt> doubts) {
        Belief told = this;
        for (Map.Entry<String, Doubt> doubt : new TreeMap<>(doubts).entrySet()) {
            told = told.doubting(doubt.getKey(), doubt.getValue());
        }
        return told;
    }

    /** The same, where a thing that nothing has been said of is doubted as much as its figures deserve. */
    Belief doubting(String thingId, Doubt doubt) {
        Belief told = this;
        for (Quantity quantity : List.of(Quantity.SET_POINT, Quantity.OPENING, Quantity.STIFFNESS, Quantity.CONTACT)) {
            told = told.meeting(new Trait(thingId, quantity), quantity.strays(doubt));
        }
        return told;
    }

    /** The same with an opinion on how much the rollers give, which depends on nothing else: until it is told of, they give as labelled. */
    public Belief giving(Rigged rigged, double lnMean, double lnDeviation) {
        return meeting(rigged.give(), rigged.give().quantity().strays()).replaced(rigged.give(), lnMean, lnDeviation);
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
        return met.replaced(
                trait, value, Math.max(deviation, Math.min(trait.quantity().strays(), met.deviation(trait))));
    }

    private Belief replaced(Trait trait, double mean, double deviation) {
        return replaced(
                List.of(trait),
                new JointNormal(
                        new ArrayRealVector(new double[] {mean}),
                        MatrixUtils.createRealDiagonalMatrix(new double[] {deviation * deviation})));
    }

    /** The same with another opinion on a few traits: what is believed of the rest, given them, stays as it was. */
    Belief replaced(List<Trait> traits, JointNormal now) {
        RealVector means =
                new ArrayRealVector(known.stream().mapToDouble(Known::mean).toArray());
        JointNormal after = new JointNormal(means, covariance(known))
                .replaced(traits.stream().mapToInt(this::index).toArray(), now);
        List<Known> changed = new ArrayList<>(known.size());
        for (int i = 0; i < known.size(); i++) {
            List<Double> row = new ArrayList<>(i + 1);
            for (int j = 0; j <= i; j++) {
                row.add((after.covariance().getEntry(i, j) + after.covariance().getEntry(j, i)) / 2);
            }
            changed.add(new Known(known.get(i).trait, after.mean().getEntry(i), known.get(i).doubted, row));
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
        boolean needed = knows(of.need());
        List<Trait> traits = new ArrayList<>(of.drawn());
        traits.add(of.need());
        Belief met = meeting(of).meeting(of.need(), 1);
        int[] at = traits.stream().mapToInt(met::index).toArray();
        RealMatrix root = JointNormal.root(covariance(met.known).getSubMatrix(at, at));
        double[] mean = traits.stream().mapToDouble(met::mean).toArray();
        double give = mean(of.give());
        double giveDeviation = knows(of.give()) ? deviation(of.give()) : 0;
        int need = RigEnsemble.DRAWN;
        List<Rig> rigs = new ArrayList<>(count);
        for (int i = 0; i < count; i++) {
            RealVector even = new ArrayRealVector(RigEnsemble.even(i)).append(0);
            double[] off = root.operate(even).mapMultiply(wider).toArray();
            rigs.add(new Rig(
                    mean[0] + off[0],
                    mean[1] + off[1],
                    mean[2] + off[2],
                    mean[3] + off[3],
                    give + giveDeviation * RigEnsemble.evenGive(i),
                    needed ? mean[need] + off[need] : 0,
                    needed ? wider * root.getEntry(need, need) : Rig.AS_ITS_KIND,
                    1.0 / count));
        }
        return rigs;
    }
}
