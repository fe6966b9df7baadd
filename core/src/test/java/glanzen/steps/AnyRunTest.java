package glanzen.steps;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Crafts;
import glanzen.route.Route;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import glanzen.steps.BenchReading.HeaterReading;
import glanzen.steps.DeviceCommand.Clear;
import glanzen.steps.DeviceCommand.Feed;
import glanzen.steps.Run.Moved;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A run in which anything is done at any time: nothing is counted twice or lost, and from everywhere it comes to its end. */
class AnyRunTest {

    private static final int RUNS = Integer.getInteger("runs", 10);
    private static final int ACTIONS = 60;
    private static final double HOLD = 12;

    private final Random random = new Random(3);

    private BenchReading bench() {
        HeaterReading heater = random.nextInt(4) == 0
                ? null
                : new HeaterReading(
                        random.nextBoolean(),
                        random.nextInt(3) == 0 ? null : 20 + 120 * random.nextDouble(),
                        random.nextInt(8) == 0,
                        4000 * random.nextDouble());
        return new BenchReading(5000 * random.nextDouble(), random.nextInt(4) == 0, heater, random.nextInt(8) == 0);
    }

    private static int logged(RunState s) {
        return s.good() + s.rejected();
    }

    private static void sound(Run run, RunState before, RunState after, BenchReading bench) {
        int steps = run.steps(after).size();
        assertTrue(after.step() >= 0 && after.step() < steps, after + " of " + steps);
        assertTrue(after.pull() >= before.pull(), before + " then " + after);
        int through = after.pressed().size() - before.pressed().size() + logged(after) - logged(before);
        assertTrue(through == 0 || through == 1, before + " then " + after);
        double heated = run.pulled(after).heat().seconds();
        assertTrue(heated >= 0 && heated <= Heat.LONGEST_SECONDS + HOLD, heated + " s");
        run.reminders(after, bench).forEach(r -> assertFalse(r.toString().isBlank()));
    }

    /** One more thing done by chance; what is refused changes nothing. */
    private Moved anything(Run run, RunState now, BenchReading bench) {
        RunAction[] all = RunAction.values();
        try {
            return random.nextInt(4) == 0
                    ? run.logged(now, random.nextBoolean())
                    : run.act(now, random.nextBoolean() ? RunAction.NEXT : all[random.nextInt(all.length - 1)], bench);
        } catch (RunRefused said) {
            assertFalse(said.getMessage().isBlank());
            return new Moved(now, List.of());
        }
    }

    @ParameterizedTest
    @EnumSource(Route.class)
    void whateverIsDoneItCanBeFinished(Route route) {
        SetUp setUp = Crafts.started(route);
        Run run = new Run(setUp);
        for (int n = 0; n < RUNS; n++) {
            RunState state = RunState.begun(1 + random.nextInt(4));
            for (int i = 0; i < ACTIONS; i++) {
                BenchReading bench = bench();
                Moved moved = anything(run, state, bench);
                sound(run, state, moved.state(), bench);
                state = moved.state();
            }
            finish(run, state);
        }
    }

    /** Goes on as one should from wherever it stands. */
    private static void finish(Run run, RunState from) {
        BenchReading calm = new BenchReading(30, false, null, false);
        RunState state = from;
        int fed = 0;
        int most = 40 * (state.wanted() + 1);
        for (int i = 0; i < most && !state.done(); i++) {
            boolean look = run.step(state).kind() == Step.Kind.LOOK
                    && (!state.pressed().isEmpty() || !state.batch());
            Moved moved =
                    look || state.pressed().size() > 2 ? run.logged(state, true) : run.act(state, RunAction.NEXT, calm);
            for (DeviceCommand command : moved.commands()) {
                fed += command instanceof Feed ? 1 : command instanceof Clear ? -1 : 0;
                assertTrue(fed <= 1, "fed while it is being fed");
            }
            state = moved.state();
        }
        assertTrue(state.done(), from + " came to " + state);
    }
}
