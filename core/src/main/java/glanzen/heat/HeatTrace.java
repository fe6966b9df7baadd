package glanzen.heat;

import java.util.ArrayList;
import java.util.List;

/**
 * Bond temperature over one phase.
 *
 * @param phase which phase
 * @param seconds times since the phase began, s
 * @param celsius bond temperatures at those times, °C
 */
public record HeatTrace(Phase phase, double[] seconds, double[] celsius) {

    /** The phases of a pull. */
    public enum Phase {
        SOAK,
        HOLD,
        NIP,
        BETWEEN,
        COOL
    }

    /** Temperature when the phase ends, °C. */
    public double last() {
        return celsius[celsius.length - 1];
    }

    static final class Recorder {
        private final Phase phase;
        private final List<double[]> points = new ArrayList<>();

        Recorder(Phase phase) {
            this.phase = phase;
        }

        void add(double seconds, double celsius) {
            points.add(new double[] {seconds, celsius});
        }

        /** All that was recorded so far. */
        HeatTrace trace() {
            double[] t = new double[points.size()];
            double[] c = new double[points.size()];
            for (int i = 0; i < t.length; i++) {
                t[i] = points.get(i)[0];
                c[i] = points.get(i)[1];
            }
            return new HeatTrace(phase, t, c);
        }
    }
}
