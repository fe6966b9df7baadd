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
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.learning.Belief.Known;
import glanzen.learning.Observation.Amount;
import glanzen.learning.Observation.Outcome;
import glanzen.material.Material;
import glanzen.measure.BadInput;
import glanzen.pull.Doubt;
import glanzen.pull.PullOutcome;
import glanzen.pull.Rig;
import glanzen.pull.RigPriors;
import glanzen.route.Route;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A belief is one of things, wherever they are used. */
class BeliefTest {

    private static final Forecaster FORECASTER = new Forecaster(new ArtworkShelf());
    private static final Trait OPENING = new Trait(Bench.CRANK.id(), Quantity.OPENING);
    private static final Trait HEAT = new Trait(Bench.PLATFORM.id(), Quantity.SET_POINT);
    private static final Platform OTHER = named("other", Bench.PLATFORM);

    private static Platform named(String id, Platform p) {
        return new Platform(
                id,
                id,
                p.thicknessMm(),
                p.widthMm(),
                p.heightMm(),
                p.heatCapacityJPerK(),
                p.lossWPerK(),
                p.maxPowerW(),
                p.levels(),
                p.offAfterMinutes());
    }

    private static final Plate BEE =
            new Plate("bee", "Bee", Plate.Kind.PLATE, Material.BRASS, 1.6, 46, 40, Motif.of(Motif.Kind.BEE));

