package glanzen.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.BooleanSupplier;

/**
 * Small moves that cost nothing of what counts more: what is risky comes sooner, and what is hot waits less for its next. One task
 * after another is taken out of the order of a plan and put in elsewhere, as long as a plan gets better by it (forward insertion).
 */
public final class Tidy {

    /** Plans that are tried at most. */
    private static final int MOST = 1200;

    private final Workload work;
    private final BooleanSupplier stopped;
    private Schedule best;
    private List<Task> order;
    private int tried;

    private Tidy(Workload work, Schedule plan, BooleanSupplier stopped) {
        this.work = work;
        this.stopped = stopped;
        this.best = plan;
        this.order = work.tasks().stream()
                .filter(plan::plans)
                .sorted(Comparator.comparingInt(plan::start))
                .toList();
    }

    /**
     * The same plan, tidied.
     *
     * @param stopped whether nobody waits for it any more
     */
    public static Schedule of(Workload work, Schedule plan, BooleanSupplier stopped) {
        Tidy tidy = new Tidy(work, plan, stopped);
        boolean better = true;
        while (better && tidy.goesOn()) {
            better = false;
            for (Task task : tidy.order.stream().filter(Tidy::matters).toList()) {
                better |= tidy.elsewhere(task);
            }
        }
        return tidy.best;
    }

    private static boolean matters(Task task) {
        return task.risky() || task.hot() != null;
    }

    private boolean goesOn() {
        return tried < MOST && !stopped.getAsBoolean();
    }

    /** Tries a task at every place where it could do good, nearest to the beginning first. */
    private boolean elsewhere(Task task) {
        int from = order.indexOf(task);
        List<Task> others = new ArrayList<>(order);
        others.remove(from);
        for (int to = 0; to <= others.size() && goesOn(); to++) {
            if (to == from || !promising(task, from, others, to)) {
                continue;
            }
            List<Task> moved = new ArrayList<>(others);
            moved.add(to, task);
            tried++;
            Schedule plan = Greedy.inOrder(work, moved);
            if (plan.cost(work).compareTo(best.cost(work)) < 0
                    && Check.of(work, plan).isEmpty()) {
                best = plan;
                order = moved;
                return true;
            }
        }
        return false;
    }

    /** Sooner, if it is risky; beside something on the same heater. */
    private static boolean promising(Task task, int from, List<Task> others, int to) {
        boolean sooner = task.risky() && to < from;
        return sooner
                || to > 0 && sameHeat(task, others.get(to - 1))
                || to < others.size() && sameHeat(task, others.get(to));
    }

    private static boolean sameHeat(Task one, Task other) {
        return one.hot() != null
                && other.hot() != null
                && one.hot().heater().equals(other.hot().heater());
    }
}
