package glanzen.solver;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.schedule.Check;
import glanzen.schedule.Cost;
import glanzen.schedule.Greedy;
import glanzen.schedule.Hours;
import glanzen.schedule.Lately;
import glanzen.schedule.Lately.Last;
import glanzen.schedule.Planner.Found;
import glanzen.schedule.Schedule;
import glanzen.schedule.Task;
import glanzen.schedule.Task.Hot;
import glanzen.schedule.Task.On;
import glanzen.schedule.Workload;
import glanzen.schedule.Workshops;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Plans of the solver can be kept, are never worse than the quick one, and on small work are the best there are. */
class CpSatPlannerTest {

    private static final CpSatPlanner PLANNER = new CpSatPlanner();

    private static Found improved(Workload work, double seconds) {
        return PLANNER.improve(work, Greedy.plan(work), seconds, () -> false, found -> {});
    }

    @Test
    void itWorksHere() {
        assertTrue(PLANNER.available());
    }

    @ParameterizedTest
    @ValueSource(ints = {5, 12, 25})
    void everyPlanCanBeKeptAndNoneIsWorseThanTheQuickOne(int tasks) {
        for (long seed = 0; seed < 12; seed++) {
            Workload work = Workshops.any(tasks, seed);
            List<Cost> told = new ArrayList<>();
            Found found = PLANNER.improve(work, Greedy.plan(work), 0.5, () -> false, f -> {
                assertEquals(List.of(), Check.of(work, f.schedule()));
                told.add(f.schedule().cost(work));
            });
            Cost best = found.schedule().cost(work);
            assertEquals(List.of(), Check.of(work, found.schedule()), "seed " + seed);
            assertTrue(best.compareTo(Greedy.plan(work).cost(work)) <= 0, "seed " + seed);
            told.forEach(c -> assertTrue(best.compareTo(c) <= 0));
            assertTrue(found.endBound() <= Schedule.END_STEP * best.endSteps());
        }
    }

    @Test
    void onSmallWorkItEndsAsSoonAsAnyOrderCould() {
        for (long seed = 0; seed < 40; seed++) {
            Workload work = seed % 2 == 0 ? Workshops.small(seed) : inTheMiddle(Workshops.small(seed));
            Found found = improved(work, 3);
            Cost best = bruteForce(work);
            Cost cost = found.schedule().cost(work);
            assertTrue(found.proven(), "seed " + seed + " is not proven");
            assertTrue(cost.asSoon(best), "seed " + seed + ": " + cost + " instead of " + best);
        }
    }

    /** The same where a platform is hot and other boards lie in a press. */
    private static Workload inTheMiddle(Workload work) {
        Task before = new Task(
                "before",
                "job",
                60,
                new On("crank press", "boards 1", 30),
                new Hot("platform", 1, "plate 2"),
                List.of(),
                false,
                false);
        Last last = new Last(before, 0);
        Lately lately = new Lately(Map.of("platform", last), Map.of("crank press", last));
        return new Workload(
                work.tasks(),
                work.heaters(),
                work.hours(),
                work.people(),
                work.due(),
                work.quiet(),
                work.fixed(),
                lately);
    }

    /** Every order of the tasks, each put where it fits first. */
    private static Cost bruteForce(Workload work) {
        List<Schedule> tried = new ArrayList<>();
        orders(work, new ArrayList<>(), new ArrayList<>(work.tasks()), tried);
        return tried.stream().map(s -> s.cost(work)).min(Cost::compareTo).orElseThrow();
    }

    private static void orders(Workload work, List<Task> so, List<Task> left, List<Schedule> tried) {
        if (left.isEmpty()) {
            tried.add(Greedy.inOrder(work, so));
            return;
        }
        for (Task next : List.copyOf(left)) {
            boolean ready = next.after().stream().allMatch(a -> so.stream().anyMatch(t -> t.id().equals(a.task())));
            if (ready) {
                left.remove(next);
                so.add(next);
                orders(work, so, left, tried);
                so.remove(so.size() - 1);
                left.add(next);
            }
        }
    }

