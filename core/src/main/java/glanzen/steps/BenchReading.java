package glanzen.steps;

import org.jspecify.annotations.Nullable;

/**
 * What clock and devices say at a moment of a run.
 *
 * @param elapsedSeconds since the step came on, s
 * @param sped whether the clock runs faster than the hand: then it does not tell how long anything took
 * @param heater what heats; nothing where nothing does
 * @param stalled whether the press refuses the stack
 * @param byHand whether nobody but the person sees what the press does
 * @param openLines how many lines of what must lie ready are not ticked
 */
public record BenchReading(
        double elapsedSeconds,
        boolean sped,
        @Nullable HeaterReading heater,
        boolean stalled,
        boolean byHand,
        int openLines) {

    /** With devices that are seen, and everything ready. */
    public BenchReading(double elapsedSeconds, boolean sped, @Nullable HeaterReading heater, boolean stalled) {
        this(elapsedSeconds, sped, heater, stalled, false, 0);
    }

    /**
     * What the lights and the thermometer of a heater say.
     *
     * @param docked whether a platform sits in its dock
     * @param celsius its temperature, °C; nothing where nobody can read it
     * @param switchedItselfOff whether it was on and went off by itself
     * @param onSeconds since it was switched on, s
     */
    public record HeaterReading(
            boolean docked, @Nullable Double celsius, boolean switchedItselfOff, double onSeconds) {}
}
