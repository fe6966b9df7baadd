package glanzen.schedule;

import glanzen.schedule.Task.After;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/** An end that no plan undercuts that does the same work: of hands, of each machine, and of what waits for what. */
public final class Bound {

    private Bound() {}

    /**
     * @param plan whose work is done; what it leaves is left
     * @return s
     */
    public static int endSeconds(Workload work, Schedule plan) {
        List<Task> done = work.tasks().stream().filter(plan::plans).toList();
        long hands = done.stream().mapToLong(Task::seconds).sum();
        int end = filled(work, (hands + work.people() - 1) / work.people());
        Set<String> machines = new HashSet<>();
        done.stream().map(Task::on).filter(Objects::nonNull).forEach(on -> machines.add(on.machine()));
        for (String machine : machines) {
            long load = done.stream()
                    .filter(t -> t.on(machine))
                    .mapToLong(Task::seconds)
                    .sum();
            end = Math.max(end, filled(work, load));
        }
        return Math.max(end, path(work, done));
    }

    /** When so much can be done at the earliest, if the hours are filled from the first, s. */
    private static int filled(Workload work, long seconds) {
        long left = seconds;
        int end = 0;
        for (Hours h : work.hours()) {
            if (left <= 0) {
                return end;
            }
            end = (int) (h.from() + Math.min(left, h.seconds()));
            left -= h.seconds();
        }
        return end;
    }

    /** When the last could be over if there were hands and machines for all at once, s. */
    private static int path(Workload work, List<Task> done) {
        Map<String, Integer> ends = new HashMap<>();
        int last = 0;
        for (Task t : work.ordered().orElse(List.of())) {
            if (!done.contains(t)) {
                continue;
            }
            int from = t.notBefore();
            for (After a : t.after()) {
                from = Math.max(from, ends.getOrDefault(a.task(), 0) + a.leastSeconds());
            }
            int begin = from;
            int end = work.hours().stream()
                    .filter(h -> Math.max(begin, h.from()) + t.seconds() <= h.to())
                    .mapToInt(h -> Math.max(begin, h.from()) + t.seconds())
                    .findFirst()
                    .orElse(begin + t.seconds());
            ends.put(t.id(), end);
            last = Math.max(last, end);
        }
        return last;
    }
}
