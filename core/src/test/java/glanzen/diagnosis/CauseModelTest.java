package glanzen.diagnosis;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.Crafts;
import glanzen.artwork.ArtworkShelf;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.learning.Fault;
import glanzen.learning.Observation;
import glanzen.learning.Observation.Amount;
import glanzen.learning.Observation.Outcome;
import glanzen.pull.PullModel;
import glanzen.route.Route;
import glanzen.route.Standard;
import glanzen.setup.SetUp;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Test;

/** Pulls that are simulated for each cause look as the craft says they look. */
class CauseModelTest {

    private static final Forecaster FORECASTER = new Forecaster(new ArtworkShelf());
    private static final SetUp WORDS = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 1, 30);
    private static final Map<Cause, List<Signs>> PULLS = pulls(WORDS);

    private static Map<Cause, List<Signs>> pulls(SetUp setUp) {
        PullModel model = FORECASTER.model(setUp);
        return new CauseModel(setUp, model, RigEnsemble.fresh()).simulate(Cause.on(setUp.route()), 7);
    }

    private static double median(List<Signs> pulls, ToDoubleFunction<Signs> of) {
        double[] sorted = pulls.stream().mapToDouble(of).sorted().toArray();
        return sorted[sorted.length / 2];
    }

    private static double median(Cause cause, ToDoubleFunction<Signs> of) {
        return median(PULLS.get(cause), of);
    }

    @Test
    void whatIsRightIsCoveredAndHoldsItsEdge() {
        assertTrue(median(Cause.AS_SET, Signs::coverage) > 0.98);
        assertTrue(median(Cause.AS_SET, Signs::spillMm) < Standard.FOIL.mostExcessMm());
        assertEquals(0, median(Cause.AS_SET, Signs::gone), 1e-9);
    }

    @Test
    void tooLittleIsBareAndTooMuchGoesPastTheEdge() {
        assertTrue(median(Cause.TOO_LITTLE, Signs::coverage) < 0.95);
        assertTrue(median(Cause.TOO_MUCH, Signs::coverage) > 0.995);
        assertTrue(median(Cause.TOO_MUCH, Signs::spillMm) > median(Cause.AS_SET, Signs::spillMm) + 0.05);
    }

    @Test
    void sidesAndMiddleShowWhereTheyAre() {
        assertTrue(median(Cause.ONE_SIDE, s -> Math.abs(s.onRight())) > 0.1);
        assertTrue(median(Cause.MIDDLE_GIVES, Signs::inMiddle) > 0.1);
        assertTrue(median(Cause.AS_SET, s -> Math.abs(s.onRight())) < 0.02);
    }

    @Test
    void patchesAreOneOrManyAndSpecksAreSmall() {
        assertEquals(1, median(Cause.SPENT, Signs::gonePlaces), 0.6);
        assertTrue(median(Cause.HOT_PEEL, Signs::gonePlaces) > 1.5);
        assertTrue(median(Cause.DUST, Signs::missingMm2) > 0.3);
        assertTrue(median(Cause.DUST, Signs::missingMm2) < 2.5);
    }

    @Test
    void aMovedPlateGhostsAndFilmTheWrongWayUpTakesNowhere() {
        assertTrue(median(Cause.MOVED, Signs::ghostMm) > 0.2);
        assertTrue(median(Cause.AS_SET, Signs::ghostMm) < 0.05);
        assertTrue(median(Cause.REVERSED, Signs::coverage) < Signs.NOTHING);
    }

    @Test
    void theSameSeedMakesTheSamePulls() {
        assertEquals(PULLS, pulls(WORDS));
    }

    @Test
    void cutsAndReliefShowTheirsAsShares() {
        Map<Cause, List<Signs>> cut = pulls(Crafts.started(Route.THIN_CUT));
        assertTrue(median(cut.get(Cause.TOO_LITTLE), Signs::coverage) < 0.9);
        assertTrue(median(cut.get(Cause.BLADE), Signs::specks) >= 1);
        assertTrue(median(cut.get(Cause.BLADE), Signs::coverage) > 0.9, "all but a few nicks");
        Map<Cause, List<Signs>> relief = pulls(Crafts.started(Route.FLAT_FOLDER));
        double cracked = median(relief.get(Cause.STIFF), Signs::spillMm);
        assertTrue(cracked > median(relief.get(Cause.AS_SET), Signs::spillMm), "cracked " + cracked);
    }

    @Test
    void wordsFitARangeOfPullsAndRuleNoneOut() {
        Ticked little = new Ticked(Observation.roughly(Outcome.UNDER, Amount.A_LITTLE, Standard.FOIL), Set.of());
        Signs bit = new Signs(0.93, 0.03, 0, 0, 10, 1, 0.1, 0, 0, 0);
        Signs half = new Signs(0.5, 0.0, 0, 0, 40, 20, 0.4, 0.2, 3, 0);
        Signs over = new Signs(1, 0.5, 0, 0, 0, 0, 0, 0, 0, 0);
        assertEquals(1, little.likely(bit), 1e-9);
        assertTrue(little.likely(half) < 0.3 && little.likely(half) > 0.05);
        assertTrue(little.likely(over) < 0.2 && little.likely(over) > 0.05);
        assertTrue(new Ticked(Observation.roughly(Outcome.CLEAN, Amount.A_LITTLE, Standard.FOIL), Set.of())
                .good(Standard.FOIL));
        assertTrue(!new Ticked(Observation.roughly(Outcome.CLEAN, Amount.A_LITTLE, Standard.FOIL), Set.of(Fault.DULL))
                .good(Standard.FOIL));
    }

    @Test
    void aLookIsLikeliestUnderItself() {
        for (List<Signs> pulls : PULLS.values()) {
            Signs seen = pulls.get(3);
            PULLS.values().forEach(others -> others.forEach(o -> assertTrue(seen.likely(o) <= seen.likely(seen))));
        }
    }
}
