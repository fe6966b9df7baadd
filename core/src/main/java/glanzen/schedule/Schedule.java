package glanzen.schedule;

import glanzen.schedule.Lately.Last;
import glanzen.schedule.Task.Hot;
import glanzen.schedule.Task.On;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * When each task begins.
 *
 * @param starts by the keys of tasks, s; what is missing is not planned
 */
public record Schedule(Map<String, Integer> starts) {

    /** The largest end that is told apart, s: earlier by less is not worth another heat-up. */
    public static final int END_STEP = 300;

    /** Less behind a plan than this nobody minds, s. */
    public static final int NOTICED_SECONDS = 120;

    public Schedule {
        starts = Map.copyOf(starts);
    }

    /** Whether a task is planned. */
    public boolean plans(Task task) {
        return starts.containsKey(task.id());
    }

    /** When it begins, s. */
    public int start(Task task) {
        return Objects.requireNonNull(starts.get(task.id()));
    }

    /** When it is over, s. */
    public int end(Task task) {
        return start(task) + task.seconds();
    }

    /** Planned tasks of a heater, in the order of time. */
    public List<Task> on(Workload work, String heater) {
        return work.tasks().stream()
                .filter(t -> t.hot() != null && t.hot().heater().equals(heater) && plans(t))
                .sorted(Comparator.comparingInt(this::start))
                .toList();
    }

    /**
     * A heater that stays hot from one task to the next.
     *
     * @param heater its key
     * @param from when it is switched on, s
     * @param tasks what is done on it
     * @param to when the last of them is over, s
     * @param lately when what kept it hot before the first of them was over, s; nothing where it is warmed up
     */
    public record Spell(
            String heater,
            int from,
            List<Task> tasks,
            int to,
            @Nullable Integer lately) {}

    /** How often heaters are hot, and from when to when. */
    public List<Spell> spells(Workload work) {
        List<Spell> all = new ArrayList<>();
        for (Heater heater : work.heaters()) {
            List<Task> spell = new ArrayList<>();
            for (Task task : on(work, heater.id())) {
                if (!spell.isEmpty() && !staysHot(work, heater, spell.get(spell.size() - 1), task)) {
                    all.add(spell(work, heater, spell));
                    spell.clear();
                }
                spell.add(task);
            }
            if (!spell.isEmpty()) {
                all.add(spell(work, heater, spell));
            }
        }
        return all;
    }

    private Spell spell(Workload work, Heater heater, List<Task> tasks) {
        Task first = tasks.get(0);
        int warmUp = heater.warmUpSeconds().get(hot(first).setting());
        int to = end(tasks.get(tasks.size() - 1));
        Optional<Last> lately = work.lately().on(heater.id()).filter(l -> stillHot(work, heater, l, first));
        return lately.map(l -> new Spell(heater.id(), l.end(), List.copyOf(tasks), to, l.end()))
                .orElseGet(() -> new Spell(heater.id(), start(first) - warmUp, List.copyOf(tasks), to, null));
    }

    private boolean stillHot(Workload work, Heater heater, Last lately, Task first) {
        return start(first) - lately.end() <= heater.offSeconds() && work.first(end(first));
    }

    /** Whether it need not be warmed up again: somebody is there all the time, and it does not switch itself off. */
    private boolean staysHot(Workload work, Heater heater, Task before, Task after) {
        return start(after) - end(before) <= heater.offSeconds()
                && work.hours().stream().anyMatch(h -> h.from() <= start(before) && end(after) <= h.to());
    }

    private static Hot hot(Task task) {
        return Objects.requireNonNull(task.hot());
    }

    /** What it costs. */
    public Cost cost(Workload work) {
        long left = 0;
        long late = 0;
        long end = 0;
        long risky = 0;
        for (Task task : work.tasks()) {
            if (plans(task)) {
                late += Math.max(0, end(task) - work.dueSeconds(task));
                end = Math.max(end, end(task));
                risky += task.risky() ? start(task) : 0;
            } else {
                left += task.seconds();
            }
        }
        long warm = 0;
        long swaps = 0;
        long idle = 0;
        for (Spell spell : spells(work)) {
            Task first = spell.tasks.get(0);
            if (spell.lately == null) {
                warm++;
            } else {
                Task last = work.lately().on(spell.heater).orElseThrow().task();
                swaps += Heater.changes(hot(last), hot(first)) ? 1 : 0;
                idle += Math.max(0, start(first) - spell.lately);
            }
            for (int i = 1; i < spell.tasks.size(); i++) {
                Task a = spell.tasks.get(i - 1);
                Task b = spell.tasks.get(i);
                swaps += Heater.changes(hot(a), hot(b)) ? 1 : 0;
                idle += Math.max(0, start(b) - end(a));
            }
        }
        return new Cost(
                left,
                late,
                (end + END_STEP - 1) / END_STEP,
                warm,
                swaps,
                laidAnew(work).size(),
                idle,
                risky);
    }

    /** Tasks before which other boards are laid into their machine than lay there before. */
    public Set<Task> laidAnew(Workload work) {
        Map<String, On> last = new HashMap<>();
        work.lately()
                .machines()
                .forEach((m, l) -> last.put(m, Objects.requireNonNull(l.task().on())));
        Set<Task> anew = new LinkedHashSet<>();
        for (Task task : work.tasks().stream()
                .filter(t -> t.on() != null && plans(t))
                .sorted(Comparator.comparingInt(this::start))
                .toList()) {
            On on = Objects.requireNonNull(task.on());
            On before = last.put(on.machine(), on);
            if (before != null && On.changes(before, on)) {
                anew.add(task);
            }
        }
        return anew;
    }

    /** The same with a task begun at a time. */
    Schedule with(Task task, int start) {
        Map<String, Integer> more = new HashMap<>(starts);
        more.put(task.id(), start);
        return new Schedule(more);
    }
}
