package glanzen.schedule;

import glanzen.schedule.Task.After;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalInt;
import java.util.PriorityQueue;
import java.util.TreeMap;
import java.util.function.ToIntFunction;

/**
 * A plan at once: one task after another is put where it fits first, by several rules of what comes next, and the best plan is kept
 * (serial schedule generation, Kolisch 1996).
 */
public final class Greedy {

    /** Which of the tasks that could be begun is. */
    private enum Rule {
        /** What has most before it, waits included. */
        LONGEST_TAIL,
        /** What can begin first. */
        SOONEST,
        /** What can begin soon and changes little of what is hot: a change counts as some minutes. */
        KEEPS_HOT,
        /** The same, if changes count as many minutes. */
        KEEPS_HOT_LONG,
        /** As they were thought of. */
        AS_LISTED
    }

    private static final int CHANGE_SECONDS = 10 * 60;

    private final Workload work;
    private final Map<String, Long> tails = new HashMap<>();
    private final Map<String, Integer> places = new HashMap<>();

    private Greedy(Workload work) {
        this.work = work;
        List<Task> order = work.ordered().orElseThrow(() -> new IllegalArgumentException("tasks wait for each other"));
        for (int n = order.size() - 1; n >= 0; n--) {
            tail(order.get(n));
        }
        work.tasks().forEach(t -> places.put(t.id(), places.size()));
    }

    private void tail(Task task) {
        long own = tails.getOrDefault(task.id(), 0L) + task.seconds();
        tails.put(task.id(), own);
        for (After a : task.after()) {
            tails.merge(a.task(), own + a.leastSeconds(), Math::max);
        }
    }

    /**
     * The best of the quick plans.
     *
     * @throws IllegalArgumentException if tasks wait for each other in a ring
     */
    public static Schedule plan(Workload work) {
        return plan(work, task -> 0);
    }

    /**
     * The best of the quick plans in which some tasks have their choice of the time before others.
     *
     * @param turn whose turn it is: lower ones first
     * @throws IllegalArgumentException if tasks wait for each other in a ring
     */
    public static Schedule plan(Workload work, ToIntFunction<Task> turn) {
        Greedy greedy = new Greedy(work);
        Map<Integer, List<Task>> turns = new TreeMap<>();
        work.tasks()
                .forEach(t -> turns.computeIfAbsent(turn.applyAsInt(t), n -> new ArrayList<>())
                        .add(t));
        Schedule best = null;
        for (Rule rule : Rule.values()) {
            Timeline timeline = new Timeline(work);
            turns.values().forEach(some -> greedy.put(timeline, some, rule));
            Schedule tried = timeline.schedule();
            best = best == null || tried.cost(work).compareTo(best.cost(work)) < 0 ? tried : best;
        }
        return Objects.requireNonNull(best);
    }

    /** Tasks one after another, each where it fits first. */
    public static Schedule inOrder(Workload work, List<Task> order) {
        Timeline timeline = new Timeline(work);
        order.stream()
                .filter(t -> !timeline.holds(t.id()))
                .forEach(t -> timeline.earliest(t, 0).ifPresent(at -> timeline.put(t, at)));
        return timeline.schedule();
    }

    /** The same plan with everything as early as the order it is done in allows; or just the same, if that is no better. */
    public static Schedule pulledForward(Workload work, Schedule plan) {
        List<Task> order = work.tasks().stream()
                .filter(plan::plans)
                .sorted(Comparator.comparingInt(plan::start))
                .toList();
        Schedule forward = inOrder(work, order);
        return forward.cost(work).compareTo(plan.cost(work)) <= 0
                        && Check.of(work, forward).isEmpty()
                ? forward
                : plan;
    }

    private void put(Timeline timeline, List<Task> some, Rule rule) {
        Comparator<Task> byDue = Comparator.comparingInt(work::dueSeconds);
        Comparator<Task> byTail = Comparator.comparingLong(t -> -Objects.requireNonNull(tails.get(t.id())));
        Comparator<Task> byPlace = Comparator.comparingInt(t -> Objects.requireNonNull(places.get(t.id())));
        Comparator<Task> rank = byDue.thenComparing(byTail).thenComparing(byPlace);
        switch (rule) {
            case LONGEST_TAIL -> byRank(timeline, left(timeline, some, rank));
            case AS_LISTED -> byRank(timeline, left(timeline, some, byPlace));
            case KEEPS_HOT -> keepsHot(timeline, CHANGE_SECONDS, left(timeline, some, rank));
            case KEEPS_HOT_LONG -> keepsHot(timeline, 4 * CHANGE_SECONDS, left(timeline, some, rank));
            case SOONEST -> soonest(timeline, left(timeline, some, rank), rank);
        }
    }

    private static List<Task> left(Timeline timeline, List<Task> some, Comparator<Task> rank) {
        return new ArrayList<>(
                some.stream().filter(t -> !timeline.holds(t.id())).sorted(rank).toList());
    }

    /** The first in rank that can be begun at all. */
    private static void byRank(Timeline timeline, List<Task> left) {
        boolean more = true;
        while (more) {
            more = false;
            for (Task task : List.copyOf(left)) {
                OptionalInt at = timeline.earliest(task, 0);
                if (at.isPresent()) {
                    timeline.put(task, at.getAsInt());
                    left.remove(task);
                    more = true;
                    break;
                }
            }
        }
    }

    /** A task and when it could begin as far as is known: never earlier, perhaps later. */
    private record Known(Task task, int at) {}

    private void soonest(Timeline timeline, List<Task> waiting, Comparator<Task> rank) {
        PriorityQueue<Known> known =
                new PriorityQueue<>(Comparator.comparingInt(Known::at).thenComparing(Known::task, rank));
        release(timeline, waiting, known);
        while (!known.isEmpty()) {
            Known next = known.remove();
            OptionalInt at = timeline.earliest(next.task, next.at);
            if (at.isEmpty()) {
                continue;
            }
            if (at.getAsInt() > next.at) {
                known.add(new Known(next.task, at.getAsInt()));
                continue;
            }
            timeline.put(next.task, next.at);
            release(timeline, waiting, known);
        }
    }

    /** @param change what a change of what is hot counts as, s; twice that for a heat-up */
    private static void keepsHot(Timeline timeline, int change, List<Task> left) {
        Map<String, Integer> known = new HashMap<>();
        while (true) {
            Task next = null;
            int at = 0;
            long least = Long.MAX_VALUE;
            for (Task task : left) {
                int soonest = known.getOrDefault(task.id(), 0);
                if (soonest > least) {
                    continue;
                }
                OptionalInt earliest = timeline.earliest(task, soonest);
                if (earliest.isEmpty()) {
                    continue;
                }
                known.put(task.id(), earliest.getAsInt());
                long counts = earliest.getAsInt() + (long) change * timeline.changes(task, earliest.getAsInt());
                if (counts < least) {
                    next = task;
                    at = earliest.getAsInt();
                    least = counts;
                }
            }
            if (next == null) {
                return;
            }
            timeline.put(next, at);
            left.remove(next);
        }
    }

    /** What no longer waits for anything. */
    private void release(Timeline timeline, List<Task> waiting, PriorityQueue<Known> known) {
        waiting.removeIf(t -> {
            boolean free = t.after().stream().allMatch(a -> timeline.holds(a.task()) || !places.containsKey(a.task()));
            if (free) {
                known.add(new Known(t, 0));
            }
            return free;
        });
    }
}
