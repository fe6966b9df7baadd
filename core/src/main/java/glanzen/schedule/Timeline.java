package glanzen.schedule;

import glanzen.schedule.Lately.Last;
import glanzen.schedule.Task.After;
import glanzen.schedule.Task.Hot;
import glanzen.schedule.Task.On;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/** What is taken of hands, machines and heaters so far, and where something more fits. */
final class Timeline {

    /** Before anything that is planned. */
    private static final int BEFORE = Integer.MIN_VALUE;

    private final Workload work;
    private final Map<String, Task> byId;
    private final Map<String, Put> put = new HashMap<>();
    /** In the order in which they begin. */
    private final List<Put> busy = new ArrayList<>();

    private final Map<String, List<Put>> heated = new HashMap<>();
    private final Map<String, List<Put>> through = new HashMap<>();
    private int longest;

    /** A task where it was put. */
    private record Put(Task task, int start, int end) {

        Hot hot() {
            return Objects.requireNonNull(task.hot());
        }

        On on() {
            return Objects.requireNonNull(task.on());
        }
    }

    Timeline(Workload work) {
        this.work = work;
        this.byId = work.byId();
        work.tasks().stream()
                .filter(t -> work.fixed().containsKey(t.id()))
                .forEach(t -> put(t, work.fixed().get(t.id())));
    }

    Schedule schedule() {
        Map<String, Integer> starts = new HashMap<>();
        busy.forEach(b -> starts.put(b.task.id(), b.start));
        return new Schedule(starts);
    }

    boolean holds(String task) {
        return put.containsKey(task);
    }

    void put(Task task, int start) {
        Put it = new Put(task, start, start + task.seconds());
        put.put(task.id(), it);
        insert(busy, it);
        longest = Math.max(longest, task.seconds());
        if (task.hot() != null) {
            insert(heated(task.hot()), it);
        }
        if (task.on() != null) {
            insert(through(task.on()), it);
        }
    }

    private List<Put> heated(Hot hot) {
        return heated.computeIfAbsent(hot.heater(), h -> begunWith(work.lately().on(h)));
    }

    private List<Put> through(On on) {
        return through.computeIfAbsent(
                on.machine(), m -> begunWith(work.lately().through(m)));
    }

    private static List<Put> begunWith(Optional<Last> lately) {
        List<Put> all = new ArrayList<>();
        lately.ifPresent(last -> all.add(new Put(last.task(), BEFORE, last.end())));
        return all;
    }

    private static void insert(List<Put> sorted, Put it) {
        sorted.add(place(sorted, it.start), it);
    }

