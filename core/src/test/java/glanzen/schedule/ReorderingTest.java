package glanzen.schedule;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.schedule.Reordering.Aim;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Other orders make plans that can be kept, each better than the one before, and the same ones every time. */
class ReorderingTest {

    private static BooleanSupplier after(int steps) {
        int[] left = {steps};
        return () -> left[0]-- <= 0;
    }

    private static List<Schedule> found(Workload work, Aim aim, long seed) {
        List<Schedule> all = new ArrayList<>();
        all.add(Greedy.plan(work));
        Reordering.of(work, all.get(0), aim, seed, after(300), all::add);
        return all;
    }

    @ParameterizedTest
    @EnumSource(Aim.class)
    void everyPlanIsBetterThanTheOneBeforeAndCanBeKept(Aim aim) {
        for (long seed = 300; seed < 330; seed++) {
            Workload work = Workshops.any(25, seed);
            List<Schedule> plans = found(work, aim, 1);
            for (int n = 1; n < plans.size(); n++) {
                assertEquals(List.of(), Check.of(work, plans.get(n)), "seed " + seed);
                assertTrue(plans.get(n).cost(work).compareTo(plans.get(n - 1).cost(work)) < 0, "seed " + seed);
            }
            assertEquals(plans, found(work, aim, 1));
        }
    }

    @Test
    void eveningsAreSavedThatTheQuickPlanNeeds() {
        int quick = 0;
        int better = 0;
        for (long seed = 400; seed < 430; seed++) {
            Workload work = Workshops.any(30, seed);
            List<Schedule> plans = found(work, Aim.SPILL, 1);
            quick += evenings(work, plans.get(0));
            better += evenings(work, plans.get(plans.size() - 1));
        }
        assertTrue(better < quick, better + " instead of " + quick);
    }

    private static long evenings(Workload work, Schedule plan) {
        return work.hours().stream()
                .filter(h -> plan.starts().values().stream().anyMatch(s -> s >= h.from()))
                .count();
    }
}
