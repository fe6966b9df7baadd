package glanzen.transfer;

import glanzen.material.BondingLayer;

/** What gel does to a pull besides holding the film: wet it is squashed, old it is less tacky, sprayed it has a halo. */
public final class Gelled {

    private static final double DRYNESS_PER_COAT = 0.05;
    private static final double FOIL_HALO_MM = 0.30;
    private static final double FLOCK_HALO_MM = 0.02;

    private Gelled() {}

    /**
     * How far gel is squashed beyond its design, mm: nothing from the dryness at which it holds its shape, and a coat's
     * thickness for every twentieth below.
     *
     * @param coatMm thickness when spread, mm
     * @param dryness 0…1
     */
    public static double squashedMm(double coatMm, double dryness) {
        return coatMm * Math.max(0, Drying.BLOB - dryness) / DRYNESS_PER_COAT;
    }

    /** How far film sticks to what spray leaves beside the stencil, mm: foil takes to it, flock hardly. */
    public static double haloMm(BondingLayer bonding) {
        return bonding == BondingLayer.GEL_FLOCK ? FLOCK_HALO_MM : FOIL_HALO_MM;
    }

    /** Factor on the dose it needs: 1 for a week, then growing by e with every further week. */
    public static double agedNeed(double driedSeconds) {
        double weeks = driedSeconds / Drying.USE_WITHIN_SECONDS;
        return Math.exp(Math.max(0, weeks - 1));
    }
}