    private static SetUp words(double soakSeconds) {
        return Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, soakSeconds);
    }

    private static SetUp bee(double soakSeconds) {
        return Bench.setUp(Route.HOT_PLATE, BEE, 0, soakSeconds);
    }

    private static SetUp on(Platform platform, SetUp setUp) {
        Heat.OnPlatform heat = (Heat.OnPlatform) setUp.heat();
        return setUp.withHeat(
                new Heat.OnPlatform(platform, heat.level(), heat.heating(), heat.soakSeconds(), heat.holdSeconds()));
    }

    private static Forecast forecast(SetUp setUp, Belief belief) {
        return FORECASTER.forecast(setUp, belief.rigs(Rigged.of(setUp)));
    }

    private record Pull(SetUp setUp, Observation seen) {}

    private static List<Pull> pulls(Rig truth, int count, long seed) {
        Random random = new Random(seed);
        List<Pull> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            SetUp setUp = bee(10 + 10 * random.nextInt(5));
            PullOutcome pull = FORECASTER.model(setUp).pull(truth.needing(RigPriors.LN_LUCK * random.nextGaussian()));
            Observation seen = Observation.roughly(
                            Outcome.of(pull),
                            Amount.of(pull, setUp.route().standard()),
                            setUp.route().standard())
                    .withCoverage(pull.coverage())
                    .withSpill(Math.min(1, pull.spillMm()));
            all.add(new Pull(setUp, seen));
        }
        return all;
    }

    private static Belief learned(Belief belief, List<Pull> pulls) {
        for (Pull pull : pulls) {
            belief = Learner.learn(belief, pull.setUp, FORECASTER.model(pull.setUp), pull.seen);
        }
        return belief;
    }

    @Test
    void whatAPressShowedOnOnePlatformCountsOnTheOtherAndCold() {
        Rig wide = new Rig(0, 0.18, 0, 0, 0, 0, 0, 1);
        Belief belief = learned(Belief.NOTHING, pulls(wide, 6, 3));
        assertTrue(belief.mean(OPENING) > 0.01, "found " + belief.mean(OPENING));
        SetUp elsewhere = on(OTHER, bee(30));
        double before = forecast(elsewhere, Belief.NOTHING).dose().middle();
        double after = forecast(elsewhere, belief).dose().middle();
        double truly = FORECASTER.model(elsewhere).pull(wide).dose();
        assertTrue(
                Math.abs(Math.log(after / truly)) < 0.8 * Math.abs(Math.log(before / truly)),
                before + " before, " + after + " after, truly " + truly);
        RigEnsemble cold = belief.rigs(Rigged.of(Bench.CRANK.id(), "", "white"));
        assertEquals(belief.mean(OPENING), cold.mean(Rig::openingErrorMm), 1e-9);
        assertEquals(belief.deviation(OPENING), cold.deviation(Rig::openingErrorMm), 1e-9);
    }

    @Test
    void samePullsSameBeliefInAnotherOrderNearlySo() {
        List<Pull> pulls = pulls(new Rig(4, 0.05, 0, 0.1, 0, 0, 0, 1), 11, 5);
        Belief once = learned(Belief.NOTHING, pulls);
        assertEquals(once, learned(Belief.NOTHING, pulls));
        double clean = forecast(words(30), once).clean();
        for (int seed = 0; seed < 5; seed++) {
            List<Pull> mixed = new ArrayList<>(pulls);
            Collections.shuffle(mixed, new Random(seed));
            assertEquals(
                    clean, forecast(words(30), learned(Belief.NOTHING, mixed)).clean(), 0.04);
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {-0.30, -0.12, 0.20, 0.45})
    void aMeasuredPressIsForecastAsOneTypedSo(double offMm) {
        Press typed = Bench.CRANK.measured(Bench.CRANK.openingMm() + offMm, Bench.CRANK.crown());
        Belief doubted = Belief.NOTHING.doubting(Bench.CRANK.id(), new Doubt(9, 0.17, 0.3, 0.3));
        Belief measured = doubted.measured(OPENING, offMm, 0.02);
        assertEquals(offMm, measured.mean(OPENING), 1e-12);
        for (double soak : new double[] {15, 30}) {
            Forecast asTyped = forecast(
                    words(soak).withMachine(typed),
                    Belief.NOTHING.doubting(Bench.CRANK.id(), new Doubt(9, 0, 0.3, 0.3)));
            Forecast asMeasured = forecast(words(soak), measured);
            assertEquals(20 * asTyped.clean(), 20 * asMeasured.clean(), 0.5);
            assertEquals(
                    asTyped.nip().middle().forceN(),
                    asMeasured.nip().middle().forceN(),
                    0.02 * asTyped.nip().middle().forceN() + 1);
        }
    }

    @Test
    void aMeasurementMovesWhatWasThoughtToGoWithIt() {
        Belief belief = learned(Belief.NOTHING, pulls(new Rig(0, 0.15, 0, 0, 0, 0, 0, 1), 8, 9));
        Belief measured = belief.measured(OPENING, 0, 0.02);
        assertTrue(
                measured.mean(HEAT) < belief.mean(HEAT) - 0.1,
                "what is too little comes of heat, if the press is as it says: " + belief.mean(HEAT) + ", then "
                        + measured.mean(HEAT));
    }

    @Test
    void forgettingGoesBackToTheDoubtItBeganWithAndIsNeverSurer() {
        Doubt doubt = new Doubt(9, 0.17, 0.3, 0.3);
        Belief begun = Belief.NOTHING.doubting(Bench.CRANK.id(), doubt).doubting(Bench.PLATFORM.id(), doubt);
        Belief belief = learned(begun, pulls(new Rig(-9, 0.1, 0, 0, 0, 0, 0, 1), 6, 2));
        Belief forgotten = belief.forgetting(List.of(Bench.CRANK.id(), Bench.PLATFORM.id()));
        assertEquals(0.17, forgotten.deviation(OPENING), 1e-12);
        assertEquals(0, forgotten.mean(HEAT), 1e-12);
        assertEquals(0, forgotten.pulls(Rigged.of(words(30))));
        Trait film = new Trait(Bench.COPPER.id(), Quantity.NEED);
        assertEquals(belief.mean(film), forgotten.mean(film), "what the film showed stays its own");
        Belief all = forgotten.forgetting(List.of(Bench.COPPER.id()));
        assertEquals(
                forecast(words(30), begun).clean(), forecast(words(30), all).clean(), 1e-9);
    }

    @Test
    void manyPullsUnderAreNeverCalledAsLabelled() {
        Belief belief = Belief.NOTHING;
        SetUp setUp = words(30);
        Observation under =
                Observation.roughly(Outcome.UNDER, Amount.A_LOT, setUp.route().standard());
        for (int i = 0; i < 6; i++) {
            belief = Learner.learn(belief, setUp, FORECASTER.model(setUp), under);
        }
        List<String> said =
                RigReport.with(List.of(), FORECASTER.model(setUp), belief.rigs(Rigged.of(setUp)), RigEnsemble.fresh())
                        .stream()
                        .map(RigReport.Remark::text)
                        .toList();
        assertTrue(
                said.get(0).matches("In all, a pull gets about \\d+ % less heat and pressure than expected at first"),
                said + "");
        Belief nothing = Belief.NOTHING;
        assertEquals(
                "So far your machine behaves as its maker says",
                RigReport.with(List.of(), FORECASTER.model(setUp), nothing.rigs(Rigged.of(setUp)), RigEnsemble.fresh())
                        .get(0)
                        .text());
    }

    @Test
    void oneMisreadPullDoesNotUndoWhatMoreHaveTold() {
        Belief belief = learned(Belief.NOTHING, pulls(new Rig(6, -0.06, 0, 0, 0, 0, 0, 1), 8, 12));
        SetUp setUp = words(30);
        Observation misread =
                Observation.roughly(Outcome.UNDER, Amount.A_LOT, setUp.route().standard());
        Belief after = Learner.learn(belief, setUp, FORECASTER.model(setUp), misread);
        assertEquals(forecast(setUp, belief).clean(), forecast(setUp, after).clean(), 0.06);
    }

    @Test
    void allRoutesLearn() {
        for (Route route : Route.values()) {
            SetUp setUp = Crafts.started(route);
            Forecaster forecaster = new Forecaster(Crafts.ARTWORKS);
            Observation clean = Observation.roughly(
                    Outcome.CLEAN, Amount.A_LITTLE, setUp.route().standard());
            Belief after = Learner.learn(Belief.NOTHING, setUp, forecaster.model(setUp), clean);
            double before = forecaster.forecast(setUp, RigEnsemble.fresh()).clean();
            assertTrue(forecaster.forecast(setUp, after.rigs(Rigged.of(setUp))).clean() > before - 0.02, route + "");
        }
    }

    @Test
    void whatIsNoDistributionIsRefused() {
        assertThrows(BadInput.class, () -> new Belief(List.of(new Known(OPENING, 0, 0.1, List.of(-1.0))), List.of()));
        assertThrows(BadInput.class, () -> new Belief(List.of(new Known(OPENING, 0, 0.1, List.of())), List.of()));
        Known one = new Known(OPENING, 0, 0.1, List.of(0.01));
        assertThrows(
                BadInput.class, () -> new Belief(List.of(one, new Known(HEAT, 0, 1, List.of(2.0, 1.0))), List.of()));
        assertThrows(
                BadInput.class, () -> new Belief(List.of(one, new Known(OPENING, 0, 1, List.of(0.0, 1.0))), List.of()));
    }
}
