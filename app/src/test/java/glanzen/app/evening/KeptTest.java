package glanzen.app.evening;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.evening.EveningRequest.BenchHours;
import glanzen.app.evening.EveningRequest.Due;
import glanzen.evening.EveningWork;
import glanzen.measure.BadInput;
import glanzen.schedule.Check;
import glanzen.schedule.Greedy;
import glanzen.schedule.Hours;
import glanzen.schedule.Schedule;
import glanzen.schedule.Task;
import glanzen.schedule.Task.After;
import glanzen.schedule.Workload;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What is still to be planned of an evening, whatever happened so far. */
class KeptTest {

    private static final Instant SEVEN = Instant.parse("2026-06-01T19:00:00Z");

    private static Task task(String id, int seconds, After... after) {
        return new Task(id, "job", seconds, null, null, List.of(after), false, false);
    }

    private static Instant after(int seconds) {
        return SEVEN.plusSeconds(seconds);
    }

    static Kept kept() {
        EveningRequest asked = new EveningRequest(
                List.of("job"),
                List.of(new BenchHours(SEVEN, after(3600)), new BenchHours(after(90_000), after(93_600))),
                1,
                List.of(new BenchHours(after(3000), after(9000))),
                List.of(new Due("job", after(7200))));
        EveningWork work = new EveningWork(
                List.of(
                        task("gel", 600),
                        task("foil", 900, new After("gel", 1800, After.ANY_TIME)),
                        task("glue", 300, After.of("foil"))),
                Map.of(),
                List.of());
        return Kept.of(SEVEN, asked, work, List.of())
                .planned(new Schedule(Map.of("gel", 0, "foil", 2400, "glue", 3300)), 0, 0, false);
    }

    private static Set<String> ids(Workload work) {
        return work.byId().keySet();
    }

    @Test
    void everythingIsCountedFromItsBeginning() {
        Workload work = kept().workload(0);
        assertEquals(Set.of("gel", "foil", "glue"), ids(work));
        assertEquals(List.of(new Hours(0, 3600), new Hours(90_000, 93_600)), work.hours());
        assertEquals(Map.of("job", 7200), work.due());
        assertEquals(List.of(new Hours(3000, 9000)), work.quiet());
        assertEquals(after(2400), kept().at(2400));
    }

    @Test
    void hoursThatAreOverAreNoHours() {
        assertEquals(List.of(new Hours(1200, 3600), new Hours(90_000, 93_600)), kept().hours(1200));
        assertEquals(List.of(new Hours(90_000, 93_600)), kept().hours(5000));
        assertTrue(kept().hours(100_000).isEmpty());
    }

    @Test
    void whatIsDoneIsNotPlannedAndNothingWaitsForItAnyMore() {
        Workload work = kept().done("gel", 700).workload(3000);
        assertEquals(Set.of("foil", "glue"), ids(work));
        assertTrue(work.byId().get("foil").after().isEmpty());
    }

    @Test
    void gelThatWasSpreadMustStillDry() {
        Workload work = kept().done("gel", 700).workload(1000);
        assertEquals(2500, work.byId().get("foil").notBefore());
        Schedule plan = Greedy.plan(work);
        assertEquals(2500, plan.starts().get("foil"), "half an hour after it was really over");
        assertEquals(List.of(), Check.of(work, plan));
        assertFalse(Check.of(work, new Schedule(Map.of("foil", 1000))).isEmpty());
    }

    @Test
    void whatWasBegunTakesWhatIsLeftOfItAndAMinuteAtLeast() {
        assertEquals(
                400, kept().begun("gel", 100).workload(300).byId().get("gel").seconds());
        assertEquals(
                60, kept().begun("gel", 100).workload(5000).byId().get("gel").seconds());
    }

    @Test
    void whatIsLeftOutTakesAllThatWaitsForItWithIt() {
        assertEquals(Set.of("gel"), ids(kept().forbidding(Set.of("foil")).workload(0)));
        assertTrue(ids(kept().forbidding(Set.of("gel")).workload(0)).isEmpty());
    }

    @Test
    void whatWasFixedInThePastOrIsDoneHoldsNoLonger() {
        Map<String, Integer> fixed = new HashMap<>(Map.of("gel", 100, "foil", 2500));
        assertEquals(fixed, kept().fixing(fixed).workload(0).fixed());
        assertEquals(Map.of("foil", 2500), kept().fixing(fixed).workload(1000).fixed());
        assertEquals(
                Map.of("gel", 100),
                kept().fixing(fixed).done("foil", 50).workload(0).fixed());
    }

    @Test
    void thePlanShowsWhatWasBegunWhereItReallyWas() {
        Schedule shown = kept().begun("gel", 250).shown();
        assertEquals(Map.of("gel", 250, "foil", 2400, "glue", 3300), shown.starts());
    }

    @Test
    void aNewPlanKeepsWhatIsOverAndCountsOneMore() {
        Kept again = kept().done("gel", 700).planned(new Schedule(Map.of("foil", 2600, "glue", 3300)), 2500, 0, false);
        assertEquals(Map.of("gel", 0, "foil", 2600, "glue", 3300), again.starts());
        assertEquals(kept().sequence() + 1, again.sequence());
        assertEquals(2500, again.plannedFrom());
        assertEquals(
                Set.of("foil", "glue"),
                again.planOf(again.workload(2500)).starts().keySet());
    }

    @Test
    void hoursAreOneAfterTheOtherAndSomebodyIsThere() {
        BenchHours first = new BenchHours(SEVEN, after(3600));
        BenchHours second = new BenchHours(after(1800), after(5400));
        assertThrows(
                BadInput.class,
                () -> new EveningRequest(List.of("job"), List.of(first, second), 1, List.of(), List.of()));
        assertThrows(BadInput.class, () -> new EveningRequest(List.of("job"), List.of(first), 0, List.of(), List.of()));
        assertThrows(BadInput.class, () -> new EveningRequest(List.of(), List.of(first), 1, List.of(), List.of()));
        assertThrows(BadInput.class, () -> new BenchHours(after(60), SEVEN));
        EveningRequest turned = new EveningRequest(
                List.of("job", "job"),
                List.of(new BenchHours(after(9000), after(9900)), first),
                1,
                List.of(),
                List.of());
        assertEquals(List.of("job"), turned.jobIds());
        assertFalse(turned.hours().get(0).from().isAfter(turned.hours().get(1).from()));
    }
}
