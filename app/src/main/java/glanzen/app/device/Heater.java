package glanzen.app.device;

import org.jspecify.annotations.Nullable;

/** What heats: simulated, or worked by hand. */
public interface Heater {

    /**
     * What its lights and its thermometer say, or what a person has said of them.
     *
     * @param on it is switched on
     * @param docked a platform sits in its dock
     * @param celsius its temperature; absent where nobody can read it
     * @param ready its ready light is lit
     * @param switchedItselfOff it was on and went off by itself
     * @param onSeconds since it was switched on, s
     * @param dockedSeconds since a platform came back into its dock, s; 0 where that is not known
     */
    record PlatformReading(
            boolean on,
            boolean docked,
            @Nullable Double celsius,
            boolean ready,
            boolean switchedItselfOff,
            double onSeconds,
            double dockedSeconds) {}

    PlatformReading read();

    /** Switches it on at a set-point in °C. */
    void switchOn(double celsius);

    /** Switches it off. */
    void switchOff();

    /** Takes the platform out of its dock, or puts it back. */
    void dock(boolean inDock);
}
