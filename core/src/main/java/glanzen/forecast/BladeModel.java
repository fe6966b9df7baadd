package glanzen.forecast;

import glanzen.artwork.Artwork;
import glanzen.artwork.BladeLine;
import glanzen.forecast.Forecast.NipFigures;
import glanzen.press.Blade;
import glanzen.press.Frame;
import glanzen.press.LoadPath;
import glanzen.press.Nip;
import glanzen.route.SetUp;
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
    public Doses doses(Rig rig) {
        Nip[] along = nips(line.alongLevels(), rig);
        Nip[] turned = setUp.turned() && setUp.passes() > 1 ? nips(line.acrossLevels(), rig) : along;
        double perLoad = 1 / (need * Math.exp(rig.lnNeed(setUp.needKey())));
        List<BladeLine.Point> points = line.points();
        double[] dose = new double[points.size()];
        double[] share = new double[points.size()];
        for (int i = 0; i < dose.length; i++) {
            BladeLine.Point p = points.get(i);
            double once = margin(along[p.alongLevel()], p.xMm()) * perLoad;
            double again = turned == along ? once : margin(turned[p.acrossLevel()], p.yMm()) * perLoad;
            // The blade falls back into its own groove: cuts add like the squares of their margins.
            dose[i] = Math.sqrt(once * once + (setUp.passes() - 1) * again * again);
            share[i] = 1.0 / dose.length;
        }
        double force = 0;
        for (Nip nip : along) {
            force = Math.max(force, nip.forceN());
        }
        return new Doses(dose, share, new Yardstick.Cutting(need), 0, force);
    }

    private Nip[] nips(double[] levels, Rig rig) {
        Frame off = frame.off(rig.openingErrorMm(), Math.exp(rig.lnStiffness()));
        Nip[] nips = new Nip[levels.length];
        for (int i = 0; i < nips.length; i++) {
            nips[i] = Blade.solve(off, behind, squeezeMm - rig.openingErrorMm(), levels[i]);
        }
        return nips;
    }

    private double margin(Nip nip, double awayMm) {
        return nip.pressureMpa() * frame.across(nip.forceN(), Math.min(1, Math.abs(awayMm) / halfThroatMm));
    }

    @Override
    public NipFigures figures(Rig rig) {
        Nip fullest = Nip.OPEN;
        double least = Double.MAX_VALUE;
        for (Nip nip : nips(line.alongLevels(), rig)) {
            if (nip.pressureMpa() < least) {
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
    public List<Across> across(Rig rig) {
        Doses doses = doses(rig);
        double half = artwork.widthMm() / 2;
        List<Across> strips = new ArrayList<>();
        for (int n = 0; n < STRIPS; n++) {
            double from = -half + n * 2 * half / STRIPS;
            double to = from + 2 * half / STRIPS;
            double least = Double.MAX_VALUE;
            for (int i = 0; i < doses.dose().length; i++) {
                double x = line.points().get(i).xMm();
                least = x >= from && x < to ? Math.min(least, doses.dose()[i]) : least;
            }
            if (least < Double.MAX_VALUE) {
                strips.add(new Across(from, to, least));
            }
        }
        return strips;
    }

    /** Where the blade runs. */
    BladeLine line() {
        return line;
    }

    @Override
    public Artwork artwork() {
        return artwork;
    }
}
