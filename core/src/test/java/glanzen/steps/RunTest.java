package glanzen.steps;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.Crafts;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import glanzen.steps.BenchReading.HeaterReading;
import glanzen.steps.DeviceCommand.Clear;
import glanzen.steps.DeviceCommand.Dock;
import glanzen.steps.DeviceCommand.Feed;
import glanzen.steps.DeviceCommand.SwitchOn;
import glanzen.steps.Run.Moved;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A run from the first instruction to the last, whatever is done. */
class RunTest {

    private static final BenchReading CALM =
            new BenchReading(900, false, new HeaterReading(true, 112.0, false, 900), false);

    private static final RunState BEGUN = RunState.begun(1);

    private static RunState at(Run run, Step.Kind kind) {
        List<Step.Kind> kinds = run.steps(BEGUN).stream().map(Step::kind).toList();
        return BEGUN.at(kinds.indexOf(kind));
    }

    @ParameterizedTest
    @EnumSource(Route.class)
    void itComesToItsEndAndLeavesNothingOnTheBench(Route route) {
        SetUp setUp = Crafts.started(route);
        Run run = new Run(setUp);
        List<DeviceCommand> all = new ArrayList<>();
        RunState state = BEGUN;
        for (int i = 1; i < run.steps(BEGUN).size(); i++) {
            Moved moved = run.act(state, RunAction.NEXT, CALM);
            assertEquals(i, moved.state().step());
            all.addAll(moved.commands());
            state = moved.state();
        }
        assertEquals(
                run.steps(BEGUN).size() - 1,
                run.act(state, RunAction.NEXT, CALM).state().step(),
                "it stays at the end");
        assertEquals(setUp.passes(), all.stream().filter(Feed.class::isInstance).count());
        assertEquals(
                setUp.passes(), all.stream().filter(Clear.class::isInstance).count());
        assertEquals(setUp.heated(), all.stream().anyMatch(SwitchOn.class::isInstance));
        assertEquals(route.heated(), all.indexOf(new Dock(false)) < all.indexOf(new Dock(true)), all + "");
    }

