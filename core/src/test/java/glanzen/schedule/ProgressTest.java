package glanzen.schedule;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.schedule.Task.After;
import glanzen.schedule.Task.Hot;
import glanzen.schedule.Task.On;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whatever was begun and done, the rest of a plan keeps to it; second by second, sharing nothing with what plans. */
class ProgressTest {

    private static final Hours EVENING = new Hours(0, 14_400);
    private static final Schedule NO_PLAN = new Schedule(Map.of());

    private static Task foil(String id, int setting, String plate) {
        return new Task(
                id,
                "job",
                600,
                new On("press", "boards", 60),
                new Hot("platform", setting, plate),
                List.of(),
                false,
                false);
    }

    private static Task ink(String id) {
        return new Task(id, "job", 600, null, null, List.of(), false, false);
    }

    private static Workload evening(int people, Task... tasks) {
        return new Workload(List.of(tasks), Workshops.HEATERS, List.of(EVENING), people, Map.of(), List.of(), Map.of());
    }

    private static Schedule rest(Workload all, Progress progress, int now) {
        return Greedy.plan(progress.left(all, NO_PLAN, now));
    }

    private static int at(Schedule plan, String task) {
        Integer at = plan.starts().get(task);
        assertNotNull(at, task);
        return at;
    }

    /** The platform takes 360 s to its first level, 180 s to the other, 40 s for another plate, and stays on for 25 minutes. */
    @ParameterizedTest
    @CsvSource({"0, first, 0", "0, second, 40", "1, first, 180"})
    void whatWasHotIsHotStill(int setting, String plate, int waits) {
        Workload all = evening(1, foil("scrap", 0, "first"), foil("next", setting, plate));
        Progress done = new Progress(Map.of("scrap", 400), Map.of("scrap", 900));
        assertEquals(900 + waits, at(rest(all, done, 900), "next"));
        assertEquals(1200, at(rest(all, done, 1200), "next"), "somebody was slow");
        int cold = all.heaters().get(0).warmUpSeconds().get(setting);
        assertEquals(3000 + cold, at(rest(all, done, 3000), "next"), "it has switched itself off");
    }

    @Test
    void nobodyWatchesItOnceTheyAreGone() {
        Workload all = evening(1, foil("scrap", 0, "first"), foil("next", 0, "first"))
                .with(List.of(new Hours(0, 1000), new Hours(1600, 9000)), 1);
        Progress done = new Progress(Map.of(), Map.of("scrap", 990));
        assertEquals(1600 + 360, at(rest(all, done, 1600), "next"));
    }

    @Test
    void whatIsWarmingUpGoesOn() {
        Workload all = evening(1, ink("ink"), foil("foil", 0, "first"));
        Schedule plan = new Schedule(Map.of("ink", 0, "foil", 600));
        Workload left = new Progress(Map.of("ink", 0), Map.of("ink", 500)).left(all, plan, 500);
        assertEquals(600, at(Greedy.plan(left), "foil"), "switched on at 240 s, as it was planned");
    }

    @Test
    void handsOfWhatWasBegunAreTaken() {
        Workload all = evening(1, ink("ink"), ink("trim"), foil("foil", 0, "first"));
        Schedule plan = rest(all, new Progress(Map.of("ink", 0), Map.of()), 100);
        assertEquals(100, at(plan, "ink"));
        assertTrue(Math.min(at(plan, "trim"), at(plan, "foil")) >= 600);
        Schedule two = rest(evening(2, ink("ink"), ink("trim")), new Progress(Map.of("ink", 0), Map.of()), 100);
        assertEquals(100, at(two, "trim"));
        Schedule both = rest(all, new Progress(Map.of("ink", 0, "trim", 50), Map.of()), 100);
        assertEquals(600, at(both, "trim"), "one pair of hands ends what it began first");
    }

    @Test
    void whatWasBegunBeforeTheHoursIsHeld() {
        Workload all = evening(1, ink("ink"), ink("trim")).with(List.of(new Hours(5000, 9000)), 1);
        Workload left = new Progress(Map.of("ink", 1000), Map.of()).left(all, NO_PLAN, 1200);
        assertEquals(List.of(new Hours(1200, 1600), new Hours(5000, 9000)), left.hours());
        assertEquals(5000, at(Greedy.plan(left), "trim"));
    }

