package glanzen.learning;

import glanzen.measure.Checks;
import glanzen.pull.PullOutcome;
import glanzen.route.Standard;
import glanzen.transfer.Transfer;

/**
 * What a person saw on a pull, as ranges: an exact reading is a narrow one, a word is a wide one.
 *
 * @param coverageLow least coverage it may have been, 0…1
 * @param coverageHigh most
 * @param spillLowMm least spill it may have been, mm
 * @param spillHighMm most, mm
 */
public record Observation(double coverageLow, double coverageHigh, double spillLowMm, double spillHighMm) {

    /** So much less than is enough is a lot too little. */
    private static final double FAR_SHORT = 0.12;
    /** What is over may have torn a little of the edge with it. */
    private static final double OVER_COVERAGE = 0.95;

    /** What came out, in a word. */
    public enum Outcome {
        UNDER,
        CLEAN,
        OVER,
        BOTH;

        /**
         * The everyday words.
         *
         * @param standard what outcomes are called on the route that was pulled
         */
        public String label(Standard standard) {
            return switch (this) {
                case UNDER -> standard.under();
                case CLEAN -> standard.good();
                case OVER -> standard.over();
                case BOTH -> standard.under() + " and " + standard.over();
            };
        }

        /** The word for a pull that was read off. */
        public static Outcome of(PullOutcome pull) {
            return pull.under() ? pull.over() ? BOTH : UNDER : pull.over() ? OVER : CLEAN;
        }
    }

    /** How far off, in a word. */
    public enum Amount {
        A_LITTLE("a little"),
        A_LOT("a lot");

        private final String label;

        Amount(String label) {
            this.label = label;
        }

        /** The everyday word. */
        public String label() {
            return label;
        }

        /** The word for a pull that was read off. */
        public static Amount of(PullOutcome pull, Standard standard) {
            boolean far =
                    pull.coverage() < standard.enough() - FAR_SHORT || pull.spillMm() > Transfer.ERASABLE_SPILL_MM;
            return far ? A_LOT : A_LITTLE;
        }
    }

    private static final double READING_COVERAGE = 0.02;
    private static final double READING_SPILL_MM = 0.04;
    private static final double WIDEST_MM = 5;
    /** A reading says ±x where nine of ten lie within 2x. */
    private static final double READ_GIVES = 2;

    /** A pull that went through its press, and tells nothing else of heat and pressure: dust, spent film, a wrong side spoiled it. */
    public static final Observation WENT_THROUGH = new Observation(0, 1, 0, WIDEST_MM);

    public Observation {
        new Checks()
                .figure("coverage", coverageLow, 0, 1, "")
                .figure("coverage", coverageHigh, coverageLow, 1, "")
                .lengthMm("spillMm", spillLowMm, 0, WIDEST_MM)
                .lengthMm("spillMm", spillHighMm, spillLowMm, WIDEST_MM)
                .done();
    }

    /**
     * In words only.
     *
     * @param standard what counts as good on the route that was pulled
     */
    public static Observation roughly(Outcome outcome, Amount amount, Standard standard) {
        boolean lot = amount == Amount.A_LOT;
        double far = standard.enough() - FAR_SHORT;
        double under = lot ? 0.0 : far;
        double underMost = lot ? far : standard.enough();
        double over = lot ? Transfer.ERASABLE_SPILL_MM : Transfer.VISIBLE_SPILL_MM;
        double overMost = lot ? WIDEST_MM : Transfer.ERASABLE_SPILL_MM;
        return switch (outcome) {
            case CLEAN -> new Observation(standard.enough(), 1, 0, Transfer.VISIBLE_SPILL_MM);
            case UNDER -> new Observation(under, underMost, 0, Transfer.VISIBLE_SPILL_MM);
            case OVER -> new Observation(Math.min(OVER_COVERAGE, standard.enough()), 1, over, overMost);
            case BOTH -> new Observation(under, underMost, over, overMost);
        };
    }

    /** Whether any pull that went through looks like this. */
    boolean tellsNothing() {
        return equals(WENT_THROUGH);
    }

    /**
     * Whether it shows too little. What has too much may have torn a little of its edge with it, and is not called too little for
     * that.
     */
    public boolean lacks(Standard standard) {
        double least = tooMuch() ? Math.min(OVER_COVERAGE, standard.enough()) : standard.enough();
        return coverageLow < least;
    }

    /** Whether it shows too much. */
    public boolean tooMuch() {
        return spillLowMm > 0;
    }

    /** Coverage to draw it with, 0…1. */
    public double likelyCoverage() {
        return (coverageLow + coverageHigh) / 2;
    }

    /** Spill to draw it with: none if it may have been none, else a little more than it takes to be seen; mm. */
    public double likelySpillMm() {
        return spillLowMm == 0 ? 0 : Math.min(spillHighMm, spillLowMm + 2 * READING_SPILL_MM);
    }

    /** This, with coverage read off. */
    public Observation withCoverage(double coverage) {
        return withCoverage(coverage, READING_COVERAGE);
    }

    /** This, with coverage read off, give or take. */
    public Observation withCoverage(double coverage, double give) {
        new Checks()
                .figure("coverage", coverage, 0, 1, "")
                .figure("coverageGive", give, 0, 1, "")
                .done();
        return new Observation(Math.max(0, coverage - give), Math.min(1, coverage + give), spillLowMm, spillHighMm);
    }

    /** This, read off a picture: the truth lies within twice the give of each figure. */
    public Observation read(double coverage, double coverageGive, double spillMm, double spillGiveMm) {
        return withCoverage(coverage, READ_GIVES * coverageGive).withSpill(spillMm, READ_GIVES * spillGiveMm);
    }

    /** This, with spill read off, mm. */
    public Observation withSpill(double spillMm) {
        return withSpill(spillMm, READING_SPILL_MM);
    }

    /** This, with spill read off, give or take, mm. */
    public Observation withSpill(double spillMm, double giveMm) {
        new Checks()
                .lengthMm("spillMm", spillMm, 0, WIDEST_MM)
                .lengthMm("spillGiveMm", giveMm, 0, WIDEST_MM)
                .done();
        return new Observation(
                coverageLow, coverageHigh, Math.max(0, spillMm - giveMm), Math.min(WIDEST_MM, spillMm + giveMm));
    }
}
