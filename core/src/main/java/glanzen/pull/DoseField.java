package glanzen.pull;

import glanzen.route.Standard;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Doses over a design on one rig. */
public final class DoseField implements PullResponse {

    private static final double LEAST_DOSE = 1e-9;
    private static final double WIDEST_LN = 12;
    private static final double EXACT_SHARE = 2e-5;
    private static final double EXACT_LN = 1e-4;
    private static final double FIRST_STEP = 0.05;
    private static final int MOST_STEPS = 40;
    /** Less than this share lifted moves no figure. */
    private static final double UNFELT_LIFT = 1e-5;

    private final double[] lnDose;
    private final double[] share;
    private final DoseScale scale;
    private final Standard standard;
    private final double lift;
    private final double forceN;
    private final @Nullable Trouble spoiled;
    private final double mean;
    private double askedCoverage = Double.NaN;
    private double answeredLn;
    private double mostLn = Double.NaN;

    /**
     * @param dose dose of each part; without unit
     * @param share share of the design each part is, summing to 1
     * @param scale how a dose is read
     * @param standard what counts as good
     * @param lift share lost at peeling, 0…1
     * @param forceN greatest force in the nip, N
     * @param spoiled what spoils it whatever the dose, or nothing
     */
    DoseField(
            double[] dose,
            double[] share,
            DoseScale scale,
            Standard standard,
            double lift,
            double forceN,
            @Nullable Trouble spoiled) {
        this.lnDose = new double[dose.length];
        double sum = 0;
        for (int i = 0; i < dose.length; i++) {
            lnDose[i] = Math.log(Math.max(LEAST_DOSE, dose[i]));
            sum += share[i] * lnDose[i];
        }
        this.mean = sum;
        this.share = share;
        this.scale = scale;
        this.standard = standard;
        this.lift = lift;
        this.forceN = forceN;
        this.spoiled = spoiled;
    }

    @Override
    public PullOutcome pull(double factor) {
        double ln = Math.log(factor);
        double kept = covered(ln) * (1 - lift);
        double excess = scale.excessMm(Math.exp(mostLn() + ln));
        boolean under = spoiled != Trouble.REFUSED && standard.under(kept);
        boolean over = spoiled != null || standard.over(excess);
        return new PullOutcome(Math.exp(mean + ln), kept, excess, forceN, under, over);
    }

    private double covered(double ln) {
        double covered = 0;
        for (int i = 0; i < lnDose.length; i++) {
            covered += share[i] * scale.coverage(lnDose[i] + ln);
        }
        return covered;
    }

    @Override
    public double lnForKept(double coverage) {
        if (coverage >= 1 - lift) {
            return Double.POSITIVE_INFINITY;
        }
        double least = lnFor(coverage);
        return lift < UNFELT_LIFT ? least : solved(coverage / (1 - lift), least, FIRST_STEP);
    }

    @Override
    public double lnFor(double coverage) {
        if (coverage != askedCoverage) {
            askedCoverage = coverage;
            double guess = scale.lnFor(coverage) * scale.widened(variance()) - mean;
            answeredLn = solved(coverage, guess, -FIRST_STEP);
        }
        return answeredLn;
    }

    /**
     * Secants from a guess, at first the answer there would be if ln dose scattered normally over the design: coverage rises steadily with
     * ln dose, so that the answer lies where the least and the greatest part would by themselves.
     */
    private double solved(double coverage, double guess, double step) {
        if (coverage <= 0) {
            return Double.NEGATIVE_INFINITY;
        }
        double alone = scale.lnFor(coverage);
        double low = alone - greatest();
        double high = alone - leastLn();
        if (low > WIDEST_LN) {
            return Double.POSITIVE_INFINITY;
        }
        double at = Math.max(low, Math.min(high, guess));
        double before = at + step;
        double offBefore = covered(before) - coverage;
        for (int i = 0; i < MOST_STEPS && high - low > EXACT_LN; i++) {
            double off = covered(at) - coverage;
            if (Math.abs(off) < EXACT_SHARE) {
                return at;
            }
            low = off < 0 ? Math.max(low, at) : low;
            high = off < 0 ? high : Math.min(high, at);
            double slope = (off - offBefore) / (at - before);
            double next = slope > 0 ? at - off / slope : (low + high) / 2;
            before = at;
            offBefore = off;
            at = next > low && next < high ? next : (low + high) / 2;
        }
        return at;
    }

    private double variance() {
        double sum = 0;
        for (int i = 0; i < lnDose.length; i++) {
            sum += share[i] * (lnDose[i] - mean) * (lnDose[i] - mean);
        }
        return sum;
    }

    @Override
    public double lnForExcess(double mm) {
        return mm == Double.POSITIVE_INFINITY ? mm : scale.lnForExcess(mm) - mostLn();
    }

    @Override
    public Optional<Trouble> spoiled() {
        return Optional.ofNullable(spoiled);
    }

    @Override
    public DoseScale scale() {
        return scale;
    }

    @Override
    public Standard standard() {
        return standard;
    }

    double forceN() {
        return forceN;
    }

    /** The least that any part gets. */
    public double least() {
        return Math.exp(leastLn());
    }

    private double leastLn() {
        double least = Double.MAX_VALUE;
        for (double ln : lnDose) {
            least = Math.min(least, ln);
        }
        return least;
    }

    private double greatest() {
        double greatest = -Double.MAX_VALUE;
        for (double ln : lnDose) {
            greatest = Math.max(greatest, ln);
        }
        return greatest;
    }

    /** The dose that counts for too much: what the scale's share of the design gets or passes. */
    public double most() {
        return Math.exp(mostLn());
    }

    private double mostLn() {
        if (Double.isNaN(mostLn)) {
            mostLn = reachedBy();
        }
        return mostLn;
    }

    private double reachedBy() {
        double wanted = scale.excessShare();
        double passed = 0;
        double limit = Double.MAX_VALUE;
        while (true) {
            double highest = -Double.MAX_VALUE;
            for (double ln : lnDose) {
                highest = ln < limit && ln > highest ? ln : highest;
            }
            for (int i = 0; i < lnDose.length; i++) {
                passed += lnDose[i] == highest ? share[i] : 0;
            }
            if (passed >= wanted || highest == -Double.MAX_VALUE) {
                return highest;
            }
            limit = highest;
        }
    }
}
