package glanzen.forecast;

import glanzen.anchor.Anchor;
import glanzen.artwork.Artwork;
import glanzen.heat.HeatRun;
import glanzen.heat.HeatTrace;
import glanzen.material.BondingLayer;
import glanzen.press.Frame;
import glanzen.press.LoadPath;
import glanzen.press.Nip;
import glanzen.pull.Handling;
import glanzen.pull.HeatPlans;
import glanzen.pull.RigPriors;
import glanzen.route.Standard;
import glanzen.setup.PressedArtwork;
import glanzen.setup.SetUp;
import glanzen.transfer.Transfer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/**
 * The forecast of foil by heat done again the long way: rigs drawn at random, heat solved for each, every fine slice pressed
 * with the mean width over the contact length it has on that rig, every place across it by itself.
 */
public final class Converged {

    private static final double SLICE_MM = 0.25;
    private static final int AWAY_BINS = 24;
    private static final double TIP = 0.10;

    private final SetUp setUp;
    private final Artwork artwork;
    private final LoadPath path;
    private final double need;
    private final double lambda;
    private final double mostMm;
    private final double halfThroatMm;
    /** By slice: raised ground by its distance from the middle of the throat. */
    private final double[][] raised;

    public Converged(SetUp setUp, Forecaster forecaster) {
        this.setUp = setUp;
        this.artwork = PressedArtwork.of(setUp, forecaster.shelf());
        this.path = LoadPath.of(setUp.stack());
        this.need = BondingLayer.HOT_FOIL.need() * setUp.stock().surface().need();
        this.lambda = Transfer.softnessMm(
                setUp.stock().surface().spread(), setUp.stack().softBackingMm());
        this.mostMm = setUp.route().standard().counting(artwork.counterMm()).mostExcessMm();
        this.halfThroatMm = setUp.machine().throatMm() / 2;
        this.raised = raised();
    }

    private double[][] raised() {
        int rows = (int) Math.ceil(artwork.heightMm() / SLICE_MM);
        int columns = (int) Math.ceil(artwork.widthMm() * 16);
        boolean[] mask = artwork.raster(columns, rows * 4, 16);
        double[][] found = new double[rows][AWAY_BINS];
        for (int i = 0; i < mask.length; i++) {
            if (mask[i]) {
                double away = Math.abs((i % columns + 0.5) / 16 - artwork.middleXMm()) / halfThroatMm;
                int row = rows - 1 - i / columns / 4;
                found[row][(int) Math.min(AWAY_BINS - 1, away * AWAY_BINS)] += 1;
            }
        }
        return found;
    }

