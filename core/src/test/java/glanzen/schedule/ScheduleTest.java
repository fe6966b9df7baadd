package glanzen.schedule;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.schedule.Task.After;
import glanzen.schedule.Task.Hot;
import glanzen.schedule.Task.On;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Plans can be kept, and cost what they are said to. */
class ScheduleTest {

    private static final int MINUTE = 60;

    private static Task task(String id, int minutes, Hot hot, After... after) {
        return new Task(id, "job", minutes * MINUTE, null, hot, List.of(after), false, false);
    }

    private static Workload evening(int minutes, Task... tasks) {
        List<Hours> hours = List.of(new Hours(0, minutes * MINUTE));
        return new Workload(List.of(tasks), Workshops.HEATERS, hours, 1, Map.of(), List.of(), Map.of());
    }

    @ParameterizedTest
    @ValueSource(ints = {4, 12, 30, 60})
    void everyQuickPlanCanBeKept(int tasks) {
        for (long seed = 0; seed < 100; seed++) {
            Workload work = Workshops.any(tasks, seed);
            Schedule plan = Greedy.plan(work);
            assertEquals(List.of(), Check.of(work, plan), "seed " + seed);
            assertEquals(plan, Greedy.plan(work), "the same work, the same plan");
        }
    }

    @Test
    void tidyingLeavesLessHotWithNothingOnItAndCostsNothingElse() {
        long idle = 0;
        long tidied = 0;
        for (long seed = 0; seed < 60; seed++) {
            Workload work = Workshops.any(20, seed);
            Schedule plan = Greedy.plan(work);
            Schedule tidy = Tidy.of(work, plan, () -> false);
            assertEquals(List.of(), Check.of(work, tidy), "seed " + seed);
            assertTrue(tidy.cost(work).compareTo(plan.cost(work)) <= 0, "seed " + seed);
            idle += plan.cost(work).idleSeconds();
            tidied += tidy.cost(work).idleSeconds();
            assertEquals(plan, Tidy.of(work, plan, () -> true), "nobody waits for it");
        }
        assertTrue(tidied < 0.9 * idle, tidied + " s instead of " + idle);
    }

    @Test
    void whatIsRiskyComesFirstWhereThatCostsNothing() {
        Task plain = task("plain", 10, null);
        Task scrap = new Task("scrap", "job", 300, null, null, List.of(), false, true);
        Workload work = evening(60, plain, scrap);
        Schedule late = new Schedule(Map.of("plain", 0, "scrap", 10 * MINUTE));
        assertEquals(0, Tidy.of(work, late, () -> false).starts().get("scrap"));
    }

    @Test
    void coldWorkIsDoneWhileThePlatformWarmsUp() {
        Workload work = evening(60, task("pull", 10, new Hot("platform", 0, "bee")), task("cut", 5, null));
        Schedule plan = Greedy.plan(work);
        assertEquals(6 * MINUTE, plan.starts().get("pull"));
        assertEquals(0, plan.starts().get("cut"));
        assertEquals(
                List.of(0), plan.spells(work).stream().map(Schedule.Spell::from).toList());
    }

    @Test
    void whatIsHotStaysHotForWhatFollowsAndAnotherPlateIsSwapped() {
        Workload work = evening(
                60,
                task("bee", 10, new Hot("platform", 0, "bee")),
                task("words", 10, new Hot("platform", 0, "words"), After.of("bee")));
        Schedule plan = Greedy.plan(work);
        assertEquals(16 * MINUTE + 40, plan.starts().get("words"));
        Cost cost = plan.cost(work);
        assertEquals(1, cost.heatUps());
        assertEquals(1, cost.swaps());
        assertEquals(40, cost.idleSeconds());
    }

    @Test
    void otherBoardsAreLaidBetweenAndSeldom() {
        On thick = new On("press", "cutting plate", 30);
        On thin = new On("press", "embossing mat", 30);
        Task cut = new Task("cut", "job", 600, thick, null, List.of(), false, false);
        Task emboss = new Task("emboss", "job", 600, thin, null, List.of(), false, false);
        Task again = new Task("again", "job", 600, thick, null, List.of(), false, false);
        Workload work = evening(60, cut, emboss, again);
        assertEquals(1, Greedy.plan(work).cost(work).boards(), "what lies on the same boards goes through together");
        Schedule late = new Schedule(Map.of("cut", 0, "emboss", 630, "again", 1260));
        assertEquals(List.of(), Check.of(work, late));
        assertEquals(2, late.cost(work).boards());
        assertEquals(
                1, Check.of(work, new Schedule(Map.of("cut", 0, "emboss", 629))).size());
    }

