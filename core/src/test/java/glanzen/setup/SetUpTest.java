package glanzen.setup;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.Crafts;
import glanzen.finding.Finding;
import glanzen.finding.Weight;
import glanzen.heat.HeatPlan;
import glanzen.kit.Pace;
import glanzen.layout.FirstLayout;
import glanzen.layout.Fixing;
import glanzen.layout.FlipAxis;
import glanzen.layout.PlatformPose;
import glanzen.measure.BadInput;
import glanzen.pull.HeatPlans;
import glanzen.route.Heating;
import glanzen.route.Route;
import glanzen.rules.Rules;
import glanzen.stack.Stack;
import glanzen.steps.RunSheet;
import glanzen.steps.Step;
import glanzen.steps.Step.Kind;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SetUpTest {

    private static SetUp started(Route route) {
        return Crafts.started(route);
    }

    @ParameterizedTest
    @EnumSource(Route.class)
    void everyRouteStartsFromAStackThatCanBePulled(Route route) {
        List<Finding<SetUp>> findings = Rules.check(started(route), Crafts.SHOP);
        assertTrue(Rules.pullable(findings), findings.toString());
        assertTrue(findings.stream().noneMatch(f -> f.weight() == Weight.WARN), findings.toString());
    }

    @ParameterizedTest
    @EnumSource(Route.class)
    void everyRouteLeadsFromACoolBenchToTheLogbook(Route route) {
        List<Kind> kinds =
                RunSheet.steps(started(route)).stream().map(Step::kind).toList();
        assertEquals(Kind.PREPARE, kinds.get(0));
        assertEquals(Kind.LOOK, kinds.get(kinds.size() - 1));
        assertTrue(kinds.contains(Kind.PASS));
        assertEquals(started(route).heated(), kinds.contains(Kind.HEAT_UP));
        if (route.heated()) {
            assertTrue(kinds.indexOf(Kind.REDOCK) > kinds.lastIndexOf(Kind.PASS));
            assertTrue(kinds.indexOf(Kind.SOAK) > kinds.indexOf(Kind.HEAT_UP));
        }
    }

    @Test
    void thereAndBackIsTwoPasses() {
        List<Step> steps = RunSheet.steps(started(Route.HOT_PLATE).withFeed(Pace.STEADY, 2));
        List<String> passes =
                steps.stream().filter(s -> s.kind() == Kind.PASS).map(Step::say).toList();
        assertEquals(List.of("One steady pass through the press", "And back again, just as steady"), passes);
        String in = RunSheet.steps(started(Route.RIBBON)).stream()
                .filter(s -> s.kind() == Kind.PASS)
                .findFirst()
                .orElseThrow()
                .say();
        assertTrue(in.contains("never thread the roll through"), in);
    }

    @Test
    void burnsAreCautionedWhereThingsAreHotAndNowhereElse() {
        for (Step step : RunSheet.steps(started(Route.HOT_PLATE))) {
            boolean hot = List.of(Kind.HEAT_UP, Kind.PLACE, Kind.SOAK, Kind.LAY, Kind.HOLD, Kind.REDOCK)
                    .contains(step.kind());
            assertEquals(hot, step.cautions().stream().anyMatch(c -> c.contains("burn")), step.say());
        }
    }

    @Test
    void preflightAsksForWhatThisPullNeeds() {
        assertTrue(RunSheet.preflight(started(Route.RIBBON)).stream().anyMatch(l -> l.contains("taped as one")));
        assertTrue(
                RunSheet.preflight(started(Route.OVER_MEDIA)).stream().anyMatch(l -> l.contains("dry to the touch")));
        assertTrue(RunSheet.preflight(started(Route.HOT_PLATE)).stream().anyMatch(l -> l.contains("plastic")));
    }

    @Test
    void heatSeesTheFilmNowhereAndTheSpacerAsACover() {
        HeatPlan plan = HeatPlans.platform(Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 1, 30), 1);
        assertEquals(List.of(true, false, false, false, true), plan.early());
        assertEquals(0, plan.tool());
        SetUp taped = Bench.setUp(Route.TAPED_PLATE, Bench.WORDS, 0, 30).withSoak(Heating.TOGETHER, 60);
        assertTrue(HeatPlans.platform(taped, 1).early().stream().allMatch(e -> e));
    }

    @Test
    void timeAddsUp() {
        SetUp setUp = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30);
        assertEquals(30 + 12 + 40 / 4.0 + 30, setUp.totalSeconds(), 1e-9);
        assertEquals(
                30 + 12 + 2 * 40 / 8.0 + 4 + 30, setUp.withFeed(Pace.STEADY, 2).totalSeconds(), 1e-9);
    }

    @Test
    void differencesNameWhatWasChangedAndNothingElse() {
        SetUp before = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30);
        assertEquals(List.of(), Difference.between(before, before));
        SetUp after = before.withStack(before.stack().without(4)).withSoak(Heating.COVERED, 45);
        List<Difference> differences = Difference.between(before, after);
        assertEquals(
                List.of("shims", "soak"),
                differences.stream().map(Difference::what).toList());
        assertEquals("{s:45}", differences.get(1).after());
        assertEquals("plastic, spacer", differences.get(0).before());
    }

    @Test
    void absurdSetUpsAreRefusedWithAllThatIsWrong() {
        SetUp good = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30);
        BadInput bad = assertThrows(
                BadInput.class,
                () -> new SetUp(
                        good.route(),
                        good.press(),
                        good.heat(),
                        null,
                        good.stack(),
                        good.pace(),
                        0,
                        false,
                        good.peel(),
                        good.medium(),
                        false,
                        null,
                        90,
                        good.layout()));
        assertEquals(
                List.of("passes", "roomC"),
                bad.problems().stream().map(BadInput.Problem::field).toList());
        BadInput hot =
                assertThrows(BadInput.class, () -> new Heat.OnPlatform(Bench.PLATFORM, 7, Heating.COVERED, -1, 12));
        assertEquals(
                List.of("onPlatform.level", "onPlatform.soakSeconds"),
                hot.problems().stream().map(BadInput.Problem::field).toList());
    }

    @Test
    void stacksMoveAddAndTakeOutWithoutTouchingTheOld() {
        Stack stack = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 1, 30).stack();
        assertEquals(stack, stack.moved(1, 4).moved(4, 1));
        assertEquals(stack, stack.with(2, stack.layers().get(0)).without(2));
        assertEquals(0.30, stack.softBackingMm(), 1e-12);
        assertEquals(7, stack.layers().size());
        assertThrows(BadInput.class, () -> new Stack(List.of()));
    }

    @Test
    void whatIsLaidOutOtherwiseIsADifference() {
        SetUp laid = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30)
                .withLayout(FirstLayout.of(Bench.WORDS, Bench.SMOOTH, Bench.PLATFORM, Bench.CRANK, Fixing.LOOSE));
        SetUp aside = laid.withLayout(laid.layout().withBed(new PlatformPose(20, 0, 1, FlipAxis.SIDEWAYS)));
        assertEquals(
                List.of("on the platform"),
                Difference.between(laid, aside).stream().map(Difference::what).toList());
        assertEquals(
                "{mm:20} right, {mm:0} above the middle, turned 90°, loose",
                Difference.between(laid, aside).get(0).after());
    }
}
