package glanzen.evening;

import glanzen.schedule.Greedy;
import glanzen.schedule.Hours;
import glanzen.schedule.Schedule;
import glanzen.schedule.Task;
import glanzen.schedule.Task.After;
import glanzen.schedule.Workload;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What would make possible what does not fit.
 *
 * @param kind what is to be changed
 * @param seconds how much longer, or by when, s; 0 where it is neither
 * @param task key of the task it is about; empty if of none
 * @param cards how many cards fewer; 0 where it is not that
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

    /** All ways for a plan that leaves something; none for one that does not. */
    public static List<WayOut> of(Workload work, Schedule plan, Map<String, Block> blocks) {
        List<Task> left = work.tasks().stream().filter(t -> !plan.plans(t)).toList();
        if (left.isEmpty() || work.hours().isEmpty()) {
            return List.of();
        }
        List<WayOut> ways = new ArrayList<>();
        earlier(work, plan, left).ifPresent(ways::add);
        longer(work).ifPresent(ways::add);
        if (fits(work.with(work.hours(), work.people() + 1))) {
            ways.add(new WayOut(Kind.HELPER, 0, "", 0));
        }
        fewer(left, blocks).forEach((task, cards) -> ways.add(new WayOut(Kind.FEWER, 0, task, cards)));
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

    /** What waits so long for something to dry that the hours are over: by when that should have been begun. */
    private static Optional<WayOut> earlier(Workload work, Schedule plan, List<Task> left) {
        int over = work.hours().get(work.hours().size() - 1).to();
        Map<String, Task> byId = work.byId();
        for (Task t : left) {
            for (After a : t.after()) {
                Task before = byId.get(a.task());
                if (before == null || a.leastSeconds() == 0 || !plan.plans(before)) {
                    continue;
                }
                int latest = over - t.seconds() - a.leastSeconds() - before.seconds();
                if (latest < plan.start(before)) {
                    return Optional.of(new WayOut(Kind.EARLIER, latest, before.id(), 0));
                }
            }
        }
        return Optional.empty();
    }

    /** Cards that would be missing, by some task of each job that is left. */
    private static Map<String, Integer> fewer(List<Task> left, Map<String, Block> blocks) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        Map<String, String> first = new LinkedHashMap<>();
        Map<String, Map<String, Integer>> byTitle = new LinkedHashMap<>();
        for (Task t : left) {
            Block block = blocks.get(t.id());
            if (block != null && !t.risky()) {
                first.putIfAbsent(t.job(), t.id());
                byTitle.computeIfAbsent(t.job(), j -> new LinkedHashMap<>())
                        .merge(block.title(), block.count(), Integer::sum);
            }
        }
        byTitle.forEach((job, titles) -> counts.put(
                first.get(job), titles.values().stream().mapToInt(n -> n).max().orElse(0)));
        return counts;
    }
}
