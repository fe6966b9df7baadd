package glanzen.learning;

import glanzen.forecast.RigEnsemble;
import glanzen.pull.PullModel;
import glanzen.pull.PullResponse;
import glanzen.pull.Rig;
import glanzen.pull.RigPriors;
import glanzen.pull.Spoiling;
import glanzen.pull.Trouble;
import glanzen.setup.SetUp;
import glanzen.transfer.Normal;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.math3.linear.Array2DRowRealMatrix;
import org.apache.commons.math3.linear.ArrayRealVector;
import org.apache.commons.math3.linear.RealMatrix;
import org.apache.commons.math3.linear.RealVector;

/**
 * Weighs what is believed by what was seen of a pull. Plausible rigs are pulled, each counts as much as it explains what was seen,
 * and the normal distribution with their mean and covariance is believed from then on: assumed density filtering (Maybeck
 * 1982, chapter 12; Opper 1998). What a film or stock needs, and the luck of the pull, are not drawn: both only add to ln dose, so that
 * their share is a truncated normal distribution. Nothing is drawn by chance: the same pulls give the same belief.
 */
public final class Learner {

    /** Share of pulls that are logged wrongly or spoiled by something the model does not know. */
    private static final double MISREAD = 0.05;
    /** What may be said of a pull. */
    private static final int WORDS = 4;
    /** How likely it is that a pull went through a press that by the model would not take it: the model's figures are not exact. */
    private static final double SQUEEZED_THROUGH = 0.002;
    /** Room for what cannot be learned: how a backing spreads foil, how a sheet scatters; ln of dose. */
    private static final double LN_ROOM = 0.12;

    /**
     * Strangers, rigs as they were thought of first but further off, are let in once they explain the last pulls so much better, ln of how
     * many times: one pull that was misread is not enough. A cumulative sum (Page 1954) of one pull after another.
     */
    private static final double STRANGE = 4;

    private static final double STRANGERS = 0.25;
    private static final double FURTHER_OFF = 2;
    /** During the first pulls it is not known either whether a rig is further off than most: one in two hundred is. */
    private static final int FEW = 6;

    private static final double AT_FIRST = 0.005;

    private Learner() {}

    /**
     * Learns from one pull.
     *
     * @param belief what was believed
     * @param model the set-up made ready
     * @return what is believed now
     */
    public static Belief learn(Belief belief, SetUp setUp, PullModel model, Observation seen) {
        Rigged rigged = Rigged.of(setUp);
        Belief met = belief.meeting(rigged.need(), model.lnNeedPrior()).meeting(rigged);
        Belief first = met.forgetting(List.of(rigged.machineId(), rigged.heaterId(), rigged.needKey()));
        List<Rig> rigs = met.drawn(rigged, 1, RigEnsemble.SIZE);
        List<Rig> strangers = first.drawn(rigged, FURTHER_OFF, RigEnsemble.SIZE / 4);
        Explained own = Explained.by(rigs, model, seen);
        Explained strange = Explained.by(strangers, model, seen);
        double sum = Math.max(0, met.strange(rigged) + Math.log(strange.share / own.share));
        boolean changed = sum > STRANGE;
        double part = changed ? STRANGERS : met.pulls(rigged) < FEW ? AT_FIRST : 0;
        Explained all = own.mixed(strange, part);
        return all.believed(met, rigged).counting(rigged, changed ? 0 : sum);
    }

    /**
     * Learns from a pull that went through its press, and tells nothing else of heat and pressure: dust, spent film, a wrong side
     * spoiled it. It is not counted among those that it was learned from.
     *
     * @param model the set-up made ready
     */
    public static Belief wentThrough(Belief belief, SetUp setUp, PullModel model) {
        Rigged rigged = Rigged.of(setUp);
        boolean refused = belief.rigs(rigged).rigs().stream().anyMatch(rig -> refuses(model.doses(rig)));
        if (!refused) {
            return belief;
        }
        Belief met = belief.meeting(rigged.need(), model.lnNeedPrior()).meeting(rigged);
        return Explained.by(met.drawn(rigged, 1, RigEnsemble.SIZE), model, Observation.WENT_THROUGH)
                .believed(met, rigged);
    }

    /** Sums over rigs, each as plausible as it was and as well as it explains what was seen. */
    private static final class Explained {
        private static final int N = RigEnsemble.DRAWN + 1;

        private double share;
        private final double[] first = new double[N];
        private final double[][] second = new double[N][N];

        static Explained by(List<Rig> rigs, PullModel model, Observation seen) {
            Explained all = new Explained();
            rigs.forEach(rig -> all.add(rig, Told.of(model.doses(rig), rig.lnNeedDeviation(0), seen)));
            return all;
        }