    private static Task cold(String id, String job, int seconds) {
        return new Task(id, job, seconds, null, null, List.of(), false, false);
    }

    private static Workload evening(int seconds, Map<String, Integer> due, Task... tasks) {
        return new Workload(List.of(tasks), List.of(), List.of(new Hours(0, seconds)), 1, due, List.of(), Map.of());
    }

    @Test
    void asMuchAsPossibleIsDone() {
        // By length alone one hour is best filled by the second and the third.
        Workload work = evening(
                3600, Map.of(), cold("a", "x", 2400), cold("b", "y", 1900), cold("c", "z", 1700), cold("d", "w", 900));
        Schedule start = new Schedule(Map.of("a", 0, "d", 2400));
        Found found = PLANNER.improve(work, start, 2, () -> false, f -> {});
        assertEquals(Set.of("b", "c"), found.schedule().starts().keySet());
        assertTrue(found.proven());
    }

    @Test
    void whatIsDueComesFirst() {
        Workload work = evening(9000, Map.of("late", 1200), cold("a", "any", 1500), cold("b", "late", 1000));
        Schedule start = new Schedule(Map.of("a", 0, "b", 1500));
        Found found = PLANNER.improve(work, start, 2, () -> false, f -> {});
        assertEquals(0, found.schedule().cost(work).lateSeconds());
    }

    @Test
    void whatNeedsTheSamePlateIsDoneTogether() {
        List<Task> tasks = new ArrayList<>();
        for (int n = 0; n < 6; n++) {
            Hot hot = new Hot("platform", 0, n % 2 == 0 ? "bee" : "words");
            tasks.add(new Task("task " + n, "job", 600, null, hot, List.of(), false, false));
        }
        Workload work =
                new Workload(tasks, Workshops.HEATERS, List.of(new Hours(0, 20_000)), 1, Map.of(), List.of(), Map.of());
        // One after the other, a swap between any two.
        Map<String, Integer> starts = new HashMap<>();
        for (int n = 0; n < 6; n++) {
            starts.put("task " + n, 360 + 640 * n);
        }
        Found found = PLANNER.improve(work, new Schedule(starts), 3, () -> false, f -> {});
        assertEquals(1, found.schedule().cost(work).heatUps());
        assertEquals(1, found.schedule().cost(work).swaps());
    }

    @Test
    void nothingLoudIsPlannedIntoQuietHoursAndWhatIsFixedStays() {
        for (long seed = 0; seed < 10; seed++) {
            Workload any = Workshops.any(10, seed);
            Schedule quick = Greedy.plan(any);
            String held = quick.starts().keySet().stream().sorted().findFirst().orElseThrow();
            Workload work = new Workload(
                    any.tasks(),
                    any.heaters(),
                    any.hours(),
                    any.people(),
                    any.due(),
                    any.quiet(),
                    Map.of(held, quick.starts().get(held)));
            Found found = PLANNER.improve(work, Greedy.plan(work), 0.4, () -> false, f -> {});
            assertEquals(List.of(), Check.of(work, found.schedule()), "seed " + seed);
            assertEquals(quick.starts().get(held), found.schedule().starts().get(held));
        }
    }

    @Test
    void itStopsSoonWhenNobodyWaitsAnyMore() {
        Workload work = Workshops.any(120, 11);
        long until = System.nanoTime() + 600_000_000L;
        PLANNER.improve(work, Greedy.plan(work), 60, () -> System.nanoTime() > until, f -> {});
        assertTrue(System.nanoTime() - until < 20_000_000_000L, "long before its sixty seconds are over");
    }

    @Test
    void itDoesNotBeginWhenNobodyWaits() {
        Workload work = Workshops.any(40, 3);
        Schedule quick = Greedy.plan(work);
        assertEquals(
                quick, PLANNER.improve(work, quick, 30, () -> true, f -> {}).schedule());
    }

    @Test
    void withoutHoursNothingIsPlannedAndNothingFails() {
        Workload over = Workshops.any(8, 5).with(List.of(), 1);
        Found found = improved(over, 0.3);
        assertEquals(Map.of(), found.schedule().starts());
    }
}
