package glanzen.diagnosis;

import glanzen.forecast.RigEnsemble;
import glanzen.inspect.Measures;
import glanzen.pull.Handling;
import glanzen.pull.Rig;
import glanzen.pull.RigPriors;
import glanzen.pull.TransferModel;
import glanzen.setup.SetUp;
import glanzen.transfer.Normal;
import glanzen.transfer.Transfer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.DoubleBinaryOperator;
import org.locationtech.jts.geom.Envelope;

/** Makes pulls that came out so for a given cause, and reads their signs: the same set-up, the same ensemble, one thing wrong. */
final class CauseModel {

    private static final int PULLS = 120;
    private static final int PLACES = 240;

    private final SetUp setUp;
    private final TransferModel model;
    private final RigEnsemble ensemble;
    private final double[][] places;
    private final double areaMm2;
    private final double halfWidthMm;

    CauseModel(SetUp setUp, TransferModel model, RigEnsemble ensemble) {
        this.setUp = setUp;
        this.model = model;
        this.ensemble = ensemble.knowing(setUp.needKey(), model.lnNeedPrior());
        this.places = places();
        this.areaMm2 = Math.max(1, model.artwork().areaMm2());
        Envelope box = model.artwork().designBox();
        double middle = model.artwork().middleXMm();
        this.halfWidthMm = Math.max(1, Math.max(middle - box.getMinX(), box.getMaxX() - middle));
    }

    /** Places spread over the raised ground. */
    private double[][] places() {
        Envelope box = model.artwork().designBox();
        int side = 90;
        double px = side / Math.max(box.getWidth(), box.getHeight());
        int w = (int) Math.max(4, box.getWidth() * px);
        int h = (int) Math.max(4, box.getHeight() * px);
        boolean[] raised = model.artwork().raster(w, h, px, box.centre().x, box.centre().y);
        List<double[]> all = new ArrayList<>();
        for (int i = 0; i < raised.length; i++) {
            if (raised[i]) {
                all.add(new double[] {
                    box.centre().x + (i % w + 0.5 - w / 2.0) / px, box.centre().y + (h / 2.0 - i / w - 0.5) / px
                });
            }
        }
        int step = Math.max(1, all.size() / PLACES);
        List<double[]> taken = new ArrayList<>();
        for (int i = step / 2; i < all.size(); i += step) {
            taken.add(all.get(i));
        }
        return taken.isEmpty() ? new double[][] {{box.centre().x, box.centre().y}} : taken.toArray(double[][]::new);
    }

    /** Pulls by cause; of the three that the set-up itself decides, each rig's pull goes where it belongs. */
    Map<Cause, List<Signs>> simulate(long seed) {
        Map<Cause, List<Signs>> all = new EnumMap<>(Cause.class);
        for (Cause cause : Cause.values()) {
            List<Signs> pulls = new ArrayList<>();
            for (int n = 0; n < PULLS; n++) {
                pulls.add(pull(cause, n, new Random(seed * 31 + cause.ordinal() * 7919L + n)));
            }
            all.put(cause, pulls);
        }
        return all;
    }

    private Signs pull(Cause cause, int n, Random luck) {
        Rig rig = ensemble.rigs().get((n * 37 + 11) % ensemble.rigs().size());
        DoubleBinaryOperator map = model.doseMap(rig);
        double[] ln = new double[places.length];
        double base = RigPriors.LN_LUCK * luck.nextGaussian() + set(cause, rig, luck);
        double tilt = (luck.nextBoolean() ? 1 : -1) * (0.6 + 1.6 * luck.nextDouble());
        double give = 0.6 + 1.6 * luck.nextDouble();
        for (int i = 0; i < ln.length; i++) {
            double xi = (places[i][0] - model.artwork().middleXMm()) / halfWidthMm;
            ln[i] = Math.log(Math.max(1e-6, map.applyAsDouble(places[i][0], places[i][1]))) + base;
            ln[i] += cause == Cause.ONE_SIDE ? tilt * xi - Math.abs(tilt) / 2 : 0;
            ln[i] -= cause == Cause.MIDDLE_GIVES ? give * (1 - xi * xi) : 0;
            ln[i] -= cause == Cause.TEXTURE ? 0.7 * luck.nextDouble() : 0;
        }
        return signs(cause, ln, luck);
    }

    /** What is added so that the set-up gives what the cause says: most rigs need nothing, some a push. */
    private double set(Cause cause, Rig rig, Random luck) {
        double enough = Math.log(Transfer.LEAST_CLEAN_DOSE);
        double mean = Math.log(Math.max(1e-6, model.doses(rig).pull(1).dose()));
        double much = model.doses(rig).lnForExcess(Transfer.VISIBLE_SPILL_MM) + mean;
        double top = Double.isFinite(much) ? much : enough + 1.5;
        double room = Math.max(0.3, top - enough);
        return switch (cause) {
            case TOO_LITTLE -> {
                double less = luck.nextDouble();
                yield Math.min(0, enough - mean) - 0.1 - 1.2 * less * less;
            }
            // Where foil is full on the better side, hardly more than enough was given.
            case ONE_SIDE, MIDDLE_GIVES -> enough - mean + 0.5 * room * luck.nextDouble();
            case TOO_MUCH -> Math.max(0, top - mean) + 0.05 + 0.8 * luck.nextDouble();
            default -> Math.max(Math.min(0, top - mean), enough - mean) + 0.15 * room * luck.nextDouble();
        };
    }

