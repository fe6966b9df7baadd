package glanzen.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * All that is to be planned.
 *
 * @param tasks what is to be done
 * @param heaters what is hot meanwhile
 * @param hours when somebody is there, in order, none touching another
 * @param people pairs of hands
 * @param due when each job must be done, by its key, s; a job that is missing may end at any time
 * @param quiet when nothing loud may be done, in order
 * @param fixed tasks that begin at a time that was said by hand, or go on from one, by their keys, s
 * @param lately what is hot and what lies in machines when the first hours begin
 */
public record Workload(
        List<Task> tasks,
        List<Heater> heaters,
        List<Hours> hours,
        int people,
        Map<String, Integer> due,
        List<Hours> quiet,
        Map<String, Integer> fixed,
        Lately lately) {

    /** The same with everything cold and empty at first. */
    public Workload(
            List<Task> tasks,
            List<Heater> heaters,
            List<Hours> hours,
            int people,
            Map<String, Integer> due,
            List<Hours> quiet,
            Map<String, Integer> fixed) {
        this(tasks, heaters, hours, people, due, quiet, fixed, Lately.NOTHING);
    }

    public Workload {
        tasks = List.copyOf(tasks);
        heaters = List.copyOf(heaters);
        hours = hours.stream().sorted(Comparator.comparingInt(Hours::from)).toList();
        quiet = quiet.stream().sorted(Comparator.comparingInt(Hours::from)).toList();
        due = Map.copyOf(due);
        fixed = Map.copyOf(fixed);
    }

    /** Tasks by their keys. */
    public Map<String, Task> byId() {
        Map<String, Task> all = new HashMap<>();
        tasks.forEach(t -> all.put(t.id(), t));
        return all;
    }

    /** A heater by its key. */
    public Heater heater(String id) {
        for (Heater heater : heaters) {
            if (heater.id().equals(id)) {
                return heater;
            }
        }
        throw new IllegalArgumentException("no heater " + id);
    }

    /** When a job is due, s. */
    public int dueSeconds(Task task) {
        return Objects.requireNonNull(due.getOrDefault(task.job(), Task.After.ANY_TIME));
    }

    /** Tasks each after what it waits for; nothing if some wait for each other. */
    public Optional<List<Task>> ordered() {
        List<Task> order = new ArrayList<>();
        Set<String> done = new HashSet<>();
        Set<String> known = byId().keySet();
        List<Task> left = new ArrayList<>(tasks);
        while (!left.isEmpty()) {
            List<Task> ready = left.stream()
                    .filter(t -> t.after().stream().allMatch(a -> done.contains(a.task()) || !known.contains(a.task())))
                    .toList();
            if (ready.isEmpty()) {
                return Optional.empty();
            }
            order.addAll(ready);
            ready.forEach(t -> done.add(t.id()));
            left.removeAll(ready);
        }
        return Optional.of(order);
    }

    /** Whether a time lies in the hours in which what was hot lately is still watched. */
    public boolean first(int at) {
        return !hours.isEmpty()
                && hours.get(0).from() <= at
                && at <= hours.get(0).to();
    }

    /** Quiet hours that a task would be heard in if it began at a time; nothing if it would not. */
    Optional<Hours> disturbs(Task task, int start) {
        if (task.loud()) {
            for (Hours q : quiet) {
                if (q.from() < start + task.seconds() && q.to() > start) {
                    return Optional.of(q);
                }
            }
        }
        return Optional.empty();
    }

    /** The same with other hours and hands. */
    public Workload with(List<Hours> changedHours, int changedPeople) {
        return new Workload(tasks, heaters, changedHours, changedPeople, due, quiet, fixed, lately);
    }

    /** The same with other tasks. */
    public Workload with(List<Task> changed) {
        return new Workload(changed, heaters, hours, people, due, quiet, fixed, lately);
    }
}
