package glanzen.app.evening;

import glanzen.measure.BadInput;
import glanzen.schedule.Bound;
import glanzen.schedule.Check;
import glanzen.schedule.Cost;
import glanzen.schedule.Greedy;
import glanzen.schedule.Schedule;
import glanzen.schedule.Workload;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/** Plans what is left of an evening at once: anew, or as it was and only as much later as it must be. */
final class Planning {

    private Planning() {}

    /** The quick plan from a moment on, s. */
    static Kept anew(Kept kept, int now) {
        int from = Math.max(0, now);
        Workload work = kept.workload(from);
        return planned(kept, from, work, Greedy.plan(work));
    }

    private static Kept planned(Kept kept, int from, Workload work, Schedule plan) {
        return kept.planned(plan, from, Bound.endSeconds(work, plan), false);
    }

    /** The better of two ways of doing the same jobs. */
    static Kept better(List<Kept> ways) {
        return ways.stream().min(Comparator.comparing(Planning::cost)).orElseThrow();
    }

    private static Cost cost(Kept kept) {
        Workload work = kept.workload(kept.plannedFrom());
        return kept.planOf(work).cost(work);
    }

    /**
     * What happened moves what follows: everything stays in its order and comes later or sooner by as much as it must. Only
     * where another order leaves less undone, or less late, or ends clearly sooner, it is planned anew.
     */
    static Kept following(Kept kept, int now) {
        int from = Math.max(0, now);
        Workload work = kept.workload(from);
        Schedule before = kept.planOf(work);
        Schedule moved = Greedy.inOrder(
                work,
                work.tasks().stream()
                        .filter(before::plans)
                        .sorted(Comparator.comparingInt(before::start))
                        .toList());
        Schedule anew = Greedy.plan(work);
        boolean sound = Check.of(work, moved).isEmpty();
        if (!sound && !Check.of(work, anew).isEmpty() && !kept.fixed().isEmpty()) {
            // What happened is stronger than what was put to a time by hand.
            return following(kept.fixing(Map.of()), now);
        }
        return planned(kept, from, work, sound && !pays(anew.cost(work), moved.cost(work)) ? moved : anew);
    }

    private static boolean pays(Cost anew, Cost moved) {
        if (anew.leftSeconds() != moved.leftSeconds()) {
            return anew.leftSeconds() < moved.leftSeconds();
        }
        boolean sooner =
                anew.endSteps() * Schedule.END_STEP + Schedule.NOTICED_SECONDS <= moved.endSteps() * Schedule.END_STEP;
        return anew.lateSeconds() < moved.lateSeconds() || anew.lateSeconds() == moved.lateSeconds() && sooner;
    }

    /** The quick plan with what was put to a time by hand; refused if that cannot be. */
    static Kept byHand(Kept kept, int now) {
        int from = Math.max(0, now);
        Workload work = kept.workload(from);
        Schedule plan = Greedy.plan(work);
        if (!Check.of(work, plan).isEmpty()) {
            throw new BadInput(
                    "at", "does not work: somebody must be there, and what it waits for be over", "another time");
        }
        return planned(kept, from, work, plan);
    }
}
