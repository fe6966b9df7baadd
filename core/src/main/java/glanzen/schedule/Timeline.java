package glanzen.schedule;

import glanzen.schedule.Task.After;
import glanzen.schedule.Task.Hot;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/** What is taken of hands, machines and heaters so far, and where something more fits. */
final class Timeline {

    private final Workload work;
    private final Map<String, Task> byId;
    private final Map<String, Integer> starts = new HashMap<>();
    /** In the order in which they begin. */
    private final List<Task> busy = new ArrayList<>();

    private final Map<String, List<Task>> heated = new HashMap<>();
    private int longest;

    Timeline(Workload work) {
        this.work = work;
        this.byId = work.byId();
        work.heaters().forEach(h -> heated.put(h.id(), new ArrayList<>()));
        work.tasks().stream()
                .filter(t -> work.fixed().containsKey(t.id()))
                .forEach(t -> put(t, work.fixed().get(t.id())));
    }

    Schedule schedule() {
        return new Schedule(starts);
    }

    boolean holds(String task) {
        return starts.containsKey(task);
    }

    void put(Task task, int start) {
        starts.put(task.id(), start);
        busy.add(place(start), task);
        longest = Math.max(longest, task.seconds());
        Hot hot = task.hot();
        if (hot != null) {
            List<Task> on = Objects.requireNonNull(heated.get(hot.heater()));
            on.add(task);
            on.sort(Comparator.comparingInt(this::start));
        }
    }

    /** How many begin no later. */
    private int place(int at) {
        int low = 0;
        int high = busy.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (start(busy.get(middle)) <= at) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private int start(Task task) {
        return Objects.requireNonNull(starts.get(task.id()));
    }

    private int end(Task task) {
        return start(task) + task.seconds();
    }

    /**
     * When it could begin at the earliest; nothing if it fits nowhere, or what it waits for is not planned.
     *
     * @param known a time before which it cannot, s
     */
    OptionalInt earliest(Task task, int known) {
        int from = Math.max(known, task.notBefore());
        int latest = task.notAfter();
        for (After a : task.after()) {
            Task before = byId.get(a.task());
            if (before == null) {
                continue;
            }
            if (!holds(a.task())) {
                return OptionalInt.empty();
            }
            from = Math.max(from, end(before) + a.leastSeconds());
            latest = Math.min(latest, end(before) + a.mostSeconds());
        }
        for (Task later : work.fixed().isEmpty() ? List.<Task>of() : fixedAfter(task)) {
            latest = Math.min(latest, start(later) - task.seconds() - waits(later, task));
        }
        int at = from;
        while (at <= latest) {
            int next = pushed(task, at);
            if (next == at) {
                return OptionalInt.of(at);
            }
            if (next < 0) {
                return OptionalInt.empty();
            }
            at = next;
        }
        return OptionalInt.empty();
    }

    /** What was fixed by hand and waits for a task. */
    private List<Task> fixedAfter(Task task) {
        return busy.stream()
                .filter(b -> work.fixed().containsKey(b.id()))
                .filter(b -> b.after().stream().anyMatch(a -> a.task().equals(task.id())))
                .toList();
    }

    private static int waits(Task later, Task before) {
        return later.after().stream()
                .filter(a -> a.task().equals(before.id()))
                .mapToInt(After::leastSeconds)
                .max()
                .orElse(0);
    }

    /** The same if it can begin then, else a later time that is worth trying; −1 if there is none. */
    private int pushed(Task task, int at) {
        Hours hours = hours(at, task.seconds());
        if (hours == null) {
            return -1;
        }
        int from = Math.max(at, hours.from());
        from = Math.max(from, heat(task, from, hours));
        Optional<Hours> quiet = work.disturbs(task, from);
        if (quiet.isPresent()) {
            return quiet.get().to();
        }
        int hands = 0;
        int free = Integer.MAX_VALUE;
        for (int n = place(from - longest); n < busy.size() && start(busy.get(n)) < from + task.seconds(); n++) {
            Task other = busy.get(n);
            if (end(other) > from) {
                if (other.machines().stream().anyMatch(task.machines()::contains)) {
                    return end(other);
                }
                hands++;
                free = Math.min(free, end(other));
            }
        }
        return hands >= work.people() && crowded(task, from) ? free : from;
    }

    /** Whether at some time all hands are taken. */
    private boolean crowded(Task task, int from) {
        if (work.people() == 1) {
            return true;
        }
        for (Task a : busy) {
            int at = Math.max(from, start(a));
            if (at < from + task.seconds() && end(a) > at) {
                long together =
                        busy.stream().filter(b -> start(b) <= at && end(b) > at).count();
                if (together >= work.people()) {
                    return true;
                }
            }
        }
        return false;
    }

    /** The first hours that have room for something. */
    private @Nullable Hours hours(int at, int seconds) {
        for (Hours h : work.hours()) {
            if (Math.max(at, h.from()) + seconds <= h.to()) {
                return h;
            }
        }
        return null;
    }

    /** When its heater is hot enough for it at the earliest, if it is to begin at a time or later. */
    private int heat(Task task, int at, Hours hours) {
        Hot hot = task.hot();
        if (hot == null) {
            return at;
        }
        Heater heater = work.heater(hot.heater());
        Task before = null;
        Task after = null;
        for (Task on : Objects.requireNonNull(heated.get(hot.heater()))) {
            before = start(on) <= at ? on : before;
            after = after == null && start(on) > at ? on : after;
        }
        int ready = ready(heater, before, task, at, hours);
        boolean inTheWay = after != null && !leaves(heater, task, ready, after);
        return inTheWay ? end(Objects.requireNonNull(after)) : ready;
    }

    private int ready(Heater heater, @Nullable Task before, Task task, int at, Hours hours) {
        Hot hot = Objects.requireNonNull(task.hot());
        int warm = heater.warmUpSeconds().get(hot.setting());
        if (before == null) {
            return Math.max(at, hours.from() + warm);
        }
        int changed = end(before) + heater.between(Objects.requireNonNull(before.hot()), hot);
        boolean watched = hours.from() <= start(before);
        if (watched && Math.max(at, changed) - end(before) <= heater.offSeconds()) {
            return Math.max(at, changed);
        }
        return Math.max(Math.max(at, changed), Math.max(hours.from(), end(before)) + warm);
    }

    /** What a task changes on its heater if it begins at a time: 0 nothing, 1 a tool or a setting, 2 it is heated up anew. */
    int changes(Task task, int at) {
        Hot hot = task.hot();
        if (hot == null) {
            return 0;
        }
        Task before = null;
        for (Task on : Objects.requireNonNull(heated.get(hot.heater()))) {
            before = start(on) < at ? on : before;
        }
        Hours hours = hours(at, task.seconds());
        boolean stays = before != null
                && hours != null
                && hours.from() <= start(before)
                && at - end(before) <= work.heater(hot.heater()).offSeconds();
        return !stays ? 2 : Heater.changes(Objects.requireNonNull(before.hot()), hot) ? 1 : 0;
    }

    /** Whether what is planned next on the heater can still begin. */
    private boolean leaves(Heater heater, Task task, int at, Task after) {
        int gap = start(after) - at - task.seconds();
        Hot next = Objects.requireNonNull(after.hot());
        int between = heater.between(Objects.requireNonNull(task.hot()), next);
        int warm = heater.warmUpSeconds().get(next.setting());
        return gap >= (gap <= heater.offSeconds() ? between : Math.max(between, warm));
    }
}
