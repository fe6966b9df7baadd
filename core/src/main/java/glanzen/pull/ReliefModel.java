package glanzen.pull;

import glanzen.artwork.Artwork;
import glanzen.artwork.Band;
import glanzen.kit.Stock;
import glanzen.press.Nip;
import glanzen.press.Relief;
import glanzen.route.Standard;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.List;

/** Relief pressed into stock: mean pressure on the raised face against what forms it, band by band. */
public final class ReliefModel implements PullModel {

    private static final int STRIPS = 9;

    private final SetUp setUp;
    private final Artwork artwork;
    private final List<Band> bands;
    private final Pressing pressing;
    private final double reliefMm;
    private final double sheetMm;
    private final double halfThroatMm;
    private final Places places;
    /** What forms the sheet fully over each band, MPa. */
    private final double[] formingMpa;

    ReliefModel(SetUp setUp, Artwork artwork) {
        this.setUp = setUp;
        this.artwork = artwork;
        this.pressing = Pressing.of(setUp, artwork);
        this.bands = pressing.bands();
        this.reliefMm = setUp.plate().kind().reliefMm();
        this.sheetMm = sheetMm(setUp);
        this.halfThroatMm = setUp.machine().throatMm() / 2;
        this.places = Places.of(bands, halfThroatMm);
        this.formingMpa = bands.stream()
                .mapToDouble(b -> Relief.formingMpa(setUp.stock().kind(), sheetMm, reliefMm, b.widthMm()))
                .toArray();
    }

    private static double sheetMm(SetUp s) {
        return s.stack().all(Stock.class).stream()
                .mapToDouble(Stock::thicknessMm)
                .sum();
    }

    /** How much more than forming it takes to crack what lies in a set-up. */
    static double tearing(SetUp s) {
        return Relief.tearing(s.plate().kind().reliefMm(), sheetMm(s));
    }

    @Override
    public DoseField doses(Rig rig) {
        double[] dose = new double[places.count()];
        double force = 0;
        Nip[] nips = pressing.nips(rig);
        for (int band = 0; band < nips.length; band++) {
            Nip nip = nips[band];
            force = Math.max(force, nip.forceN());
            double given = perMpa(rig, band) * nip.pressureMpa();
            for (int i = places.from[band]; i < places.from[band + 1]; i++) {
                dose[i] = given * pressing.pressureShare(rig.give(), nip.forceN(), places.xi[i]);
            }
        }
        return new DoseField(
                dose,
                places.share,
                new DoseScale.Forming(tearing(setUp)),
                Standard.RELIEF,
                0,
                force,
                Handling.spoiling(setUp, force));
    }

    private double perMpa(Rig rig, int band) {
        return again() / (formingMpa[band] * Math.exp(rig.lnNeed()));
    }

    /** A second pass sharpens relief a little; it does not double it. */
    private double again() {
        return 1 + 0.15 * (setUp.passes() - 1);
    }

    /** Mean dose on the band with the most raised area. */
    double mainDose(Rig rig) {
        int main = pressing.mainBand();
        return perMpa(rig, main) * pressing.nip(main, rig).pressureMpa();
    }

    @Override
    public NipFigures figures(Rig rig) {
        Nip nip = pressing.nip(pressing.mainBand(), rig);
        return new NipFigures(
                setUp.overfillMm(),
                nip.forceN(),
                nip.pressureMpa(),
                nip.dwellSeconds(setUp.feedMmPerS()),
                setUp.roomC(),
                setUp.roomC(),
                reliefMm * Relief.formed(mainDose(rig)),
                0);
    }

    @Override
    public List<StripDose> strips(Rig rig) {
        List<StripDose> strips = new ArrayList<>();
        double half = artwork.widthMm() / 2;
        for (int n = 0; n < STRIPS; n++) {
            double from = -half + n * 2 * half / STRIPS;
            double to = from + 2 * half / STRIPS;
            strips.add(new StripDose(from, to, leastAt(rig, (from + to) / 2)));
        }
        return strips;
    }

    /** The least that any band gets at a distance from the middle of the throat. */
    public double leastAt(Rig rig, double awayMm) {
        double least = Double.MAX_VALUE;
        Nip[] nips = pressing.nips(rig);
        for (int band = 0; band < nips.length; band++) {
            Nip nip = nips[band];
            double xi = Math.min(1, Math.abs(awayMm) / halfThroatMm);
            least = Math.min(
                    least,
                    perMpa(rig, band) * nip.pressureMpa() * pressing.pressureShare(rig.give(), nip.forceN(), xi));
        }
        return least;
    }

    @Override
    public Artwork artwork() {
        return artwork;
    }
}