    /** How many begin no later. */
    private static int place(List<Put> sorted, int at) {
        int low = 0;
        int high = sorted.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (sorted.get(middle).start <= at) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private static @Nullable Put lastBy(List<Put> sorted, int at) {
        int place = place(sorted, at);
        return place == 0 ? null : sorted.get(place - 1);
    }

    private static @Nullable Put firstAfter(List<Put> sorted, int at) {
        int place = place(sorted, at);
        return place == sorted.size() ? null : sorted.get(place);
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
            if (!byId.containsKey(a.task())) {
                continue;
            }
            Put over = put.get(a.task());
            if (over == null) {
                return OptionalInt.empty();
            }
            from = Math.max(from, over.end + a.leastSeconds());
            latest = Math.min(latest, over.end + a.mostSeconds());
        }
        for (Put later : work.fixed().isEmpty() ? List.<Put>of() : fixedAfter(task)) {
            latest = Math.min(latest, later.start - task.seconds() - waits(later.task, task));
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
    private List<Put> fixedAfter(Task task) {
        return busy.stream()
                .filter(b -> work.fixed().containsKey(b.task.id()))
                .filter(b -> b.task.after().stream().anyMatch(a -> a.task().equals(task.id())))
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
        int there = Math.max(at, hours.from());
        int hands = work.people() == 1 ? ownHands(task, there) : someHands(task, there);
        if (hands > there) {
            return hands;
        }
        int from = heat(task, there, hours);
        Optional<Hours> quiet = work.disturbs(task, from);
        if (quiet.isPresent()) {
            return quiet.get().to();
        }
        return machine(task, from);
    }

    /** When one pair of hands is free for long enough. */
    private int ownHands(Task task, int at) {
        int from = at;
        for (int n = place(busy, from - longest); n < busy.size() && busy.get(n).start < from + task.seconds(); n++) {
            from = Math.max(from, busy.get(n).end);
        }
        return from;
    }

    /** The same if at no time all hands are taken, else when the first of those that take them are free again. */
    private int someHands(Task task, int at) {
        int first = place(busy, at - longest);
        for (int n = first; n < busy.size() && busy.get(n).start < at + task.seconds(); n++) {
            int moment = Math.max(at, busy.get(n).start);
            int taken = 0;
            int free = Integer.MAX_VALUE;
            for (int m = first; m < busy.size() && busy.get(m).start <= moment; m++) {
                Put other = busy.get(m);
                if (other.end > moment) {
                    taken++;
                    free = Math.min(free, other.end);
                }
            }
            if (taken >= work.people()) {
                return free;
            }
        }
        return at;
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

    /** The same if its machine is free then and there is time to lay its boards, and those of what follows; else a later time. */
    private int machine(Task task, int at) {
        On on = task.on();
        if (on == null) {
            return at;
        }
        List<Put> all = through(on);
        Put before = lastBy(all, at);
        if (before != null && before.end + before.on().between(on) > at) {
            return before.end + before.on().between(on);
        }
        Put after = firstAfter(all, at);
        boolean inTheWay = after != null && at + task.seconds() + on.between(after.on()) > after.start;
        return inTheWay ? Objects.requireNonNull(after).end : at;
    }

    /** When its heater is hot enough for it at the earliest, if it is to begin at a time or later. */
    private int heat(Task task, int at, Hours hours) {
        Hot hot = task.hot();
        if (hot == null) {
            return at;
        }
        Heater heater = work.heater(hot.heater());
        Put before = lastBy(heated(hot), at);
        Put after = firstAfter(heated(hot), at);
        int ready = ready(heater, before, hot, at, hours);
        boolean inTheWay = after != null && !leaves(heater, task, ready, after);
        return inTheWay ? Objects.requireNonNull(after).end : ready;
    }

    private int ready(Heater heater, @Nullable Put before, Hot hot, int at, Hours hours) {
        int warm = heater.warmUpSeconds().get(hot.setting());
        if (before == null) {
            return Math.max(at, hours.from() + warm);
        }
        int changed = before.end + heater.between(before.hot(), hot);
        if (watched(before, hours) && Math.max(at, changed) - before.end <= heater.offSeconds()) {
            return Math.max(at, changed);
        }
        return Math.max(Math.max(at, changed), Math.max(hours.from(), before.end) + warm);
    }

    /** Whether somebody is there from one task to another in some hours. */
    private boolean watched(Put before, Hours hours) {
        return before.start == BEFORE ? hours.equals(work.hours().get(0)) : hours.from() <= before.start;
    }

    /** Whether what is planned next on the heater can still begin. */
    private static boolean leaves(Heater heater, Task task, int at, Put after) {
        int gap = after.start - at - task.seconds();
        int between = heater.between(Objects.requireNonNull(task.hot()), after.hot());
        int warm = heater.warmUpSeconds().get(after.hot().setting());
        return gap >= (gap <= heater.offSeconds() ? between : Math.max(between, warm));
    }

    /** What is changed for a task if it begins at a time, as {@link Cost#changes} counts. */
    int changes(Task task, int at) {
        return heatChanges(task, at) + boardChanges(task, at);
    }

    private int boardChanges(Task task, int at) {
        On on = task.on();
        Put before = on == null ? null : lastBy(through(on), at - 1);
        return before != null && On.changes(before.on(), Objects.requireNonNull(on)) ? 1 : 0;
    }

    private int heatChanges(Task task, int at) {
        Hot hot = task.hot();
        if (hot == null) {
            return 0;
        }
        Put before = lastBy(heated(hot), at - 1);
        Hours hours = hours(at, task.seconds());
        boolean stays = before != null
                && hours != null
                && watched(before, hours)
                && at - before.end <= work.heater(hot.heater()).offSeconds();
        return !stays
                ? Cost.HEAT_UP
                : Heater.changes(Objects.requireNonNull(before).hot(), hot) ? 1 : 0;
    }
}
