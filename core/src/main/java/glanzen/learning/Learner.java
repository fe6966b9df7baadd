package glanzen.learning;

import glanzen.forecast.RigEnsemble;
import glanzen.pull.PullModel;
import glanzen.pull.PullResponse;
import glanzen.pull.Rig;
import glanzen.pull.RigPriors;
import glanzen.pull.Trouble;
import glanzen.transfer.Normal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.ToDoubleFunction;

/**
 * Re-weights an ensemble by what was seen: importance weights with resampling and jitter when too few rigs remain (Gordon,
 * Salmond and Smith 1993; jitter shrunk to the mean so that it does not widen the ensemble, Liu and West 2001).
 */
public final class Learner {

    /** Share of pulls that are logged wrongly or spoiled by something the model does not know. */
    private static final double MISREAD = 0.05;
    /** What may be said of a pull. */
    private static final int WORDS = 4;
    /** How likely it is that a pull went through a press that by the model would not take it: the model's figures are not exact. */
    private static final double SQUEEZED_THROUGH = 0.002;
    /** Room for what cannot be learned: how a backing spreads foil, how a sheet scatters; ln of dose. */
    private static final double LN_ROOM = 0.15;

    private static final double LEAST_SHARE = 1.0 / 3;
    private static final double SHRINK = 0.97;
    /** Seeing something this unlikely is a surprise. */
    private static final double SURPRISE = 0.06;
    /** Share of a surprised ensemble that is made of strangers. */
    private static final double STRANGERS = 0.25;

    private Learner() {}

    /**
     * Learns from one pull.
     *
     * @param ensemble what was known
     * @param model the set-up that was pulled
     * @param filmId the film that was pulled
     * @param seed for resampling; the same seed gives the same ensemble
     * @return what is known now
     */
    public static RigEnsemble learn(RigEnsemble ensemble, PullModel model, String filmId, Observation seen, long seed) {
        RigEnsemble knowing = ensemble.knowing(filmId, model.lnNeedPrior());
        double[] likely = likelihoods(knowing, model, seen);
        double expected = 0;
        for (int i = 0; i < likely.length; i++) {
            expected += knowing.rigs().get(i).weight() * likely[i];
        }
        if (expected < SURPRISE) {
            RigEnsemble widened = withStrangers(knowing);
            return weighed(widened, likelihoods(widened, model, seen), seed);
        }
        return weighed(knowing, likely, seed);
    }

    /**
     * Learns from a measured opening.
     *
     * @param openingErrorMm how much wider than its label it was measured, mm
     * @param sdMm give or take, mm
     * @param seed for resampling
     */
    public static RigEnsemble measured(RigEnsemble ensemble, double openingErrorMm, double sdMm, long seed) {
        double[] likely = ensemble.rigs().stream()
                .mapToDouble(r -> {
                    double z = (r.openingErrorMm() - openingErrorMm) / Math.max(0.01, sdMm);
                    return 1e-6 + Math.exp(-z * z / 2);
                })
                .toArray();
        return weighed(ensemble, likely, seed);
    }

    private static double[] likelihoods(RigEnsemble ensemble, PullModel model, Observation seen) {
        return ensemble.rigs().stream()
                .mapToDouble(r -> likelihood(model.doses(r), seen))
                .toArray();
    }

    private static RigEnsemble weighed(RigEnsemble ensemble, double[] likely, long seed) {
        List<Rig> rigs = ensemble.rigs();
        double sum = 0;
        for (int i = 0; i < likely.length; i++) {
            sum += rigs.get(i).weight() * likely[i];
        }
        List<Double> weights = new ArrayList<>(likely.length);
        for (int i = 0; i < likely.length; i++) {
            weights.add(rigs.get(i).weight() * likely[i] / sum);
        }
        RigEnsemble learned = ensemble.weighing(weights);
        return learned.effectiveSize() < LEAST_SHARE * likely.length ? resampled(learned, seed) : learned;
    }

