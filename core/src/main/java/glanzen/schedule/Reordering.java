package glanzen.schedule;

import glanzen.schedule.Task.Hot;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Function;

/**
 * The same work in other orders: a few tasks are moved to another place in the order, and everything is done as early as it can be in
 * it. An order is kept if it is no worse than the one some steps before (late acceptance, Burke and Bykov 2017). What is looked for is
 * first that less spills into the last hours that are used at all.
 */
public final class Reordering {

    /** So many steps back an order is compared with. */
    private static final int MEMORY = 40;

    private static final int MOST_MOVED = 2;
    /** Of so many moves one is of what is done last. */
    private static final int LAST_ONES = 3;
    /** One of so many moves brings together tasks of the same heater. */
    private static final int GATHERED = 3;

    private final Workload work;
    private final Map<String, Integer> places = new HashMap<>();
    private final List<List<Integer>> before = new ArrayList<>();
    private final Random luck;

    /** What an order is looked for by. */
    public enum Aim {
        /** Less spills into the last hours that are used at all: so an evening is saved in the end. */
        SPILL,
        /** All that plans are compared by. */
        COST
    }

    /** How much is left, is late and spills into the last hours, and how late it is done in all. */
    private record Spill(long leftSeconds, long lateSeconds, long lastFrom, long lastSeconds, long hoursBefore)
            implements Comparable<Spill> {

        private static final Comparator<Spill> ORDER = Comparator.comparingLong(Spill::leftSeconds)
                .thenComparingLong(Spill::lateSeconds)
                .thenComparingLong(Spill::lastFrom)
                .thenComparingLong(Spill::lastSeconds)
                .thenComparingLong(Spill::hoursBefore);

        @Override
        public int compareTo(Spill other) {
            return ORDER.compare(this, other);
        }
    }

    private Reordering(Workload work, long seed) {
        this.work = work;
        this.luck = new Random(seed);
        work.tasks().forEach(t -> places.put(t.id(), places.size()));
        work.tasks()
                .forEach(t -> before.add(t.after().stream()
                        .map(a -> places.get(a.task()))
                        .filter(Objects::nonNull)
                        .toList()));
    }

    /**
     * Looks for a better order.
     *
     * @param plan a plan to begin with
     * @param seed several that look at once take each another
     * @param stopped whether to stop looking
     * @param better is told every better plan
     */
    public static void of(
            Workload work, Schedule plan, Aim aim, long seed, BooleanSupplier stopped, Consumer<Schedule> better) {
        if (!work.tasks().isEmpty() && !work.hours().isEmpty()) {
            Reordering reordering = new Reordering(work, seed);
            if (aim == Aim.SPILL) {
                reordering.look(plan, reordering::spill, stopped, better);
            } else {
                reordering.look(plan, p -> p.cost(work), stopped, better);
            }
        }
    }

    private <M extends Comparable<M>> void look(
            Schedule plan, Function<Schedule, M> measure, BooleanSupplier stopped, Consumer<Schedule> better) {
        Cost best = plan.cost(work);
        List<Task> order = order(plan);
        Schedule now = plan;
        M reached = measure.apply(plan);
        M least = reached;
        List<M> memory = new ArrayList<>(Collections.nCopies(MEMORY, reached));
        for (int step = 0; !stopped.getAsBoolean(); step++) {
            Schedule tried = Greedy.inOrder(work, moved(order, now));
            M found = measure.apply(tried);
            if (found.compareTo(reached) <= 0 || found.compareTo(memory.get(step % MEMORY)) <= 0) {
                now = tried;
                order = order(tried);
                reached = found;
                if (found.compareTo(least) < 0) {
                    least = found;
                    best = told(tried, best, better);
                }
            }
            memory.set(step % MEMORY, reached);
        }
    }

    private Cost told(Schedule plan, Cost best, Consumer<Schedule> better) {
        Cost cost = plan.cost(work);
        if (cost.compareTo(best) >= 0 || !Check.of(work, plan).isEmpty()) {
            return best;
        }
        better.accept(plan);
        return cost;
    }