    private Signs signs(Cause cause, double[] ln, Random luck) {
        if (cause == Cause.REVERSED) {
            return new Signs(0.01 * luck.nextDouble(), 0, 0, 0, 0, 0, 0, 0);
        }
        double[] covered = new double[ln.length];
        double sum = 0;
        for (int i = 0; i < ln.length; i++) {
            covered[i] = Normal.quickCdf(ln[i] / Transfer.SHEET_SIGMA);
            sum += covered[i];
        }
        double coverage = sum / ln.length;
        Lost lost = lost(cause, luck);
        double spread = 0;
        double[] part = new double[4];
        int[] count = new int[4];
        for (int i = 0; i < ln.length; i++) {
            spread += (covered[i] - coverage) * (covered[i] - coverage) / ln.length;
            double xi = (places[i][0] - model.artwork().middleXMm()) / halfWidthMm;
            for (boolean sided : new boolean[] {true, false}) {
                int k = Measures.part(xi, sided) + (sided ? 0 : 2);
                if (Measures.part(xi, sided) >= 0) {
                    part[k] += covered[i];
                    count[k]++;
                }
            }
        }
        double bare = (1 - coverage) * areaMm2 / Signs.GRAIN_MM2;
        double grain = 0.5 * Math.sqrt(coverage * (1 - coverage));
        double ghost = cause == Cause.MOVED ? 0.18 + 0.45 * luck.nextDouble() : 0.03 * luck.nextDouble();
        double largest = Signs.largestBareMm2(1 - coverage, areaMm2);
        return new Signs(
                coverage * (1 - lost.share),
                spill(ln) + (ghost > 0.1 ? 0.9 * ghost : 0),
                between(part, count, 0, 1) + lost.aside,
                between(part, count, 2, 3) + lost.aside / 2,
                Math.min(Measures.MOST_SPOTS, lost.specks + bare),
                Math.max(lost.largest * areaMm2, bare < 0.3 ? 0 : largest),
                Math.sqrt(spread + grain * grain + lost.share * (1 - lost.share) * 0.8),
                ghost);
    }

    private double spill(double[] ln) {
        double[] sorted = ln.clone();
        Arrays.sort(sorted);
        double high = sorted[(int) (0.9 * (sorted.length - 1))];
        return Transfer.spillMm(Math.exp(high + 1.28 * Transfer.SHEET_SIGMA), model.softnessMm()) + model.alwaysMm();
    }

    private static double between(double[] part, int[] count, int a, int b) {
        return count[a] == 0 || count[b] == 0 ? 0 : part[a] / count[a] - part[b] / count[b];
    }

    /** What is bare for another reason than the dose. */
    private record Lost(double share, double largest, double specks, double aside) {}

    private Lost lost(Cause cause, Random luck) {
        double aside = luck.nextGaussian();
        return switch (cause) {
            case DUST -> {
                int specks = 1 + luck.nextInt(5);
                double largest = Math.min(0.2, (0.25 + 1.6 * luck.nextDouble()) / areaMm2);
                double share = Math.min(0.4, specks * largest * 0.6);
                yield new Lost(share, largest, specks, 0.5 * aside * share);
            }
            case SPENT -> {
                double share = 0.03 + 0.4 * luck.nextDouble();
                yield new Lost(
                        share, share * (0.15 + 0.85 * luck.nextDouble()), 2 + luck.nextInt(5), 2 * aside * share);
            }
            case HOT_PEEL -> {
                double share = 0.03 + 0.25 * luck.nextDouble();
                yield new Lost(share, share * (0.12 + 0.4 * luck.nextDouble()), 3 + luck.nextInt(10), aside * share);
            }
            default -> new Lost(0, 0, 0, 0);
        };
    }

    /** How often each happens on such a set-up, before anything is seen. */
    Map<Cause, Double> usual(double under, double over) {
        Map<Cause, Double> usual = new EnumMap<>(Cause.class);
        double peelC = model.peelC(ensemble.middle(setUp.needKey()));
        double lifts = Transfer.lift(model.artwork().solidShare(), peelC);
        boolean loose = Handling.looseReversals(setUp) > 0;
        usual.put(Cause.AS_SET, 0.3 * (1 - under - over) + 0.02);
        usual.put(Cause.TOO_LITTLE, 0.5 * under + 0.06);
        usual.put(Cause.TOO_MUCH, 0.5 * over + 0.05);
        usual.put(Cause.MIDDLE_GIVES, 0.06);
        usual.put(Cause.ONE_SIDE, 0.08);
        usual.put(Cause.HOT_PEEL, 0.05 + 0.5 * Math.min(0.2, lifts));
        usual.put(Cause.DUST, 0.10);
        usual.put(Cause.SPENT, 0.06);
        usual.put(Cause.REVERSED, 0.03);
        usual.put(Cause.MOVED, loose ? 0.2 : 0.03);
        usual.put(Cause.TEXTURE, setUp.stock().surface().need() > 1.2 ? 0.20 : 0.01);
        return Shares.summingToOne(usual);
    }
}
