package glanzen.layout;

import glanzen.layout.PlacementConstraint.Kind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.locationtech.jts.geom.Envelope;

/** What a plate may be drawn to, as holds. Those that would close a ring are left out. */
final class Snaps {

    private Snaps() {}

    static List<PlacementConstraint> of(Arrangement now, String key, boolean across) {
        List<PositionedPlate> others = now.all().stream()
                .filter(l -> !hangsOn(now.layout(), l.placed().key(), key, across, new HashSet<>()))
                .toList();
        List<PlacementConstraint> holds = new ArrayList<>();
        holds.add(PlacementConstraint.CENTRED);
        holds.add(PlacementConstraint.at(Kind.LOW_HALF, 0));
        holds.add(PlacementConstraint.at(Kind.HIGH_HALF, 0));
        for (PositionedPlate other : others) {
            String name = other.placed().key();
            if (!across) {
                holds.add(PlacementConstraint.by(Kind.BASELINE_OF, 0, name));
            }
            holds.add(PlacementConstraint.by(Kind.IN_LINE, 0, name));
            holds.add(
                    PlacementConstraint.at(Kind.FROM_LOW, PlacementConstraint.rounded(low(other.designBox(), across))));
            double room = across ? now.pieceBox().getWidth() : now.pieceBox().getHeight();
            holds.add(PlacementConstraint.at(
                    Kind.FROM_HIGH, PlacementConstraint.rounded(room - high(other.designBox(), across))));
        }
        between(now, key, across, others, holds);
        return holds;
    }

    /** In the middle between its neighbours in a row. */
    private static void between(
            Arrangement now,
            String key,
            boolean across,
            List<PositionedPlate> others,
            List<PlacementConstraint> holds) {
        double middle = middle(now.of(key).designBox(), across);
        PositionedPlate below = others.stream()
                .filter(o -> middle(o.designBox(), across) < middle)
                .max(Comparator.comparingDouble(o -> middle(o.designBox(), across)))
                .orElse(null);
        PositionedPlate above = others.stream()
                .filter(o -> middle(o.designBox(), across) > middle)
                .min(Comparator.comparingDouble(o -> middle(o.designBox(), across)))
                .orElse(null);
        if (below != null && above != null) {
            holds.add(new PlacementConstraint(
                    Kind.SAME_GAP,
                    0,
                    List.of(below.placed().key(), key, above.placed().key())));
        }
    }

    /** Whether one plate hangs on another, through however many between, or is that plate. */
    private static boolean hangsOn(Layout layout, String key, String on, boolean across, Set<String> seen) {
        if (key.equals(on)) {
            return true;
        }
        if (!seen.add(key)) {
            return false;
        }
        Placed placed = layout.find(key).orElseThrow();
        PlacementConstraint hold = across ? placed.across() : placed.along();
        return hold.others().stream().anyMatch(o -> hangsOn(layout, o, on, across, seen));
    }

    /** Where the line of a hold runs. */
    static double line(PositionedPlate lying, PlacementConstraint hold, boolean across) {
        return switch (hold.kind()) {
            case FROM_LOW -> low(lying.designBox(), across);
            case FROM_HIGH -> high(lying.designBox(), across);
            case BASELINE_OF, BASELINE -> lying.baselineMm();
            default -> middle(lying.designBox(), across);
        };
    }

    private static double low(Envelope box, boolean across) {
        return across ? box.getMinX() : box.getMinY();
    }

    private static double high(Envelope box, boolean across) {
        return across ? box.getMaxX() : box.getMaxY();
    }

    private static double middle(Envelope box, boolean across) {
        return across ? box.centre().x : box.centre().y;
    }
}
