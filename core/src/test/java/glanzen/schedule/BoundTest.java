package glanzen.schedule;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.schedule.Task.After;
import glanzen.schedule.Task.On;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** No plan ends before the bound, and where hands are never idle it is reached. */
class BoundTest {

    private static Task cold(String id, int seconds, String machine, After... after) {
        On on = machine.isEmpty() ? null : new On(machine, "", 0);
        return new Task(id, "job", seconds, on, null, List.of(after), false, false);
    }

    private static Workload of(int people, List<Hours> hours, Task... tasks) {
        return new Workload(List.of(tasks), List.of(), hours, people, Map.of(), List.of(), Map.of());
    }

    private static int end(Workload work, Schedule plan) {
        return work.tasks().stream()
                .filter(plan::plans)
                .mapToInt(plan::end)
                .max()
                .orElse(0);
    }

    @ParameterizedTest
    @ValueSource(ints = {3, 9, 24, 50})
    void noPlanEndsBeforeIt(int tasks) {
        for (long seed = 100; seed < 160; seed++) {
            Workload work = Workshops.any(tasks, seed);
            Schedule plan = Greedy.plan(work);
            assertTrue(Bound.endSeconds(work, plan) <= end(work, plan), "seed " + seed);
        }
    }

    @Test
    void handsFillTheHoursFromTheFirst() {
        List<Hours> hours = List.of(new Hours(100, 400), new Hours(1000, 1300));
        Workload work = of(1, hours, cold("a", 200, ""), cold("b", 100, ""), cold("c", 150, ""));
        Schedule plan = Greedy.plan(work);
        assertEquals(1150, Bound.endSeconds(work, plan));
        assertEquals(1150, end(work, plan));
    }

    @Test
    void twoPeopleAreTwiceAsFastButAMachineIsNot() {
        List<Hours> hours = List.of(new Hours(0, 10_000));
        Workload apart = of(2, hours, cold("a", 300, ""), cold("b", 300, ""));
        assertEquals(300, Bound.endSeconds(apart, Greedy.plan(apart)));
        Workload press = of(2, hours, cold("a", 300, "press"), cold("b", 300, "press"));
        assertEquals(600, Bound.endSeconds(press, Greedy.plan(press)));
    }

    @Test
    void whatWaitsIsWaitedFor() {
        List<Hours> hours = List.of(new Hours(0, 1000), new Hours(5000, 6000));
        Workload work =
                of(1, hours, cold("gel", 60, ""), cold("foil", 100, "", new After("gel", 2000, After.ANY_TIME)));
        assertEquals(5100, Bound.endSeconds(work, Greedy.plan(work)));
    }

    @Test
    void whatIsLeftDoesNotCount() {
        List<Hours> hours = List.of(new Hours(0, 500));
        Workload work = of(1, hours, cold("short", 100, ""), cold("long", 5000, ""));
        assertEquals(100, Bound.endSeconds(work, Greedy.plan(work)));
    }

    @Test
    void costsAreComparedByTheFirstThatDiffers() {
        Cost best = new Cost(0, 0, 10, 3, 0, 0, 60, 5);
        assertTrue(best.compareTo(new Cost(1, 0, 1, 0, 0, 0, 0, 0)) < 0, "all done comes first");
        assertTrue(best.compareTo(new Cost(0, 1, 1, 0, 0, 0, 0, 0)) < 0, "then being in time");
        assertTrue(best.compareTo(new Cost(0, 0, 11, 0, 0, 0, 0, 0)) < 0, "then the end");
        assertTrue(best.compareTo(new Cost(0, 0, 10, 3, 1, 0, 0, 0)) < 0, "then changes");
        assertTrue(best.compareTo(new Cost(0, 0, 10, 2, 1, 2, 0, 0)) < 0, "a heat-up is worth two of them");
        assertTrue(best.compareTo(new Cost(0, 0, 10, 3, 0, 0, 61, 0)) < 0, "then idle heat");
        assertTrue(best.compareTo(new Cost(0, 0, 10, 3, 0, 0, 60, 6)) < 0, "then risk early");
        assertTrue(best.asSoon(new Cost(0, 0, 10, 9, 0, 0, 9, 9)));
    }
}
