package glanzen.learning;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.Crafts;
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
import glanzen.material.BondingLayer;
import glanzen.material.Material;
import glanzen.measure.BadInput;
import glanzen.pull.PullModel;
import glanzen.pull.PullOutcome;
import glanzen.pull.Rig;
import glanzen.pull.RigPriors;
import glanzen.route.Route;
import glanzen.route.Standard;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LearningTest {

    private static final Forecaster FORECASTER = new Forecaster(new ArtworkShelf());
    private static final String FILM = Bench.COPPER.id();
    private static final Plate BEE =
            new Plate("bee", "Bee", Plate.Kind.PLATE, Material.BRASS, 1.6, 46, 40, Motif.of(Motif.Kind.BEE));

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
                0,
                RigPriors.LN_NEED * random.nextGaussian(),
                0,
                1);
    }

    private static PullOutcome pulled(SetUp setUp, Rig truth, Random random) {
        double luck = RigPriors.LN_LUCK * random.nextGaussian();
        return FORECASTER.model(setUp).pull(truth.needing(truth.lnNeed() - luck));
    }

    private static Observation looked(PullOutcome pull) {
        return Observation.roughly(Outcome.of(pull), Amount.of(pull, Standard.FOIL), Standard.FOIL);
    }

    private static Belief taught(Rig truth, int pulls, Random random) {
        Belief belief = Belief.NOTHING;
        for (int i = 0; i < pulls; i++) {
            SetUp setUp = tried(random);
            belief = Learner.learn(belief, setUp, FORECASTER.model(setUp), looked(pulled(setUp, truth, random)));
        }
        return belief;
    }

    private static Forecast forecast(SetUp setUp, Belief belief) {
        return FORECASTER.forecast(setUp, belief.rigs(Rigged.of(setUp)));
    }

    @ParameterizedTest
    @EnumSource(Outcome.class)
    void whatWentThroughWasNotRefusedHoweverItCameOut(Outcome outcome) {
        SetUp thick = Crafts.started(Route.FLAT_FOLDER, Crafts.MOTOR, Crafts.FLAT, Crafts.CARD);
        while (Crafts.forecast(thick).refused() < 0.15) {
            thick = thick.withStack(thick.stack().with(1, new Layer(Bench.THIN_CARD, Facing.UP)));
        }
        Belief belief = Belief.NOTHING;
        PullModel model = FORECASTER.model(thick);
        Observation seen =
                Observation.roughly(outcome, Amount.A_LITTLE, thick.route().standard());
        double before = forecast(thick, belief).refused();
        for (int pull = 0; pull < 3; pull++) {
            belief = Learner.learn(belief, thick, model, seen);
        }
        double after = forecast(thick, belief).refused();
        // How much it takes at most stays as unsure as its label.
        assertTrue(
                after < before / 2 && after < 0.09,
                outcome + ": refused " + before + " before, " + after + " after three went through");
        Belief spoiled = Learner.wentThrough(Belief.NOTHING, thick, model);
        assertTrue(forecast(thick, spoiled).refused() < before / 2);
        assertEquals(0, spoiled.pulls(Rigged.of(thick)), "none that tells of heat and pressure");
    }

    @Test
    void sixPullsInWordsMakeForecastsMeasurablyBetterAndStayHonest() {
        HiddenRigs rigs = new HiddenRigs(16, 1, BondingLayer.HOT_FOIL.activationJoulePerMole());
        HiddenRigs.Quality fresh = rigs.after(0, false);
        HiddenRigs.Quality six = rigs.after(6, false);
        assertTrue(six.logScore() > fresh.logScore() + 0.1, six + " after " + fresh);
        // Sixteen rigs tell it within ten points; docs/benchmarks.md has forty-eight.
        assertEquals(0.82, six.rangeHolds(), 0.10, "ranges stay honest");
        assertTrue(six.calibration() < 0.07, six.toString());
        assertTrue(six.adviceClean() > 0.88, six.toString());
    }

    @Test
    void aTightPressIsFoundAndSaid() {
        Rig truth = new Rig(0, -0.16, 0, 0, 0, 0.0, 0, 1);
        Belief belief = Belief.NOTHING;
        // Nearly no squeeze by the label: whatever is seen there tells of the opening.
        for (int i = 0; i < 8; i++) {
            SetUp setUp = i % 2 == 0 ? tightly(0.30) : tightly(0.16);
            PullOutcome pull = FORECASTER.model(setUp).pull(truth);
            Observation seen = Observation.roughly(Outcome.CLEAN, Amount.A_LITTLE, Standard.FOIL)
                    .withCoverage(pull.coverage())
                    .withSpill(Math.min(5, pull.spillMm()));
            belief = Learner.learn(belief, setUp, FORECASTER.model(setUp), seen);
        }
        double opening = belief.mean(new Trait(Bench.CRANK.id(), Quantity.OPENING));
        assertTrue(opening < -0.04, "found " + opening);
        List<String> said = RigReport.of(belief, Bench.CRANK, Bench.PLATFORM, List.of(Bench.COPPER)).stream()
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
        Belief once = taught(truth, 6, new Random(8));
        Belief again = taught(truth, 6, new Random(8));
        assertEquals(once, again);
        SetUp setUp = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30);
        Forecast before = FORECASTER.forecast(setUp, RigEnsemble.fresh());
        Forecast after = forecast(setUp, once);
        assertTrue(Math.log(after.dose().high() / after.dose().low())
                < 0.8 * Math.log(before.dose().high() / before.dose().low()));
        assertEquals(6, once.pulls(Rigged.of(setUp)));
    }

    @Test
    void aFilmNotMetBeforeIsAsUnknownAsEver() {
        Belief belief = taught(new Rig(9, -0.12, 0, 0.2, 0, 0, 0, 1), 10, new Random(21));
        assertEquals(RigPriors.LN_NEED, belief.deviation(new Trait("other", Quantity.NEED)));
    }

    @Test
    void aSureBeliefFollowsARigThatHasChanged() {
        Belief sure = taught(new Rig(8, -0.12, 0, 0.2, 0, -0.3, 0, 1), 12, new Random(5));
        SetUp setUp = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 45);
        double before = forecast(setUp, sure).dose().middle();
        Belief belief = sure;
        for (int i = 0; i < 4; i++) {
            Observation under = Observation.roughly(Outcome.UNDER, Amount.A_LITTLE, Standard.FOIL);
            belief = Learner.learn(belief, setUp, FORECASTER.model(setUp), under);
        }
        double after = forecast(setUp, belief).dose().middle();
        assertTrue(after < before / 2, after + " after " + before);
    }

    @Test
    void nothingIsSaidOfARigNotMet() {
        assertEquals(List.of(), RigReport.of(Belief.NOTHING, Bench.CRANK, Bench.PLATFORM, List.of(Bench.COPPER)));
    }

    @ParameterizedTest
    @EnumSource(
            value = Outcome.class,
            names = {"UNDER", "CLEAN", "OVER"})
    void wordsAreLikeliestForWhatTheyMean(Outcome outcome) {
        PullModel model = FORECASTER.model(Bench.setUp(Route.HOT_PLATE, BEE, 1, 30));
        Observation seen = Observation.roughly(outcome, Amount.A_LITTLE, Standard.FOIL);
        double best = -1;
        Outcome likeliest = null;
        for (double need = -2.5; need < 2.5; need += 0.02) {
            Rig rig = Rig.AS_LABELLED.needing(need);
            double likely = Learner.likelihood(model.doses(rig), seen);
            likeliest = likely > best ? Outcome.of(model.pull(rig)) : likeliest;
            best = Math.max(best, likely);
        }
        assertEquals(outcome, likeliest);
    }

    @Test
    void readingsAreChecked() {
        Observation clean = Observation.roughly(Outcome.CLEAN, Amount.A_LITTLE, Standard.FOIL);
        assertThrows(BadInput.class, () -> clean.withCoverage(1.2));
        assertThrows(BadInput.class, () -> clean.withSpill(-0.1));
        assertEquals(0.93, clean.withCoverage(0.95).coverageLow(), 1e-12);
    }
}
