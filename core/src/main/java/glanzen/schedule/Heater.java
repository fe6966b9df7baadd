package glanzen.schedule;

import java.util.List;

/**
 * Something that is hot for a while: it warms up, stays hot from task to task, and switches itself off.
 *
 * @param id its key
 * @param warmUpSeconds from cold, for each setting, s
 * @param changeSeconds from one setting to another, {@code [from][to]}, s
 * @param swapSeconds another tool at the same setting, s
 * @param offSeconds idle for longer it is off, s
 */
public record Heater(
        String id, List<Integer> warmUpSeconds, List<List<Integer>> changeSeconds, int swapSeconds, int offSeconds) {

    /** What must lie between two tasks while it stays hot, s. */
    public int between(Task.Hot before, Task.Hot after) {
        return before.setting() != after.setting()
                ? changeSeconds.get(before.setting()).get(after.setting())
                : before.tool().equals(after.tool()) ? 0 : swapSeconds;
    }

    /** Whether something is changed between two tasks. */
    public static boolean changes(Task.Hot before, Task.Hot after) {
        return before.setting() != after.setting() || !before.tool().equals(after.tool());
    }
}
