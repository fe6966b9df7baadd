package glanzen.learning;

import glanzen.Bench;
import glanzen.advice.Advice;
import glanzen.advice.Advisor;
import glanzen.advice.ErrorBias;
import glanzen.advice.Proposal;
import glanzen.anchor.AnchorBench;
import glanzen.artwork.Motif;
import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Board;
import glanzen.kit.Pace;
import glanzen.kit.Plate;
import glanzen.learning.Observation.Amount;
import glanzen.learning.Observation.Outcome;
import glanzen.material.BondingLayer;
import glanzen.material.Fitted;
import glanzen.material.Material;
import glanzen.pull.PullOutcome;
import glanzen.pull.Rig;
import glanzen.pull.RigPriors;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import java.util.Locale;
import java.util.Random;

/**
 * Rigs that are off their labels and known to nobody, pulled and told of in words as a person would: rounded to a word, and
 * one in twenty wrong. Seeds are none that anything was fitted to.
 */
public final class HiddenRigs {

    private static final Forecaster FORECASTER = new Forecaster(AnchorBench.SHOP.artworks());
    private static final Plate BEE =
            new Plate("bee", "Bee", Plate.Kind.PLATE, Material.BRASS, 1.6, 46, 40, Motif.of(Motif.Kind.BEE));
    private static final double MISTAKEN = 0.05;
    private static final int TESTS = 20;

    private final int rigs;
    private final double width;
    private final double activation;

    /**
     * @param rigs how many
     * @param width how far they stray, against what is assumed of them
     * @param activation activation energy of the true adhesive, J/mol
     */
    public HiddenRigs(int rigs, double width, double activation) {
        this.rigs = rigs;
        this.width = width;
        this.activation = activation;
    }

    /**
     * How good forecasts are.
     *
     * @param logScore mean log score of what came out
     * @param calibration in ten bins of the share forecast clean: mean distance from what came, weighted by number
     * @param rangeHolds share of doses within the 80 % range
     * @param adviceClean share of rigs on which the advice is truly clean more often than not, by the mean of its true chance
     */
    public record Quality(double logScore, double calibration, double rangeHolds, double adviceClean) {

        @Override
        public String toString() {
            return String.format(
                    Locale.ROOT,
                    "log score %.3f, calibration off by %.1f points, 80 %% range holds %.0f %%, advice truly clean %.2f",
                    logScore,
                    100 * calibration,
                    100 * rangeHolds,
                    adviceClean);
        }
    }

    private Rig hidden(Random random) {
        return new Rig(
                width * RigPriors.SET_POINT_K * random.nextGaussian(),
                width * RigPriors.OPENING_MM * random.nextGaussian(),
                width * RigPriors.LN_STIFFNESS * random.nextGaussian(),
                width * RigPriors.LN_CONTACT * random.nextGaussian(),
                0,
                width * RigPriors.LN_NEED * random.nextGaussian(),
                0,
                1);
    }

    private static SetUp tried(Random random) {
        SetUp base = Bench.setUp(Route.HOT_PLATE, random.nextBoolean() ? Bench.WORDS : BEE, 0, 15)
                .withSoak(10 + 10 * random.nextInt(5))
                .withFeed(Pace.values()[random.nextInt(3)], 1);
        Board[] shims = {null, Bench.THIN_CARD, Bench.CARD_SHIM};
        Board shim = shims[random.nextInt(3)];
        return shim == null ? base : base.withStack(base.stack().with(base.shimPlace(), new Layer(shim, Facing.UP)));
    }

    private PullOutcome pulled(SetUp setUp, Rig truth, Random random) {
        double luck = RigPriors.LN_LUCK * random.nextGaussian();
        return trueChance(setUp, truth.needing(truth.lnNeed() - luck));
    }

    private PullOutcome trueChance(SetUp setUp, Rig truth) {
        double assumed = BondingLayer.HOT_FOIL.activationJoulePerMole();
        Fitted.FOIL_ACTIVATION.tried(activation);
        PullOutcome pull = FORECASTER.model(setUp).pull(truth);
        Fitted.FOIL_ACTIVATION.tried(assumed);
        return pull;
    }

