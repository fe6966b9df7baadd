package glanzen.gluing;

import glanzen.measure.Figures;
import java.util.Locale;

/**
 * What is shaken behind an opening.
 *
 * @param wallMm how high its wall is, mm
 * @param fillingMm how high what is shaken is, mm
 * @param volumeMl what the wall encloses, ml
 * @param closed whether the wall runs all round
 */
public record Shaker(double wallMm, double fillingMm, double volumeMl, boolean closed) {

    /** What is shaken needs this much more height to move, mm. */
    static final double ROOM_MM = 0.5;
    /** So much of it is filled: more does not move, less is lost in it. */
    private static final double FULL = 0.3;

    /** Whether the wall is high enough for its filling. */
    public boolean moves() {
        return wallMm >= leastWallMm(fillingMm) - 1e-9;
    }

    /** How high the wall round a filling must be at least; 0 where there is none, mm. */
    static double leastWallMm(double fillingMm) {
        return fillingMm > 0 ? fillingMm + ROOM_MM : 0;
    }

    /** How much filling, ml. */
    public double fillingMl() {
        return FULL * volumeMl;
    }

    /** In words. */
    public String says() {
        return String.format(Locale.ROOT, "%.1f ml of filling in %.1f ml", fillingMl(), volumeMl) + " behind a wall of "
                + Figures.length(wallMm);
    }
}
