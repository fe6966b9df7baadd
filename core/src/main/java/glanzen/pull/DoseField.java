package glanzen.pull;

import java.util.Arrays;

/**
 * Doses over a design on one rig.
 *
 * @param dose dose of each part, narrowest band first; without unit
 * @param share share of the design each part is, summing to 1
 * @param scale how a dose is read
 * @param lift share lost at peeling, 0…1
 * @param forceN greatest force in the nip, N
 */
public record DoseField(double[] dose, double[] share, DoseScale scale, double lift, double forceN)
        implements PullResponse {

    /** Over-foil along less than this share of a design is taken as the odd tip, not as a fault of the pull. */
    private static final double SPILL_SHARE = 0.10;

    @Override
    public PullOutcome pull(double factor) {
        double lnDose = 0;
        double covered = 0;
        for (int i = 0; i < dose.length; i++) {
            lnDose += share[i] * Math.log(Math.max(1e-9, dose[i] * factor));
            covered += share[i] * scale.coverage(dose[i] * factor);
        }
        double spill = scale.excessMm(spillingDose() * factor);
        return new PullOutcome(Math.exp(lnDose), covered * (1 - lift), spill, forceN);
    }

    /** The least that any part gets. */
    double least() {
        return Arrays.stream(dose).min().orElse(0);
    }

    /** The dose that at least a tenth of the design gets or passes. */
    double spillingDose() {
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