    /** Tasks as a plan begins them, those it leaves last. */
    private List<Task> order(Schedule plan) {
        List<Task> order = new ArrayList<>(work.tasks());
        order.sort(Comparator.comparingInt(t -> plan.starts().getOrDefault(t.id(), Integer.MAX_VALUE)));
        return order;
    }

    private Spill spill(Schedule plan) {
        long left = 0;
        long late = 0;
        long hoursBefore = 0;
        int lastStart = 0;
        for (Task t : work.tasks()) {
            if (!plan.plans(t)) {
                left += t.seconds();
                continue;
            }
            int over = plan.end(t);
            late += Math.max(0, over - work.dueSeconds(t));
            hoursBefore += (long) hoursBefore(plan.start(t)) * t.seconds();
            lastStart = Math.max(lastStart, plan.start(t));
        }
        int lastFrom = lastFrom(lastStart);
        long last = 0;
        for (Task t : work.tasks()) {
            last += plan.plans(t) && plan.start(t) >= lastFrom ? t.seconds() : 0;
        }
        return new Spill(left, late, lastFrom, last, hoursBefore);
    }

    /** How many hours are over when something begins. */
    private int hoursBefore(int start) {
        int before = 0;
        while (before + 1 < work.hours().size() && work.hours().get(before + 1).from() <= start) {
            before++;
        }
        return before;
    }

    /** When the hours begin in which something begins. */
    private int lastFrom(int start) {
        return work.hours().get(hoursBefore(start)).from();
    }

    /** The order of a plan with some tasks elsewhere in it; none before what it waits for. */
    private List<Task> moved(List<Task> now, Schedule plan) {
        List<Task> order = new ArrayList<>(now);
        int moves = 1 + luck.nextInt(MOST_MOVED);
        for (int n = 0; n < moves; n++) {
            if (luck.nextInt(GATHERED) == 0 && gathered(order)) {
                continue;
            }
            int from = luck.nextInt(LAST_ONES) == 0 ? oneOfTheLast(order, plan) : luck.nextInt(order.size());
            Task task = order.remove(from);
            int low = low(order, task);
            order.add(low + luck.nextInt(Math.max(1, high(order, task) - low + 1)), task);
        }
        return order;
    }

    /** The first place that is after all that a task waits for. */
    private int low(List<Task> order, Task task) {
        int low = 0;
        for (int other = 0; other < order.size(); other++) {
            low = waits(task, order.get(other)) ? other + 1 : low;
        }
        return low;
    }

    /** The last place that is before all that waits for a task. */
    private int high(List<Task> order, Task task) {
        for (int other = 0; other < order.size(); other++) {
            if (waits(order.get(other), task)) {
                return other;
            }
        }
        return order.size();
    }

    /** Tasks between two of one heater are done after them, or before, as far as they can be: so it is not hot for nothing. */
    private boolean gathered(List<Task> order) {
        int at = luck.nextInt(order.size());
        Hot hot = order.get(at).hot();
        if (hot == null) {
            return false;
        }
        int next = at + 1;
        while (next < order.size() && !on(order.get(next), hot)) {
            next++;
        }
        if (next == order.size() || next == at + 1) {
            return false;
        }
        Task task = order.remove(next);
        int sooner = Math.max(at + 1, low(order, task));
        order.add(sooner, task);
        for (int cold = sooner - 1; cold > at; cold--) {
            Task between = order.remove(cold);
            order.add(Math.max(cold, Math.min(order.indexOf(task) + 1, high(order, between))), between);
        }
        return true;
    }

    private static boolean on(Task task, Hot hot) {
        return task.hot() != null && task.hot().heater().equals(hot.heater());
    }

    private int oneOfTheLast(List<Task> order, Schedule plan) {
        int from =
                lastFrom(plan.starts().values().stream().mapToInt(s -> s).max().orElse(0));
        int last = (int) order.stream()
                .filter(t -> !plan.plans(t) || plan.start(t) >= from)
                .count();
        return order.size() - 1 - luck.nextInt(Math.max(1, last));
    }

    private boolean waits(Task task, Task other) {
        return before.get(Objects.requireNonNull(places.get(task.id()))).contains(places.get(other.id()));
    }
}
