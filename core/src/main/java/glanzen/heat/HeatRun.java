package glanzen.heat;

import glanzen.heat.HeatTrace.Phase;
import java.util.List;

/**
 * One solved {@link HeatPlan}.
 *
 * @param traces bond temperature, phase by phase
 * @param limited whether the heater met its limit, so that the answer does not scale with the set-point
 * @param platformC platform temperature when it leaves the dock, °C
 */
public record HeatRun(List<HeatTrace> traces, boolean limited, double platformC) {

    /** The nips, first to last. */
    public List<HeatTrace> nips() {
        return traces.stream().filter(t -> t.phase() == Phase.NIP).toList();
    }

    /** Temperature at peeling, °C. */
    public double peelC() {
        return traces.get(traces.size() - 1).last();
    }
}
