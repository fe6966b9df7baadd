package glanzen.forecast;

import glanzen.transfer.Transfer;

/**
 * Doses over a design on one rig.
 *
 * @param dose dose of each part, narrowest band first; without unit
 * @param share share of the design each part is, summing to 1
 * @param softnessMm λ, mm
 * @param lift share lost at peeling, 0…1
 * @param forceN greatest force in the nip, N
 */
public record Doses(double[] dose, double[] share, double softnessMm, double lift, double forceN) {

    /** Over-foil along less than this share of a design is taken as the odd tip, not as a fault of the pull. */
    private static final double SPILL_SHARE = 0.10;

    /** The pull, with every dose multiplied by a factor. */
    public Pull pull(double factor) {
        double lnDose = 0;
        double covered = 0;
        for (int i = 0; i < dose.length; i++) {
            lnDose += share[i] * Math.log(Math.max(1e-9, dose[i] * factor));
            covered += share[i] * Transfer.coverage(dose[i] * factor);
        }
        double spill = Transfer.spillMm(spillingDose() * factor, softnessMm);
        return new Pull(Math.exp(lnDose), covered * (1 - lift), spill, forceN);
    }

    /** The dose that at least a tenth of the design gets or passes. */
    private double spillingDose() {
        double passed = 0;
        double limit = Double.MAX_VALUE;
        while (true) {
            double highest = 0;
            for (double d : dose) {
                highest = d < limit && d > highest ? d : highest;
            }
            for (int i = 0; i < dose.length; i++) {
                passed += dose[i] == highest ? share[i] : 0;
            }
            if (passed >= SPILL_SHARE || highest == 0) {
                return highest;
            }
            limit = highest;
        }
    }
}