    @Test
    void theSoakIsTakenAsItReallyWas() {
        Run run = new Run(Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30));
        RunState soaking = at(run, Step.Kind.SOAK);
        RunState soaked = run.act(soaking, RunAction.NEXT, new BenchReading(47.4, false, null, false))
                .state();
        assertEquals(47, Bench.soak(run.pulled(soaked)));
        RunState sped = run.act(soaking, RunAction.NEXT, new BenchReading(900, true, null, false))
                .state();
        assertEquals(30, Bench.soak(run.pulled(sped)), "sped-up time is for trying things out");
    }

    @Test
    void rollersHaveBeenOnAsLongAsTheirHeatTells() {
        SetUp toner =
                Crafts.started(Route.TONER, Crafts.LAMINATOR, Crafts.tool(Route.TONER), Crafts.stock(Route.TONER));
        Run run = new Run(toner);
        BenchReading early = new BenchReading(5, true, new HeaterReading(true, 90.0, false, 400), false);
        RunState state =
                run.act(at(run, Step.Kind.HEAT_UP), RunAction.NEXT, early).state();
        assertEquals(90, run.pulled(state).setPointC(), 0.5);
    }

    @Test
    void rollersThatNobodyReadsHaveBeenOnSinceTheyWereSwitchedOn() {
        SetUp toner =
                Crafts.started(Route.TONER, Crafts.LAMINATOR, Crafts.tool(Route.TONER), Crafts.stock(Route.TONER));
        Run run = new Run(toner);
        BenchReading hand = new BenchReading(5, false, new HeaterReading(true, null, false, 700), false);
        RunState state =
                run.act(at(run, Step.Kind.HEAT_UP), RunAction.NEXT, hand).state();
        assertEquals(700, run.pulled(state).heat().seconds());
    }

    @Test
    void whatIsCutShortIsSaidOnceAndKeptWithThePull() {
        Run run = new Run(Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30));
        BenchReading early = new BenchReading(1, false, new HeaterReading(true, 21.0, false, 1), false, false, 6);
        for (Step.Kind kind : List.of(Step.Kind.PREPARE, Step.Kind.HEAT_UP, Step.Kind.SOAK, Step.Kind.COOL)) {
            RunState on = at(run, kind);
            RunState asked = run.act(on, RunAction.NEXT, early).state();
            assertEquals(on.step(), asked.step(), kind + " is not left at once");
            assertTrue(run.shortcut(asked, early).isPresent());
            assertTrue(run.shortcut(asked, CALM).isEmpty(), "what was waited for after all is not cut short");
            RunState left = run.act(asked, RunAction.NEXT, early).state();
            assertEquals(on.step() + 1, left.step(), kind + " is left when asked again");
            assertEquals(List.of(kind), run.cut(left).stream().map(Cut::kind).toList());
            assertEquals(List.of(), run.cut(run.act(asked, RunAction.NEXT, CALM).state()));
        }
        RunState soaking =
                run.act(at(run, Step.Kind.SOAK), RunAction.NEXT, early).state();
        RunState soaked = run.act(soaking, RunAction.NEXT, early).state();
        assertEquals("Soaked {s:1} of {s:30}", run.cut(soaked).get(0).says());
        assertEquals(1, run.pulled(soaked).onPlatform().soakSeconds());
        RunState cold = run.act(
                        run.act(at(run, Step.Kind.HEAT_UP), RunAction.NEXT, early)
                                .state(),
                        RunAction.NEXT,
                        early)
                .state();
        assertEquals(91, run.pulled(cold).onPlatform().behindK(), 1e-9);
        BenchReading byHand = new BenchReading(1, false, new HeaterReading(true, null, false, 2), false, true, 0);
        RunState told =
                run.act(at(run, Step.Kind.HEAT_UP), RunAction.NEXT, byHand).state();
        assertTrue(run.cut(run.act(told, RunAction.NEXT, byHand).state()).get(0).untold(), "it teaches nothing");
    }

    @Test
    void nothingIsReversedOutThatDidNotStall() {
        Run run = new Run(Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30));
        for (Step.Kind kind : List.of(Step.Kind.PREPARE, Step.Kind.SOAK, Step.Kind.PASS)) {
            assertThrows(RunRefused.class, () -> run.act(at(run, kind), RunAction.REVERSE_OUT, CALM), kind + "");
        }
        BenchReading byHand = new BenchReading(1, false, null, false, true, 0);
        assertEquals(
                Step.Kind.LAY,
                run.step(run.act(at(run, Step.Kind.PASS), RunAction.REVERSE_OUT, byHand)
                                .state())
                        .kind());
    }

    @Test
    void aStalledStackIsReversedOutAndNothingElse() {
        Run run = new Run(Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30));
        RunState pass = at(run, Step.Kind.PASS);
        BenchReading stalled = new BenchReading(9, false, null, true);
        assertThrows(RunRefused.class, () -> run.act(pass, RunAction.NEXT, stalled));
        Moved out = run.act(pass, RunAction.REVERSE_OUT, stalled);
        assertEquals(Step.Kind.LAY, run.steps(BEGUN).get(out.state().step()).kind());
        assertEquals(List.of(new Clear(), new Dock(true)), out.commands());
    }

    @Test
    void aRunThatWasGivenUpIsOver() {
        Run run = new Run(Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30));
        RunState left = run.act(BEGUN, RunAction.LEAVE, CALM).state();
        assertTrue(left.left());
        assertThrows(RunRefused.class, () -> run.act(left, RunAction.NEXT, CALM));
    }

    @Test
    void backAndRelightGoWhereTheySay() {
        Run run = new Run(Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30));
        assertEquals(0, run.act(BEGUN, RunAction.BACK, CALM).state().step());
        Moved relit = run.act(at(run, Step.Kind.SOAK), RunAction.RELIGHT, CALM);
        assertEquals(List.of(new SwitchOn(112)), relit.commands());
    }
}
