package glanzen.heat;

import glanzen.heat.HeatTrace.Phase;
import glanzen.kit.StackItem;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleSupplier;

/**
 * A sheet in its carrier between heated rollers: every layer meets rollers of one temperature on both sides for the length
 * of the nip, then cools in the open. Between passes it cools as far as a hand needs to turn it round.
 *
 * @param setPointC temperature of the rollers, °C
 * @param roomC room temperature, °C
 * @param layers bottom to top, without films
 * @param bond place of the layer whose lower face is the bond; the number of layers if the bond is the topmost face
 * @param nipSeconds length of one nip, s
 * @param passes how many nips, at least 1
 * @param cooling where it cools
 * @param coolSeconds how long before peeling, s
 */
public record RollerPlan(
        double setPointC,
        double roomC,
        List<StackItem> layers,
        int bond,
        double nipSeconds,
        int passes,
        Cooling cooling,
        double coolSeconds)
        implements HeatSource {

    /** Time between the end of one pass and the start of the next, s. */
    public static final double BETWEEN_SECONDS = 10;

    private static final double PRESSED = 4000;
    private static final double IN_AIR = 12;

    public RollerPlan {
        layers = List.copyOf(layers);
    }

    @Override
    public HeatRun solve(double contactFactor, double setPointErrorK) {
        return new Solver(contactFactor, setPointC + setPointErrorK).run();
    }

    /** Temperatures are kept above the surroundings of each phase: the rollers' in the nip, the room's in the open. */
    private final class Solver {
        private final double contactFactor;
        private final double rollerC;
        private final List<HeatTrace> traces = new ArrayList<>();
        private final List<HeatTrace> nips = new ArrayList<>();
        private final double[][] carriedC = new double[layers.size()][];

        Solver(double contactFactor, double rollerC) {
            this.contactFactor = contactFactor;
            this.rollerC = rollerC;
            for (int i = 0; i < carriedC.length; i++) {
                carriedC[i] = new double[Slab.of(layers.get(i)).cells()];
                Arrays.fill(carriedC[i], roomC);
            }
        }

        HeatRun run() {
            for (int pass = 0; pass < passes; pass++) {
                if (pass > 0) {
                    phase(Phase.BETWEEN, roomC, IN_AIR, IN_AIR, BETWEEN_SECONDS, 0.25);
                }
                phase(Phase.NIP, rollerC, PRESSED * contactFactor, PRESSED * contactFactor, nipSeconds, 0.02);
            }
            phase(Phase.COOL, roomC, Math.max(IN_AIR, cooling.bottomLoss()), IN_AIR, coolSeconds, 0.5);
            return new HeatRun(List.copyOf(traces), List.copyOf(nips), false, rollerC, rollerC);
        }

        private void phase(Phase phase, double aroundC, double below, double above, double seconds, double mostStep) {
            double[] contacts = new double[layers.size()];
            Arrays.fill(contacts, PRESSED * contactFactor);
            Column column = new Column(layers.stream().map(Slab::of).toList(), contacts, null, 1, below, above);
            for (int i = 0; i < carriedC.length; i++) {
                column.slabTemperatures(i, moved(carriedC[i], -aroundC));
            }
            DoubleSupplier bondK = bond < layers.size()
                    ? () -> column.contactTemperature(bond)
                    : () -> {
                        double[] top = column.slabTemperatures(layers.size() - 1);
                        return top[top.length - 1];
                    };
            HeatTrace.Recorder recorder = new HeatTrace.Recorder(phase);
            int steps = (int) Math.max(4, Math.ceil(seconds / mostStep));
            recorder.add(0, bondK.getAsDouble() + aroundC);
            for (int n = 1; n <= steps; n++) {
                column.step(seconds / steps);
                recorder.add(n * seconds / steps, bondK.getAsDouble() + aroundC);
            }
            traces.add(recorder.trace());
            for (int i = 0; i < carriedC.length; i++) {
                carriedC[i] = moved(column.slabTemperatures(i), aroundC);
            }
            if (phase == Phase.NIP) {
                for (int n = steps + 1; n <= HeatRun.NIP_FOLLOWED * steps; n++) {
                    column.step(seconds / steps);
                    recorder.add(n * seconds / steps, bondK.getAsDouble() + aroundC);
                }
                nips.add(recorder.trace());
            }
        }
    }

    private static double[] moved(double[] temperatures, double by) {
        double[] moved = temperatures.clone();
        for (int i = 0; i < moved.length; i++) {
            moved[i] += by;
        }
        return moved;
    }
}
