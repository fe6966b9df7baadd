package glanzen.inspect;

import glanzen.transfer.Ghost;
import java.util.List;

/**
 * What is measured of foil against its design.
 *
 * @param coverage share of the design that is covered, 0…1
 * @param spillMm how far foil goes past the edge along the tenth of it where it goes furthest, mm
 * @param pastMm the same in the mean along the edge; below none where the edge is eaten into
 * @param ghostMm how far along the feed a second copy lies, mm; near 0 where there is none
 * @param onRight how much more is covered to the right across the feed than to the left, as a share
 * @param inMiddle how much less is covered in the middle of the rollers than at the sides, as a share
 * @param mottle how much coverage differs from place to place, as a share
 * @param gone share of the design in places that are all bare
 * @param gonePlaces how many such places there are, small ones beside large ones counting less
 * @param filled share of the edge where foil bridges to the next edge
 * @param spots places where something is wrong, largest first
 */
public record Measures(
        Figure coverage,
        Figure spillMm,
        Figure pastMm,
        Figure ghostMm,
        Figure onRight,
        Figure inMiddle,
        double mottle,
        double gone,
        double gonePlaces,
        double filled,
        List<Spot> spots) {

    public Measures {
        spots = List.copyOf(spots);
    }

    /** Bare places smaller than this count as specks, mm². */
    public static final double SPECK_MM2 = 3.0;

    /** As many places as are listed. */
    public static final int MOST_SPOTS = 40;

    /**
     * Which part of the throat a place counts for: right 0, left 1; or at the sides 0, in the middle 1; −1 for what lies between.
     *
     * @param xi from the middle of the rollers, 1 at the furthest of the design
     */
    public static int part(double xi, boolean sided) {
        if (sided) {
            return xi > 1.0 / 3 ? 0 : xi < -1.0 / 3 ? 1 : -1;
        }
        return Math.abs(xi) > 0.5 ? 0 : Math.abs(xi) < 0.3 ? 1 : -1;
    }

    /** Whether a second copy lies far enough off to be seen. */
    public boolean ghosted() {
        return ghostMm.value() >= Ghost.VISIBLE_MM;
    }

    /** These where a share of what looks bare may be covered after all. */
    Measures doubting(double share) {
        double more = share * (1 - coverage.value());
        return new Measures(
                new Figure(coverage.value(), Math.hypot(coverage.give(), more)),
                spillMm,
                pastMm,
                ghostMm,
                onRight,
                inMiddle,
                mottle,
                gone,
                gonePlaces,
                filled,
                spots);
    }

    /** How many bare specks there are. */
    public long specks() {
        return spots.stream()
                .filter(s -> s.kind() == Spot.Kind.BARE && s.areaMm2() < SPECK_MM2)
                .count();
    }

    /** The largest bare place, mm². */
    public double missingMm2() {
        return spots.stream()
                .filter(s -> s.kind() == Spot.Kind.BARE)
                .mapToDouble(Spot::areaMm2)
                .max()
                .orElse(0);
    }
}
