package glanzen.diagnosis;

import glanzen.forecast.RigEnsemble;
import glanzen.inspect.Cells;
import glanzen.inspect.Measures;
import glanzen.pull.DoseScale;
import glanzen.pull.PullModel;
import glanzen.pull.PullResponse;
import glanzen.pull.Rig;
import glanzen.pull.RigPriors;
import glanzen.setup.SetUp;
import glanzen.transfer.Ghost;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.DoubleBinaryOperator;
import java.util.stream.IntStream;

/** Makes pulls that came out so for a given cause, and reads their signs: the same set-up, the same ensemble, one thing wrong. */
final class CauseModel {

    private static final int PULLS = 120;
    /** So much of a place may be told to lie further on: the tenth where most shows. */
    private static final double HIGH = 0.9;

    private final PullModel model;
    private final RigEnsemble ensemble;
    /** A rig to a pull, each as often as it is plausible. */
    private final List<Rig> pulled;

    private final DoseScale scale;
    private final double mostExcessMm;
    private final double enough;
    private final Cells cells;
    private final int[] counting;
    private final double areaMm2;

    CauseModel(SetUp setUp, PullModel model, RigEnsemble ensemble) {
        this.model = model;
        this.ensemble = ensemble;
        this.pulled = ensemble.thinned(PULLS).rigs();
        this.scale = model.doses(this.ensemble.middle()).scale();
        this.mostExcessMm =
                setUp.route().standard().counting(model.artwork().counterMm()).mostExcessMm();
        this.enough = setUp.route().standard().enough();
        this.cells = Cells.of(model.artwork(), model.artwork().middleXMm());
        this.counting = IntStream.range(0, cells.count()).filter(cells::counts).toArray();
        this.areaMm2 = Math.max(
                1, Arrays.stream(counting).mapToDouble(cells::designMm2).sum());
    }

    /** Pulls by cause; of those that the set-up itself decides, each rig's pull goes where it belongs. */
    Map<Cause, List<Signs>> simulate(List<Cause> causes, long seed) {
        Map<Cause, List<Signs>> all = new EnumMap<>(Cause.class);
        for (Cause cause : causes) {
            all.put(
                    cause,
                    IntStream.range(0, PULLS)
                            .parallel()
                            .mapToObj(n -> pull(cause, n, new Random(seed * 31 + cause.ordinal() * 7919L + n)))
                            .toList());
        }
        return all;
    }

    private Signs pull(Cause cause, int n, Random luck) {
        if (cause == Cause.REVERSED || counting.length == 0) {
            return Signs.bare(0.01 * luck.nextDouble());
        }
        Rig rig = pulled.get(n);
        double[] ln = doses(cause, rig, luck);
        double[] covered = covered(cause, ln, luck);
        Loss loss = new Loss(cells, counting, covered, luck);
        loss.of(cause);
        Cells.Pattern seen = cells.pattern(covered);
        double moved = cause == Cause.MOVED ? Ghost.VISIBLE_MM + 0.06 + 0.45 * luck.nextDouble() : 0;
        // Where few edges lie across the feed, less of a second copy is seen than there is.
        double ghost = moved > 0 ? moved * (0.4 + 0.6 * luck.nextDouble()) : 0.04 * luck.nextDouble();
        double bare = 1 - seen.coverage();
        double grains = Math.max(0, bare - loss.share()) * areaMm2 / Signs.SPECK_MM2;
        double largest = grains < 0.3 ? 0 : Signs.largestBareMm2(bare - loss.share(), areaMm2);
        double excess = excess(ln) + squeezed(cause, luck);
        return new Signs(
                seen.coverage(),
                excess + 0.9 * moved,
                seen.onRight(),
                seen.inMiddle(),
                Math.min(Measures.MOST_SPOTS, loss.specks() + grains),
                Math.max(loss.largestMm2(), largest),
                seen.mottle(),
                seen.gone(),
                seen.gonePlaces(),
                ghost);
    }

