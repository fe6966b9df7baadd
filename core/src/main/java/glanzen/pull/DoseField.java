package glanzen.pull;

import glanzen.route.Standard;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Doses over a design on one rig. */
public final class DoseField implements PullResponse {

    private static final double LEAST_DOSE = 1e-9;
    private static final double WIDEST_LN = 12;
    private static final double EXACT_SHARE = 1e-4;
    private static final double EXACT_LN = 1e-3;

    private final double[] lnDose;
    private final double[] share;
    private final DoseScale scale;
    private final Standard standard;
    private final double lift;
    private final double forceN;
    private final @Nullable Trouble spoiled;

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
        for (int i = 0; i < dose.length; i++) {
            lnDose[i] = Math.log(Math.max(LEAST_DOSE, dose[i]));
        }
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
        double mean = 0;
        for (int i = 0; i < lnDose.length; i++) {
            mean += share[i] * lnDose[i];
        }
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
        return coverage >= 1 - lift ? Double.POSITIVE_INFINITY : lnFor(coverage / (1 - lift));
    }

    /** False position with halving (Dowell and Jarratt 1971): coverage rises steadily with ln dose. */
    @Override
    public double lnFor(double coverage) {
        if (coverage <= 0) {
            return Double.NEGATIVE_INFINITY;
        }
        double low = scale.lnFor(coverage) - greatest();
        double high = scale.lnFor(coverage) - leastLn();
        if (high - low < EXACT_LN) {
            return low;
        }
        if (low > WIDEST_LN) {
            return Double.POSITIVE_INFINITY;
        }
        double below = covered(low) - coverage;
        double above = covered(high) - coverage;
        int kept = 0;
        while (high - low > EXACT_LN) {
            double at = above - below < EXACT_SHARE ? (low + high) / 2 : (low * above - high * below) / (above - below);
            double off = covered(at) - coverage;
            if (Math.abs(off) < EXACT_SHARE / 10) {
                return at;
            }
            if (off < 0) {
                low = at;
                below = off;
                above *= kept == 1 ? 0.5 : 1;
                kept = 1;
            } else {
                high = at;
                above = off;
                below *= kept == -1 ? 0.5 : 1;
                kept = -1;
            }
        }
        return (low + high) / 2;
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