        private void add(Rig rig, Told told) {
            double w = rig.weight() * told.likelihood;
            double[] at = {
                rig.setPointErrorK(),
                rig.openingErrorMm(),
                rig.lnStiffness(),
                rig.lnContact(),
                rig.lnNeed() + told.lnNeed
            };
            share += w;
            for (int i = 0; i < N; i++) {
                first[i] += w * at[i];
                for (int j = 0; j < N; j++) {
                    second[i][j] += w * at[i] * at[j];
                }
            }
            second[N - 1][N - 1] += w * told.variance;
        }

        /** Both together; the others had such a share before anything was seen. */
        Explained mixed(Explained others, double part) {
            Explained all = new Explained();
            all.share = (1 - part) * share + part * others.share;
            for (int i = 0; i < N; i++) {
                all.first[i] = (1 - part) * first[i] + part * others.first[i];
                for (int j = 0; j < N; j++) {
                    all.second[i][j] = (1 - part) * second[i][j] + part * others.second[i][j];
                }
            }
            return all;
        }

        Belief believed(Belief met, Rigged rigged) {
            List<Trait> traits = new ArrayList<>(rigged.drawn());
            traits.add(rigged.need());
            return met.replaced(traits, new JointNormal(mean(), covariance()));
        }

        RealVector mean() {
            return new ArrayRealVector(first).mapDivide(share);
        }

        RealMatrix covariance() {
            RealVector mean = mean();
            return new Array2DRowRealMatrix(second).scalarMultiply(1 / share).subtract(mean.outerProduct(mean));
        }
    }

    /**
     * The tale of a pull on one rig.
     *
     * @param likelihood how likely it was to see this, 0…1
     * @param lnNeed by how much what it needs is likely to be off what was thought, ln
     * @param variance of that
     */
    private record Told(double likelihood, double lnNeed, double variance) {

        /**
         * Whatever was seen went through, which a rig whose press refuses it hardly explains, however it came out. Otherwise what was
         * seen is a range of doses, and luck and need must have brought the pull into it. A person misreads one pull in twenty, and the model's
         * own edges are not exact either.
         */
        static Told of(PullResponse doses, double needDeviation, Observation seen) {
            double needVariance = needDeviation * needDeviation;
            Spoiling spoiling = doses.spoiling();
            double spread = Math.hypot(Math.hypot(RigPriors.LN_LUCK, LN_ROOM), needDeviation);
            double misread = MISREAD / WORDS;
            Range range = range(doses, seen);
            double low = range.low / spread;
            double high = range.high / spread;
            double within = high > low ? Normal.cdf(high) - Normal.cdf(low) : 0;
            double sound = (1 - spoiling.bareSheet()) * (1 - spoiling.wet());
            // What is squeezed past its stencil, or holds on bare sheet, tells nothing of dose.
            double spoiled = seen.tooMuch() || seen.tellsNothing() ? 1 - sound : 0;
            double went = misread + (1 - MISREAD) * (sound * within + spoiled);
            double likelihood = spoiling.refused() * SQUEEZED_THROUGH + (1 - spoiling.refused()) * went;
            double right = (1 - spoiling.refused()) * (1 - MISREAD) * sound * within / likelihood;
            if (within < 1e-9) {
                return new Told(likelihood, 0, needVariance);
            }
            // Moments of a normal distribution cut off at both ends; what lacks need shows as dose.
            double mean = spread * (density(low) - density(high)) / within;
            double square = spread * spread * (1 + (steep(low) - steep(high)) / within);
            double part = needVariance / (spread * spread);
            double off = -right * part * mean;
            double meanSquare = (1 - right) * needVariance + right * (part * part * square + needVariance * (1 - part));
            return new Told(likelihood, off, Math.max(0, meanSquare - off * off));
        }

        private static double density(double z) {
            return Math.exp(-z * z / 2) / Math.sqrt(2 * Math.PI);
        }

        private static double steep(double z) {
            return Double.isInfinite(z) ? 0 : z * density(z);
        }
    }

    /** Between which factors on dose, ln, it looks as it was seen. */
    private record Range(double low, double high) {
        private static final Range NONE = new Range(0, 0);
    }

    private static Range range(PullResponse doses, Observation seen) {
        boolean tooMuch = seen.spillLowMm() > 0;
        boolean counts = doses.standard().mostExcessMm() < Double.POSITIVE_INFINITY;
        if (tooMuch && !counts) {
            return Range.NONE;
        }
        double low = doses.lnForKept(seen.coverageLow());
        double high = seen.coverageHigh() >= 1 ? Double.POSITIVE_INFINITY : doses.lnForKept(seen.coverageHigh());
        if (counts) {
            low = tooMuch ? Math.max(low, doses.lnForExcess(seen.spillLowMm())) : low;
            high = Math.min(high, doses.lnForExcess(seen.spillHighMm()));
        }
        return new Range(low, high);
    }

    private static boolean refuses(PullResponse doses) {
        return doses.spoiled().filter(Trouble.REFUSED::equals).isPresent();
    }

    /** How likely it is to see this if a rig gives that. */
    static double likelihood(PullResponse doses, Observation seen) {
        return Told.of(doses, 0, seen).likelihood;
    }
}
