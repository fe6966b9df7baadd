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

    /** A platform that is meant to keep a temperature above the room. */
    static Lump of(Platform platform, double setPointK) {
        return new Lump(platform.heatCapacityJPerK(), platform.lossWPerK(), platform.maxPowerW(), setPointK);
    }

    /** What the heater would give if it had no limit, W. */
    public double demandW(double temperatureK) {
        return (setPointK - temperatureK) * GAIN_W_PER_K + lossWPerK * temperatureK;
    }
}
