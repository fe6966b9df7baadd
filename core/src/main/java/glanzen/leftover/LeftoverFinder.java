package glanzen.leftover;

import glanzen.artwork.Artwork;
import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.Motif;
import glanzen.kit.Leftover;
import glanzen.kit.Leftover.Spent;
import glanzen.kit.Plate;
import glanzen.packing.Cells;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/**
 * Finds which leftover still has foil for a design, and where to lay it. Only the design must lie on unspent foil, with a
 * margin for the hand; the rest of the plate may lie over spent places, or past the edge.
 *
 * <p>Both are rasters of a millimetre, the free one shrunk and the wanted one grown to whole cells, so that whatever fits
 * there truly fits; rows of cells are compared as bits.
 */
public final class LeftoverFinder {

    /** How exactly a hand lays foil on a plate, mm. */
    public static final double HAND_MM = 1.5;

    private static final int[] QUARTERS = {0, 90, 180, 270};
    private static final double PRINTED_MM = 0.02;
    private static final int FINE_STEP = 15;
    private static final double CELL_MM = 1;

    /**
     * A leftover that will do.
     *
     * @param leftover which one
     * @param from where the plate's middle comes to lie on it
     * @param freeCm2 unspent foil on it before, cm²
     * @param restCm2 unspent foil on it afterwards, cm²
     */
    public record Found(Leftover leftover, FoilFrom from, double freeCm2, double restCm2) {}

    private static final int MOST_KEPT = 500;

    private final ArtworkShelf shelf;

    /** Leftovers change seldom and are searched often. */
    private final Map<Leftover, Rest> rests = new ConcurrentHashMap<>();

    /** What was taken from a leftover, what is free of it, and the same as cells. */
    private record Rest(List<Geometry> spent, Geometry free, Cells room) {}

    /** @param shelf where artwork is drawn */
    public LeftoverFinder(ArtworkShelf shelf) {
        this.shelf = shelf;
    }

    /** What is still free on a leftover. */
    public Geometry free(Leftover leftover) {
        return rest(leftover).free;
    }

    /** The shapes that were taken from a leftover. */
    public List<Geometry> spent(Leftover leftover) {
        return rest(leftover).spent;
    }

    private Rest rest(Leftover leftover) {
        Rest known = rests.get(leftover);
        if (known == null) {
            if (rests.size() >= MOST_KEPT) {
                rests.clear();
            }
            List<Geometry> spent = leftover.spent().stream().map(this::shape).toList();
            Geometry shape = leftover.shape();
            Geometry free = spent.isEmpty() ? shape : shape.difference(UnaryUnionOp.union(spent));
            known = new Rest(spent, free, Cells.within(shape, spent, CELL_MM));
            rests.put(leftover, known);
        }
        return known;
    }

    /**
     * What the whole leftover gives if it is laid on black toner, or on gel without a stencil: all but what the designs
     * before took. It is no plate that can be pressed but a printed design, as large as the piece.
     */
    public Plate negative(Leftover leftover) {
        return new Plate(
                leftover.id() + "-negative",
                leftover.name() + ", its negative",
                Plate.Kind.PRINT,
                Plate.Kind.PRINT.usual(),
                PRINTED_MM,
                leftover.widthMm(),
                leftover.heightMm(),
                Motif.outlined(free(leftover)));
    }

    /** The shape that took the foil, on the leftover. */
    private Geometry shape(Spent s) {
        Artwork artwork = shelf.of(s.motif(), s.plateWidthMm(), s.plateHeightMm());
        return laid(artwork, s.xMm(), s.yMm(), s.degrees()).transform(artwork.shape());
    }

    /** From a plate's own place to where it lies on a leftover. */
    public static AffineTransformation laid(Artwork artwork, double xMm, double yMm, double degrees) {
        return AffineTransformation.translationInstance(-artwork.widthMm() / 2, -artwork.heightMm() / 2)
                .rotate(Math.toRadians(degrees))
                .translate(xMm, yMm);
    }

    /** Every leftover that will do, smallest first. Quarter turns are tried first, slanting ones only if none fits. */
    public List<Found> find(Artwork artwork, List<Leftover> leftovers) {
        List<Found> found = found(artwork, leftovers, QUARTERS);
        return found.isEmpty() ? found(artwork, leftovers, slants()) : found;
    }

    private static int[] slants() {
        List<Integer> slants = new ArrayList<>();
        for (int degrees = FINE_STEP; degrees < 360; degrees += FINE_STEP) {
            if (degrees % 90 != 0) {
                slants.add(degrees);
            }
        }
        return slants.stream().mapToInt(i -> i).toArray();
    }

    private List<Found> found(Artwork artwork, List<Leftover> leftovers, int[] turns) {
        Geometry design = artwork.shape().buffer(HAND_MM, 3);
        List<Wanted> wanted = new ArrayList<>();
        for (int degrees : turns) {
            Geometry turned = laid(artwork, 0, 0, degrees).transform(design);
            wanted.add(new Wanted(degrees, turned, Cells.touched(turned, CELL_MM)));
        }
        int needed = wanted.stream().mapToInt(w -> w.cells.count()).min().orElse(0);
        List<Found> found = new ArrayList<>();
        for (Leftover leftover : leftovers) {
            Rest rest = rest(leftover);
            if (rest.room.count() >= needed) {
                double freeCm2 = rest.room.count() / 100.0;
                place(leftover.shape(), rest.spent, rest.room, wanted)
                        .map(p -> new FoilFrom(leftover.id(), p.x, p.y, p.degrees))
                        .ifPresent(from ->
                                found.add(new Found(leftover, from, freeCm2, freeCm2 - artwork.areaMm2() / 100)));
            }
        }
        found.sort(Comparator.comparingDouble(Found::freeCm2));
        return found;
    }

    private record Wanted(int degrees, Geometry shape, Cells cells) {}

    private record Place(double x, double y, int degrees) {}

    private static Optional<Place> place(Geometry shape, List<Geometry> spent, Cells room, List<Wanted> wanted) {
        for (Wanted w : wanted) {
            int[] at = room.firstPlaceFor(w.cells);
            if (at.length > 0) {
                double x = room.leftMm() + at[0] - w.cells.leftMm();
                double y = room.bottomMm() + at[1] - w.cells.bottomMm();
                Geometry laid = AffineTransformation.translationInstance(x, y).transform(w.shape);
                // Cells are conservative, so this holds; it is asked all the same, since spoiled foil is dear.
                PreparedGeometry exact = PreparedGeometryFactory.prepare(laid);
                if (exact.coveredBy(shape) && spent.stream().noneMatch(exact::intersects)) {
                    return Optional.of(new Place(x, y, w.degrees));
                }
            }
        }
        return Optional.empty();
    }

    /** Whether a plate's design lies on unspent foil where it is said to. */
    public boolean covers(Leftover leftover, Artwork artwork, FoilFrom from) {
        Geometry design = laid(artwork, from.xMm(), from.yMm(), from.degrees()).transform(artwork.shape());
        return free(leftover).buffer(0.05).covers(design);
    }
}
