package glanzen.schedule;

import java.util.Map;
import java.util.Optional;

/**
 * The last use of heaters and machines before anything is planned: a heater may still be hot, and boards lie in a machine.
 *
 * @param heaters by their keys
 * @param machines by their keys
 */
public record Lately(Map<String, Last> heaters, Map<String, Last> machines) {

    /** All is cold and empty. */
    public static final Lately NOTHING = new Lately(Map.of(), Map.of());

    /**
     * A task that was the last on something.
     *
     * @param task what was done, or is being warmed up for
     * @param end when it was over, or will be hot, s
     */
    public record Last(Task task, int end) {}

    public Lately {
        heaters = Map.copyOf(heaters);
        machines = Map.copyOf(machines);
    }

    /** The last task on a heater. */
    public Optional<Last> on(String heater) {
        return Optional.ofNullable(heaters.get(heater));
    }

    /** The last task through a machine. */
    public Optional<Last> through(String machine) {
        return Optional.ofNullable(machines.get(machine));
    }
}
