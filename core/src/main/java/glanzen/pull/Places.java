package glanzen.pull;

import glanzen.artwork.Band;
import java.util.List;

/** The places of a design that are pressed each by itself, band by band, as plain figures: every rig goes through them all. */
final class Places {

    /** Where each band begins; one more for the end. */
    final int[] from;
    /** Place across the throat, ξ = 0 in the middle, 1 at the ends of the rollers. */
    final double[] xi;
    /** Thickness of the make-ready behind, mm. */
    final double[] patchMm;
    /** Share of the whole design; they sum to 1. */
    final double[] share;

    private Places(int bands, int places) {
        from = new int[bands + 1];
        xi = new double[places];
        patchMm = new double[places];
        share = new double[places];
    }

    static Places of(List<Band> bands, double halfThroatMm) {
        Places p = new Places(
                bands.size(), bands.stream().mapToInt(b -> b.spots().size()).sum());
        int i = 0;
        for (int band = 0; band < bands.size(); band++) {
            p.from[band] = i;
            for (Band.Spot spot : bands.get(band).spots()) {
                p.xi[i] = Math.min(1, spot.awayMm() / halfThroatMm);
                p.patchMm[i] = spot.patchMm();
                p.share[i++] = bands.get(band).share() * spot.share();
            }
        }
        p.from[bands.size()] = i;
        return p;
    }

    int count() {
        return xi.length;
    }
}
