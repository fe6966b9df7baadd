package glanzen.press;

import java.util.Arrays;
import java.util.List;

/**
 * The balance of {@link Nip} tabulated over pressure for one stack, one raised width and one pair of rollers, so that
 * hundreds of slightly different presses can be answered by a look-up: neither compression nor force at a pressure depends
 * on how stiff the frame is or how far it opens.
 */
public final class NipCurve {

    private static final int NODES = 64;
    private static final double LOWEST_MPA = 0.02;
    private static final double HIGHEST_MPA = 2000;
    private static final double[] PRESSURES = pressures();
    private static final double RISING = 1 + 1e-6;

    /**
     * Part of the raised face with make-ready behind it.
     *
     * @param share share of the face, 0…1
     * @param thicknessMm of the patch, mm
     */
    public record Packing(double share, double thicknessMm) {}

    private static final double[] BENDS = bends(PRESSURES);

    private final double[] compressionMm = new double[NODES];
    private final double[] forceN = new double[NODES];
    private final double[] meanMpa;
    private final double[] bend;
    private final List<Packing> packings;
    private final Frame frame;
    private final double raisedWidthMm;

    /** @param raisedWidthMm b, mm, positive */
    public NipCurve(Frame frame, LoadPath path, double raisedWidthMm) {
        this(frame, path, raisedWidthMm, List.of());
    }

    /**
     * With make-ready: where a patch lies, the layers behind the tool are squeezed by its thickness more, and press that
     * much harder; the force is shared out anew.
     *
     * @param frame whose rollers press; its stiffness and opening may be off
     * @param raisedWidthMm b, mm, positive
     * @param packings patched parts of the face
     */
    public NipCurve(Frame frame, LoadPath path, double raisedWidthMm, List<Packing> packings) {
        this.frame = frame;
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
            if (i > 0) {
                // Behind a patch that is squeezed as hard as the table goes all nodes are alike; it rises all the same.
                meanMpa[i] = Math.max(meanMpa[i], meanMpa[i - 1] * RISING);
            }
        }
        bend = packings.isEmpty() ? BENDS : bends(meanMpa);
        for (int i = 0; i < NODES; i++) {
            forceN[i] =
                    Nip.at(frame, compressionMm[i], meanMpa[i], raisedWidthMm).forceN();
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

    /**
     * The nip of the frame or one a little off it; within 0.4 % of {@link Nip#solve} inside the table, which a test holds.
     *
     * @param stiffnessNPerMm K of that frame, N/mm
     * @param overfillMm δ on that frame, mm; not positive gives {@link Nip#OPEN}
     */
    public Nip at(double stiffnessNPerMm, double overfillMm) {
        return overfillMm <= 0
                ? Nip.OPEN
                : balanced(overfillMm, 1 / stiffnessNPerMm, place(overfillMm, 1 / stiffnessNPerMm, NODES / 2));
    }

    /** The nips of several raised widths on one frame: each is looked for beside the one before it. */
    public static Nip[] all(NipCurve[] curves, double stiffnessNPerMm, double overfillMm) {
        Nip[] nips = new Nip[curves.length];
        double perN = 1 / stiffnessNPerMm;
        int low = NODES / 2;
        for (int i = 0; i < nips.length; i++) {
            low = overfillMm <= 0 ? low : curves[i].place(overfillMm, perN, low);
            nips[i] = overfillMm <= 0 ? Nip.OPEN : curves[i].balanced(overfillMm, perN, low);
        }
        return nips;
    }

    /** The node below the balance, looked for from another. */
    private int place(double overfillMm, double perN, int near) {
        int low = near;
        while (low > 0 && compressionMm[low] + forceN[low] * perN >= overfillMm) {
            low--;
        }
        while (low < NODES - 2 && compressionMm[low + 1] + forceN[low + 1] * perN < overfillMm) {
            low++;
        }
        return low;
    }

    private Nip balanced(double overfillMm, double perN, int low) {
        int high = low + 1;
        double from = compressionMm[low] + forceN[low] * perN;
        double step = meanMpa[high] - meanMpa[low];
        double perMpa = (compressionMm[high] + forceN[high] * perN - from) / step;
        double pressure = meanMpa[low] + clamped((overfillMm - from) / perMpa / step) * step;
        // One step more towards the balance: between nodes it bends a little.
        double near = compression(low, pressure);
        double held = pressure * frame.contactMm(near) * raisedWidthMm;
        pressure += (overfillMm - near - held * perN) / perMpa;
        pressure = Math.max(meanMpa[low], Math.min(meanMpa[high], pressure));
        return Nip.at(frame, compression(low, pressure), pressure, raisedWidthMm);
    }

    /** Straight over the logarithm of pressure, which is read by its bend between two nodes: what gives under it goes nearly so. */
    private double compression(int low, double pressure) {
        double even = clamped((pressure - meanMpa[low]) / (meanMpa[low + 1] - meanMpa[low]));
        double share = even * (1 + bend[low] * (1 - even));
        return compressionMm[low] + share * (compressionMm[low + 1] - compressionMm[low]);
    }

    /** How far the logarithm runs ahead of a straight line between two pressures: exact at both and half-way. */
    private static double bend(double from, double to) {
        return 4 * Math.log((from + to) / 2 / from) / Math.log(to / from) - 2;
    }

    private static double[] bends(double[] mpa) {
        double[] bends = new double[NODES - 1];
        Arrays.setAll(bends, i -> bend(mpa[i], mpa[i + 1]));
        return bends;
    }

    private static double[] pressures() {
        double[] p = new double[NODES];
        for (int i = 0; i < NODES; i++) {
            p[i] = LOWEST_MPA * Math.pow(HIGHEST_MPA / LOWEST_MPA, (double) i / (NODES - 1));
        }
        return p;
    }
}
