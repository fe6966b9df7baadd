package glanzen.app.device;

/** A heated platform, real or simulated. */
public interface Heater {

    /**
     * What its lights and its thermometer say.
     *
     * @param on its dock is switched on
     * @param docked it sits in its dock
     * @param celsius its temperature
     * @param ready its ready light is lit
     * @param switchedItselfOff it was on and went off by itself
     */
    record PlatformReading(boolean on, boolean docked, double celsius, boolean ready, boolean switchedItselfOff) {}

    PlatformReading read();

    /** Switches the dock on at a set-point in °C. */
    void switchOn(double celsius);

    /** Takes the platform out of its dock, or puts it back. */
    void dock(boolean inDock);
}