    @Test
    void theEveningIsShownAsItWas() {
        Workload all = evening(1, foil("scrap", 0, "first"), foil("next", 0, "first"));
        Schedule plan = new Schedule(Map.of("scrap", 400, "next", 1000));
        Progress progress = new Progress(Map.of("scrap", 500), Map.of("scrap", 560));
        Workload lived = progress.lived(all, plan, 560);
        Schedule shown = progress.shown(all, plan);
        assertEquals(560, shown.end(lived.byId().get("scrap")));
        assertEquals(440, shown.cost(lived).idleSeconds());
    }

    /** Plans go on from any moment at which some of them is done, some begun, some late, and keep to everything. */
    @Test
    void anyEveningGoesOnFromWhatHappened() {
        for (long seed = 7000; seed < 7300; seed++) {
            Workload all = Workshops.any(4 + (int) (seed % 17), seed);
            Schedule plan = Greedy.plan(all);
            Random luck = new Random(seed);
            int now =
                    all.hours().get(0).from() + luck.nextInt(all.hours().get(0).seconds());
            Progress progress = happened(all, plan, now, luck);
            Workload left = progress.left(all, plan, now);
            Schedule next = Greedy.plan(left);
            assertEquals(List.of(), Check.of(left, next), "seed " + seed);
            holds(all, plan, progress, next, left, now, "seed " + seed);
        }
    }

    private static Progress happened(Workload all, Schedule plan, int now, Random luck) {
        Map<String, Integer> begun = new HashMap<>();
        Map<String, Integer> done = new HashMap<>();
        for (Task t : all.tasks()) {
            if (!plan.plans(t) || plan.start(t) > now || luck.nextInt(8) == 0) {
                continue;
            }
            begun.put(t.id(), plan.start(t));
            int over = plan.end(t) + luck.nextInt(120) - 60;
            if (over > plan.start(t) && over <= now && luck.nextInt(6) > 0) {
                done.put(t.id(), over);
            }
        }
        return new Progress(begun, done);
    }

    /** By its own sums: nobody has three hands, waits hold from when things were really over, machines and heat are as they are. */
    private static void holds(
            Workload all, Schedule plan, Progress progress, Schedule next, Workload left, int now, String seed) {
        Map<String, Task> rest = left.byId();
        for (Task t : all.tasks()) {
            Integer at = next.starts().get(t.id());
            boolean open =
                    progress.begun().containsKey(t.id()) && !progress.done().containsKey(t.id());
            assertTrue(!open || at != null, seed + ": " + t.id() + " was begun and is forgotten");
            if (at == null) {
                continue;
            }
            assertTrue(at >= now, seed);
            for (After a : open ? List.<After>of() : t.after()) {
                Integer over = progress.done().get(a.task());
                int end = over != null
                        ? over
                        : next.starts().get(a.task()) + rest.get(a.task()).seconds();
                assertTrue(at - end >= a.leastSeconds(), seed + ": " + t.id() + " after " + a.task());
            }
            long hands = rest.values().stream()
                    .filter(o -> next.plans(o) && next.start(o) <= at && at < next.end(o))
                    .count();
            assertTrue(hands <= all.people(), seed + ": hands at " + t.id());
            if (t.hot() != null && !open) {
                assertTrue(
                        used(all, progress, next, rest, t, at) || warmed(all, plan, progress, t, at, now),
                        seed + ": " + t.id() + " is begun cold");
            }
        }
    }

    /** Whether something was on its heater that kept it hot. */
    private static boolean used(
            Workload all, Progress progress, Schedule next, Map<String, Task> rest, Task t, int at) {
        return all.tasks().stream().filter(o -> o != t && sameHeater(o, t)).anyMatch(o -> {
            Integer over = progress.done().get(o.id());
            Integer end = over != null ? over : next.plans(o) ? next.end(rest.get(o.id())) : null;
            return end != null && end <= at && at - end <= heater(all, t).offSeconds();
        });
    }

    /** Whether its heater had time to warm up since now, or was to be switched on before. */
    private static boolean warmed(Workload all, Schedule plan, Progress progress, Task t, int at, int now) {
        return at - now >= warm(all, t)
                || all.tasks().stream()
                        .filter(o -> sameHeater(o, t) && plan.plans(o))
                        .filter(o -> !progress.begun().containsKey(o.id()))
                        .anyMatch(o -> plan.start(o) - warm(all, o) <= now && plan.start(o) <= at);
    }

    private static boolean sameHeater(Task one, Task other) {
        return one.hot() != null && one.hot().heater().equals(other.hot().heater());
    }

    private static Heater heater(Workload all, Task t) {
        return all.heater(t.hot().heater());
    }

    private static int warm(Workload all, Task t) {
        return heater(all, t).warmUpSeconds().get(t.hot().setting());
    }
}
