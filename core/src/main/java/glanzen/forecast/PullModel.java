package glanzen.forecast;

import glanzen.artwork.Artwork;
import glanzen.artwork.Band;
import glanzen.forecast.BondTable.Exposure;
import glanzen.heat.HeatPlan;
import glanzen.heat.HeatRun;
import glanzen.material.BondingLayer;
import glanzen.press.Frame;
import glanzen.press.LoadPath;
import glanzen.press.Nip;
import glanzen.press.NipCurve;
import glanzen.route.SetUp;
import glanzen.transfer.Transfer;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.DoubleBinaryOperator;
import java.util.function.Function;

/**
 * One set-up made ready to be pulled on many rigs: nips are tabulated per band of the artwork, heat is solved for a few
 * rigs and interpolated.
 */
public final class PullModel {

    /** Rigs press longer than the label says; the nip is followed this much longer to cover them. */
    private static final double NIP_ALLOWANCE = 1.5;

    private final SetUp setUp;
    private final Artwork artwork;
    private final List<Band> bands;
    private final NipCurve[] curves;
    private final Frame frame;
    private final double need;
    private final double softnessMm;
    private final double halfThroatMm;
    private final int spots;
    private final BondTable bonds;
    private final String filmId;

    private PullModel(SetUp setUp, Artwork artwork, Function<HeatPlan, BondTable> heat) {
        this.setUp = setUp;
        this.artwork = artwork;
        this.bands = artwork.bands();
        this.frame = Frame.of(setUp.press());
        this.filmId = setUp.film().id();
        this.need = bonding().need() * setUp.stock().surface().need();
        this.softnessMm = Transfer.softnessMm(setUp.stack().softBackingMm());
        this.halfThroatMm = setUp.press().throatMm() / 2;
        this.spots = bands.stream().mapToInt(b -> b.spots().size()).sum();
        LoadPath path = LoadPath.of(setUp.stack());
        this.curves = new NipCurve[bands.size()];
        for (int i = 0; i < curves.length; i++) {
            curves[i] = new NipCurve(path, bands.get(i).widthMm(), packings(bands.get(i)));
        }
        this.bonds = heat.apply(setUp.heatPlan(NIP_ALLOWANCE * longestDwell()));
    }

    private PullModel(PullModel pressed, BondTable bonds) {
        this.setUp = pressed.setUp;
        this.artwork = pressed.artwork;
        this.bands = pressed.bands;
        this.frame = pressed.frame;
        this.filmId = pressed.filmId;
        this.need = pressed.need;
        this.softnessMm = pressed.softnessMm;
        this.halfThroatMm = pressed.halfThroatMm;
        this.spots = pressed.spots;
        this.curves = pressed.curves;
        this.bonds = bonds;
    }

    private static List<NipCurve.Packing> packings(Band band) {
        Map<Double, Double> shares = new TreeMap<>();
        band.spots().stream()
                .filter(s -> s.patchMm() > 0)
                .forEach(s -> shares.merge(s.patchMm(), s.share(), Double::sum));
        return shares.entrySet().stream()
                .map(e -> new NipCurve.Packing(e.getValue(), e.getKey()))
                .toList();
    }

    /** Made ready for any rig. */
    public static PullModel of(SetUp setUp, Artwork artwork) {
        return new PullModel(setUp, artwork, BondTable::full);
    }

    /** Made ready for one rig only, several times faster. */
    public static PullModel forOne(SetUp setUp, Artwork artwork, Rig rig) {
        return new PullModel(setUp, artwork, plan -> BondTable.single(plan, rig));
    }

    /**
     * This stack pressed, with the heat of another set-up. Shims lie behind the sheet and hardly change how hot its bond
     * gets, so a search may borrow heat between stacks.
     */
    public PullModel heatedLike(PullModel other) {
        return new PullModel(this, other.bonds);
    }

    private BondingLayer bonding() {
        return setUp.film().bonding();
    }

    private double longestDwell() {
        double longest = frame.contactMm(0);
        for (NipCurve curve : curves) {
            longest = Math.max(longest, curve.at(frame, setUp.overfillMm()).contactMm());
        }
        return longest / setUp.feedMmPerS();
    }

    /** The heat of a rig as its label says. */
    public HeatRun nominalHeat() {
        return bonds.nominal();
    }

    /** λ of this stack's backing, mm. */
    public double softnessMm() {
        return softnessMm;
    }

    /** The nip over the band with the most raised area, on a rig. */
    public Nip mainNip(Rig rig) {
        int main = 0;
        for (int i = 1; i < bands.size(); i++) {
            main = bands.get(i).share() > bands.get(main).share() ? i : main;
        }
        return nip(main, rig);
    }

