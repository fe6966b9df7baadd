package glanzen.pull;

import glanzen.artwork.Artwork;
import glanzen.artwork.Band;
import glanzen.heat.HeatSource;
import glanzen.heat.HeatTrace;
import glanzen.material.BondingLayer;
import glanzen.press.LoadPath;
import glanzen.press.Nip;
import glanzen.pull.BondTable.Exposure;
import glanzen.route.Standard;
import glanzen.setup.SetUp;
import glanzen.transfer.Gelled;
import glanzen.transfer.Transfer;
import java.util.List;
import java.util.function.DoubleBinaryOperator;
import java.util.function.Function;

/**
 * Foil or flock that is to hold on where a bonding layer wets the sheet: nips are tabulated per band of the artwork, heat
 * is solved for a few rigs and interpolated.
 */
public final class TransferModel implements PullModel {

    private final SetUp setUp;
    private final Artwork artwork;
    private final Standard standard;
    private final Pressing pressing;
    private final List<Band> bands;
    private final double need;
    private final double wet;
    private final DoseScale.Wetting scale;
    private final double halfThroatMm;
    private final Places places;
    private final BondTable bonds;

    private TransferModel(SetUp setUp, Artwork artwork, Function<HeatSource, BondTable> heat) {
        this.setUp = setUp;
        this.artwork = artwork;
        this.standard = setUp.route().standard().counting(artwork.counterMm());
        this.scale = scale(setUp);
        this.need = bonding(setUp).need() * setUp.stock().surface().need() * aged(setUp);
        this.wet = setUp.gel() == null ? 0 : setUp.gel().stillWet(setUp.roomC());
        this.halfThroatMm = setUp.machine().throatMm() / 2;
        this.pressing = Pressing.of(setUp, artwork);
        this.bands = pressing.bands();
        this.places = Places.of(bands, halfThroatMm);
        this.bonds = heat.apply(HeatPlans.of(setUp, pressing.usualContactMm() / setUp.feedMmPerS()));
    }

    /** Foil that heat presses on spreads beside the edge; what lies on toner, ink or gel takes only there. */
    private static DoseScale.Wetting scale(SetUp s) {
        double always = 0;
        if (s.gel() != null) {
            always = Gelled.squashedMm(s.gel().coatMm(), s.gel().dryness(s.roomC()));
            always += s.gel().sprayed() ? Gelled.haloMm(bonding(s)) : 0;
        }
        boolean spreads = bonding(s) == BondingLayer.HOT_FOIL;
        double softness = spreads
                ? Transfer.softnessMm(s.stock().surface().spread(), s.stack().softBackingMm())
                : 0;
        return new DoseScale.Wetting(softness, always);
    }

    private static double aged(SetUp s) {
        return s.gel() == null ? 1 : Gelled.agedNeed(s.gel().driedSeconds());
    }

    /** Made ready for any rig. */
    public static TransferModel of(SetUp setUp, Artwork artwork) {
        return new TransferModel(setUp, artwork, BondTable::full);
    }

    /** Made ready for one rig only, several times faster. */
    public static TransferModel forOne(SetUp setUp, Artwork artwork, Rig rig) {
        return new TransferModel(setUp, artwork, plan -> BondTable.single(plan, rig));
    }

    /**
     * A set-up pressed with the heat of another one. Shims lie behind the sheet and hardly change how hot its bond gets, so a
     * search may borrow heat between stacks.
     */
    public static TransferModel heatedLike(SetUp setUp, Artwork artwork, TransferModel other) {
        return new TransferModel(setUp, artwork, plan -> other.bonds);
    }

    /**
     * ln of what heat and time under the rollers come to together, over the middle of the design, fed like
     * {@link #doses(Rig, double, int)}: by as much as it differs between two heats, all doses do.
     *
     * @param pressed the stack that is pressed with this heat
     */
    public double lnHeat(TransferModel pressed, Rig rig, double feedMmPerS, int passes) {
        double dwell = pressed.pressing.nip(pressed.pressing.mainBand(), rig).dwellSeconds(feedMmPerS);
        return Math.log(Math.max(1e-12, exposed(bonds.exposures(rig, bonding(setUp)), dwell, passes)));
    }

    private static BondingLayer bonding(SetUp s) {
        return s.route().bonding().orElseThrow();
    }

    @Override
    public List<HeatTrace> heat() {
        return setUp.heated() ? bonds.nominal().traces() : List.of();
    }

    /** λ of this stack's backing, mm. */
    public double softnessMm() {
        return scale.softnessMm();
    }

    /** Spread that no dose can help, mm. */
    public double alwaysMm() {
        return scale.alwaysMm();
    }

    @Override
    public NipFigures figures(Rig rig) {
        Nip nip = pressing.nip(pressing.mainBand(), rig);
        double dwell = nip.dwellSeconds(setUp.feedMmPerS());
        return new NipFigures(
                setUp.overfillMm(),
                nip.forceN(),
                nip.pressureMpa(),
                dwell,
                bonds.bondC(rig, setUp.passes() - 1, dwell),
                peelC(rig),
                setUp.route().toolInStack() ? LoadPath.of(setUp.stack()).debossMm(nip.pressureMpa()) : 0,
                0);
    }

