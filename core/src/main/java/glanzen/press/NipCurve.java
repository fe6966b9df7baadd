package glanzen.press;

import java.util.List;

/**
 * The balance of {@link Nip} tabulated over pressure for one stack and one raised width, so that hundreds of slightly
 * different presses can be answered by a look-up: compression does not depend on the frame.
 */
public final class NipCurve {

    private static final int NODES = 96;
    private static final double LOWEST_MPA = 0.02;
    private static final double HIGHEST_MPA = 2000;
    private static final double[] PRESSURES = pressures();

    /**
     * Part of the raised face with make-ready behind it.
     *
     * @param share share of the face, 0…1
     * @param thicknessMm of the patch, mm
     */
    public record Packing(double share, double thicknessMm) {}

    private final double[] compressionMm = new double[NODES];
    private final double[] meanMpa;
    private final List<Packing> packings;
    private final double raisedWidthMm;

    /** @param raisedWidthMm b, mm, positive */
    public NipCurve(LoadPath path, double raisedWidthMm) {
        this(path, raisedWidthMm, List.of());
    }

    /**
     * With make-ready: where a patch lies, the layers behind the tool are squeezed by its thickness more, and press that
     * much harder; the force is shared out anew.
     *
     * @param raisedWidthMm b, mm, positive
     * @param packings patched parts of the face
     */
    public NipCurve(LoadPath path, double raisedWidthMm, List<Packing> packings) {
        this.raisedWidthMm = raisedWidthMm;
        this.packings = List.copyOf(packings);
        for (int i = 0; i < NODES; i++) {
            compressionMm[i] = path.compressionMm(PRESSURES[i], raisedWidthMm);
        }
        meanMpa = packings.isEmpty() ? PRESSURES : new double[NODES];
        for (int i = 0; i < NODES && !packings.isEmpty(); i++) {
            double bare = 1;
            for (Packing packing : packings) {
                bare -= packing.share;
                meanMpa[i] += packing.share * squeezedTo(compressionMm[i] + packing.thicknessMm);
            }
            meanMpa[i] += bare * PRESSURES[i];
        }
    }

    /** The image pressure that squeezes the layers by this much, MPa. */
    private double squeezedTo(double compression) {
        return interpolated(compressionMm, PRESSURES, compression);
    }

    /**
     * Pressure behind one thickness of patch.
     *
     * @param mpa mean image pressure, MPa
     * @param patchMm thickness of the patch, mm; 0 for where there is none
     */
    public double localMpa(double mpa, double patchMm) {
        if (packings.isEmpty()) {
            return mpa;
        }
        double compression = interpolated(meanMpa, compressionMm, mpa);
        return squeezedTo(compression + patchMm);
    }

    private static double interpolated(double[] from, double[] to, double at) {
        int low = 0;
        int high = NODES - 1;
        while (high - low > 1) {
            int middle = (low + high) >>> 1;
            if (from[middle] < at) {
                low = middle;
            } else {
                high = middle;
            }
        }
        double share = Math.max(0, Math.min(1, (at - from[low]) / (from[high] - from[low])));
        return to[low] + share * (to[high] - to[low]);
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
        double pressure = meanMpa[low] + share * (meanMpa[high] - meanMpa[low]);
        double compression = compressionMm[low] + share * (compressionMm[high] - compressionMm[low]);
        return Nip.at(frame, compression, pressure, raisedWidthMm);
    }

    private double overfillAt(Frame frame, int node) {
        double compression = compressionMm[node];
        return compression + meanMpa[node] * frame.contactMm(compression) * raisedWidthMm / frame.stiffnessNPerMm();
    }

    private static double[] pressures() {
        double[] p = new double[NODES];
        for (int i = 0; i < NODES; i++) {
            p[i] = LOWEST_MPA * Math.pow(HIGHEST_MPA / LOWEST_MPA, (double) i / (NODES - 1));
        }
        return p;
    }
}
