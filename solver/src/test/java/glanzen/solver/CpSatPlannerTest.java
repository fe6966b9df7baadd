package glanzen.solver;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.schedule.Check;
import glanzen.schedule.Cost;
import glanzen.schedule.Greedy;
import glanzen.schedule.Planner.Found;
import glanzen.schedule.Schedule;
import glanzen.schedule.Task;
import glanzen.schedule.Workload;
import glanzen.schedule.Workshops;
import java.util.ArrayList;
import java.util.List;
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
            Workload work = Workshops.small(seed);
            Found found = improved(work, 3);
            Cost best = bruteForce(work);
            Cost cost = found.schedule().cost(work);
            assertTrue(found.proven(), "seed " + seed + " is not proven");
            assertTrue(cost.asSoon(best), "seed " + seed + ": " + cost + " instead of " + best);
        }
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
}
