package glanzen.pull;

import glanzen.press.Blade;
import glanzen.press.Relief;
import glanzen.transfer.Normal;
import glanzen.transfer.Transfer;

/** How a dose is read: how much of the design comes out, and what shows of too much. Logarithms are natural. */
public sealed interface DoseScale {

    /** Share of the design that comes out at the ln of a dose, 0…1. */
    double coverage(double lnDose);

    /** ln of the dose at which so much comes out; the inverse of {@link #coverage}. */
    double lnFor(double coverage);

    /** How much further from the middle an answer lies if ln dose itself scatters with a variance. */
    default double widened(double variance) {
        return 1;
    }

    /** What shows of too much, mm: over-foil beyond an edge, a bite into the plate, a crack along the relief. */
    double excessMm(double dose);

    /** ln of the dose from which more than this shows, mm; −∞ if it always does. */
    double lnForExcess(double mm);

    /** Too much along less than this share of a design is taken as the odd tip, not as a fault of the pull. */
    double excessShare();

    /**
     * Foil and flock.
     *
     * @param softnessMm λ, mm
     * @param alwaysMm spread that no dose can help: wet gel squashed, spray beside the stencil; mm
     */
    record Wetting(double softnessMm, double alwaysMm) implements DoseScale {

        @Override
        public double coverage(double lnDose) {
            return Normal.quickCdf(lnDose / Transfer.SHEET_SIGMA);
        }

        @Override
        public double lnFor(double coverage) {
            return Transfer.SHEET_SIGMA * Normal.inverse(coverage);
        }

        @Override
        public double widened(double variance) {
            return Math.sqrt(1 + variance / (Transfer.SHEET_SIGMA * Transfer.SHEET_SIGMA));
        }

        @Override
        public double excessMm(double dose) {
            return Transfer.spillMm(dose, softnessMm) + alwaysMm;
        }

        @Override
        public double lnForExcess(double mm) {
            return mm < alwaysMm ? Double.NEGATIVE_INFINITY : Math.log(Transfer.doseToSpill(mm - alwaysMm, softnessMm));
        }

        @Override
        public double excessShare() {
            return 0.10;
        }
    }

    /**
     * Cuts.
     *
     * @param needNPerMm line load that cuts the stock through, N/mm
     */
    record Cutting(double needNPerMm) implements DoseScale {

        /** Sharpness scatters along a blade, in ln units. */
        public static final double SHARPNESS_SIGMA = 0.04;

        /** Share of a blade's length that is through: sharpness scatters log-normally. */
        @Override
        public double coverage(double lnDose) {
            return Normal.quickCdf(lnDose / SHARPNESS_SIGMA);
        }

        @Override
        public double lnFor(double coverage) {
            return SHARPNESS_SIGMA * Normal.inverse(coverage);
        }

        @Override
        public double excessMm(double dose) {
            return Blade.biteMm((dose - 1) * needNPerMm);
        }

        @Override
        public double lnForExcess(double mm) {
            return Math.log1p(Blade.loadToBite(mm) / needNPerMm);
        }

        @Override
        public double excessShare() {
            return 0.10;
        }
    }

    /**
     * Relief.
     *
     * @param tearing how much more than forming it fully it takes to crack the stock
     */
    record Forming(double tearing) implements DoseScale {

        private static final double TABLE_FROM = -8;
        private static final int TABLE_PER_UNIT = 256;
        private static final double[] FORMED = new double[(int) (-TABLE_FROM + 2) * TABLE_PER_UNIT + 2];

        static {
            for (int i = 0; i < FORMED.length; i++) {
                FORMED[i] = Relief.formed(Math.exp((double) i / TABLE_PER_UNIT + TABLE_FROM));
            }
        }

        /** From a table, for sums over many places; absolute error below 1e-5. */
        @Override
        public double coverage(double lnDose) {
            double at = (lnDose - TABLE_FROM) * TABLE_PER_UNIT;
            if (at <= 0 || at >= FORMED.length - 1) {
                return Relief.formed(Math.exp(lnDose));
            }
            int i = (int) at;
            return FORMED[i] + (at - i) * (FORMED[i + 1] - FORMED[i]);
        }

        @Override
        public double lnFor(double coverage) {
            return Math.log(Relief.toForm(coverage));
        }

        @Override
        public double excessMm(double dose) {
            return Relief.crackMm(dose / tearing);
        }

        @Override
        public double lnForExcess(double mm) {
            return Math.log(tearing * Relief.toCrack(mm));
        }

        /** A crack anywhere is a crack. */
        @Override
        public double excessShare() {
            return 0.02;
        }
    }
}