    @Override
    public DoseField doses(Rig rig) {
        return doses(rig, setUp.feedMmPerS(), setUp.passes());
    }

    /**
     * The doses a rig gives when fed otherwise than the set-up says; near enough for a search, since feeding faster only
     * cuts the followed nip short.
     *
     * @param feedMmPerS not slower than the set-up's, mm/s
     * @param passes not more than the set-up's
     */
    public DoseField doses(Rig rig, double feedMmPerS, int passes) {
        Exposure[] exposures = bonds.exposures(rig, bonding(setUp));
        double perMpa = 1 / (need * Math.exp(rig.lnNeed()));
        double[] dose = new double[places.count()];
        double force = 0;
        double longest = 0;
        Nip[] nips = pressing.nips(rig);
        double give = rig.give();
        for (int band = 0; band < nips.length; band++) {
            Nip nip = nips[band];
            force = Math.max(force, nip.forceN());
            double dwell = nip.dwellSeconds(feedMmPerS);
            longest = Math.max(longest, dwell);
            double perPressure = perMpa * exposed(exposures, dwell, passes);
            for (int i = places.from[band]; i < places.from[band + 1]; i++) {
                double local = pressing.localMpa(band, nip.pressureMpa(), places.patchMm[i]);
                dose[i] = perPressure * local * pressing.pressureShare(give, nip.forceN(), places.xi[i]);
            }
        }
        double lift = Transfer.lift(artwork.solidShare(), bonds.peelC(rig));
        return new DoseField(dose, places.share, scale, standard, lift, force, spoiling(rig, force, longest));
    }

    private Spoiling spoiling(Rig rig, double forceN, double dwellSeconds) {
        Spoiling refused = Handling.spoiling(setUp, forceN).withWet(wet);
        return standard.hottestBondC() < Double.POSITIVE_INFINITY
                ? refused.withHeat(hottestBondC(rig, dwellSeconds), standard.hottestBondC())
                : refused;
    }

    private double hottestBondC(Rig rig, double dwellSeconds) {
        double hottest = 0;
        for (int pass = 0; pass < setUp.passes(); pass++) {
            hottest = Math.max(hottest, bonds.bondC(rig, pass, dwellSeconds));
        }
        return hottest;
    }

    private static double exposed(Exposure[] exposures, double dwellSeconds, int passes) {
        double sum = 0;
        for (int pass = 0; pass < passes && dwellSeconds > 0; pass++) {
            sum += exposures[pass].at(dwellSeconds);
        }
        return sum;
    }

    /** For the picture of a pull: dose and force over each band, on a rig, in the middle of the mean pressure. */
    public double[][] bandDoses(Rig rig) {
        Exposure[] exposures = bonds.exposures(rig, bonding(setUp));
        Nip[] nips = pressing.nips(rig);
        double[][] rows = new double[nips.length][];
        for (int i = 0; i < rows.length; i++) {
            Nip nip = nips[i];
            double dose = nip.pressureMpa()
                    * exposed(exposures, nip.dwellSeconds(setUp.feedMmPerS()), setUp.passes())
                    / (need * Math.exp(rig.lnNeed()));
            rows[i] = new double[] {bands.get(i).widthMm(), dose, nip.forceN()};
        }
        return rows;
    }

    /** Make-ready left out. */
    @Override
    public DoubleBinaryOperator doseMap(Rig rig) {
        double[][] rows = bandDoses(rig);
        double give = rig.give();
        return (xMm, yMm) -> {
            double raised = raisedWidthMm(yMm);
            double[] nearest = rows[0];
            for (double[] row : rows) {
                nearest = Math.abs(row[0] - raised) < Math.abs(nearest[0] - raised) ? row : nearest;
            }
            return nearest[1] * pressureShare(give, nearest[2], xMm - artwork.middleXMm());
        };
    }

    /** Temperature at peeling on a rig, °C. */
    public double peelC(Rig rig) {
        return bonds.peelC(rig);
    }

    /** Raised width that the nip carries around a place along the feed, mm. */
    public double raisedWidthMm(double yMm) {
        return artwork.raisedWidthMm(yMm, pressing.usualContactMm());
    }

    /** Pressure across the throat relative to its mean, on a rig's force and with a factor on how much its rollers give. */
    public double pressureShare(double give, double forceN, double awayMm) {
        return pressing.pressureShare(give, forceN, Math.min(1, Math.abs(awayMm) / halfThroatMm));
    }

    /** How much more than its surroundings a patch presses at a place along the feed, on a rig. */
    public double patched(Rig rig, double raisedWidthMm, double patchMm) {
        int near = 0;
        for (int i = 1; i < bands.size(); i++) {
            boolean nearer = Math.abs(bands.get(i).widthMm() - raisedWidthMm)
                    < Math.abs(bands.get(near).widthMm() - raisedWidthMm);
            near = nearer ? i : near;
        }
        double mean = pressing.nip(near, rig).pressureMpa();
        return mean <= 0 ? 1 : pressing.localMpa(near, mean, patchMm) / mean;
    }

    @Override
    public double lnNeedPrior() {
        return RigPriors.LN_NEED;
    }

    @Override
    public Artwork artwork() {
        return artwork;
    }
}
