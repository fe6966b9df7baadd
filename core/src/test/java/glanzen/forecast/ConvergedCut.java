package glanzen.forecast;

import glanzen.anchor.Anchor;
import glanzen.anchor.AnchorBench;
import glanzen.artwork.Artwork;
import glanzen.press.Blade;
import glanzen.press.Frame;
import glanzen.press.LoadPath;
import glanzen.pull.DoseScale;
import glanzen.pull.RigPriors;
import glanzen.route.Mechanism;
import glanzen.setup.PressedArtwork;
import glanzen.setup.SetUp;
import glanzen.transfer.Normal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;

/**
 * A cut forecast again the long way: rigs drawn at random, and for every place along the feed the blade that lies in the nip
 * counted along the die's outline while the nip is balanced by halving.
 */
final class ConvergedCut {

    private static final double STEP_MM = 0.05;
    private static final int MOST_PLACES = 400;

    private final SetUp setUp;
    private final LoadPath behind;
    private final double squeezeMm;
    private final double need;
    private final double half;
    private final List<double[]> edge;
    private final double[][] sorted = new double[2][];
    /** Blade up to each of these places, mm. */
    private final double[][] upTo = new double[2][];

    ConvergedCut(SetUp setUp, Forecaster forecaster) {
        this.setUp = setUp;
        this.behind = LoadPath.behindBlade(setUp.stack());
        this.squeezeMm = Blade.squeezeMm(setUp.stack(), setUp.press().openingMm());
        this.need = Blade.needNPerMm(setUp.stack());
        this.half = setUp.press().throatMm() / 2;
        Artwork blade = PressedArtwork.blade(setUp, forecaster.shelf());
        this.edge = edge(blade);
        for (int axis = 0; axis < 2; axis++) {
            int of = axis;
            List<double[]> along = new ArrayList<>(edge);
            along.sort(Comparator.comparingDouble(p -> p[of]));
            sorted[axis] = along.stream().mapToDouble(p -> p[of]).toArray();
            upTo[axis] = new double[along.size() + 1];
            for (int i = 0; i < along.size(); i++) {
                upTo[axis][i + 1] = upTo[axis][i] + along.get(i)[2];
            }
        }
    }

    private static List<double[]> edge(Artwork blade) {
        List<double[]> points = new ArrayList<>();
        Geometry lines = blade.bladeEdges();
        for (int n = 0; n < lines.getNumGeometries(); n++) {
            Coordinate[] corners = lines.getGeometryN(n).getCoordinates();
            for (int i = 1; i < corners.length; i++) {
                double length = corners[i].distance(corners[i - 1]);
                int steps = (int) Math.ceil(length / STEP_MM);
                for (int step = 0; step < steps; step++) {
                    double t = (step + 0.5) / steps;
                    points.add(new double[] {
                        corners[i - 1].x + t * (corners[i].x - corners[i - 1].x) - blade.widthMm() / 2,
                        corners[i - 1].y + t * (corners[i].y - corners[i - 1].y) - blade.heightMm() / 2,
                        length / steps / blade.timesAlong()
                    });
                }
            }
        }
        return points;
    }

    /** Line load and force where the nip lies around a place along the feed. */
    private double[] balanced(Frame frame, double squeeze, int axis, double atMm) {
        double low = 0;
        double high = frame.stiffnessNPerMm() * Math.max(0, squeeze);
        double load = 0;
        for (int i = 0; i < 50 && squeeze > 0; i++) {
            double force = (low + high) / 2;
            double contact = frame.contactMm(squeeze - force / frame.stiffnessNPerMm());
            double length =
                    Math.max(0.1 * contact, before(axis, atMm + contact / 2) - before(axis, atMm - contact / 2));
            load = force / length;
            double taken =
                    force / frame.stiffnessNPerMm() + behind.compressionMm(load, length / contact) + Blade.biteMm(load);
            low = taken < squeeze ? force : low;
            high = taken < squeeze ? high : force;
        }
        return new double[] {load, low};
    }

    private double before(int axis, double mm) {
        int found = Arrays.binarySearch(sorted[axis], mm);
        return upTo[axis][found < 0 ? -found - 1 : found];
    }

    /** Share of pulls that are through, on so many rigs. */
    double clean(int rigs, long seed) {
        Random random = new Random(seed);
        int every = Math.max(1, edge.size() / MOST_PLACES);
        int good = 0;
        for (int n = 0; n < rigs; n++) {
            double opening = RigPriors.OPENING_MM * random.nextGaussian();
            double stiffness = Math.exp(RigPriors.LN_STIFFNESS * random.nextGaussian());
            double lnFactor =
                    Math.hypot(RigPriors.LN_STOCK_NEED, RigPriors.LN_LUCK) * random.nextGaussian() - Math.log(need);
            double most = setUp.press().maxForceN() * Math.exp(RigPriors.LN_GREATEST_FORCE * random.nextGaussian());
            Frame frame = Frame.of(setUp.press()).off(opening, stiffness);
            double through = 0;
            double all = 0;
            double force = 0;
            for (int i = n % every; i < edge.size(); i += every) {
                double[] place = edge.get(i);
                double sum = 0;
                for (int pass = 0; pass < setUp.passes(); pass++) {
                    boolean turned = setUp.turned() && pass > 0;
                    double[] nip = balanced(frame, squeezeMm - opening, turned ? 0 : 1, place[turned ? 0 : 1]);
                    double xi = Math.min(1, Math.abs(place[turned ? 1 : 0]) / half);
                    double load = nip[0] * frame.pressureShare(1, nip[1], xi);
                    sum += load * load;
                    force = Math.max(force, nip[1]);
                }
                double dose = Math.log(Math.max(1e-9, Math.sqrt(sum))) + lnFactor;
                through += place[2] * Normal.cdf(dose / DoseScale.Cutting.SHARPNESS_SIGMA);
                all += place[2];
            }
            good += force <= most && !setUp.route().standard().under(through / all) ? 1 : 0;
        }
        return (double) good / rigs;
    }

    /** Compares every anchor that cuts, 1,000 rigs each unless said otherwise. */
    public static void main(String[] args) {
        int rigs = args.length > 0 ? Integer.parseInt(args[0]) : 1000;
        Forecaster forecaster = new Forecaster(AnchorBench.SHOP.artworks());
        double square = 0;
        double worst = 0;
        int n = 0;
        for (Anchor row : Anchor.all()) {
            SetUp s = row.setUp();
            if (s.route().mechanism() != Mechanism.CUT || row.name().startsWith("start")) {
                continue;
            }
            double forecast = forecaster.forecast(s, RigEnsemble.fresh()).clean();
            double longWay = new ConvergedCut(s, forecaster).clean(rigs, 4242);
            double off = 100 * (forecast - longWay);
            System.out.printf(
                    Locale.ROOT, "%-42s forecast %.3f, converged %.3f, off %.1f%n", row.name(), forecast, longWay, off);
            square += off * off;
            worst = Math.max(worst, Math.abs(off));
            n++;
        }
        System.out.printf(Locale.ROOT, "%d rows: %.2f points rms, %.1f at worst%n", n, Math.sqrt(square / n), worst);
    }
}