    private double[] doses(Cause cause, Rig rig, Random luck) {
        DoubleBinaryOperator map = model.doseMap(rig);
        double base = RigPriors.LN_LUCK * luck.nextGaussian() + set(cause, rig, luck);
        double tilt = (luck.nextBoolean() ? 1 : -1) * (0.6 + 1.6 * luck.nextDouble());
        double give = 0.6 + 1.6 * luck.nextDouble();
        double clouds = 0.8 + 1.2 * luck.nextDouble();
        double phase = 100 * luck.nextDouble();
        double[] ln = new double[counting.length];
        for (int i = 0; i < ln.length; i++) {
            double x = cells.xMm(counting[i]);
            double y = cells.yMm(counting[i]);
            double xi = cells.across(counting[i]);
            ln[i] = Math.log(Math.max(1e-6, map.applyAsDouble(x, y))) + base;
            ln[i] += switch (cause) {
                case ONE_SIDE -> tilt * xi - Math.abs(tilt) / 2;
                case MIDDLE_GIVES -> -give * (1 - xi * xi);
                case GEL_OLD -> -clouds * (1 + Math.sin(0.6 * x + phase) * Math.cos(0.7 * y - phase));
                default -> 0;
            };
        }
        return ln;
    }

    /** What is added so that the set-up gives what the cause says: most rigs need nothing, some a push. */
    private double set(Cause cause, Rig rig, Random luck) {
        PullResponse doses = model.doses(rig);
        double less = finite(doses.lnFor(enough), 0);
        double much = finite(doses.lnForExcess(mostExcessMm), less + 1.5);
        double room = Math.max(0.3, much - less);
        return switch (cause) {
            case TOO_LITTLE, SHEETS -> {
                double far = luck.nextDouble();
                yield Math.min(0, less) - 0.1 - 1.2 * far * far;
            }
            // Where it is full on the better side, hardly more than enough was given.
            case ONE_SIDE, MIDDLE_GIVES -> less + 0.5 * room * luck.nextDouble();
            case TOO_MUCH, STIFF -> Math.max(0, much) + 0.05 + 0.8 * luck.nextDouble();
            // A set-up that is right lies rather near to just enough.
            default -> {
                double more = luck.nextDouble();
                yield less + room * more * more;
            }
        };
    }

    private static double finite(double ln, double otherwise) {
        return Double.isFinite(ln) ? ln : otherwise;
    }

    /** Share of each cell that came out: film takes grain by grain. */
    private double[] covered(Cause cause, double[] ln, Random luck) {
        double[] covered = new double[cells.count()];
        Arrays.fill(covered, -1);
        boolean grainy = scale instanceof DoseScale.Wetting;
        for (int i = 0; i < ln.length; i++) {
            int grains = grainy ? (int) Math.max(1, Math.round(cells.designMm2(counting[i]) / Signs.GRAIN_MM2)) : 1;
            double taken = 0;
            for (int g = 0; g < grains; g++) {
                double p = scale.coverage(cause == Cause.TEXTURE ? ln[i] - 1.4 * luck.nextDouble() : ln[i]);
                taken += grainy ? luck.nextDouble() < p ? 1 : 0 : p;
            }
            covered[counting[i]] = taken / grains;
        }
        return covered;
    }

    private double excess(double[] ln) {
        double[] sorted = ln.clone();
        Arrays.sort(sorted);
        double high = sorted[(int) (HIGH * (sorted.length - 1))];
        double grain = scale instanceof DoseScale.Wetting ? Signs.GRAIN_LN : 0;
        return Math.min(2, Math.max(0, scale.excessMm(Math.exp(high + grain))));
    }

    private static double squeezed(Cause cause, Random luck) {
        return cause == Cause.NOT_DRY ? 0.2 + 1.2 * luck.nextDouble() : 0;
    }

    /** Likely pulls of the set-up itself, for what is usual on it. */
    RigEnsemble ensemble() {
        return ensemble;
    }
}
