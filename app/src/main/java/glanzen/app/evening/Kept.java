package glanzen.app.evening;

import glanzen.evening.EveningWork;
import glanzen.measure.Figures;
import glanzen.schedule.Hours;
import glanzen.schedule.Progress;
import glanzen.schedule.Schedule;
import glanzen.schedule.Task;
import glanzen.schedule.Workload;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/**
 * An evening as it is kept.
 *
 * @param from moment from which seconds are counted
 * @param asked what was asked for
 * @param work what is to be done
 * @param starts the plan: when each task begins, s
 * @param fixed by hand: when some begin, s
 * @param forbidden what is not to be done, by hand
 * @param begun when tasks were really begun, s
 * @param done when they were really over, s
 * @param plannedFrom from when on it was planned, s
 * @param endBound no plan ends earlier, s; 0 where nothing is proven
 * @param proven whether no plan is better
 * @param sequence how often it was changed
 * @param missing what there is not enough of
 * @param runs which runs do which tasks, by the keys of runs
 */
public record Kept(
        Instant from,
        EveningRequest asked,
        EveningWork work,
        Map<String, Integer> starts,
        Map<String, Integer> fixed,
        Set<String> forbidden,
        Map<String, Integer> begun,
        Map<String, Integer> done,
        int plannedFrom,
        int endBound,
        boolean proven,
        int sequence,
        List<Lack> missing,
        Map<String, Running> runs) {

    /**
     * A run that does a task.
     *
     * @param task its key
     * @param before how many good ones the run had made before it
     */
    public record Running(String task, int before) {}

    /** Why something is missing. */
    public enum Why {
        /** There is not enough of it. */
        SHORT,
        /** Gel that has lost its tack. */
        STALE,
        /** It is done in an order that does not work. */
        ORDER,
        /** A machine that was retired. */
        RETIRED,
        /** An operation that no set-up does yet: it is not planned, nor what waits for it. */
        NO_SET_UP,
        /** A set-up that something stops: what it does is not planned either. */
        STOPPED
    }

    /**
     * Something that is missing.
     *
     * @param name its name; of an order, what is wrong with it
     * @param by how much there is too little; 0 where that is not counted
     * @param unit of that
     * @param jobId the job where it is mended, if it is mended in one
     * @param setUpId the set-up where it is mended, if it is mended in one
     */
    public record Lack(
            Why why,
            String name,
            double by,
            String unit,
            @Nullable String jobId,
            @Nullable String setUpId) {

        Lack(Why why, String name, double by, String unit) {
            this(why, name, by, unit, null, null);
        }

        private static final String AREA = "cm²";

        /** In words; its area as a mark. */
        String says() {
            return switch (why) {
                case SHORT -> name + " is short by " + amount();
                case ORDER -> name;
                case NO_SET_UP -> name + " has no set-up yet, so it is not planned";
                case STOPPED -> name + ", so it is not planned";
                case RETIRED -> name + " is retired";
                case STALE -> "the gel of " + name + " has lost its tack and is spread anew";
            };
        }

        private String amount() {
            if (unit.equals(AREA)) {
                return Figures.area(by);
            }
            long count = (long) Math.ceil(by);
            return count + " " + (count == 1 ? unit.replaceAll("s$", "") : unit);
        }
    }

    public Kept {
        // Written before there were these, an evening says nothing of them.
        missing = missing == null ? List.of() : missing;
        runs = runs == null ? Map.of() : runs;
    }

    static Kept of(Instant from, EveningRequest asked, EveningWork work, List<Lack> missing) {
        return new Kept(
                from, asked, work, Map.of(), Map.of(), Set.of(), Map.of(), Map.of(), 0, 0, false, 0, missing, Map.of());
    }

    Instant at(int seconds) {
        return from.plusSeconds(seconds);
    }

    int seconds(Instant at) {
        return (int) Math.max(
                Integer.MIN_VALUE / 2,
                Math.min(Integer.MAX_VALUE / 2, Duration.between(from, at).toSeconds()));
    }

    /** All that was wanted, but for what was left out, whatever happened since. */
    Workload all() {
        Set<String> out = leftOut();
        return new Workload(
                work.tasks().stream().filter(t -> !out.contains(t.id())).toList(),
                work.heaters(),
                hours(Integer.MIN_VALUE / 2),
                asked.people(),
                due(),
                quiet(),
                fixed);
    }

    Progress progress() {
        return new Progress(begun, done);
    }

    /** Work that is still to be planned from a moment on, s: tasks that are done are over, those that were begun go on. */
    Workload workload(int now) {
        return progress().left(all(), new Schedule(starts), now);
    }

    /** When somebody is there from a moment on, s. */
    List<Hours> hours(int now) {
        return asked.hours().stream()
                .map(h -> new Hours(Math.max(seconds(h.from()), now), seconds(h.to())))
                .filter(h -> h.seconds() > 0)
                .toList();
    }

    /** When nothing loud may be done, s. */
    List<Hours> quiet() {
        return asked.quiet().stream()
                .map(q -> new Hours(seconds(q.from()), seconds(q.to())))
                .toList();
    }

    /** By when each job must be done, s. */
    Map<String, Integer> due() {
        Map<String, Integer> due = new HashMap<>();
        asked.due().forEach(d -> due.put(d.jobId(), seconds(d.at())));
        return due;
    }

    /** The plan as far as it is of some work. */
    Schedule planOf(Workload some) {
        Map<String, Integer> of = new HashMap<>();
        some.tasks().stream().filter(t -> starts.containsKey(t.id())).forEach(t -> of.put(t.id(), starts.get(t.id())));
        return new Schedule(of);
    }

    /** All work as it was lived so far, left out or not. */
    Workload lived() {
        Workload all = all();
        return progress().lived(all.with(work.tasks()), new Schedule(starts), plannedFrom);
    }

    /** The plan, with what was begun where it really was. */
    Schedule shown() {
        return progress().shown(all(), new Schedule(starts));
    }

    private List<Task> of(String jobId) {
        return lived().tasks().stream().filter(t -> t.job().equals(jobId)).toList();
    }

    /** From when to when a job is worked on, s; nothing unless all of it is planned. */
    Optional<Hours> hours(String jobId) {
        Schedule shown = shown();
        List<Task> of = of(jobId);
        return of.isEmpty() || !of.stream().allMatch(shown::plans)
                ? Optional.empty()
                : Optional.of(new Hours(
                        of.stream().mapToInt(shown::start).min().orElseThrow(),
                        of.stream().mapToInt(shown::end).max().orElseThrow()));
    }

    /** Whether something of a job is not over. */
    boolean goesOn(String jobId) {
        return of(jobId).stream().anyMatch(t -> !done.containsKey(t.id()));
    }

    /** The first that was begun and is not over, where those that are take all hands. */
    Optional<Task> handsTaken() {
        List<Task> open = work.tasks().stream().filter(t -> progress().open(t)).toList();
        return open.size() < asked.people() ? Optional.empty() : open.stream().findFirst();
    }

    /** What of it changes; the rest is as it was. */
    private Kept changed(Consumer<Change> how) {
        Change c = new Change();
        how.accept(c);
        return new Kept(
                from,
                asked,
                work,
                c.starts,
                c.fixed,
                c.forbidden,
                c.begun,
                c.done,
                c.plannedFrom,
                c.endBound,
                c.proven,
                c.sequence,
                c.missing,
                c.runs);
    }

    private final class Change {
        private Map<String, Integer> starts = Kept.this.starts;
        private Map<String, Integer> fixed = Kept.this.fixed;
        private Set<String> forbidden = Kept.this.forbidden;
        private final Map<String, Integer> begun = new HashMap<>(Kept.this.begun);
        private final Map<String, Integer> done = new HashMap<>(Kept.this.done);
        private int plannedFrom = Kept.this.plannedFrom;
        private int endBound = Kept.this.endBound;
        private boolean proven = Kept.this.proven;
        private int sequence = Kept.this.sequence;
        private List<Lack> missing = Kept.this.missing;
        private final Map<String, Running> runs = new HashMap<>(Kept.this.runs);
    }

    Kept planned(Schedule plan, int now, int bound, boolean best) {
        Map<String, Integer> all = new HashMap<>(plan.starts());
        done.keySet().stream().filter(starts::containsKey).forEach(id -> all.put(id, starts.get(id)));
        return changed(c -> {
            c.starts = all;
            c.plannedFrom = now;
            c.endBound = bound;
            c.proven = best;
            c.sequence = sequence + 1;
        });
    }

    /** The same under a number: better plans for the same evening are no change of it. */
    Kept numbered(int number) {
        return changed(c -> c.sequence = number);
    }

    Kept forbidding(Set<String> some) {
        return changed(c -> c.forbidden = some);
    }

    Kept fixing(Map<String, Integer> some) {
        return changed(c -> c.fixed = some);
    }

    Kept missing(List<Lack> what) {
        return changed(c -> c.missing = what);
    }

    Kept begun(String task, int at) {
        return changed(c -> c.begun.put(task, at));
    }

    Kept done(String task, int at) {
        return changed(c -> {
            c.done.put(task, at);
            c.runs.values().removeIf(r -> r.task.equals(task));
        });
    }

    /** A run begins with a task, or goes on with it. */
    Kept running(String run, Running what) {
        return changed(c -> c.runs.put(run, what));
    }

    /** A run is over, whatever it was at. */
    Kept over(String run) {
        return changed(c -> c.runs.remove(run));
    }

    /** What waits for something that is not to be done, at any remove. */
    private Set<String> leftOut() {
        Set<String> out = new HashSet<>(forbidden);
        boolean more = !out.isEmpty();
        while (more) {
            more = work.tasks().stream()
                    .filter(t -> t.after().stream().anyMatch(a -> out.contains(a.task())))
                    .map(t -> out.add(t.id()))
                    .reduce(false, Boolean::logicalOr);
        }
        return out;
    }
}
