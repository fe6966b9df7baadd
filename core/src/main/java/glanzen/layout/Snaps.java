package glanzen.layout;

import glanzen.layout.Hold.Kind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.locationtech.jts.geom.Envelope;

/** What a plate may be drawn to, as holds. Those that would close a ring are left out. */
final class Snaps {

    private Snaps() {}

    static List<Hold> of(Arrangement now, String key, boolean across) {
        List<Lying> others = now.all().stream()
                .filter(l -> !hangsOn(now.layout(), l.placed().key(), key, across, new HashSet<>()))
                .toList();
        List<Hold> holds = new ArrayList<>();
        holds.add(Hold.CENTRED);
        holds.add(Hold.at(Kind.LOW_HALF, 0));
        holds.add(Hold.at(Kind.HIGH_HALF, 0));
        for (Lying other : others) {
            String name = other.placed().key();
            if (!across) {
                holds.add(Hold.by(Kind.BASELINE_OF, 0, name));
            }
            holds.add(Hold.by(Kind.IN_LINE, 0, name));
            holds.add(Hold.at(Kind.FROM_LOW, Hold.rounded(low(other.designBox(), across))));
            double room = across ? now.pieceBox().getWidth() : now.pieceBox().getHeight();
            holds.add(Hold.at(Kind.FROM_HIGH, Hold.rounded(room - high(other.designBox(), across))));
        }
        between(now, key, across, others, holds);
        return holds;
    }

    /** In the middle between its neighbours in a row. */
    private static void between(Arrangement now, String key, boolean across, List<Lying> others, List<Hold> holds) {
        double middle = middle(now.of(key).designBox(), across);
        Lying below = others.stream()
                .filter(o -> middle(o.designBox(), across) < middle)
                .max(Comparator.comparingDouble(o -> middle(o.designBox(), across)))
                .orElse(null);
        Lying above = others.stream()
                .filter(o -> middle(o.designBox(), across) > middle)
                .min(Comparator.comparingDouble(o -> middle(o.designBox(), across)))
                .orElse(null);
        if (below != null && above != null) {
            holds.add(new Hold(
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
        Hold hold = across ? placed.across() : placed.along();
        return hold.others().stream().anyMatch(o -> hangsOn(layout, o, on, across, seen));
    }

    /** Where the line of a hold runs. */
    static double line(Lying lying, Hold hold, boolean across) {
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
