package glanzen.layout;

import glanzen.measure.BadInput;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * One axis of what is laid out, worked out: the low edge of everything on it. Holds look to the ground or to other things, so each axis
 * is a graph; it is walked depth first, and things that hold each other in a ring are refused.
 */
public final class Holds {

    private final double roomMm;
    private final Function<String, Optional<Held>> find;
    private final Map<String, Double> lows = new HashMap<>();
    private final Set<String> asked = new HashSet<>();

    /**
     * Something that is held on the axis.
     *
     * @param name what a person calls it
     * @param hold what holds it
     * @param sizeMm how long it is along the axis, mm
     * @param riseMm how high its baseline lies above its low edge, mm
     */
    public record Held(String name, PlacementConstraint hold, double sizeMm, double riseMm) {}

    /**
     * @param roomMm length of the ground along the axis, mm
     * @param find things by their keys
     */
    public Holds(double roomMm, Function<String, Optional<Held>> find) {
        this.roomMm = roomMm;
        this.find = find;
    }

    /**
     * The low edge of a thing, mm.
     *
     * @throws BadInput if things hold each other in a ring, or look to one that is not there
     */
    public double low(String key) {
        Double known = lows.get(key);
        if (known != null) {
            return known;
        }
        Held held = held(key);
        if (!asked.add(key)) {
            throw new BadInput("hold", held.name + " holds on to itself by way of others", "no ring of holds");
        }
        double low = follow(key, held);
        lows.put(key, low);
        return low;
    }

    private double follow(String key, Held held) {
        PlacementConstraint hold = held.hold;
        double size = held.sizeMm;
        return switch (hold.kind()) {
            case CENTRE -> (roomMm - size) / 2 + hold.mm();
            case FROM_LOW -> hold.mm();
            case FROM_HIGH -> roomMm - size - hold.mm();
            case BASELINE -> hold.mm() - held.riseMm;
            case LOW_HALF -> roomMm / 4 - size / 2;
            case HIGH_HALF -> 0.75 * roomMm - size / 2;
            case IN_LINE -> low(other(hold)) + size(other(hold)) / 2 - size / 2 + hold.mm();
            case BASELINE_OF -> low(other(hold)) + held(other(hold)).riseMm - held.riseMm + hold.mm();
            case AFTER -> low(other(hold)) + size(other(hold)) + hold.mm();
            case BEFORE -> low(other(hold)) - size - hold.mm();
            case SAME_GAP -> inRow(key, hold.others());
        };
    }

    private static String other(PlacementConstraint hold) {
        return hold.others().get(0);
    }

    private double size(String key) {
        return held(key).sizeMm;
    }

    private Held held(String key) {
        return find.apply(key)
                .orElseThrow(() -> new BadInput("hold.others", key + " is not laid out", "something that is laid out"));
    }

    private double inRow(String key, List<String> row) {
        String first = row.get(0);
        String last = row.get(row.size() - 1);
        double room = low(last) - low(first) - size(first);
        double filled = 0;
        double before = 0;
        for (String inner : row.subList(1, row.size() - 1)) {
            before = inner.equals(key) ? filled : before;
            filled += size(inner);
        }
        double gap = (room - filled) / (row.size() - 1);
        return low(first) + size(first) + before + row.indexOf(key) * gap;
    }
}
