package glanzen.evening;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.gluing.Building.CardStep;
import glanzen.plan.Job;
import glanzen.plan.JobPiece;
import glanzen.schedule.Check;
import glanzen.schedule.Greedy;
import glanzen.schedule.Hours;
import glanzen.schedule.Schedule;
import glanzen.schedule.Task;
import glanzen.schedule.Workload;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Cards under weights: hands go on with the next ones, and wait only for what is left. */
class AssemblingTest {

    private static CardStep step(double seconds, double waitMinutes) {
        return new CardStep("", "Glue", "", seconds, waitMinutes);
    }

    private static EveningWork work(int cards, OwnPace pace, CardStep... steps) {
        Job job = new Job("Cards", cards, List.of(new JobPiece("Panel", Bench.SMOOTH.id(), 1, 90, 60, List.of())));
        Wanted wanted = new Wanted("job", job, Map.of(), Set.of(), List.of(steps));
        return EveningWork.of(
                List.of(wanted), new Times(new WarmUps(heater -> OptionalDouble.empty()), pace, Bench.KNOWN));
    }

    private static int seconds(EveningWork work) {
        return work.tasks().stream().mapToInt(Task::seconds).sum();
    }

    @Test
    void oneCardWaitsUnderEachWeight() {
        EveningWork work = work(1, OwnPace.USUAL, step(60, 5), step(30, 3), step(10, 0));
        assertEquals(
                List.of(60, 30, 10), work.tasks().stream().map(Task::seconds).toList());
        assertEquals(300, work.tasks().get(1).after().get(0).leastSeconds());
        assertEquals(180, work.tasks().get(2).after().get(0).leastSeconds());
        Workload evening =
                new Workload(work.tasks(), List.of(), List.of(new Hours(0, 3600)), 1, Map.of(), List.of(), Map.of());
        Schedule plan = Greedy.plan(evening);
        assertEquals(List.of(), Check.of(evening, plan));
        assertEquals(580, plan.end(work.tasks().get(2)));
    }

    @Test
    void manyCardsHideTheWeightsOfEachOther() {
        EveningWork work = work(12, OwnPace.USUAL, step(40, 5), step(40, 5), step(40, 0));
        assertEquals(1, work.tasks().size(), "twelve times 40 s are longer than five minutes");
        assertEquals(12 * 120, seconds(work));
    }

    @Test
    void whatIsLeftOfAWeightIsWaitedForAndAWaitThatIsShortIsStoodThrough() {
        EveningWork six = work(6, OwnPace.USUAL, step(40, 5), step(40, 0));
        assertEquals(300 - 5 * 40, six.tasks().get(1).after().get(0).leastSeconds());
        EveningWork eight = work(8, OwnPace.USUAL, step(40, 5), step(40, 0));
        assertEquals(1, eight.tasks().size());
        assertEquals(8 * 80 + 300 - 7 * 40, seconds(eight));
    }

    @Test
    void allCardsArePutTogetherInBatchesThatHandsCanStandFor() {
        for (int cards : new int[] {1, 7, 24, 50, 200}) {
            EveningWork work = work(cards, OwnPace.USUAL, step(50, 5), step(90, 0), step(60, 5), step(10, 0));
            int hands = cards * 210;
            assertTrue(
                    seconds(work) >= hands
                            && seconds(work) <= hands + 60 * work.tasks().size(),
                    cards + " cards");
            work.tasks().forEach(t -> assertTrue(t.seconds() <= 25 * 60 + 60, t.toString()));
        }
    }

    @Test
    void whoeverIsFasterWaitsLonger() {
        OwnPace fast = new OwnPace(Map.of("Assemble", 0.5));
        EveningWork work = work(4, fast, step(40, 5), step(40, 0));
        assertEquals(List.of(80, 80), work.tasks().stream().map(Task::seconds).toList());
        assertEquals(300 - 3 * 20, work.tasks().get(1).after().get(0).leastSeconds());
    }
}
