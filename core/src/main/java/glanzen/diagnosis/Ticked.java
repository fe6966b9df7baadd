package glanzen.diagnosis;

import glanzen.learning.Fault;
import glanzen.learning.Observation;
import glanzen.route.Standard;
import java.util.Optional;
import java.util.Set;

/**
 * What a person says of a pull: in a word how much came out and how much shows of too much, and what else is seen.
 *
 * @param seen the ranges that the word stands for
 * @param faults what else was seen
 */
public record Ticked(Observation seen, Set<Fault> faults) implements Look {

    /** How far off a word may be, on the scales of {@link Signs}. */
    private static final double COVERAGE = 0.5;

    private static final double SPILL_MM = 0.08;
    /** So often a word is chosen that does not fit. */
    private static final double VAGUE = 0.1;

    public Ticked {
        faults = Set.copyOf(faults);
    }

    @Override
    public double likely(Signs truth) {
        double c = outside(
                Signs.logit(truth.coverage()), Signs.logit(seen.coverageLow()), Signs.logit(seen.coverageHigh()));
        double s = outside(truth.spillMm(), seen.spillLowMm(), seen.spillHighMm());
        double fits = Math.exp(-c * c / (2 * COVERAGE * COVERAGE) - s * s / (2 * SPILL_MM * SPILL_MM));
        return VAGUE + (1 - VAGUE) * fits;
    }

    private static double outside(double value, double low, double high) {
        return Math.max(0, Math.max(low - value, value - high));
    }

    @Override
    public boolean good(Standard standard) {
        return faults.isEmpty() && !standard.under(seen.coverageLow()) && seen.spillLowMm() == 0;
    }

    @Override
    public boolean lacks(Standard standard) {
        return seen.lacks(standard);
    }

    @Override
    public boolean exceeds(Standard standard) {
        return seen.tooMuch();
    }

    @Override
    public Optional<Set<Fault>> ticked() {
        return Optional.of(faults);
    }
}
