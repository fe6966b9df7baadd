package glanzen.pull;

import glanzen.artwork.Artwork;
import glanzen.artwork.Band;
import glanzen.kit.HeatedRollers;
import glanzen.press.Frame;
import glanzen.press.LoadPath;
import glanzen.press.Nip;
import glanzen.press.NipCurve;
import glanzen.setup.SetUp;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Where pressure comes from: a press squeezes what is thicker than its opening, heated rollers are sprung. */
interface Pressing {

    /** What is pressed alike, narrowest first. */
    List<Band> bands();

    /** The nip over a band, on a rig. */
    Nip nip(int band, Rig rig);

    /** The nips over all bands, on a rig. */
    default Nip[] nips(Rig rig) {
        Nip[] nips = new Nip[bands().size()];
        Arrays.setAll(nips, band -> nip(band, rig));
        return nips;
    }

    /** Pressure behind one thickness of make-ready, MPa. */
    double localMpa(int band, double mpa, double patchMm);

    /** Pressure across the throat relative to its mean, ξ = −1…1, with a factor on how much rollers give. */
    double pressureShare(double give, double forceN, double xi);

    /** Contact length over the design on a rig as labelled, mm: what the nip covers of the feed at once. */
    double usualContactMm();

    /** The band in the middle of all raised ground: half of it is on narrower slices. */
    default int mainBand() {
        double passed = 0;
        int main = 0;
        while (main < bands().size() - 1 && passed + bands().get(main).share() < 0.5) {
            passed += bands().get(main++).share();
        }
        return main;
    }

    /** The force over the widest part of a design on a rig as labelled, N, without anything tabulated. */
    static double greatestForceN(SetUp setUp, Artwork artwork) {
        if (setUp.machine() instanceof HeatedRollers rollers) {
            return of(setUp, artwork)
                    .nip(artwork.bands(rollers.nipMm()).size() - 1, Rig.AS_LABELLED)
                    .forceN();
        }
        Frame frame = Frame.of(setUp.press());
        LoadPath path = LoadPath.of(setUp.stack());
        Nip usual = Nip.solve(frame, path, setUp.overfillMm(), artwork.meanWidthMm());
        List<Band> bands = artwork.bands(Math.max(frame.contactMm(0), usual.contactMm()));
        double widest = bands.get(bands.size() - 1).widthMm();
        return Nip.solve(frame, path, setUp.overfillMm(), widest).forceN();
    }

    static Pressing of(SetUp setUp, Artwork artwork) {
        return setUp.machine() instanceof HeatedRollers rollers
                ? new Sprung(rollers, artwork.bands(rollers.nipMm()))
                : new Squeezed(setUp, artwork);
    }

    /** The rollers of a press. */
    final class Squeezed implements Pressing {
        private final Frame frame;
        private final double overfillMm;
        private final double contactMm;
        private final List<Band> bands;
        private final NipCurve[] curves;

        Squeezed(SetUp setUp, Artwork artwork) {
            frame = Frame.of(setUp.press());
            overfillMm = setUp.overfillMm();
            LoadPath path = LoadPath.of(setUp.stack());
            Nip usual = Nip.solve(frame, path, overfillMm, artwork.meanWidthMm());
            contactMm = Math.max(frame.contactMm(0), usual.contactMm());
            bands = artwork.bands(contactMm);
            curves = new NipCurve[bands.size()];
            for (int i = 0; i < curves.length; i++) {
                curves[i] = new NipCurve(frame, path, bands.get(i).widthMm(), packings(bands.get(i)));
            }
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

        @Override
        public List<Band> bands() {
            return bands;
        }

        @Override
        public Nip nip(int band, Rig rig) {
            return curves[band].at(stiffnessNPerMm(rig), overfillMm - rig.openingErrorMm());
        }

        @Override
        public Nip[] nips(Rig rig) {
            return NipCurve.all(curves, stiffnessNPerMm(rig), overfillMm - rig.openingErrorMm());
        }

        private double stiffnessNPerMm(Rig rig) {
            return frame.stiffnessNPerMm() * Math.exp(rig.lnStiffness());
        }

        @Override
        public double localMpa(int band, double mpa, double patchMm) {
            return curves[band].localMpa(mpa, patchMm);
        }

        @Override
        public double pressureShare(double give, double forceN, double xi) {
            return frame.pressureShare(give, forceN, xi);
        }

        @Override
        public double usualContactMm() {
            return contactMm;
        }
    }

    /** Heated rollers: one pressure, whatever is between them. */
    record Sprung(HeatedRollers rollers, List<Band> bands) implements Pressing {

        @Override
        public Nip nip(int band, Rig rig) {
            double mpa = rollers.pressureMpa() * Math.exp(rig.lnStiffness());
            return new Nip(mpa * rollers.nipMm() * bands.get(band).widthMm(), mpa, rollers.nipMm());
        }

        @Override
        public double localMpa(int band, double mpa, double patchMm) {
            return mpa;
        }

        @Override
        public double pressureShare(double give, double forceN, double xi) {
            return rollers.pressureShare(give, xi);
        }

        @Override
        public double usualContactMm() {
            return rollers.nipMm();
        }
    }
}
