package glanzen.heat;

import glanzen.heat.HeatTrace.Phase;
import java.util.ArrayList;
import java.util.List;

/**
 * What is pressed cold: the bond is as warm as the room throughout.
 *
 * @param roomC room temperature, °C
 * @param nipSeconds length of one nip, s
 * @param passes how many nips, at least 1
 */
public record RoomHeat(double roomC, double nipSeconds, int passes) implements HeatSource {

    @Override
    public HeatRun solve(double contactFactor, double setPointErrorK) {
        List<HeatTrace> nips = new ArrayList<>();
        for (int pass = 0; pass < passes; pass++) {
            nips.add(steady(Phase.NIP, nipSeconds));
        }
        List<HeatTrace> traces = new ArrayList<>(nips);
        traces.add(steady(Phase.COOL, 1));
        return new HeatRun(List.copyOf(traces), List.copyOf(nips), false, roomC, roomC);
    }

    private HeatTrace steady(Phase phase, double seconds) {
        return new HeatTrace(phase, new double[] {0, seconds}, new double[] {roomC, roomC});
    }

    @Override
    public double setPointC() {
        return roomC;
    }
}
