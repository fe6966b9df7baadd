package glanzen.diagnosis;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Crafts;
import glanzen.artwork.ArtworkShelf;
import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.learning.Fault;
import glanzen.learning.Observation;
import glanzen.learning.Observation.Amount;
import glanzen.learning.Observation.Outcome;
import glanzen.pull.PullModel;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Causes on every route, from what a person ticks. */
class EveryRouteDiagnosisTest {

    private static final Forecaster FORECASTER = new Forecaster(new ArtworkShelf());

    private static Diagnosis ticked(Route route, Outcome outcome, Fault... faults) {
        SetUp setUp = Crafts.started(route);
        PullModel model = FORECASTER.model(setUp);
        RigEnsemble ensemble = RigEnsemble.fresh();
        Forecast expected = FORECASTER.forecast(setUp, model, ensemble);
        Observation seen = Observation.roughly(outcome, Amount.A_LITTLE, route.standard());
        Set<Fault> all = Set.of(faults);
        return Diagnosis.of(
                new Diagnosis.Case(setUp, model, ensemble, expected),
                new Diagnosis.Evidence(new Ticked(seen, all), Map.of()));
    }

    @ParameterizedTest
    @CsvSource({
        "THIN_CUT, UNDER, NICKS, BLADE",
        "THIN_CUT, UNDER, MIDDLE, MIDDLE_GIVES",
        "INTRICATE_CUT, UNDER, SECOND_SHEET, SHEETS",
        "THICK_CUT, CLEAN, WRINKLES, BOARD_WORN",
        "FLAT_FOLDER, OVER, CRACKED, STIFF",
        "FLAT_FOLDER, UNDER, ONE_SIDE, ONE_SIDE",
        "TONER, OVER, HAZY, TOO_MUCH",
        "TONER, UNDER, LIFTED, HOT_PEEL",
        "GEL_COLD, OVER, BLOB, NOT_DRY",
        "GEL_HEATED, UNDER, PATCHY, GEL_OLD",
        "FLOCK, UNDER, SPECKS, DUST",
        "REACTIVE_INK, UNDER, SPENT, SPENT",
        "ACETATE, CLEAN, CLOUDY, FILM_ON",
        "OVER_MEDIA, CLEAN, DULL, MEDIUM_OVER",
        "RIBBON, UNDER, GHOST, MOVED"
    })
    void whatIsTickedPointsToItsCause(Route route, Outcome outcome, Fault seen, Cause cause) {
        Diagnosis found = ticked(route, outcome, seen);
        assertEquals(cause, found.causes().get(0).cause(), found.causes().toString());
        assertTrue(
                found.best().remedy().cures(cause) || found.telling().remedy().cures(cause),
                found.best() + " " + found.telling());
    }

    @ParameterizedTest
    @EnumSource(Route.class)
    void onlyWhatCanBeThereIsNamedAskedAndProposed(Route route) {
        Diagnosis found = ticked(route, Outcome.UNDER);
        List<Cause> causes =
                found.causes().stream().map(Diagnosis.Likely::cause).toList();
        assertEquals(Set.copyOf(Cause.on(route)), Set.copyOf(causes));
        assertTrue(found.best().remedy().fits(route));
        assertTrue(found.asking() == null || found.asking().fits(route));
        boolean film = route.film().isPresent();
        assertEquals(film, causes.contains(Cause.DUST), "dust is looked for under a film");
        assertEquals(route.mechanism().cuts(), causes.contains(Cause.BLADE));
        assertEquals(route.wantsGel(), causes.contains(Cause.NOT_DRY));
        for (Cause cause : causes) {
            assertFalse(cause.label(route).contains("%"), cause.label(route));
            assertTrue(Arrays.stream(Remedy.values()).anyMatch(r -> r.cures(cause)), cause + " has a remedy");
        }
        if (!route.heated() && route.rollersC() == 0) {
            assertFalse(Cause.TOO_LITTLE.label(route).contains("heat"), "nothing is heated");
        }
    }

    private static final Map<Cause, Double> MOSTLY_DUST =
            Map.of(Cause.DUST, 0.4, Cause.TOO_LITTLE, 0.3, Cause.ONE_SIDE, 0.3);

    @Test
    void aGoodPullAfterAChangeConfirmsTheCauseAndABadOneDoesNot() {
        Lesson good = Lesson.of(MOSTLY_DUST, Remedy.MORE, true);
        Lesson bad = Lesson.of(MOSTLY_DUST, Remedy.MORE, false);
        assertTrue(good.shares().get(Cause.TOO_LITTLE) > 0.3);
        assertTrue(bad.shares().get(Cause.TOO_LITTLE) < 0.15);
        assertEquals(Cause.ONE_SIDE, bad.cause(), "which stays whatever is given");
        assertTrue(good.says(Route.HOT_PLATE).contains("came out good"));
        assertTrue(bad.says(Route.HOT_PLATE).contains("uneven"), bad.says(Route.HOT_PLATE));
    }

    @Test
    void whatAFailedChangeLeavesIsLikelierNextTime() {
        Map<Cause, Double> usual = Map.of(Cause.DUST, 0.4, Cause.ONE_SIDE, 0.1, Cause.TOO_LITTLE, 0.5);
        Map<Cause, Double> after = Lesson.of(MOSTLY_DUST, Remedy.MORE, false).onwards(usual);
        assertTrue(after.get(Cause.ONE_SIDE) > 0.25, after.toString());
        assertEquals(1, after.values().stream().mapToDouble(d -> d).sum(), 1e-9);
        Map<Cause, Double> cured = Lesson.of(MOSTLY_DUST, Remedy.MORE, true).onwards(usual);
        assertEquals(0.1, cured.get(Cause.ONE_SIDE), 1e-9, "once it is good nothing is carried on");
    }

    @Test
    void everyFaultIsSeenSomewhereAndNamesWhatToDo() {
        Stream.of(Fault.values()).forEach(f -> {
            assertFalse(f.routes().isEmpty(), f + " can be seen nowhere");
            assertFalse(f.next().isBlank());
        });
    }
}