    private static Observation told(PullOutcome pull, Random random) {
        Outcome outcome = Outcome.of(pull);
        if (random.nextDouble() < MISTAKEN) {
            outcome = Outcome.values()[random.nextInt(Outcome.values().length)];
        }
        return Observation.roughly(outcome, Amount.of(pull, Route.HOT_PLATE.standard()), Route.HOT_PLATE.standard());
    }

    private RigEnsemble taught(Rig truth, int pulls, boolean advised, Random random) {
        Belief belief = Belief.NOTHING;
        SetUp setUp = tried(random);
        for (int i = 0; i < pulls; i++) {
            Observation seen = told(pulled(setUp, truth, random), random);
            belief = Learner.learn(belief, setUp, FORECASTER.model(setUp), seen);
            setUp = advised ? best(setUp, belief.rigs(Rigged.of(setUp))) : tried(random);
        }
        return belief.rigs(Rigged.of(setUp));
    }

    private static SetUp best(SetUp present, RigEnsemble ensemble) {
        Advice advice = new Advisor(FORECASTER, AnchorBench.SHOP).advise(present, ensemble, ErrorBias.EVEN);
        return advice.first().map(Proposal::setUp).orElse(present);
    }

    /** After so many pulls, arbitrary ones or each as advised. */
    public Quality after(int pulls, boolean advised) {
        double score = 0;
        double held = 0;
        double clean = 0;
        int n = 0;
        double[] said = new double[10];
        double[] came = new double[10];
        for (int rig = 0; rig < rigs; rig++) {
            Random random = new Random(70_001 + 17L * rig);
            Rig truth = hidden(random);
            RigEnsemble ensemble = taught(truth, pulls, advised, random);
            Random tests = new Random(510_007 + 13L * rig);
            for (int i = 0; i < TESTS; i++) {
                SetUp setUp = tried(tests);
                Forecast f = FORECASTER.forecast(setUp, ensemble);
                PullOutcome pull = pulled(setUp, truth, tests);
                double share = pull.under() ? f.under() : pull.over() ? f.over() : f.clean();
                // A forecast of nought would never be forgiven; the smallest honest share is one pull in two hundred.
                score += Math.log(Math.max(0.005, share));
                held += pull.dose() >= f.dose().low() && pull.dose() <= f.dose().high() ? 1 : 0;
                int bin = (int) Math.min(9, 10 * f.clean());
                said[bin] += f.clean();
                came[bin] += pull.clean() ? 1 : 0;
                n++;
            }
            SetUp advice = best(tried(tests), ensemble);
            for (int i = 0; i < TESTS; i++) {
                clean += pulled(advice, truth, tests).clean() ? 1.0 / TESTS : 0;
            }
        }
        double off = 0;
        for (int bin = 0; bin < said.length; bin++) {
            off += Math.abs(said[bin] - came[bin]) / n;
        }
        return new Quality(score / n, off, held / n, clean / rigs);
    }

    /** All that docs/benchmarks.md reports of learning. */
    public static void main(String[] args) {
        double usual = BondingLayer.HOT_FOIL.activationJoulePerMole();
        HiddenRigs assumed = new HiddenRigs(48, 1, usual);
        System.out.println("untried:                          " + assumed.after(0, false));
        System.out.println("six arbitrary pulls:              " + assumed.after(6, false));
        System.out.println("six pulls as advised:             " + assumed.after(6, true));
        System.out.println("rigs twice as far off, six pulls: " + new HiddenRigs(48, 2, usual).after(6, false));
        System.out.println("activation 95 kJ/mol, six pulls:  " + new HiddenRigs(48, 1, 95_000).after(6, false));
        System.out.println("activation 145 kJ/mol, six pulls: " + new HiddenRigs(48, 1, 145_000).after(6, false));
    }
}
