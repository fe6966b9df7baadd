package glanzen.press;

import java.util.List;

/**
 * The balance of {@link Nip} tabulated over pressure for one stack and one raised width, so that hundreds of slightly
 * different presses can be answered by a look-up: compression does not depend on the frame.
 */
public final class NipCurve {

    private static final int NODES = 64;
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
        int low = place(compressionMm, compression);
        double share = (compression - compressionMm[low]) / (compressionMm[low + 1] - compressionMm[low]);
        return between(PRESSURES, low, clamped(share));
    }

    /**
     * Pressure behind one thickness of patch.
     *
     * @param mpa mean image pressure, MPa
     * @param patchMm thickness of the patch, mm; 0 for where there is none
     */
    public double localMpa(double mpa, double patchMm) {
        if (packings.isEmpty() || mpa <= 0) {
            return mpa;
        }
        int low = place(meanMpa, mpa);
        return squeezedTo(compression(low, mpa) + patchMm);
    }

    /** Straight between the logarithms of pressure: what gives under it goes nearly so. */
    private static double between(double[] mpa, int low, double share) {
        return mpa[low] * Math.pow(mpa[low + 1] / mpa[low], share);
    }

    /** The place of a value in a rising table. */
    private static int place(double[] rising, double at) {
        int low = 0;
        int high = NODES - 1;
        while (high - low > 1) {
            int middle = (low + high) >>> 1;
            if (rising[middle] < at) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private static double clamped(double share) {
        return Math.max(0, Math.min(1, share));
    }

    /** The nip of one frame; within 0.3 % of {@link Nip#solve} inside the table, which a test holds. */
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
        double perMpa = (overfillAt(frame, high) - from) / (meanMpa[high] - meanMpa[low]);
        double pressure = meanMpa[low]
                + clamped((overfillMm - from) / perMpa / (meanMpa[high] - meanMpa[low]))
                        * (meanMpa[high] - meanMpa[low]);
        // One step more towards the balance: between nodes it bends a little.
        pressure += (overfillMm - overfillAt(frame, pressure, compression(low, pressure))) / perMpa;
        pressure = Math.max(meanMpa[low], Math.min(meanMpa[high], pressure));
        return Nip.at(frame, compression(low, pressure), pressure, raisedWidthMm);
    }

    /** Straight over the logarithm of pressure: what gives under it goes nearly so. */
    private double compression(int low, double pressure) {
        double share = clamped(Math.log(pressure / meanMpa[low]) / Math.log(meanMpa[low + 1] / meanMpa[low]));
        return compressionMm[low] + share * (compressionMm[low + 1] - compressionMm[low]);
    }

    private double overfillAt(Frame frame, double pressure, double compression) {
        return compression + pressure * frame.contactMm(compression) * raisedWidthMm / frame.stiffnessNPerMm();
    }

    private double overfillAt(Frame frame, int node) {
        return overfillAt(frame, meanMpa[node], compressionMm[node]);
    }

    private static double[] pressures() {
        double[] p = new double[NODES];
        for (int i = 0; i < NODES; i++) {
            p[i] = LOWEST_MPA * Math.pow(HIGHEST_MPA / LOWEST_MPA, (double) i / (NODES - 1));
        }
        return p;
    }
}
