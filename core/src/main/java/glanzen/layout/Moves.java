package glanzen.layout;

import glanzen.artwork.ArtworkShelf;
import glanzen.layout.PlacementConstraint.Kind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Changes by hand to a layout. */
public final class Moves {

    private static final double BASELINE_PULL = 0.6;

    private Moves() {}

    /**
     * Moves plates on the piece. Those held by another that moves along come with it of themselves; distances change,
     * what a plate is held by stays.
     *
     * @param keys which plates
     * @param rightMm to the right as read, mm
     * @param upMm upwards as read, mm
     */
    public static Layout moved(Layout layout, Set<String> keys, double rightMm, double upMm, ArtworkShelf shelf) {
        Arrangement now = new Arrangement(layout, shelf);
        return layout.each(p -> keys.contains(p.key())
                ? p.held(
                        moved(
                                p.across(),
                                keys,
                                rightMm,
                                now.of(p.key()).designBox().getMinX()),
                        moved(p.along(), keys, upMm, now.of(p.key()).designBox().getMinY()))
                : p);
    }

    private static PlacementConstraint moved(PlacementConstraint hold, Set<String> keys, double by, double low) {
        if (by == 0 || hold.others().stream().anyMatch(keys::contains)) {
            return hold;
        }
        return hold.adjustable()
                ? hold.moved(by)
                : PlacementConstraint.at(Kind.FROM_LOW, PlacementConstraint.rounded(low + by));
    }

    /** Takes a plate off the piece; what looked to it stays where it is. */
    public static Layout without(Layout layout, String key, ArtworkShelf shelf) {
        Arrangement now = new Arrangement(layout, shelf);
        List<Placed> plates =
                layout.plates().stream().filter(p -> !p.key().equals(key)).toList();
        List<Placed> cuts =
                layout.cuts().stream().filter(p -> !p.key().equals(key)).toList();
        return layout.withPlates(plates).withCuts(cuts).each(p -> {
            PositionedPlate lying = now.of(p.key());
            return p.held(
                    p.across().looksTo(key)
                            ? PlacementConstraint.at(
                                    Kind.FROM_LOW,
                                    PlacementConstraint.rounded(
                                            lying.designBox().getMinX()))
                            : p.across(),
                    p.along().looksTo(key)
                            ? PlacementConstraint.at(
                                    Kind.FROM_LOW,
                                    PlacementConstraint.rounded(
                                            lying.designBox().getMinY()))
                            : p.along());
        });
    }

    /** Puts plates on the axis of the first. */
    public static Layout onOneAxis(Layout layout, List<String> keys) {
        return layout.each(p -> keys.indexOf(p.key()) > 0
                ? p.held(PlacementConstraint.by(Kind.IN_LINE, 0, keys.get(0)), p.along())
                : p);
    }

    /** Gives plates the same gaps, from the lowest to the highest of them. */
    public static Layout sameGaps(Layout layout, List<String> keys, ArtworkShelf shelf) {
        if (keys.size() < 3) {
            return layout;
        }
        Arrangement now = new Arrangement(layout, shelf);
        List<String> row = new ArrayList<>(keys);
        row.sort(Comparator.comparingDouble(k -> now.of(k).designBox().getMinY()));
        return layout.each(p -> row.indexOf(p.key()) > 0 && row.indexOf(p.key()) < row.size() - 1
                ? p.held(p.across(), new PlacementConstraint(Kind.SAME_GAP, 0, row))
                : end(p, row, now));
    }

    /** The ends of a row must not hang on what lies between them. */
    private static Placed end(Placed p, List<String> row, Arrangement now) {
        boolean hangs = row.contains(p.key()) && p.along().others().stream().anyMatch(row::contains);
        return hangs
                ? p.held(
                        p.across(),
                        PlacementConstraint.at(
                                Kind.FROM_LOW, now.of(p.key()).designBox().getMinY()))
                : p;
    }

    /** A line that a plate was drawn to. */
    public record Guide(boolean across, double atMm, String words) {}

    /**
     * A layout after snapping.
     *
     * @param layout with the plate held by what it was drawn to
     * @param guides the lines that drew it
     */
    public record Snapped(Layout layout, List<Guide> guides) {}

    /**
     * Lets a plate be drawn to whatever is near: centre lines, edges and middles of others, baselines, equal gaps.
     *
     * @param toleranceMm how near, mm
     */
    public static Snapped snapped(Layout layout, String key, double toleranceMm, ArtworkShelf shelf) {
        Placed placed = layout.find(key).orElse(null);
        if (placed == null) {
            return new Snapped(layout, List.of());
        }
        List<Guide> guides = new ArrayList<>();
        Layout snapped = layout;
        for (boolean across : new boolean[] {true, false}) {
            Candidate best = nearest(snapped, key, across, toleranceMm, shelf);
            if (best != null) {
                snapped = best.layout;
                guides.add(best.guide);
            }
        }
        return new Snapped(snapped, guides);
    }

    private record Candidate(Layout layout, Guide guide, double pullMm) {}

    private static @Nullable Candidate nearest(
            Layout layout, String key, boolean across, double toleranceMm, ArtworkShelf shelf) {
        Arrangement now = new Arrangement(layout, shelf);
        double from = low(now.of(key), across);
        Candidate best = null;
        for (PlacementConstraint hold : Snaps.of(now, key, across)) {
            Layout tried = layout.each(
                    p -> !p.key().equals(key) ? p : across ? p.held(hold, p.along()) : p.held(p.across(), hold));
            PositionedPlate lying = new Arrangement(tried, shelf).of(key);
            double away = Math.abs(low(lying, across) - from);
            // Words rather stand on one baseline than middle beside middle.
            double pull = hold.kind() == Kind.BASELINE_OF ? away * BASELINE_PULL : away;
            if (away <= toleranceMm && (best == null || pull < best.pullMm - 1e-6)) {
                String words = Wording.said(tried, lying.placed()).get(across ? 0 : 1);
                best = new Candidate(tried, new Guide(across, Snaps.line(lying, hold, across), words), pull);
            }
        }
        return best;
    }

    private static double low(PositionedPlate lying, boolean across) {
        return across ? lying.designBox().getMinX() : lying.designBox().getMinY();
    }
}