    /** Of so many pulls on random rigs: share under, good, over. */
    public double[] shares(int rigs, long seed) {
        Random random = new Random(seed);
        double[] counts = new double[3];
        Standard standard = setUp.route().standard();
        for (int n = 0; n < rigs; n++) {
            double setPoint = RigPriors.SET_POINT_K * random.nextGaussian();
            double opening = RigPriors.OPENING_MM * random.nextGaussian();
            double stiff = Math.exp(RigPriors.LN_STIFFNESS * random.nextGaussian());
            double contact = Math.exp(RigPriors.LN_CONTACT * random.nextGaussian());
            double factor =
                    Math.exp(RigPriors.LN_NEED * random.nextGaussian() + RigPriors.LN_LUCK * random.nextGaussian());
            Frame frame = Frame.of(setUp.press()).off(opening, stiff);
            List<double[]> places = new ArrayList<>();
            double usual = Nip.solve(frame, path, setUp.overfillMm() - opening, artwork.meanWidthMm())
                    .contactMm();
            HeatRun heat = HeatPlans.of(setUp, Math.max(0.05, usual) / setUp.feedMmPerS())
                    .solve(contact, setPoint);
            double all = 0;
            double force = 0;
            double covered = 0;
            for (int row = 0; row < raised.length; row++) {
                double ground = Arrays.stream(raised[row]).sum();
                if (ground == 0) {
                    continue;
                }
                double b = artwork.raisedWidthMm((row + 0.5) * SLICE_MM, Math.max(0.5, usual));
                Nip nip = Nip.solve(frame, path, setUp.overfillMm() - opening, b);
                force = Math.max(force, nip.forceN());
                double exposure = exposure(heat, nip.dwellSeconds(setUp.feedMmPerS()));
                for (int bin = 0; bin < AWAY_BINS; bin++) {
                    if (raised[row][bin] > 0) {
                        double xi = (bin + 0.5) / AWAY_BINS;
                        double dose =
                                factor * nip.pressureMpa() * frame.pressureShare(1, nip.forceN(), xi) * exposure / need;
                        places.add(new double[] {dose, raised[row][bin]});
                        covered += raised[row][bin] * Transfer.coverage(dose);
                        all += raised[row][bin];
                    }
                }
            }
            covered = covered / all * (1 - Transfer.lift(artwork.solidShare(), heat.peelC()));
            boolean under = standard.under(covered);
            double shows = Math.exp(-RigPriors.LN_EXCESS * random.nextGaussian());
            boolean over = Transfer.spillMm(shows * spilling(places, all), lambda) > mostMm;
            double greatest = setUp.press().maxForceN() * Math.exp(RigPriors.LN_GREATEST_FORCE * random.nextGaussian());
            if (force > greatest) {
                counts[2]++;
            } else {
                counts[under ? 0 : over ? 2 : 1]++;
            }
        }
        return Arrays.stream(counts).map(c -> c / rigs).toArray();
    }

    private double exposure(HeatRun heat, double dwell) {
        double sum = 0;
        for (HeatTrace nip : heat.nips()) {
            double before = Transfer.rate(BondingLayer.HOT_FOIL, nip.celsius()[0]);
            for (int i = 1; i < nip.seconds().length && nip.seconds()[i - 1] < dwell; i++) {
                double rate = Transfer.rate(BondingLayer.HOT_FOIL, nip.celsius()[i]);
                double step = nip.seconds()[i] - nip.seconds()[i - 1];
                double share = Math.min(1, (dwell - nip.seconds()[i - 1]) / step);
                sum += (before + (before + share * (rate - before))) / 2 * share * step;
                before = rate;
            }
        }
        return sum;
    }

    private static double spilling(List<double[]> places, double all) {
        places.sort((a, b) -> Double.compare(b[0], a[0]));
        double passed = 0;
        for (double[] place : places) {
            passed += place[1];
            if (passed >= TIP * all) {
                return place[0];
            }
        }
        return 0;
    }

    /** Compares every anchor of foil by heat, 2,000 rigs each unless said otherwise. */
    public static void main(String[] args) {
        int rigs = args.length > 0 ? Integer.parseInt(args[0]) : 2000;
        Forecaster forecaster = new Forecaster(glanzen.anchor.AnchorBench.SHOP.artworks());
        double square = 0;
        double worst = 0;
        int n = 0;
        for (Anchor row : Anchor.all()) {
            SetUp s = row.setUp();
            if (!s.route().heated()
                    || Handling.looseReversals(s) > 0
                    || row.name().startsWith("start")) {
                continue;
            }
            Forecast f = forecaster.forecast(s, RigEnsemble.fresh());
            double[] shares = new Converged(s, forecaster).shares(rigs, 4242);
            double off = 100 * (f.clean() - shares[1]);
            System.out.printf(
                    Locale.ROOT,
                    "%-42s forecast %.3f %.3f %.3f, converged %.3f %.3f %.3f, off %.1f%n",
                    row.name(),
                    f.under(),
                    f.clean(),
                    f.over(),
                    shares[0],
                    shares[1],
                    shares[2],
                    off);
            square += off * off;
            worst = Math.max(worst, Math.abs(off));
            n++;
        }
        System.out.printf(Locale.ROOT, "%d rows: %.2f points rms, %.1f at worst%n", n, Math.sqrt(square / n), worst);
    }
}
