package glanzen.schedule;

import glanzen.schedule.Lately.Last;
import glanzen.schedule.Schedule.Spell;
import glanzen.schedule.Task.After;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * Tasks of a plan that were begun, and those that are over. One that was begun keeps its hands, its machine and its heater until it is
 * said to be over; a heater is hot until it switches itself off.
 *
 * @param begun when tasks were begun, by their keys, s
 * @param done when tasks were over, by their keys, s
 */
public record Progress(Map<String, Integer> begun, Map<String, Integer> done) {

    /** Whatever was begun takes so much longer at least, s. */
    private static final int LEAST_LEFT_SECONDS = 60;

    public Progress {
        begun = Map.copyOf(begun);
        done = Map.copyOf(done);
    }

    /** Whether a task was begun and is not over. */
    public boolean open(Task task) {
        return begun.containsKey(task.id()) && !done.containsKey(task.id());
    }

    /**
     * Work that is still to be planned at a moment, with the state of hands, machines and heaters.
     *
     * @param all all that was wanted
     * @param plan how it was planned: what it says is being warmed up is taken to be
     * @param now s
     */
    public Workload left(Workload all, Schedule plan, int now) {
        Lately lately = lately(all, plan, now);
        List<Task> open = all.tasks().stream()
                .filter(this::open)
                .sorted(Comparator.comparingInt(this::since))
                .map(t -> rest(t, now))
                .toList();
        Map<String, Integer> held = held(all, open, lately, now);
        List<Hours> hours = all.hours().stream()
                .map(h -> new Hours(Math.max(h.from(), now), h.to()))
                .filter(h -> h.seconds() > 0)
                .toList();
        for (Task t : open) {
            // Whoever has begun something is there until it is over.
            hours = Hours.with(hours, new Hours(now, Objects.requireNonNull(held.get(t.id())) + t.seconds()));
        }
        List<Task> tasks = new ArrayList<>(open);
        all.tasks().stream()
                .filter(t -> !begun.containsKey(t.id()) && !done.containsKey(t.id()))
                .map(this::waiting)
                .forEach(tasks::add);
        Map<String, Integer> fixed = new HashMap<>(all.fixed());
        fixed.keySet().removeAll(done.keySet());
        fixed.values().removeIf(at -> at < now);
        fixed.putAll(held);
        return new Workload(tasks, all.heaters(), hours, all.people(), all.due(), all.quiet(), fixed, lately);
    }

    /** Begun tasks go on at once; where that takes more hands or machines than there are, one after another. */
    private static Map<String, Integer> held(Workload all, List<Task> open, Lately lately, int now) {
        Hours always = new Hours(now, now + After.ANY_TIME);
        Workload only =
                new Workload(open, all.heaters(), List.of(always), all.people(), Map.of(), List.of(), Map.of(), lately);
        return Greedy.inOrder(only, open).starts();
    }

    private int since(Task task) {
        return Objects.requireNonNull(begun.get(task.id()));
    }

    /** The rest of a task that was begun: whoever has begun it knows why, so that it waits for nothing. */
    private Task rest(Task t, int now) {
        return new Task(t.id(), t.job(), restSeconds(t, now), t.on(), t.hot(), List.of(), false, t.risky());
    }

    private int restSeconds(Task t, int now) {
        return Math.max(LEAST_LEFT_SECONDS, since(t) + t.seconds() - now);
    }

    /** A wait for something that is over counts from when it was. */
    private Task waiting(Task t) {
        List<After> after = new ArrayList<>();
        int notBefore = t.notBefore();
        int notAfter = t.notAfter();
        for (After a : t.after()) {
            Integer over = done.get(a.task());
            if (over == null) {
                after.add(a);
            } else {
                notBefore = Math.max(notBefore, over + a.leastSeconds());
                notAfter = Math.min(notAfter, over + a.mostSeconds());
            }
        }
        return new Task(t.id(), t.job(), t.seconds(), t.on(), t.hot(), after, t.loud(), t.risky(), notBefore, notAfter);
    }

    private Lately lately(Workload all, Schedule plan, int now) {
        Map<String, Last> heaters = new HashMap<>();
        Map<String, Last> machines = new HashMap<>();
        Optional<Hours> there = all.hours().stream()
                .filter(h -> h.from() <= now && now < h.to())
                .findFirst();
        there.ifPresent(hours -> {
            for (Task t : all.tasks()) {
                Integer over = done.get(t.id());
                if (over != null && over >= hours.from()) {
                    used(heaters, machines, t, over);
                }
            }
            warming(all, plan, hours, now).forEach(last -> {
                String heater = Objects.requireNonNull(last.task().hot()).heater();
                Last before = heaters.get(heater);
                if (before == null || now - before.end() > all.heater(heater).offSeconds()) {
                    heaters.put(heater, last);
                }
            });
        });
        // Of several that were begun on one thing the first has it; the others come after.
        all.tasks().stream()
                .filter(this::open)
                .sorted(Comparator.comparingInt(this::since).reversed())
                .forEach(t -> used(heaters, machines, t, Math.max(now, since(t))));
        return new Lately(heaters, machines);
    }

    private static void used(Map<String, Last> heaters, Map<String, Last> machines, Task t, int end) {
        if (t.hot() != null) {
            heaters.merge(t.hot().heater(), new Last(t, end), Progress::later);
        }
        if (t.on() != null) {
            machines.merge(t.on().machine(), new Last(t, end), Progress::later);
        }
    }

    private static Last later(Last one, Last other) {
        return other.end() >= one.end() ? other : one;
    }

    /** Heaters that were to be switched on by now, for a first task that was not begun. */
    private List<Last> warming(Workload all, Schedule plan, Hours there, int now) {
        Workload ahead = all.with(all.tasks().stream()
                .filter(t -> !begun.containsKey(t.id()) && !done.containsKey(t.id()))
                .toList());
        List<Last> warming = new ArrayList<>();
        for (Spell spell : plan.spells(ahead)) {
            Task first = spell.tasks().get(0);
            int hot = plan.start(first);
            boolean on = there.from() <= spell.from() && spell.from() <= now;
            if (on && now <= hot + all.heater(spell.heater()).offSeconds()) {
                warming.add(new Last(first, hot));
            }
        }
        return warming;
    }

    /**
     * The same work as it was lived so far: what is over took as long as it did, what was begun takes until it is planned to be over.
     *
     * @param plannedFrom when the plan was made, s
     */
    public Workload lived(Workload all, Schedule plan, int plannedFrom) {
        Schedule shown = shown(all, plan);
        return all.with(all.tasks().stream()
                .map(t -> {
                    if (!shown.plans(t) || !begun.containsKey(t.id()) && !done.containsKey(t.id())) {
                        return t;
                    }
                    Integer over = done.get(t.id());
                    int end = over != null ? over : plan.start(t) + restSeconds(t, plannedFrom);
                    return t.shorter(Math.max(1, end - shown.start(t)));
                })
                .toList());
    }

    /** The plan with everything where it really was. */
    public Schedule shown(Workload all, Schedule plan) {
        Map<String, Integer> starts = new HashMap<>(plan.starts());
        for (Task t : all.tasks()) {
            Integer at = starts.get(t.id());
            Integer over = done.get(t.id());
            if (begun.containsKey(t.id())) {
                starts.replace(t.id(), since(t));
            } else if (over != null && at != null && (at >= over || at < over - t.seconds())) {
                starts.put(t.id(), over - t.seconds());
            }
        }
        return new Schedule(starts);
    }
}
