package glanzen.schedule;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Work that one pair of hands does without a break.
 *
 * @param id its key
 * @param job key of the job it belongs to
 * @param seconds how long it takes, s; at least 1
 * @param on the machine that nothing else can use meanwhile; nothing where none is wanted
 * @param hot the heat it is done with; nothing where it is done cold
 * @param after what it waits for
 * @param loud whether it is heard: a motor, or a heater that beeps
 * @param risky whether it is better known early how it comes out
 * @param notBefore it begins no earlier, s: something that is over already must still dry
 * @param notAfter it begins no later, s
 */
public record Task(
        String id,
        String job,
        int seconds,
        @Nullable On on,
        @Nullable Hot hot,
        List<After> after,
        boolean loud,
        boolean risky,
        int notBefore,
        int notAfter) {

    public Task {
        if (seconds < 1) {
            throw new IllegalArgumentException(id + " takes " + seconds + " s");
        }
        after = List.copyOf(after);
    }

    /** One that waits for nothing but other tasks. */
    public Task(
            String id,
            String job,
            int seconds,
            @Nullable On on,
            @Nullable Hot hot,
            List<After> after,
            boolean loud,
            boolean risky) {
        this(id, job, seconds, on, hot, after, loud, risky, 0, After.ANY_TIME);
    }

    /**
     * A machine as a task wants it.
     *
     * @param machine its key
     * @param boards what lies in it: after others these are laid first
     * @param layingSeconds how long that takes, s
     */
    public record On(String machine, String boards, int layingSeconds) {

        /** Whether other boards are laid between two tasks of a machine. */
        static boolean changes(On before, On after) {
            return !before.boards.equals(after.boards);
        }

        /** What must lie between this and what goes through the machine right after it, s. */
        public int between(On next) {
            return changes(this, next) ? next.layingSeconds : 0;
        }
    }

    /** The same with less to do, s. */
    public Task shorter(int lessSeconds) {
        return new Task(id, job, lessSeconds, on, hot, after, loud, risky, notBefore, notAfter);
    }

    /**
     * The same where something it waits for is not done.
     *
     * @param instead what it waits for then, by the key of what is not done; empty for nothing
     */
    public Task waiting(Map<String, String> instead) {
        List<After> others = after.stream()
                .map(a -> new After(instead.getOrDefault(a.task, a.task), a.leastSeconds, a.mostSeconds))
                .filter(a -> !a.task.isEmpty())
                .toList();
        return new Task(id, job, seconds, on, hot, others, loud, risky, notBefore, notAfter);
    }

    /** Whether it is done on a machine. */
    public boolean on(String machine) {
        return on != null && on.machine.equals(machine);
    }

    /**
     * A heater as a task wants it.
     *
     * @param heater its key
     * @param setting which of its settings
     * @param tool what lies on it: another one is swapped in between
     */
    public record Hot(String heater, int setting, String tool) {}

    /**
     * Something that must be over before.
     *
     * @param task its key
     * @param leastSeconds so long after its end at the earliest, s
     * @param mostSeconds so long after its end at the latest, s
     */
    public record After(String task, int leastSeconds, int mostSeconds) {

        /** So far ahead nothing is planned: two years, s. */
        public static final int ANY_TIME = 2 * 365 * 24 * 3600;

        /** Right after it, or at any time later. */
        public static After of(String task) {
            return new After(task, 0, ANY_TIME);
        }
    }
}
