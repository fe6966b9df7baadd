package glanzen.evening;

import glanzen.schedule.Greedy;
import glanzen.schedule.Hours;
import glanzen.schedule.Schedule;
import glanzen.schedule.Task;
import glanzen.schedule.Task.After;
import glanzen.schedule.Workload;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A change that would make possible what does not fit. Each was planned before it is offered, and all of it fits then.
 *
 * @param kind what is to be changed
 * @param seconds how much longer, or by when, s; 0 where it is neither
 * @param task key of the task it is about; empty if of none
 * @param cards how many whole cards fewer; 0 where it is not that
 */
public record WayOut(Kind kind, int seconds, String task, int cards) {

    /** What can be changed. */
    public enum Kind {
        /** A second pair of hands. */
        HELPER,
        /** The last hours a little longer. */
        LONGER,
        /** Something that must dry is begun earlier, before anybody wanted to come. */
        EARLIER,
        /** Fewer cards. */
        FEWER
    }

    /** Longer than this nobody stays on, s. */
    private static final int LONGEST_SECONDS = 3 * 3600;

    private static final int STEP_SECONDS = 15 * 60;
    /** So much before it is needed nobody looks for a time to begin, s. */
    private static final int EARLIEST_SECONDS = 12 * 3600;

    /**
     * All ways for a plan that leaves something; none for one that does not.
     *
     * @param work what is still to be done, from now on; what was left out by hand is not in it
     * @param plan how it is planned
     * @param blocks the same in words
     * @param now no earlier can anything be begun, s
     */
    public static List<WayOut> of(Workload work, Schedule plan, Map<String, Block> blocks, int now) {
        List<Task> left = work.tasks().stream().filter(t -> !plan.plans(t)).toList();
        if (left.isEmpty() || work.hours().isEmpty()) {
            return List.of();
        }
        List<WayOut> ways = new ArrayList<>();
        earlier(work, plan, left, now).ifPresent(ways::add);
        longer(work).ifPresent(ways::add);
        if (fits(work.with(work.hours(), work.people() + 1))) {
            ways.add(new WayOut(Kind.HELPER, 0, "", 0));
        }
        ways.addAll(fewer(work, left, blocks));
        return ways;
    }

    private static boolean fits(Workload work) {
        return Greedy.plan(work).cost(work).leftSeconds() == 0;
    }

    private static Optional<WayOut> longer(Workload work) {
        int n = work.hours().size() - 1;
        Hours last = work.hours().get(n);
        for (int more = STEP_SECONDS; more <= LONGEST_SECONDS; more += STEP_SECONDS) {
            List<Hours> hours = new ArrayList<>(work.hours());
            hours.set(n, new Hours(last.from(), last.to() + more));
            if (fits(work.with(hours, work.people()))) {
                return Optional.of(new WayOut(Kind.LONGER, more, "", 0));
            }
        }
        return Optional.empty();
    }

    /** The time by which something that dries too long must be begun so that all fits. */
    private static Optional<WayOut> earlier(Workload work, Schedule plan, List<Task> left, int now) {
        int over = work.hours().get(work.hours().size() - 1).to();
        Map<String, Task> byId = work.byId();
        for (Task t : left) {
            for (After a : t.after()) {
                Task before = byId.get(a.task());
                if (before == null || a.leastSeconds() == 0 || !plan.plans(before)) {
                    continue;
                }
                int latest = Math.min(plan.start(before), over - t.seconds() - a.leastSeconds() - before.seconds());
                for (int at = latest - latest % STEP_SECONDS;
                        at >= now && at > latest - EARLIEST_SECONDS;
                        at -= STEP_SECONDS) {
                    if (fits(begun(work, before, at))) {
                        return Optional.of(new WayOut(Kind.EARLIER, at, before.id(), 0));
                    }
                }
            }
        }
        return Optional.empty();
    }

    /** The same with somebody there for one task at a time of its own. */
    private static Workload begun(Workload work, Task task, int at) {
        List<Hours> hours = Hours.with(work.hours(), new Hours(at, at + task.seconds()));
        Map<String, Integer> fixed = new HashMap<>(work.fixed());
        fixed.put(task.id(), at);
        return new Workload(
                work.tasks(), work.heaters(), hours, work.people(), work.due(), work.quiet(), fixed, work.lately());
    }

    /** The fewest whole cards that each job with something left would have to give up by itself; none where that is all of them. */
    private static List<WayOut> fewer(Workload work, List<Task> left, Map<String, Block> blocks) {
        Map<String, Task> first = new LinkedHashMap<>();
        left.forEach(t -> first.putIfAbsent(t.job(), t));
        List<WayOut> ways = new ArrayList<>();
        first.forEach((job, task) -> {
            Integer cards =
                    blocks.containsKey(task.id()) ? blocks.get(task.id()).cards() : null;
            if (cards == null || cards < 2 || !fits(less(work, job, blocks, cards, cards - 1))) {
                return;
            }
            // By halves: what fits with some cards fewer fits with more of them fewer.
            int low = 1;
            int high = cards - 1;
            while (low < high) {
                int middle = (low + high) / 2;
                if (fits(less(work, job, blocks, cards, middle))) {
                    high = middle;
                } else {
                    low = middle + 1;
                }
            }
            ways.add(new WayOut(Kind.FEWER, 0, task.id(), high));
        });
        return ways;
    }

    /** The same with so many cards of a job fewer: the last stretches of all it goes through are shorter, or gone. */
    private static Workload less(Workload work, String job, Map<String, Block> blocks, int cards, int fewer) {
        Map<String, Integer> room = new HashMap<>();
        for (Block b : blocks.values()) {
            if (b.jobId().equals(job)) {
                room.merge(b.title(), b.count(), Integer::sum);
            }
        }
        room.replaceAll((title, count) -> (int) Math.ceil((double) count * (cards - fewer) / cards));
        // What was done before has taken its share.
        Set<String> known = work.byId().keySet();
        blocks.values().stream()
                .filter(b -> b.jobId().equals(job) && !known.contains(b.task()))
                .forEach(b -> room.merge(b.title(), -b.count(), Integer::sum));
        Map<String, String> lastOf = new HashMap<>();
        Map<String, String> instead = new HashMap<>();
        List<Task> kept = new ArrayList<>();
        for (Task t : work.tasks()) {
            Block b = blocks.get(t.id());
            if (b == null || !b.jobId().equals(job) || t.risky()) {
                kept.add(t);
                continue;
            }
            int here = Math.max(0, Math.min(b.count(), room.getOrDefault(b.title(), 0)));
            room.merge(b.title(), -here, Integer::sum);
            if (here == 0) {
                instead.put(t.id(), lastOf.getOrDefault(b.title(), ""));
            } else {
                lastOf.put(b.title(), t.id());
                kept.add(t.shorter((int) Math.ceil((double) t.seconds() * here / b.count())));
            }
        }
        return work.with(kept.stream().map(t -> t.waiting(instead)).toList());
    }
}
