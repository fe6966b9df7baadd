package glanzen.press;

/**
 * The balance of {@link Nip} tabulated over pressure for one stack and one raised width, so that hundreds of slightly
 * different presses can be answered by a look-up: compression does not depend on the frame.
 */
public final class NipCurve {

    private static final int NODES = 96;
    private static final double LOWEST_MPA = 0.02;
    private static final double HIGHEST_MPA = 2000;
    private static final double[] PRESSURES = pressures();

    private final double[] compressionMm = new double[NODES];
    private final double raisedWidthMm;

    /** @param raisedWidthMm b, mm, positive */
    public NipCurve(LoadPath path, double raisedWidthMm) {
        this.raisedWidthMm = raisedWidthMm;
        for (int i = 0; i < NODES; i++) {
            compressionMm[i] = path.compressionMm(PRESSURES[i], raisedWidthMm);
        }
    }

    /** The nip of one frame; within 0.3 % of {@link Nip#solve} inside the table. */
    public Nip at(Frame frame, double overfillMm) {
        if (overfillMm <= 0) {
            return Nip.OPEN;
        }
        int low = 0;
        int high = NODES - 1;
        while (high - low > 1) {
            int middle = (low + high) >>> 1;
            if (overfillAt(frame, middle) < overfillMm) {
                low = middle;
            } else {
                high = middle;
            }
        }
        double from = overfillAt(frame, low);
        double share = Math.max(0, Math.min(1, (overfillMm - from) / (overfillAt(frame, high) - from)));
        double pressure = PRESSURES[low] + share * (PRESSURES[high] - PRESSURES[low]);
        double compression = compressionMm[low] + share * (compressionMm[high] - compressionMm[low]);
        return Nip.at(frame, compression, pressure, raisedWidthMm);
    }

    private double overfillAt(Frame frame, int node) {
        double compression = compressionMm[node];
        return compression + PRESSURES[node] * frame.contactMm(compression) * raisedWidthMm / frame.stiffnessNPerMm();
    }

    private static double[] pressures() {
        double[] p = new double[NODES];
        for (int i = 0; i < NODES; i++) {
            p[i] = LOWEST_MPA * Math.pow(HIGHEST_MPA / LOWEST_MPA, (double) i / (NODES - 1));
        }
        return p;
    }
}
