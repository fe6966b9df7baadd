package glanzen.forecast;

import glanzen.transfer.Transfer;

/**
 * How a pull comes out on one rig.
 *
 * @param dose geometric mean over the design, without unit; 0 where the rollers do not grip
 * @param coverage share of the design covered after peeling, 0…1
 * @param spillMm widest over-foil beyond an edge, mm
 * @param forceN greatest force in the nip, N
 */
public record Pull(double dose, double coverage, double spillMm, double forceN) {

    /** Too little foil. */
    public boolean under() {
        return coverage < Transfer.CLEAN_COVERAGE;
    }

    /** Too much foil. */
    public boolean over() {
        return spillMm > Transfer.VISIBLE_SPILL_MM;
    }

    /** Neither too little nor too much. */
    public boolean clean() {
        return !under() && !over();
    }
}
