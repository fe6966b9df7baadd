package glanzen.forecast;

import glanzen.forecast.Forecast.Window;
import glanzen.heat.HeatTrace;
import glanzen.pull.Handling;
import glanzen.pull.PullModel.StripDose;
import glanzen.pull.PullOutcome;
import glanzen.pull.PullResponse;
import glanzen.pull.Rig;
import glanzen.pull.RigPriors;
import glanzen.pull.Spoiling;
import glanzen.pull.Trouble;
import glanzen.route.Standard;
import glanzen.setup.SetUp;
import glanzen.transfer.Ghost;
import glanzen.transfer.Normal;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * Adds up what a set-up comes to over an ensemble. Of each rig only what moves force and heat is drawn; the need and the
 * luck of a pull are integrated by their normal distribution.
 */
final class Tally {

    private final double lnNeedPrior;
    private final double[] weights;
    private final PullOutcome[] pulls;
    private final double ghost;
    private final double[] troubles = new double[Trouble.values().length];
    private int members;
    private double under;
    private double over;
    private double both;

    Tally(SetUp setUp, double lnNeedPrior, RigEnsemble ensemble) {
        this.lnNeedPrior = lnNeedPrior;
        this.ghost = setUp.route().standard().edgeShows() ? Ghost.chance(Handling.looseReversals(setUp)) : 0;
        this.weights = ensemble.rigs().stream().mapToDouble(Rig::weight).toArray();
        this.pulls = new PullOutcome[weights.length];
    }

    void add(Rig rig, PullResponse doses) {
        double spread = RigPriors.lnSpread(rig, lnNeedPrior);
        double weight = weights[members];
        pulls[members] = doses.pull(Math.exp(spread * RigEnsemble.luck(members)));
        members++;
        Spoiling spoiling = doses.spoiling();
        count(Trouble.REFUSED, weight * spoiling.refused());
        weight *= 1 - spoiling.refused();
        Standard standard = doses.standard();
        double least = doses.lnForKept(standard.enough());
        double bare = Normal.cdf(doses.lnFor(standard.enough()) / spread);
        double less = Normal.cdf(least / spread);
        double within =
                Normal.cdf(doses.lnForExcess(standard.mostExcessMm()) / Math.hypot(spread, RigPriors.LN_EXCESS));
        double more = within * (1 - spoiling.bareSheet()) * (1 - spoiling.wet());
        double tooMuch = Math.min(1 - less, 1 - more);
        double ghosted = ghost * (1 - less);
        under += weight * (less + ghosted);
        over += weight * tooMuch * (1 - ghost);
        both += weight * (Math.max(0, less - more) + ghost * tooMuch);
        count(Trouble.BARE, weight * bare);
        count(Trouble.LIFTS, weight * Math.max(0, less - bare));
        count(Trouble.GHOST, weight * ghosted);
        count(Trouble.EXCESS, weight * (1 - within));
        count(Trouble.BARE_SHEET, weight * spoiling.bareSheet());
        count(Trouble.BLOB, weight * spoiling.wet());
    }

    private void count(Trouble trouble, double share) {
        troubles[trouble.ordinal()] += share;
    }

    private Map<Trouble, Double> counted() {
        Map<Trouble, Double> counted = new EnumMap<>(Trouble.class);
        for (Trouble trouble : Trouble.values()) {
            if (troubles[trouble.ordinal()] > 0) {
                counted.put(trouble, troubles[trouble.ordinal()]);
            }
        }
        return counted;
    }

    /** How unsure the word is that a pull will get, bits. */
    double doubtBits() {
        return bits(under) + bits(over) + bits(refused()) + bits(clean());
    }

    double clean() {
        return Math.max(0, 1 - under - over - refused());
    }

    private double refused() {
        return troubles[Trouble.REFUSED.ordinal()];
    }

    private static double bits(double share) {
        return share <= 0 ? 0 : -share * Math.log(share) / Math.log(2);
    }

    Forecast forecast(Window window, NipRange nip, List<StripDose> strips, List<HeatTrace> heat) {
        return new Forecast(
                under,
                clean(),
                over,
                both,
                refused(),
                counted(),
                Quantiles.of(pulls, weights, PullOutcome::dose),
                Quantiles.of(pulls, weights, PullOutcome::coverage),
                Quantiles.of(pulls, weights, PullOutcome::spillMm),
                window,
                nip,
                strips,
                heat);
    }
}
