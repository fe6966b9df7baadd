package glanzen.heat;

import java.util.List;

/**
 * One solved {@link HeatPlan}.
 *
 * @param traces bond temperature, phase by phase
 * @param nips the nips, first to last, each followed to {@link #NIP_FOLLOWED} of its length
 * @param limited whether the heater met its limit, so that the answer does not scale with the set-point
 * @param platformC platform temperature when it leaves the dock, °C
 * @param backC platform temperature after the last pass, °C
 */
public record HeatRun(List<HeatTrace> traces, List<HeatTrace> nips, boolean limited, double platformC, double backC) {

    /** The nips are followed this much longer than they last, for rigs that press longer than their label says. */
    public static final double NIP_FOLLOWED = 1.6;

    /** Temperature at peeling, °C. */
    public double peelC() {
        return traces.get(traces.size() - 1).last();
    }
}