    private Nip nip(int band, Rig rig) {
        Frame off = frame.off(rig.openingErrorMm(), Math.exp(rig.lnStiffness()));
        return curves[band].at(off, setUp.overfillMm() - rig.openingErrorMm());
    }

    /** Pulls the set-up on one rig. */
    public Pull pull(Rig rig) {
        return doses(rig).pull(1);
    }

    /** The doses a rig gives, band by band and across the throat. */
    public Doses doses(Rig rig) {
        return doses(rig, setUp.feedMmPerS(), setUp.passes());
    }

    /**
     * The doses a rig gives when fed otherwise than the set-up says; near enough for a search, since feeding faster only
     * cuts the followed nip short.
     *
     * @param feedMmPerS not slower than the set-up's, mm/s
     * @param passes not more than the set-up's
     */
    public Doses doses(Rig rig, double feedMmPerS, int passes) {
        Exposure[] exposures = bonds.exposures(rig, bonding());
        double perMpa = 1 / (need * Math.exp(rig.lnNeed(filmId)));
        double[] dose = new double[spots];
        double[] share = new double[spots];
        double force = 0;
        int i = 0;
        for (int band = 0; band < curves.length; band++) {
            Nip nip = nip(band, rig);
            force = Math.max(force, nip.forceN());
            double perPressure = perMpa * exposed(exposures, nip.dwellSeconds(feedMmPerS), passes);
            for (Band.Spot spot : bands.get(band).spots()) {
                dose[i] = perPressure * pressureMpa(band, nip, spot);
                share[i++] = bands.get(band).share() * spot.share();
            }
        }
        double lift = Transfer.lift(artwork.solidShare(), bonds.peelC(rig));
        return new Doses(dose, share, softnessMm, lift, force);
    }

    /** Pressure at a place: rollers give in the middle, a patch presses more. */
    private double pressureMpa(int band, Nip nip, Band.Spot spot) {
        double xi = Math.min(1, spot.awayMm() / halfThroatMm);
        return curves[band].localMpa(nip.pressureMpa(), spot.patchMm()) * frame.across(nip.forceN(), xi);
    }

    private static double exposed(Exposure[] exposures, double dwellSeconds, int passes) {
        double sum = 0;
        for (int pass = 0; pass < passes && dwellSeconds > 0; pass++) {
            sum += exposures[pass].at(dwellSeconds);
        }
        return sum;
    }

    /** For the picture of a pull: dose and force over each band, on a rig, in the middle of the mean pressure. */
    double[][] bandDoses(Rig rig) {
        Exposure[] exposures = bonds.exposures(rig, bonding());
        double[][] rows = new double[curves.length][];
        for (int i = 0; i < curves.length; i++) {
            Nip nip = nip(i, rig);
            double dose = nip.pressureMpa()
                    * exposed(exposures, nip.dwellSeconds(setUp.feedMmPerS()), setUp.passes())
                    / (need * Math.exp(rig.lnNeed(filmId)));
            rows[i] = new double[] {bands.get(i).widthMm(), dose, nip.forceN()};
        }
        return rows;
    }

    /**
     * The dose at each place of the artwork, on a rig, from mm across and along; make-ready left out. It is worked out
     * once, so that many places may be asked for.
     */
    public DoubleBinaryOperator doseMap(Rig rig) {
        double[][] rows = bandDoses(rig);
        return (xMm, yMm) -> {
            double raised = artwork.raisedWidthAtMm(yMm);
            double[] nearest = rows[0];
            for (double[] row : rows) {
                nearest = Math.abs(row[0] - raised) < Math.abs(nearest[0] - raised) ? row : nearest;
            }
            return nearest[1] * across(nearest[2], xMm - artwork.middleXMm());
        };
    }

    /** Temperature at peeling on a rig, °C. */
    double peelC(Rig rig) {
        return bonds.peelC(rig);
    }

    /** What the doses of {@link #doses} belong to, in the same order. */
    public List<Band> bands() {
        return bands;
    }

    /** Pressure across the throat relative to its mean, on a rig's force. */
    double across(double forceN, double awayMm) {
        return frame.across(forceN, Math.min(1, Math.abs(awayMm) / halfThroatMm));
    }

    /** How much more than its surroundings a patch presses at a place along the feed, on a rig. */
    double patched(Rig rig, double raisedWidthMm, double patchMm) {
        int near = 0;
        for (int i = 1; i < bands.size(); i++) {
            boolean nearer = Math.abs(bands.get(i).widthMm() - raisedWidthMm)
                    < Math.abs(bands.get(near).widthMm() - raisedWidthMm);
            near = nearer ? i : near;
        }
        double mean = nip(near, rig).pressureMpa();
        return mean <= 0 ? 1 : curves[near].localMpa(mean, patchMm) / mean;
    }

    Artwork artwork() {
        return artwork;
    }
}
