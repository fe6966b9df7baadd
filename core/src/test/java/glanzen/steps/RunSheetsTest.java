package glanzen.steps;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Crafts;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Pace;
import glanzen.plan.Operation;
import glanzen.route.Medium;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import glanzen.steps.Step.Kind;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What every route tells the hands. */
class RunSheetsTest {

    private static List<Kind> kinds(SetUp s) {
        return RunSheet.steps(s).stream().map(Step::kind).toList();
    }

    @ParameterizedTest
    @EnumSource(Route.class)
    void itBeginsWithLayingReadyAndEndsWithALook(Route route) {
        SetUp s = Crafts.started(route);
        List<Kind> kinds = kinds(s);
        assertEquals(Kind.PREPARE, kinds.get(0));
        assertEquals(Kind.LOOK, kinds.get(kinds.size() - 1));
        assertEquals(s.passes(), kinds.stream().filter(k -> k == Kind.PASS).count());
        assertEquals(s.heated(), kinds.contains(Kind.HEAT_UP));
        assertEquals(s.machine() instanceof HeatedRollers || s.platform().isPresent(), s.heated());
        assertEquals(route.film().isPresent(), kinds.contains(Kind.PEEL));
        assertTrue(RunSheet.preflight(s).size() >= 2);
    }

    @ParameterizedTest
    @EnumSource(Route.class)
    void waitsTakeTimeAndHazardsAreSaid(Route route) {
        for (Step step : RunSheet.steps(Crafts.started(route))) {
            assertFalse(step.say().isBlank() || step.detail().isBlank(), step + "");
            if (step.kind() == Kind.PASS) {
                assertTrue(step.seconds() > 0, "a pass takes time");
                assertFalse(step.cautions().isEmpty(), "rollers pull fingers in");
            }
            if (step.kind() == Kind.HEAT_UP) {
                assertFalse(step.cautions().isEmpty(), "what is hot burns");
                assertFalse(step.meanwhile().isEmpty(), "a wait is used");
            }
        }
    }

    @Test
    void theStackIsTurnedBetweenPassesOnlyIfItIsToBe() {
        SetUp twice = Crafts.started(Route.THIN_CUT).withFeed(Pace.SLOW, 2);
        assertFalse(kinds(twice).contains(Kind.TURN));
        List<Kind> turned = kinds(twice.withTurned(true));
        assertEquals(turned.lastIndexOf(Kind.PASS) - 1, turned.indexOf(Kind.TURN));
        assertFalse(kinds(twice.withFeed(Pace.SLOW, 1).withTurned(true)).contains(Kind.TURN));
    }

    @Test
    void inkKeysForAMinuteAndAnInkedPlateIsInked() {
        Step key = RunSheet.steps(Crafts.started(Route.REACTIVE_INK)).stream()
                .filter(s -> s.kind() == Kind.KEY)
                .findFirst()
                .orElseThrow();
        assertEquals(60, key.seconds(), 1e-9);
        SetUp inked = Crafts.started(Route.COLD_PLATE).withMedium(Medium.ON_PLATE);
        assertTrue(RunSheet.steps(inked).stream().anyMatch(s -> s.say().contains("Ink the relief")));
    }

    @ParameterizedTest
    @EnumSource(Route.class)
    void aJobCanAskForEveryRoute(Route route) {
        assertTrue(
                Arrays.stream(Operation.Kind.values()).anyMatch(k -> k.doneBy(route)),
                route.label() + " belongs to an operation of a job");
    }
}
