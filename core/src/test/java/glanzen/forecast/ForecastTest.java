package glanzen.forecast;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.Motif;
import glanzen.kit.Board;
import glanzen.kit.Plate;
import glanzen.material.Material;
import glanzen.picture.PullPicture;
import glanzen.pull.Rig;
import glanzen.pull.RigPriors;
import glanzen.pull.TransferModel;
import glanzen.route.Heating;
import glanzen.route.Peel;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import java.awt.image.BufferedImage;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ForecastTest {

    private static final Forecaster FORECASTER = new Forecaster(new ArtworkShelf());
    private static final RigEnsemble FRESH = RigEnsemble.fresh();
    private static final Plate BEE =
            new Plate("bee", "Bee", Plate.Kind.PLATE, Material.BRASS, 1.6, 46, 40, Motif.of(Motif.Kind.BEE));

    private static SetUp words(int cards, double soak) {
        return Bench.setUp(Route.HOT_PLATE, Bench.WORDS, cards, soak);
    }

    @ParameterizedTest
    @CsvSource({"0,10", "0,30", "1,30", "2,60"})
    void sharesAddUpAndTwentyPullsAreTwenty(int cards, double soak) {
        Forecast f = FORECASTER.forecast(words(cards, soak), FRESH);
        assertEquals(1, f.under() + f.clean() + f.over() + f.refused(), 1e-9);
        assertTrue(f.both() <= f.under());
        Twenty twenty = f.twenty();
        assertEquals(20, twenty.under() + twenty.clean() + twenty.over() + twenty.refused());
        assertTrue(f.dose().low() <= f.dose().middle()
                && f.dose().middle() <= f.dose().high());
        assertTrue(f.coverage().low() <= f.coverage().high());
    }

    @Test
    void theSameQuestionHasTheSameAnswer() {
        Forecast once = FORECASTER.forecast(words(1, 30), FRESH);
        Forecast again = new Forecaster(new ArtworkShelf()).forecast(words(1, 30), RigEnsemble.fresh());
        assertEquals(once.clean(), again.clean());
        assertEquals(once.dose(), again.dose());
        assertEquals(once.window(), again.window());
    }

    @Test
    void craftIsReproduced() {
        assertTrue(FORECASTER.forecast(words(0, 30), FRESH).clean() > 0.5, "words are easy");
        Forecast one = FORECASTER.forecast(words(1, 45), FRESH);
        assertTrue(one.over() > 0.3, "a full-weight card shim over-foils fine words");
        Forecast solid = FORECASTER.forecast(Bench.setUp(Route.SOLID_PLATE, Bench.SOLID, 0, 240), FRESH);
        Forecast padded = FORECASTER.forecast(Bench.setUp(Route.SOLID_PLATE, Bench.SOLID, 2, 240), FRESH);
        assertTrue(solid.under() > 0.5, "a solid without extra shims misses");
        assertTrue(padded.under() < solid.under() - 0.3, "about two cards cure that");
    }

    @Test
    void aSolidPeeledHotLosesFoil() {
        SetUp solid = Bench.setUp(Route.SOLID_PLATE, Bench.SOLID, 2, 240);
        double cold = FORECASTER.forecast(solid, FRESH).coverage().middle();
        double warm =
                FORECASTER.forecast(solid.withPeel(Peel.WARM), FRESH).coverage().middle();
        assertTrue(warm < cold - 0.1, warm + " against " + cold);
    }

    @Test
    void aTapedPlateStartsColdAndGainsFromALongerSoak() {
        SetUp taped = words(0, 30).withSoak(Heating.TOGETHER, 15);
        double short15 = FORECASTER.forecast(taped, FRESH).dose().middle();
        double long60 = FORECASTER
                .forecast(taped.withSoak(Heating.TOGETHER, 60), FRESH)
                .dose()
                .middle();
        assertTrue(long60 > 1.5 * short15, long60 + " after " + short15);
    }

    @Test
    void softerBackingNarrowsTheWindow() {
        Forecast.Window hard = FORECASTER.forecast(words(0, 30), FRESH).window();
        Forecast.Window soft = FORECASTER.forecast(words(2, 30), FRESH).window();
        assertTrue(hard.open());
        assertTrue(soft.most() / soft.least() < hard.most() / hard.least());
    }

    @Test
    void anUngrippedStackIsUnderForSure() {
        SetUp loose = words(0, 30).withStack(words(0, 30).stack().without(4));
        assertTrue(loose.overfillMm() < 0);
        Forecast f = FORECASTER.forecast(loose, FRESH);
        assertTrue(f.under() > 0.6);
        assertTrue(
                Double.isFinite(f.window().least()) && Double.isFinite(f.dose().low()));
    }

    @Test
    void theEnsembleIsSpreadAsItShouldBe() {
        assertEquals(0, FRESH.mean(Rig::setPointErrorK), 0.1);
        assertEquals(RigPriors.SET_POINT_K, FRESH.deviation(Rig::setPointErrorK), 0.2);
        assertEquals(RigPriors.OPENING_MM, FRESH.deviation(Rig::openingErrorMm), 0.004);
        double hotAndStiff = FRESH.mean(r -> r.setPointErrorK() * r.lnStiffness());
        assertEquals(0, hotAndStiff / (RigPriors.SET_POINT_K * RigPriors.LN_STIFFNESS), 0.03);
    }

    @Test
    void aThinnedEnsembleStandsForTheWhole() {
        RigEnsemble thin = FRESH.thinned(64);
        assertEquals(64, thin.rigs().size());
        assertEquals(1, thin.rigs().stream().mapToDouble(Rig::weight).sum(), 1e-9);
        assertEquals(FRESH.deviation(Rig::openingErrorMm), thin.deviation(Rig::openingErrorMm), 0.02);
    }

    @Test
    void evenDeviatesHaveTheirMeanAndCovarianceToTheLastDigit() {
        for (int a = 0; a < RigEnsemble.DRAWN; a++) {
            for (int b = 0; b <= a; b++) {
                double shared = 0;
                for (int i = 0; i < RigEnsemble.SIZE; i++) {
                    shared += RigEnsemble.even(i)[a] * RigEnsemble.even(i)[b] / RigEnsemble.SIZE;
                }
                assertEquals(a == b ? 1 : 0, shared, 1e-12);
            }
        }
    }

    @Test
    void borrowedHeatIsNearOnesOwn() {
        SetUp plain = words(0, 30);
        SetUp padded = words(1, 30);
        TransferModel heat = TransferModel.forOne(plain, FORECASTER.artwork(plain), Rig.AS_LABELLED);
        TransferModel own = TransferModel.forOne(padded, FORECASTER.artwork(padded), Rig.AS_LABELLED);
        TransferModel lent = TransferModel.heatedLike(padded, FORECASTER.artwork(padded), heat);
        double borrowed = lent.pull(Rig.AS_LABELLED).dose();
        assertEquals(own.pull(Rig.AS_LABELLED).dose(), borrowed, 0.15 * borrowed);
    }

    @Test
    void aSecondPassAddsDose() {
        SetUp once = words(0, 30);
        TransferModel twice = FORECASTER.transfer(once.withFeed(once.pace(), 2));
        double one = twice.doses(Rig.AS_LABELLED, 4, 1).pull(1).dose();
        double two = twice.doses(Rig.AS_LABELLED, 4, 2).pull(1).dose();
        // More than twice: after the first pass the sheet is warm.
        assertTrue(two > 1.6 * one && two < 3 * one, two + " after " + one);
        assertTrue(twice.doses(Rig.AS_LABELLED, 8, 2).pull(1).dose() < two);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.5, 1.3, 3})
    void thePictureShowsTheCoverageThatIsForecast(double factor) {
        SetUp setUp = Bench.setUp(Route.HOT_PLATE, BEE, 0, 20);
        TransferModel model = FORECASTER.transfer(setUp);
        Rig rig = Rig.AS_LABELLED.needing(Math.log(factor));
        BufferedImage image = new PullPicture(setUp, model, rig, 5).draw(600, 400);
        double scale = 0.94 * Math.min(600 / 46.0, 400 / 40.0);
        boolean[] design = FORECASTER.artwork(setUp).raster(600, 400, scale);
        int raised = 0;
        int foiled = 0;
        for (int i = 0; i < design.length; i++) {
            raised += design[i] ? 1 : 0;
            foiled += design[i] && copper(image.getRGB(i % 600, i / 600)) ? 1 : 0;
        }
        assertEquals(model.pull(rig).coverage(), (double) foiled / raised, 0.08);
    }

    /** Foil is copper, much darker in blue than ivory stock. */
    private static boolean copper(int rgb) {
        return (rgb >> 16 & 0xFF) - (rgb & 0xFF) > 42;
    }

    @Test
    void thePictureIsSeeded() {
        SetUp setUp = Bench.setUp(Route.HOT_PLATE, BEE, 0, 10);
        TransferModel model = FORECASTER.transfer(setUp);
        int[] one = pixels(new PullPicture(setUp, model, Rig.AS_LABELLED, 1).draw(120, 80));
        assertTrue(Arrays.equals(one, pixels(new PullPicture(setUp, model, Rig.AS_LABELLED, 1).draw(120, 80))));
        assertFalse(Arrays.equals(one, pixels(new PullPicture(setUp, model, Rig.AS_LABELLED, 2).draw(120, 80))));
        assertFalse(Arrays.equals(
                one,
                pixels(new PullPicture(setUp, model, Rig.AS_LABELLED, 1)
                        .ghosted(1)
                        .draw(120, 80))));
    }

    private static int[] pixels(BufferedImage image) {
        return image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
    }

    @Test
    void aLikenessComesOutAsItWasSeen() {
        SetUp setUp = Bench.setUp(Route.HOT_PLATE, BEE, 0, 20);
        TransferModel model = FORECASTER.transfer(setUp);
        assertEquals(0.8, model.pull(RigFit.of(model, 0.8, 0)).coverage(), 0.01);
        assertEquals(0.3, model.pull(RigFit.of(model, 1, 0.3)).spillMm(), 0.01);
    }

    @Test
    void aPlasticShimUnderThePlatformSqueezesAsMuchWithoutTouchingTheHeat() {
        SetUp above = words(0, 30);
        Board plastic = Bench.PLASTIC;
        SetUp below = above.withStack(above.stack().without(4).with(0, new Layer(plastic, Facing.UP)));
        assertEquals(above.overfillMm(), below.overfillMm(), 1e-12);
        Forecast f = FORECASTER.forecast(below, FRESH);
        assertNotEquals(0, f.clean());
    }
}