    @Test
    void dryingWaitsWhateverTheHoursAndNothingIsHotOvernight() {
        List<Hours> two = List.of(new Hours(0, 30 * MINUTE), new Hours(600 * MINUTE, 660 * MINUTE));
        Task spread = task("spread", 5, null);
        Task foil = new Task(
                "foil",
                "job",
                20 * MINUTE,
                null,
                new Hot("rollers", 0, ""),
                List.of(new After("spread", 120 * MINUTE, 700 * MINUTE)),
                false,
                false);
        Workload work = new Workload(List.of(spread, foil), Workshops.HEATERS, two, 1, Map.of(), List.of(), Map.of());
        Schedule plan = Greedy.plan(work);
        assertEquals(605 * MINUTE, plan.starts().get("foil"), "warmed up when somebody is there again");
        Workload late = work.with(List.of(
                spread, new Task("foil", "job", 1200, null, null, List.of(new After("spread", 0, 60)), false, false)));
        Schedule tooOld = new Schedule(Map.of("spread", 0, "foil", 30 * MINUTE));
        assertFalse(Check.of(late, tooOld).isEmpty());
    }

    @Test
    void whatDoesNotFitIsLeftWithAllThatWaitsForIt() {
        Workload work =
                evening(30, task("long", 40, null), task("then", 5, null, After.of("long")), task("short", 10, null));
        Schedule plan = Greedy.plan(work);
        assertEquals(Map.of("short", 0), plan.starts());
        assertEquals(45 * MINUTE, plan.cost(work).leftSeconds());
    }

    @Test
    void whatWasFixedByHandStaysAndTheRestGivesWay() {
        Workload free = evening(60, task("a", 10, null), task("b", 10, null));
        Workload fixed = new Workload(
                free.tasks(), free.heaters(), free.hours(), 1, Map.of(), List.of(), Map.of("b", 5 * MINUTE));
        Schedule plan = Greedy.plan(fixed);
        assertEquals(Map.of("b", 5 * MINUTE, "a", 15 * MINUTE), plan.starts());
        assertEquals(List.of(), Check.of(fixed, plan));
    }

    @Test
    void nothingLoudIsDoneInQuietHours() {
        Task motor = new Task("motor", "job", 10 * MINUTE, null, null, List.of(), true, false);
        Task glue = new Task("glue", "job", 10 * MINUTE, null, null, List.of(), false, false);
        Workload work = new Workload(
                List.of(glue, motor),
                List.of(),
                List.of(new Hours(0, 25 * MINUTE), new Hours(100 * MINUTE, 130 * MINUTE)),
                1,
                Map.of(),
                List.of(new Hours(5 * MINUTE, 60 * MINUTE)),
                Map.of());
        Schedule plan = Greedy.plan(work);
        assertEquals(Map.of("glue", 0, "motor", 100 * MINUTE), plan.starts());
        assertFalse(Check.of(work, new Schedule(Map.of("glue", 10 * MINUTE, "motor", 0)))
                .isEmpty());
    }

    @Test
    void aRingIsNoPlan() {
        Workload ring = evening(60, task("a", 5, null, After.of("b")), task("b", 5, null, After.of("a")));
        assertTrue(ring.ordered().isEmpty());
        assertThrows(IllegalArgumentException.class, () -> Greedy.plan(ring));
    }

    @Test
    void theCheckFindsWhateverIsMovedWhereItMustNotBe() {
        int found = 0;
        for (long seed = 0; seed < 60; seed++) {
            Workload work = Workshops.any(12, seed);
            Map<String, Integer> starts = new HashMap<>(Greedy.plan(work).starts());
            String moved = starts.keySet().stream()
                    .sorted()
                    .skip(seed % starts.size())
                    .findFirst()
                    .orElseThrow();
            starts.merge(moved, -7 * MINUTE, Integer::sum);
            found += Check.of(work, new Schedule(starts)).isEmpty() ? 0 : 1;
        }
        assertTrue(found > 50, "only " + found + " of 60 noticed");
    }
}