    /**
     * An ensemble that hardly expected what was seen lets strangers in: rigs change, and an ensemble that is sure of itself could
     * never follow.
     */
    private static RigEnsemble withStrangers(RigEnsemble ensemble) {
        int n = ensemble.rigs().size();
        int strangers = (int) (n * STRANGERS);
        RigEnsemble fresh = RigEnsemble.fresh().giving(ensemble.mean(Rig::lnGive), ensemble.deviation(Rig::lnGive));
        for (String film : ensemble.rigs().get(0).lnNeeds().keySet()) {
            fresh = fresh.knowing(film, RigPriors.LN_NEED);
        }
        List<Rig> mixed = new ArrayList<>(n);
        ensemble.thinned(n - strangers).rigs().forEach(r -> mixed.add(r.weighing(1.0 / n)));
        fresh.thinned(strangers).rigs().forEach(r -> mixed.add(r.weighing(1.0 / n)));
        return new RigEnsemble(mixed);
    }

    /**
     * How likely it is to see this if a rig gives that. Whatever was seen went through, which a rig whose press refuses it does not
     * explain, however it came out. Otherwise what was seen is a range of doses, and luck must have brought the
     * pull into it. A person misreads one pull in twenty, and the model's own edges are not exact either.
     */
    static double likelihood(PullResponse doses, Observation seen) {
        if (doses.spoiled().filter(Trouble.REFUSED::equals).isPresent()) {
            return SQUEEZED_THROUGH;
        }
        double spread = Math.hypot(RigPriors.LN_LUCK, LN_ROOM);
        return MISREAD / WORDS + (1 - MISREAD) * chance(doses, seen, spread);
    }

    private static double chance(PullResponse doses, Observation seen, double spread) {
        boolean tooMuch = seen.spillLowMm() > 0;
        boolean counts = doses.standard().mostExcessMm() < Double.POSITIVE_INFINITY;
        if (doses.spoiled().isPresent() || tooMuch && !counts) {
            return doses.spoiled().isPresent() && (tooMuch || seen.tellsNothing()) ? 1 : 0;
        }
        double low = doses.lnForKept(seen.coverageLow());
        double high = seen.coverageHigh() >= 1 ? Double.POSITIVE_INFINITY : doses.lnForKept(seen.coverageHigh());
        if (counts) {
            low = tooMuch ? Math.max(low, doses.lnForExcess(seen.spillLowMm())) : low;
            high = Math.min(high, doses.lnForExcess(seen.spillHighMm()));
        }
        return Math.max(0, Normal.cdf(high / spread) - Normal.cdf(low / spread));
    }

    private static RigEnsemble resampled(RigEnsemble ensemble, long seed) {
        Random random = new Random(seed);
        int n = ensemble.rigs().size();
        RigEnsemble picked = ensemble.thinned(n);
        double jitter = Math.sqrt(1 - SHRINK * SHRINK);
        Blur setPoint = new Blur(ensemble, Rig::setPointErrorK, jitter);
        Blur opening = new Blur(ensemble, Rig::openingErrorMm, jitter);
        Blur stiffness = new Blur(ensemble, Rig::lnStiffness, jitter);
        Blur contact = new Blur(ensemble, Rig::lnContact, jitter);
        Map<String, Blur> films = new HashMap<>();
        for (String film : ensemble.rigs().get(0).lnNeeds().keySet()) {
            films.put(film, new Blur(ensemble, r -> r.lnNeed(film), jitter));
        }
        List<String> order = films.keySet().stream().sorted().toList();
        List<Rig> rigs = new ArrayList<>(n);
        for (Rig rig : picked.rigs()) {
            Rig blurred = new Rig(
                    setPoint.of(rig.setPointErrorK(), random),
                    opening.of(rig.openingErrorMm(), random),
                    stiffness.of(rig.lnStiffness(), random),
                    contact.of(rig.lnContact(), random),
                    rig.lnGive(),
                    Map.of(),
                    1.0 / n);
            for (String film : order) {
                blurred = blurred.needing(film, films.get(film).of(rig.lnNeed(film), random));
            }
            rigs.add(blurred);
        }
        return new RigEnsemble(rigs);
    }

    private record Blur(double mean, double deviation) {

        Blur(RigEnsemble ensemble, ToDoubleFunction<Rig> of, double jitter) {
            this(ensemble.mean(of), ensemble.deviation(of) * jitter);
        }

        double of(double value, Random random) {
            return mean + SHRINK * (value - mean) + deviation * random.nextGaussian();
        }
    }
}
