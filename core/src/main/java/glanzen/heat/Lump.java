package glanzen.heat;

import glanzen.kit.Platform;

/**
 * A body of one temperature under the column, with a proportional heater that has a limit:
 * {@code P = clamp((T_set − T)·60 + UA·(T − T_amb), 0, P_max)} while docked, 0 while not.
 *
 * @param heatCapacityJPerK C, J/K
 * @param lossWPerK UA, W/K
 * @param maxPowerW P_max, W
 * @param setPointK set-point above the room, K
 */
public record Lump(double heatCapacityJPerK, double lossWPerK, double maxPowerW, double setPointK) {

    /** Gain of the heater, W/K. */
    public static final double GAIN_W_PER_K = 60;

    /** A ready light comes on this close to the set-point, K. */
    public static final double READY_WITHIN_K = 2;

    /** A platform that is meant to keep a temperature above the room. */
    public static Lump of(Platform platform, double setPointK) {
        return new Lump(platform.heatCapacityJPerK(), platform.lossWPerK(), platform.maxPowerW(), setPointK);
    }

    /** What the heater would give if it had no limit, W. */
    public double demandW(double temperatureK) {
        return (setPointK - temperatureK) * GAIN_W_PER_K + lossWPerK * temperatureK;
    }

    /**
     * How long it takes by itself until its ready light comes on, s: at full power until the heater begins to hold back,
     * {@code −C/UA·ln((P − UA·T)/(P − UA·T₀))}, then {@code C/60·ln(left/2 K)}; infinite if it never gets there.
     *
     * @param fromK how warm it is to begin with, above the room, K
     */
    public double secondsToReady(double fromK) {
        double readyK = setPointK - READY_WITHIN_K;
        if (fromK >= readyK) {
            return 0;
        }
        if (maxPowerW <= lossWPerK * readyK) {
            return Double.POSITIVE_INFINITY;
        }
        double holdsBackK = Math.min(readyK, Math.max(fromK, setPointK - maxPowerW / GAIN_W_PER_K));
        double full = heatCapacityJPerK
                / lossWPerK
                * Math.log((maxPowerW - lossWPerK * fromK) / (maxPowerW - lossWPerK * holdsBackK));
        return full + heatCapacityJPerK / GAIN_W_PER_K * Math.log((setPointK - holdsBackK) / READY_WITHIN_K);
    }

    /**
     * How warm it is after standing in its dock by itself.
     *
     * @param fromK how warm it was, above the room, K
     * @param seconds how long, s
     */
    public double docked(double fromK, double seconds) {
        double kelvin = fromK;
        for (double left = seconds; left > 0; left -= 1) {
            double power = Math.max(0, Math.min(maxPowerW, demandW(kelvin)));
            kelvin += Math.min(1, left) * (power - lossWPerK * kelvin) / heatCapacityJPerK;
        }
        return kelvin;
    }
}
