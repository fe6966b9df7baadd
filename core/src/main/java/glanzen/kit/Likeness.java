package glanzen.kit;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * How alike a thing that somebody else owns is to one's own. What a thing is for and what it measures count; what it is
 * called, what it cost and how much of it is left do not, but of two that measure the same the one of the same name comes first.
 */
public final class Likeness {

    /** Up to here, as a share, two things would do the same in a press: what calipers and makers differ by anyway. */
    private static final double SAME = 0.08;

    /** Less than any measure differs by. */
    private static final double OTHER_NAME = 0.001;

    private static final Set<String> OWN_AFFAIRS = Set.of(
            "id",
            "name",
            "left",
            "leftCm2",
            "price",
            "passes",
            "turns",
            "bowMm",
            "owned",
            "since",
            "lifePasses",
            "set");

    private Likeness() {}

    /**
     * Own things that could stand in for another's, the most alike first.
     *
     * @param other what somebody else owns
     * @param own things of one's own
     */
    public static List<Owned> standIns(Owned other, List<? extends Owned> own) {
        List<Owned> all = new ArrayList<>(own.stream()
                .filter(mine -> mine.getClass() == other.getClass() && suits(mine, other))
                .toList());
        all.sort(Comparator.comparingDouble(mine -> difference(mine, other)));
        return all;
    }

    /**
     * What most people would take: the most alike if it does the same in a press; and of machines and platforms the most alike in
     * any case, since nobody buys one for a recipe.
     */
    public static Optional<Owned> usual(Owned other, List<? extends Owned> own) {
        boolean large = other instanceof Machine || other instanceof Platform;
        return standIns(other, own).stream()
                .filter(mine -> large || same(mine, other))
                .findFirst();
    }

    /** Whether the two would do the same in a press. */
    public static boolean same(Owned mine, Owned other) {
        return mine.getClass() == other.getClass() && difference(mine, other) < SAME;
    }

    /** A shim is no plate: what it is for must be the same. A machine is one that heats, or one that does not. */
    private static boolean suits(Owned mine, Owned other) {
        return mine instanceof Machine || value(mine, "kind").equals(value(other, "kind"));
    }

    /** The largest difference, as a share of the larger figure; one where a word differs. */
    private static double difference(Owned mine, Owned other) {
        double most = 0;
        for (RecordComponent part : mine.getClass().getRecordComponents()) {
            if (!OWN_AFFAIRS.contains(part.getName())) {
                most = Math.max(most, difference(value(mine, part.getName()), value(other, part.getName())));
            }
        }
        return mine.name().equalsIgnoreCase(other.name()) ? most : most + OTHER_NAME;
    }

    private static double difference(Object mine, Object other) {
        if (mine.equals(other)) {
            return 0;
        }
        if (mine instanceof Number one && other instanceof Number two) {
            double larger = Math.max(Math.abs(one.doubleValue()), Math.abs(two.doubleValue()));
            return Math.abs(one.doubleValue() - two.doubleValue()) / larger;
        }
        return 1;
    }

    private static Object value(Owned thing, String part) {
        try {
            for (RecordComponent c : thing.getClass().getRecordComponents()) {
                if (c.getName().equals(part)) {
                    Object value = c.getAccessor().invoke(thing);
                    return value == null ? "" : value;
                }
            }
            return "";
        } catch (ReflectiveOperationException never) {
            throw new IllegalStateException(never);
        }
    }
}
