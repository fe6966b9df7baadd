package glanzen.solver;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpSolver;
import glanzen.schedule.Greedy;
import glanzen.schedule.Hours;
import glanzen.schedule.Reordering;
import glanzen.schedule.Schedule;
import glanzen.schedule.Task;
import glanzen.schedule.Task.After;
import glanzen.schedule.Task.Hot;
import glanzen.schedule.Task.On;
import glanzen.schedule.Workload;
import glanzen.schedule.Workshops;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** No plan ends before what hours can hold says, and on work that fills them it says when. */
class ByHoursTest {

    private static final int HOUR = 3600;
    /** So much work that the solver counts itself, a few tenths of a second: the same on every machine, however busy. */
    private static final double STEPS = 0.05;

    private static final List<Hours> TWO = List.of(new Hours(0, HOUR), new Hours(24 * HOUR, 25 * HOUR));

    @BeforeAll
    static void natives() {
        Loader.loadNativeLibraries();
    }

    private static ByHours.Answer answer(Workload work, Schedule plan) {
        CpSolver solver = new CpSolver();
        solver.getParameters().setNumSearchWorkers(1).setMaxDeterministicTime(STEPS);
        return new ByHours(work, plan.cost(work)).solve(solver);
    }

    private static int end(Workload work, Schedule plan) {
        return work.tasks().stream()
                .filter(plan::plans)
                .mapToInt(plan::end)
                .max()
                .orElse(0);
    }

    private static Task task(String id, int minutes, @Nullable On on, @Nullable Hot hot, After... after) {
        return new Task(id, "job", 60 * minutes, on, hot, List.of(after), false, false);
    }

    private static Workload two(int people, Task... tasks) {
        return new Workload(List.of(tasks), Workshops.HEATERS, TWO, people, Map.of(), List.of(), Map.of());
    }

    private static int bound(Workload work) {
        return answer(work, Greedy.plan(work)).endSeconds();
    }

    @ParameterizedTest
    @ValueSource(ints = {6, 15, 30})
    void noPlanEndsBeforeIt(int tasks) {
        for (long seed = 700; seed < 712; seed++) {
            Workload work = Workshops.any(tasks, seed);
            Schedule quick = Greedy.plan(work);
            List<Schedule> plans = new ArrayList<>(List.of(quick));
            int[] steps = {400};
            Reordering.of(work, quick, Reordering.Aim.COST, seed, () -> steps[0]-- <= 0, plans::add);
            for (Schedule plan : plans) {
                int bound = answer(work, plan).endSeconds();
                assertTrue(bound <= end(work, plan), "seed " + seed + ": " + bound + " of " + end(work, plan));
            }
        }
    }

    @Test
    void handsFillTheFirstHoursAndWhatIsOverFallsIntoTheNext() {
        Workload work = two(1, task("a", 35, null, null), task("b", 30, null, null), task("c", 20, null, null));
        assertEquals(24 * HOUR + 30 * 60, bound(work), "35 and 20 minutes fit into the first hour, or 30 and 20");
        assertEquals(40 * 60, bound(two(2, task("a", 40, null, null), task("b", 30, null, null))));
    }

    @Test
    void oneMachineIsNotTwo() {
        On press = new On("press", "", 0);
        Workload work = two(2, task("a", 40, press, null), task("b", 30, press, null));
        assertEquals(24 * HOUR + 30 * 60, bound(work));
    }

    @Test
    void otherBoardsTakeTheirTime() {
        On thick = new On("press", "thick", 5 * 60);
        On thin = new On("press", "thin", 5 * 60);
        assertTrue(bound(two(1, task("a", 30, thick, null), task("b", 28, thick, null))) < 2 * HOUR);
        assertTrue(bound(two(1, task("a", 30, thick, null), task("b", 28, thin, null))) >= 24 * HOUR);
    }

    @Test
    void aHeaterWarmsUpInEachOfTheHoursAndSwapsItsTools() {
        Hot bee = new Hot("platform", 0, "bee");
        Hot words = new Hot("platform", 0, "words");
        assertTrue(bound(two(1, task("a", 54, null, bee))) < 2 * HOUR, "six minutes from cold and then an hour");
        assertTrue(bound(two(1, task("a", 27, null, bee), task("b", 27, null, bee))) < 2 * HOUR);
        assertTrue(bound(two(1, task("a", 27, null, bee), task("b", 27, null, words))) >= 24 * HOUR);
    }

    @Test
    void whatDriesFallsIntoLaterHours() {
        Workload work = two(
                1,
                task("spread", 10, null, null),
                task("foil", 10, null, null, new After("spread", 55 * 60, HOUR * 40)));
        assertTrue(bound(work) >= 24 * HOUR);
        Workload soon = two(
                1, task("spread", 10, null, null), task("foil", 10, null, null, new After("spread", 30 * 60, HOUR)));
        assertTrue(bound(soon) < 2 * HOUR);
    }

    @Test
    void itSaysWhatHadBestBeDoneWhen() {
        Workload work = two(1, task("a", 35, null, null), task("b", 30, null, null), task("c", 25, null, null));
        Map<String, Integer> into = answer(work, Greedy.plan(work)).evenings().orElseThrow();
        Schedule plan = Greedy.plan(work, t -> into.getOrDefault(t.id(), into.size()));
        assertEquals(bound(work), end(work, plan));
    }
}
