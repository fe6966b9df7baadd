package glanzen.steps;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.Crafts;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import glanzen.steps.DeviceCommand.SwitchOff;
import glanzen.steps.DeviceCommand.SwitchOn;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Many pulls in one run. */
class BatchTest {

    private static final BenchReading CALM =
            new BenchReading(900, false, new BenchReading.HeaterReading(true, 112.0, false, 900), false);

    private static RunState next(Run run, RunState state) {
        return run.act(state, RunAction.NEXT, CALM).state();
    }

    private static RunState until(Run run, RunState from, Step.Kind kind) {
        RunState state = from;
        for (int i = 0; i < 40 && run.step(state).kind() != kind; i++) {
            state = next(run, state);
        }
        assertEquals(kind, run.step(state).kind());
        return state;
    }

    @Test
    void onlyWhatRepeatsIsRepeated() {
        Run run = new Run(Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30));
        RunState first = RunState.begun(3);
        assertEquals(Step.Kind.PREPARE, run.step(first).kind());
        assertFalse(
                run.steps(first).stream().anyMatch(s -> s.kind() == Step.Kind.PEEL),
                "the first is peeled while the second soaks");
        RunState second = next(run, until(run, first, Step.Kind.REDOCK));
        assertEquals(Step.Kind.PLACE, run.step(second).kind());
        assertEquals(2, second.pull());
        assertEquals(1, second.pressed().size());
        Step soak = run.step(next(run, second));
        assertEquals(Step.Kind.SOAK, soak.kind());
        assertTrue(soak.meanwhile().get(0).startsWith("Peel the last one"));
    }

    @Test
    void theLastIsPeeledForItself() {
        Run run = new Run(Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30));
        RunState state = next(run, until(run, RunState.begun(2), Step.Kind.REDOCK));
        state = run.logged(state, true).state();
        assertEquals(1, state.good());
        RunState look = until(run, state, Step.Kind.LOOK);
        assertEquals(look.step(), next(run, look).step(), "it stays until it is logged");
        assertTrue(run.logged(look, true).state().done());
    }

    @Test
    void aRejectIsMadeUpFor() {
        Run run = new Run(Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30));
        RunState look = until(
                run,
                run.logged(next(run, until(run, RunState.begun(2), Step.Kind.REDOCK)), true)
                        .state(),
                Step.Kind.LOOK);
        RunState more = run.logged(look, false).state();
        assertFalse(more.done());
        assertEquals(1, more.rejected());
        assertEquals(3, more.pull());
        assertEquals(Step.Kind.PLACE, run.step(more).kind());
    }

    @Test
    void aPauseSwitchesOffAndBeginsFromCold() {
        Run run = new Run(Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30));
        RunState second = next(run, until(run, RunState.begun(5), Step.Kind.REDOCK));
        Run.Moved paused = run.act(second, RunAction.PAUSE, CALM);
        assertTrue(paused.commands().contains(new SwitchOff()));
        assertEquals(Step.Kind.PREPARE, run.step(paused.state()).kind());
        assertEquals(2, paused.state().pull());
        Run.Moved warmed = run.act(paused.state(), RunAction.NEXT, CALM);
        assertEquals(List.of(new SwitchOn(112)), warmed.commands());
        Run.Moved relit = run.act(next(run, second), RunAction.RELIGHT, CALM);
        assertEquals(Step.Kind.HEAT_UP, run.step(relit.state()).kind());
    }

    /** Whenever pulls are logged, and however they come out: as many good ones as were wanted, and no more. */
    @ParameterizedTest
    @EnumSource(Route.class)
    void itEndsWithWhatWasWanted(Route route) {
        SetUp setUp = Crafts.started(route);
        Run run = new Run(setUp);
        for (long seed = 1; seed <= 20; seed++) {
            Random random = new Random(seed);
            RunState state = RunState.begun(6);
            List<Boolean> logged = new ArrayList<>();
            for (int i = 0; i < 2000 && !state.done(); i++) {
                boolean looking = run.step(state).kind() == Step.Kind.LOOK && state.out();
                if (!state.pressed().isEmpty() && (looking || random.nextInt(6) == 0)) {
                    boolean good = random.nextInt(4) > 0;
                    logged.add(good);
                    state = run.logged(state, good).state();
                } else {
                    state = next(run, state);
                }
            }
            assertTrue(state.done(), route + " ends");
            assertEquals(6, state.good());
            assertTrue(state.pressed().isEmpty(), "none is made too many");
            assertEquals(logged.size(), state.good() + state.rejected(), "every pull is logged once");
        }
    }
}
