package glanzen.layout;

import glanzen.measure.Checks;
import java.util.List;

/**
 * What keeps a design in its place along one axis. Low is left or bottom, high is right or top. Distances go from the
 * design's edges, since that is what is seen on the card, not from the plate's metal.
 *
 * @param kind what it is held by
 * @param mm the distance it is held at, mm; 0 where the kind has none
 * @param others keys of the plates it looks to
 */
public record PlacementConstraint(Kind kind, double mm, List<String> others) {

    /** The ways of being held. */
    public enum Kind {
        /** Off the centre line by a distance, towards high. */
        CENTRE,
        /** From the left or lower edge. */
        FROM_LOW,
        /** From the right or upper edge. */
        FROM_HIGH,
        /** Its baseline from the lower edge. */
        BASELINE,
        /** In the middle of the left or lower half. */
        LOW_HALF,
        /** In the middle of the right or upper half. */
        HIGH_HALF,
        /** Its middle off another's middle. */
        IN_LINE,
        /** Its baseline off another's baseline. */
        BASELINE_OF,
        /** Right of or above another, at a gap. */
        AFTER,
        /** Left of or below another, at a gap. */
        BEFORE,
        /** Between the ends of a row, all gaps the same; the others are the whole row in order. */
        SAME_GAP
    }

    /** Further than this nothing lies. */
    private static final double FURTHEST_MM = 2000;

    public PlacementConstraint {
        new Checks()
                .present("hold.kind", kind, "a way of being held")
                .present("hold.others", others, "keys of plates, or none")
                .lengthMm("hold.mm", mm, -FURTHEST_MM, FURTHEST_MM)
                .done();
        others = List.copyOf(others);
        int needed = switch (kind) {
            case IN_LINE, BASELINE_OF, AFTER, BEFORE -> 1;
            case SAME_GAP -> 3;
            default -> 0;
        };
        new Checks()
                .holds(others.size() >= needed, "hold.others", "does not say which plates it looks to", needed + "")
                .done();
    }

    /** In the middle. */
    public static final PlacementConstraint CENTRED = new PlacementConstraint(Kind.CENTRE, 0, List.of());

    /** At a distance. */
    public static PlacementConstraint at(Kind kind, double mm) {
        return new PlacementConstraint(kind, mm, List.of());
    }

    /** By another plate. */
    public static PlacementConstraint by(Kind kind, double mm, String other) {
        return new PlacementConstraint(kind, mm, List.of(other));
    }

    /** Whether it looks to a plate. */
    public boolean looksTo(String key) {
        return others.contains(key);
    }

    /** Whether a distance can be changed without changing what it is held by. */
    boolean adjustable() {
        return kind != Kind.SAME_GAP && kind != Kind.LOW_HALF && kind != Kind.HIGH_HALF;
    }

    /** The same, moved towards high by some mm. */
    public PlacementConstraint moved(double byMm) {
        boolean fromHigh = kind == Kind.FROM_HIGH || kind == Kind.BEFORE;
        return new PlacementConstraint(kind, rounded(fromHigh ? mm - byMm : mm + byMm), others);
    }

    /** To hundredths of a millimetre, as places are kept. */
    public static double rounded(double mm) {
        return Math.round(mm * 100) / 100.0;
    }
}
