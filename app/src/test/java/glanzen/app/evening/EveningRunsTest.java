package glanzen.app.evening;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.evening.EveningRequest.BenchHours;
import glanzen.app.run.RunTold;
import glanzen.app.run.RunTold.What;
import glanzen.evening.Block;
import glanzen.evening.EveningWork;
import glanzen.schedule.Schedule;
import glanzen.schedule.Task;
import glanzen.schedule.Task.After;
import glanzen.steps.Cycle;
import glanzen.steps.Cycle.Stretch;
import glanzen.steps.Round;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Runs say where the evening stands, and what follows moves with it. */
class EveningRunsTest {

    private static final Instant SEVEN = Instant.parse("2026-06-01T19:00:00Z");

    private final Map<String, Block> blocks = new HashMap<>();

    private Task task(String id, String setUp, int count, After... after) {
        blocks.put(
                id, new Block(id, "job", "Job", id, count, 600, setUp, 600, setUp, null, List.of(), null, 4, 1, count));
        return new Task(id, "job", 600, null, null, List.of(after), false, false);
    }

    private Kept kept() {
        List<Task> tasks = List.of(
                task("first", "foil", 12),
                task("second", "foil", 12, After.of("first")),
                task("cut", "die", 24, After.of("second")));
        EveningRequest asked = new EveningRequest(
                List.of("job"), List.of(new BenchHours(SEVEN, SEVEN.plusSeconds(7200))), 1, List.of(), List.of());
        return Kept.of(SEVEN, asked, new EveningWork(tasks, blocks, List.of()), List.of())
                .planned(new Schedule(Map.of("first", 0, "second", 600, "cut", 1200)), 0, 0, false);
    }

    private static RunTold told(String setUp, int good, What what) {
        return new RunTold("run", setUp, false, good, what);
    }

    @Test
    void aRunGoesThroughOneStretchAfterAnother() {
        Kept begun = EveningRuns.heard(kept(), told("foil", 0, What.BEGUN), 60);
        assertEquals(Map.of("first", 60), begun.begun());
        Kept some = EveningRuns.heard(begun, told("", 11, What.PULLED), 500);
        assertSame(begun, some);
        Kept next = EveningRuns.heard(some, told("", 12, What.PULLED), 700);
        assertEquals(Map.of("first", 700), next.done());
        assertEquals(Map.of("first", 60, "second", 700), next.begun());
        Kept over = EveningRuns.heard(next, told("", 24, What.OVER), 1500);
        assertEquals(Map.of("first", 700, "second", 1500), over.done());
        assertTrue(over.runs().isEmpty());
        assertFalse(over.begun().containsKey("cut"));
    }

    @Test
    void warmingUpIsNotCountedAsWork() {
        Block first = new Block(
                "first",
                "job",
                "Job",
                "first",
                12,
                600,
                "foil",
                600,
                "foil",
                new Round(Cycle.of(List.of(new Stretch(80, true)), List.of(), 0, 3), null),
                List.of(),
                null,
                4,
                1,
                12);
        Kept begun = EveningRuns.heard(keptOf(first), told("foil", 0, What.BEGUN), 60);
        Kept pulled = EveningRuns.heard(begun, told("", 1, What.PULLED), 500);
        assertEquals(Map.of("first", 420), pulled.begun(), "80 s of work before the first pull was out");
        assertEquals(pulled, EveningRuns.heard(pulled, told("", 2, What.PULLED), 580));
    }

    private Kept keptOf(Block block) {
        Kept kept = kept();
        Map<String, Block> all = new HashMap<>(blocks);
        all.put(block.task(), block);
        return Kept.of(SEVEN, kept.asked(), new EveningWork(kept.work().tasks(), all, List.of()), List.of())
                .planned(new Schedule(kept.starts()), 0, 0, false);
    }

    @Test
    void whatIsNoneOfItsSetUpsIsNoneOfItsBusiness() {
        Kept kept = kept();
        assertSame(kept, EveningRuns.heard(kept, told("other", 0, What.BEGUN), 60));
        assertSame(kept, EveningRuns.heard(kept, new RunTold("run", "foil", true, 0, What.BEGUN), 60));
        assertSame(kept, EveningRuns.heard(kept, told("", 3, What.PULLED), 60));
        Kept left =
                EveningRuns.heard(EveningRuns.heard(kept, told("foil", 0, What.BEGUN), 60), told("", 2, What.LEFT), 90);
        assertTrue(left.runs().isEmpty() && left.done().isEmpty());
    }

    @Test
    void whatHappensMovesWhatFollowsAndKeepsItsOrder() {
        Kept late = Planning.following(kept().begun("first", 900), 900);
        assertEquals(1500, late.starts().get("second"));
        assertEquals(2100, late.starts().get("cut"));
        Kept early = Planning.following(kept().begun("first", 0).done("first", 300), 300);
        assertEquals(300, early.starts().get("second"));
        assertEquals(900, early.starts().get("cut"));
    }
}
