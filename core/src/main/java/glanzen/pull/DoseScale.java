package glanzen.pull;

import glanzen.press.Blade;
import glanzen.press.Relief;
import glanzen.transfer.Normal;
import glanzen.transfer.Transfer;

/** How a dose is read: how much of the design comes out, and what shows of too much. */
public sealed interface DoseScale {

    /** Share of the design that comes out at a dose, 0…1. */
    double coverage(double dose);

    /** What shows of too much, mm: over-foil beyond an edge, a bite into the plate, a crack along the relief. */
    double excessMm(double dose);

    /** Dose from which nearly all of a design comes out. */
    double leastClean();

    /** Dose from which too much shows. */
    double mostClean();

    /**
     * Foil and flock.
     *
     * @param softnessMm λ, mm
     * @param alwaysMm spread that no dose can help: wet gel squashed, spray beside the stencil; mm
     */
    record Wetting(double softnessMm, double alwaysMm) implements DoseScale {

        @Override
        public double coverage(double dose) {
            return Transfer.coverage(dose);
        }

        @Override
        public double excessMm(double dose) {
            return Transfer.spillMm(dose, softnessMm) + alwaysMm;
        }

        @Override
        public double leastClean() {
            return Transfer.LEAST_CLEAN_DOSE;
        }

        @Override
        public double mostClean() {
            return Transfer.mostCleanDose(softnessMm);
        }
    }

    /**
     * Cuts.
     *
     * @param needNPerMm line load that cuts the stock through, N/mm
     */
    record Cutting(double needNPerMm) implements DoseScale {

        /** Sharpness scatters along a blade, in ln units. */
        public static final double SHARPNESS_SIGMA = 0.12;

        /** Share of a blade's length that is through: sharpness scatters log-normally. */
        @Override
        public double coverage(double dose) {
            return dose <= 0 ? 0 : Normal.cdf(Math.log(dose) / SHARPNESS_SIGMA);
        }

        @Override
        public double excessMm(double dose) {
            return Blade.biteMm((dose - 1) * needNPerMm);
        }

        @Override
        public double leastClean() {
            return Math.exp(SHARPNESS_SIGMA * Normal.inverse(Transfer.CLEAN_COVERAGE));
        }

        @Override
        public double mostClean() {
            return 1 + Blade.loadToBite(Transfer.VISIBLE_SPILL_MM) / needNPerMm;
        }
    }

    /**
     * Relief.
     *
     * @param tearing how much more than forming it fully it takes to crack the stock
     */
    record Forming(double tearing) implements DoseScale {

        @Override
        public double coverage(double dose) {
            return Relief.formed(dose);
        }

        @Override
        public double excessMm(double dose) {
            return Relief.crackMm(dose / tearing);
        }

        @Override
        public double leastClean() {
            return 1;
        }

        @Override
        public double mostClean() {
            return tearing;
        }
    }
}
