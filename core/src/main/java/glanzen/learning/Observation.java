package glanzen.learning;

import glanzen.measure.Checks;

/**
 * What a person saw on a pull, as ranges: an exact reading is a narrow one, a word is a wide one.
 *
 * @param coverageLow least coverage it may have been, 0…1
 * @param coverageHigh most
 * @param spillLowMm least spill it may have been, mm
 * @param spillHighMm most, mm
 */
public record Observation(double coverageLow, double coverageHigh, double spillLowMm, double spillHighMm) {

    /** What came out, in a word. */
    public enum Outcome {
        UNDER,
        CLEAN,
        OVER,
        BOTH
    }

    /** How far off, in a word. */
    public enum Amount {
        A_LITTLE,
        A_LOT
    }

    private static final double READING_COVERAGE = 0.02;
    private static final double READING_SPILL_MM = 0.04;
    private static final double WIDEST_MM = 5;

    public Observation {
        new Checks()
                .figure("coverage", coverageLow, 0, 1, "")
                .figure("coverage", coverageHigh, coverageLow, 1, "")
                .lengthMm("spillMm", spillLowMm, 0, WIDEST_MM)
                .lengthMm("spillMm", spillHighMm, spillLowMm, WIDEST_MM)
                .done();
    }

    /** In words only. */
    public static Observation roughly(Outcome outcome, Amount amount) {
        boolean lot = amount == Amount.A_LOT;
        double under = lot ? 0.0 : 0.85;
        double underMost = lot ? 0.85 : 0.97;
        double over = lot ? 0.35 : 0.20;
        double overMost = lot ? WIDEST_MM : 0.35;
        return switch (outcome) {
            case CLEAN -> new Observation(0.97, 1, 0, 0.20);
            case UNDER -> new Observation(under, underMost, 0, 0.20);
            case OVER -> new Observation(0.95, 1, over, overMost);
            case BOTH -> new Observation(under, underMost, over, overMost);
        };
    }

    /** This, with coverage read off. */
    public Observation withCoverage(double coverage) {
        new Checks().figure("coverage", coverage, 0, 1, "").done();
        return new Observation(
                Math.max(0, coverage - READING_COVERAGE),
                Math.min(1, coverage + READING_COVERAGE),
                spillLowMm,
                spillHighMm);
    }

    /** This, with spill read off, mm. */
    public Observation withSpill(double spillMm) {
        new Checks().lengthMm("spillMm", spillMm, 0, WIDEST_MM).done();
        return new Observation(
                coverageLow,
                coverageHigh,
                Math.max(0, spillMm - READING_SPILL_MM),
                Math.min(WIDEST_MM, spillMm + READING_SPILL_MM));
    }
}
