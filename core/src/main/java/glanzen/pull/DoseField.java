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
    /** From so near the next secant is taken without looking again: it errs by less than 1e-3 of ln dose. */
    private static final double NEAR_SHARE = 2e-3;

    private static final double NEAR_LN = 0.015;
    private static final double SLOPE_LN = 0.02;
    private static final int MOST_STEPS = 40;
    /** Less than this share lifted moves no figure. */
    private static final double UNFELT_LIFT = 1e-5;

    private final double[] lnDose;
    private final double[] share;
    private final DoseScale scale;
    private final Standard standard;
    private final double lift;
    private final double forceN;
    private final Spoiling spoiling;
    private final double mean;
    private final double variance;
    private final double leastLn;
    private final double greatestLn;
    /** What was asked last; whoever asks meanwhile works it out again, to the same end. */
    private @Nullable Answer latest;

    private volatile double mostLn = Double.NaN;

    /** From which factor on so much comes out, ln. */
    private record Answer(double coverage, double ln) {}

    /**
     * @param dose dose of each part; without unit
     * @param share share of the design each part is, summing to 1
     * @param scale how a dose is read
     * @param standard what counts as good
     * @param lift share lost at peeling, 0…1
     * @param forceN greatest force in the nip, N
     * @param spoiling what spoils it whatever the dose
     */
    DoseField(
            double[] dose,
            double[] share,
            DoseScale scale,
            Standard standard,
            double lift,
            double forceN,
            Spoiling spoiling) {
        this.lnDose = new double[dose.length];
        double sum = 0;
        double squares = 0;
        double least = Double.MAX_VALUE;
        double greatest = -Double.MAX_VALUE;
        for (int i = 0; i < dose.length; i++) {
            double ln = Math.log(Math.max(LEAST_DOSE, dose[i]));
            lnDose[i] = ln;
            sum += share[i] * ln;
            squares += share[i] * ln * ln;
            least = Math.min(least, ln);
            greatest = Math.max(greatest, ln);
        }
        this.mean = sum;
        this.variance = Math.max(0, squares - sum * sum);
        this.leastLn = least;
        this.greatestLn = greatest;
        this.share = share;
        this.scale = scale;
        this.standard = standard;
        this.lift = lift;
        this.forceN = forceN;
        this.spoiling = spoiling;
    }

    @Override
    public PullOutcome pull(double factor) {
        double ln = Math.log(factor);
        double kept = covered(ln) * (1 - lift);
        double excess = scale.excessMm(Math.exp(mostLn() + ln));
        Optional<Trouble> spoiled = spoiling.likely();
        boolean under = spoiled.filter(Trouble.REFUSED::equals).isEmpty() && standard.under(kept);
        boolean over = spoiled.isPresent() || spoiling.likelyWet() || standard.over(excess);
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
        return lift < UNFELT_LIFT ? least : solved(coverage / (1 - lift), guess(coverage / (1 - lift)));
    }

    @Override
    public double lnFor(double coverage) {
        Answer answer = latest;
        if (answer == null || answer.coverage != coverage) {
            answer = new Answer(coverage, solved(coverage, guess(coverage)));
            latest = answer;
        }
        return answer.ln;
    }

    /** The answer there would be if ln dose scattered normally over the design. */
    private double guess(double coverage) {
        return scale.lnFor(coverage) * scale.widened(variance) - mean;
    }

    /**
     * Secants from a guess, the first with the slope that a design pressed evenly would have: coverage rises steadily with ln dose, so
     * that the answer lies where the least and the greatest part would by themselves.
     */
    private double solved(double coverage, double guess) {
        if (coverage <= 0) {
            return Double.NEGATIVE_INFINITY;
        }
        double alone = scale.lnFor(coverage);
        double low = alone - greatestLn;
        double high = alone - leastLn;
        if (low > WIDEST_LN) {
            return Double.POSITIVE_INFINITY;
        }
        double at = Math.max(low, Math.min(high, guess));
        double slope = (scale.coverage(alone + SLOPE_LN) - scale.coverage(alone - SLOPE_LN))
                / (2 * SLOPE_LN * scale.widened(variance));
        double off = covered(at) - coverage;
        for (int i = 0; i < MOST_STEPS && Math.abs(off) > EXACT_SHARE && high - low > EXACT_LN; i++) {
            low = off < 0 ? Math.max(low, at) : low;
            high = off < 0 ? high : Math.min(high, at);
            double next = slope > 0 ? at - off / slope : low;
            next = next > low && next < high ? next : (low + high) / 2;
            if (Math.abs(off) < NEAR_SHARE && Math.abs(next - at) < NEAR_LN) {
                return next;
            }
            double before = off;
            off = covered(next) - coverage;
            slope = (off - before) / (next - at);
            at = next;
        }
        return at;
    }

    @Override
    public double lnForExcess(double mm) {
        return mm == Double.POSITIVE_INFINITY ? mm : scale.lnForExcess(mm) - mostLn();
    }

    @Override
    public Spoiling spoiling() {
        return spoiling;
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
        return Math.exp(leastLn);
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
            double there = 0;
            for (int i = 0; i < lnDose.length; i++) {
                double ln = lnDose[i];
                if (ln < limit && ln >= highest) {
                    there = ln > highest ? share[i] : there + share[i];
                    highest = ln;
                }
            }
            passed += there;
            if (passed >= wanted || highest == -Double.MAX_VALUE) {
                return highest;
            }
            limit = highest;
        }
    }
}
