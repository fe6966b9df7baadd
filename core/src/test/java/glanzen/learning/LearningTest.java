package glanzen.learning;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.Motif;
import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Board;
import glanzen.kit.Pace;
import glanzen.kit.Plate;
import glanzen.learning.Observation.Amount;
import glanzen.learning.Observation.Outcome;
import glanzen.material.Material;
import glanzen.measure.BadInput;
import glanzen.pull.PullOutcome;
import glanzen.pull.Rig;
import glanzen.pull.RigPriors;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LearningTest {

    private static final Forecaster FORECASTER = new Forecaster(new ArtworkShelf());
    private static final String FILM = Bench.COPPER.id();
    private static final Plate BEE =
            new Plate("bee", "Bee", Plate.Kind.PLATE, Material.BRASS, 1.6, 46, 40, Motif.of(Motif.Kind.BEE));

    /** How good forecasts are: mean log score of what came out, and how far 80 % ranges of dose are from holding 80 %. */
    private record Quality(double logScore, double rangeHolds) {}

    private static SetUp tried(Random random) {
        SetUp base = Bench.setUp(Route.HOT_PLATE, random.nextBoolean() ? Bench.WORDS : BEE, random.nextInt(2), 15);
        return base.withSoak(10 + 10 * random.nextInt(5)).withFeed(Pace.values()[random.nextInt(3)], 1);
    }

    private static Rig hidden(Random random) {
        return new Rig(
                RigPriors.SET_POINT_K * random.nextGaussian(),
                RigPriors.OPENING_MM * random.nextGaussian(),
                RigPriors.LN_STIFFNESS * random.nextGaussian(),
                RigPriors.LN_CONTACT * random.nextGaussian(),
                Map.of(FILM, RigPriors.LN_NEED * random.nextGaussian()),
                1);
    }

    private static PullOutcome pulled(SetUp setUp, Rig truth, Random random) {
        double luck = RigPriors.LN_LUCK * random.nextGaussian();
        return FORECASTER.model(setUp).pull(truth.needing(FILM, truth.lnNeed(FILM) - luck));
    }

    private static Observation looked(PullOutcome pull) {
        Outcome outcome =
                pull.under() ? pull.over() ? Outcome.BOTH : Outcome.UNDER : pull.over() ? Outcome.OVER : Outcome.CLEAN;
        return Observation.roughly(
                outcome, pull.coverage() < 0.85 || pull.spillMm() > 0.35 ? Amount.A_LOT : Amount.A_LITTLE);
    }

    private static RigEnsemble taught(Rig truth, int pulls, Random random) {
        RigEnsemble ensemble = RigEnsemble.fresh();
        for (int i = 0; i < pulls; i++) {
            SetUp setUp = tried(random);
            ensemble = Learner.learn(ensemble, FORECASTER.model(setUp), FILM, looked(pulled(setUp, truth, random)), i);
        }
        return ensemble;
    }

    private static Quality judged(int pulls) {
        double score = 0;
        double held = 0;
        int n = 0;
        for (int rig = 0; rig < 10; rig++) {
            Random random = new Random(100 + rig);
            Rig truth = hidden(random);
            RigEnsemble ensemble = taught(truth, pulls, random);
            Random tests = new Random(9000 + rig);
            for (int i = 0; i < 20; i++) {
                SetUp setUp = tried(tests);
                Forecast f = FORECASTER.forecast(setUp, ensemble);
                PullOutcome pull = pulled(setUp, truth, tests);
                double share = pull.under() ? f.under() : pull.over() ? f.over() : f.clean();
                // A forecast of nought would never be forgiven; the smallest honest share is one pull in two hundred.
                score += Math.log(Math.max(0.005, share));
                held += pull.dose() >= f.dose().low() && pull.dose() <= f.dose().high() ? 1 : 0;
                n++;
            }
        }
        return new Quality(score / n, held / n);
    }

    @Test
    void sixPullsInWordsMakeForecastsMeasurablyBetter() {
        Quality fresh = judged(0);
        Quality six = judged(6);
        System.out.printf(
                "learning: log score %.3f before, %.3f after six pulls; 80 %% range holds %.0f %% and %.0f %%%n",
                fresh.logScore, six.logScore, 100 * fresh.rangeHolds, 100 * six.rangeHolds);
        assertTrue(six.logScore > fresh.logScore + 0.12, six.logScore + " after " + fresh.logScore);
        assertEquals(0.80, six.rangeHolds, 0.12, "ranges stay honest");
    }

    @Test
    void aTightPressIsFoundAndSaid() {
        Rig truth = new Rig(0, -0.16, 0, 0, Map.of(FILM, 0.0), 1);
        RigEnsemble ensemble = RigEnsemble.fresh();
        // Nearly no squeeze by the label: whatever is seen there tells of the opening.
        for (int i = 0; i < 8; i++) {
            SetUp setUp = i % 2 == 0 ? tightly(0.30) : tightly(0.16);
            PullOutcome pull = FORECASTER.model(setUp).pull(truth);
            Observation seen = Observation.roughly(Outcome.CLEAN, Amount.A_LITTLE)
                    .withCoverage(pull.coverage())
                    .withSpill(Math.min(5, pull.spillMm()));
            ensemble = Learner.learn(ensemble, FORECASTER.model(setUp), FILM, seen, i);
        }
        assertTrue(ensemble.mean(Rig::openingErrorMm) < -0.04, "found " + ensemble.mean(Rig::openingErrorMm));
        List<String> said = RigReport.of(ensemble, Bench.CRANK, Bench.PLATFORM, List.of(Bench.COPPER)).stream()
                .map(RigReport.Remark::text)
                .toList();
        assertTrue(said.stream().anyMatch(t -> t.contains("tighter than its label, give or take")), said.toString());
    }

    /** One card shim instead of the plastic one: hardly gripped if the label is right. */
    private static SetUp tightly(double cardMm) {
        SetUp base = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30);
        Board card = Bench.board("c" + cardMm, Board.Kind.CARD_SHIM, Material.CARD, cardMm);
        return base.withStack(base.stack().replaced(4, new Layer(card, Facing.UP)));
    }

    @Test
    void learningNarrowsAndIsRepeatable() {
        Rig truth = hidden(new Random(4));
        RigEnsemble once = taught(truth, 6, new Random(8));
        RigEnsemble again = taught(truth, 6, new Random(8));
        assertEquals(once, again);
        SetUp setUp = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30);
        Forecast before = FORECASTER.forecast(setUp, RigEnsemble.fresh());
        Forecast after = FORECASTER.forecast(setUp, once);
        assertTrue(Math.log(after.dose().high() / after.dose().low())
                < 0.8 * Math.log(before.dose().high() / before.dose().low()));
        assertEquals(1, once.rigs().stream().mapToDouble(Rig::weight).sum(), 1e-9);
        assertTrue(once.effectiveSize() >= RigEnsemble.SIZE / 3.0 - 1);
    }

    @Test
    void whatOneFilmTeachesOfTheRigHelpsTheNext() {
        Rig truth = new Rig(9, -0.12, 0, 0.2, Map.of(FILM, 0.0), 1);
        RigEnsemble ensemble = taught(truth, 10, new Random(21));
        double other = ensemble.knowing("other").deviation(r -> r.lnNeed("other"));
        assertEquals(RigPriors.LN_NEED, other, 0.05, "a film not met before is as unknown as ever");
    }

    @Test
    void aSureEnsembleFollowsARigThatHasChanged() {
        RigEnsemble sure = taught(new Rig(8, -0.12, 0, 0.2, Map.of(FILM, -0.3), 1), 12, new Random(5));
        SetUp setUp = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 45);
        double before = FORECASTER.forecast(setUp, sure).dose().middle();
        RigEnsemble ensemble = sure;
        for (int i = 0; i < 4; i++) {
            Observation under = Observation.roughly(Outcome.UNDER, Amount.A_LITTLE);
            ensemble = Learner.learn(ensemble, FORECASTER.model(setUp), FILM, under, i);
        }
        double after = FORECASTER.forecast(setUp, ensemble).dose().middle();
        assertTrue(after < before / 3, after + " after " + before);
    }

    @Test
    void nothingIsSaidOfARigNotMet() {
        assertEquals(List.of(), RigReport.of(RigEnsemble.fresh(), Bench.CRANK, Bench.PLATFORM, List.of(Bench.COPPER)));
    }

    @ParameterizedTest
    @EnumSource(Outcome.class)
    void wordsAreLikeliestForWhatTheyMean(Outcome outcome) {
        PullOutcome clean = new PullOutcome(3, 0.995, 0.05, 700);
        PullOutcome under = new PullOutcome(1, 0.90, 0, 700);
        PullOutcome over = new PullOutcome(9, 1, 0.30, 700);
        PullOutcome both = new PullOutcome(3, 0.92, 0.28, 700);
        Observation seen = Observation.roughly(outcome, Amount.A_LITTLE);
        PullOutcome meant = switch (outcome) {
            case CLEAN -> clean;
            case UNDER -> under;
            case OVER -> over;
            case BOTH -> both;
        };
        for (PullOutcome other : List.of(clean, under, over, both)) {
            assertTrue(Learner.likelihood(meant, seen) >= Learner.likelihood(other, seen));
        }
    }

    @Test
    void readingsAreChecked() {
        Observation clean = Observation.roughly(Outcome.CLEAN, Amount.A_LITTLE);
        assertThrows(BadInput.class, () -> clean.withCoverage(1.2));
        assertThrows(BadInput.class, () -> clean.withSpill(-0.1));
        assertEquals(0.93, clean.withCoverage(0.95).coverageLow(), 1e-12);
    }
}
