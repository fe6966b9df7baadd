package glanzen.advice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.artwork.ArtworkShelf;
import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.pull.Doubt;
import glanzen.route.Medium;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Before a batch, and in the middle of one. */
class BatchAdviceTest {

    private static final Forecaster FORECASTER = new Forecaster(new ArtworkShelf());
    private static final SetUp WORDS = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30);

    private static SetUp behind(double kelvin) {
        return WORDS.withHeat(WORDS.onPlatform().behind(kelvin));
    }

    @Test
    void aPlatformThatIsBehindSoaksLonger() {
        RigEnsemble fresh = RigEnsemble.fresh();
        double few = LongerSoak.seconds(FORECASTER, fresh, WORDS, behind(2));
        double many = LongerSoak.seconds(FORECASTER, fresh, WORDS, behind(8));
        assertEquals(0, LongerSoak.seconds(FORECASTER, fresh, WORDS, WORDS), 1);
        assertTrue(many > few, few + " s, " + many + " s");
        SetUp longer = behind(8).withSoak(30 + many);
        assertEquals(
                FORECASTER.forecast(WORDS, fresh).dose().middle(),
                FORECASTER.forecast(longer, fresh).dose().middle(),
                0.1);
    }

    @Test
    void scrapIsTriedWhereSomethingIsNewUnsureOrDear() {
        Forecast sure = FORECASTER.forecast(WORDS, RigEnsemble.fresh());
        assertEquals(Optional.empty(), ScrapTest.why(WORDS, sure, true));
        assertTrue(ScrapTest.why(WORDS, sure, false).orElseThrow().contains("haven't used this plate"));
        SetUp inked = WORDS.withMedium(Medium.DRY);
        assertTrue(ScrapTest.why(inked, sure, true).orElseThrow().contains("ink"));
        Forecast unsure = FORECASTER.forecast(WORDS.withSoak(2), RigEnsemble.fresh());
        assertTrue(ScrapTest.why(WORDS.withSoak(2), unsure, true).orElseThrow().contains("not sure"));
    }

    @Test
    void figuresThatNobodyMeasuredMakeItLessSure() {
        Doubt usual = new Doubt(6, 0.12, 0.3, 0.25);
        Forecast labelled = FORECASTER.forecast(WORDS, RigEnsemble.fresh());
        Forecast doubted = FORECASTER.forecast(WORDS, RigEnsemble.around(usual));
        assertTrue(doubted.dose().high() / doubted.dose().low()
                > labelled.dose().high() / labelled.dose().low());
        assertEquals(Doubt.OF_LABELS, new Doubt(0, 0, 0, 0), "nothing is surer than a label");
        assertEquals(0.12, usual.openingMm(), "what is less sure stays so");
    }
}
