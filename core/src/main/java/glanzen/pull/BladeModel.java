package glanzen.pull;

import glanzen.artwork.Artwork;
import glanzen.artwork.BladeLine;
import glanzen.artwork.BladeLine.Stretch;
import glanzen.press.Blade;
import glanzen.press.Frame;
import glanzen.press.LoadPath;
import glanzen.press.Nip;
import glanzen.route.Standard;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.List;

/**
 * A die cutting: line load against the stock's need at points along the blade. Where much blade lies in the nip at once,
 * as at the top and bottom of a shape, each millimetre gets less; where rollers give, in the middle, too.
 */
public final class BladeModel implements PullModel {

    private static final int STRIPS = 9;

    private final SetUp setUp;
    private final Artwork artwork;
    private final BladeLine line;
    private final Frame frame;
    private final LoadPath behind;
    private final double squeezeMm;
    private final double need;
    private final double halfThroatMm;

    BladeModel(SetUp setUp, Artwork blade) {
        this.setUp = setUp;
        this.artwork = blade;
        this.line = blade.bladeLine();
        this.frame = Frame.of(setUp.press());
        this.behind = LoadPath.behindBlade(setUp.stack());
        this.squeezeMm = Blade.squeezeMm(setUp.stack(), setUp.press().openingMm());
        this.need = Blade.needNPerMm(setUp.stack());
        this.halfThroatMm = setUp.press().throatMm() / 2;
    }

    @Override
    public DoseField doses(Rig rig) {
        Loads loads = new Loads(rig);
        List<Stretch> stretches = turned() ? line.turned() : line.lying();
        double[] dose = new double[stretches.size()];
        double[] share = new double[dose.length];
        for (int i = 0; i < dose.length; i++) {
            Stretch s = stretches.get(i);
            dose[i] = loads.dose(s.alongLevel(), s.awayMm(), s.acrossLevel(), s.turnedAwayMm());
            share[i] = s.share();
        }
        return new DoseField(
                dose,
                share,
                new DoseScale.Cutting(need),
                Standard.CUT,
                0,
                loads.greatestForceN(),
                Handling.spoiling(setUp, loads.greatestForceN()));
    }

    /** Dose at every point of the blade, in the order of its points. */
    public double[] pointDoses(Rig rig) {
        Loads loads = new Loads(rig);
        return line.points().stream()
                .mapToDouble(p -> loads.dose(p.alongLevel(), p.xMm(), p.acrossLevel(), p.yMm()))
                .toArray();
    }

    private boolean turned() {
        return setUp.turned() && setUp.passes() > 1;
    }

    /** What a rig puts on the blade. */
    private final class Loads {

        private final Nip[] along;
        private final Nip[] turnedNips;
        private final double perLoad;
        private final double give;

        Loads(Rig rig) {
            along = nips(line.along(), rig);
            turnedNips = turned() ? nips(line.across(), rig) : along;
            give = rig.give();
            perLoad = 1 / (need * Math.exp(rig.lnNeed()));
        }

        /** The blade falls back into its own groove: cuts add like the squares of their margins. */
        double dose(int alongLevel, double awayMm, int acrossLevel, double turnedAwayMm) {
            double once = margin(give, along[alongLevel], awayMm) * perLoad;
            double again = turned() ? margin(give, turnedNips[acrossLevel], turnedAwayMm) * perLoad : once;
            return Math.sqrt(once * once + (setUp.passes() - 1) * again * again);
        }

        double greatestForceN() {
            double force = 0;
            for (Nip nip : along) {
                force = Math.max(force, nip.forceN());
            }
            // Every pass, each as it lies.
            for (Nip nip : turnedNips) {
                force = Math.max(force, nip.forceN());
            }
            return force;
        }
    }

    private Nip[] nips(List<BladeLine.InNip> levels, Rig rig) {
        Frame off = frame.off(rig.openingErrorMm(), Math.exp(rig.lnStiffness()));
        Nip[] nips = new Nip[levels.size()];
        for (int i = 0; i < nips.length; i++) {
            nips[i] = levels.get(i).empty()
                    ? Nip.OPEN
                    : Blade.solve(off, behind, squeezeMm - rig.openingErrorMm(), levels.get(i)::lengthMm);
        }
        return nips;
    }

    private double margin(double give, Nip nip, double awayMm) {
        return nip.pressureMpa()
                * frame.pressureShare(give, nip.forceN(), Math.min(1, Math.abs(awayMm) / halfThroatMm));
    }

    @Override
    public NipFigures figures(Rig rig) {
        Nip fullest = Nip.OPEN;
        double least = Double.MAX_VALUE;
        for (Nip nip : nips(line.along(), rig)) {
            if (nip != Nip.OPEN && nip.pressureMpa() < least) {
                least = nip.pressureMpa();
                fullest = nip;
            }
        }
        return new NipFigures(
                setUp.overfillMm(),
                fullest.forceN(),
                0,
                fullest.dwellSeconds(setUp.feedMmPerS()),
                setUp.roomC(),
                setUp.roomC(),
                0,
                fullest.pressureMpa());
    }

    @Override
    public List<StripDose> strips(Rig rig) {
        double[] dose = pointDoses(rig);
        double half = artwork.widthMm() / 2;
        List<StripDose> strips = new ArrayList<>();
        for (int n = 0; n < STRIPS; n++) {
            double from = -half + n * 2 * half / STRIPS;
            double to = from + 2 * half / STRIPS;
            double least = Double.MAX_VALUE;
            for (int i = 0; i < dose.length; i++) {
                double x = line.points().get(i).xMm();
                least = x >= from && x < to ? Math.min(least, dose[i]) : least;
            }
            if (least < Double.MAX_VALUE) {
                strips.add(new StripDose(from, to, least));
            }
        }
        return strips;
    }

    /** Where the blade runs. */
    public BladeLine line() {
        return line;
    }

    @Override
    public Artwork artwork() {
        return artwork;
    }
}
