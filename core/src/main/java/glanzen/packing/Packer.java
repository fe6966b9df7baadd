package glanzen.packing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/**
 * Lays shapes beside each other. Shapes and sheet are cells of half a millimetre, shapes grown and the sheet shrunk to whole ones, so
 * that gaps are kept truly. Each shape in turn comes to where it reaches the least along the sheet (bottom-left placement, Baker et
 * al. 1980); the order, and which way some of them are turned, is tried many times from a fixed seed.
 */
public final class Packer {

    private static final double CELL_MM = 0.5;
    private static final int TURN_DEGREES = 45;
    private static final int TRIES = 120;
    private static final long SEED = 7;

    private static final BufferParameters MITRED =
            new BufferParameters(4, BufferParameters.CAP_ROUND, BufferParameters.JOIN_MITRE, 2);

    /** How a try may turn what it lays. */
    private static final List<List<Integer>> TURNS = List.of(
            List.of(0, 90, 180, 270), List.of(0, 180), List.of(90, 270), List.of(0, 45, 90, 135, 180, 225, 270, 315));

    private final double widthMm;
    private final double heightMm;
    private final double gapMm;
    private final Cells sheet;

    /**
     * @param widthMm width of the sheet that may be used, mm
     * @param heightMm its length, mm
     * @param gapMm how far shapes stay apart, mm
     */
    public Packer(double widthMm, double heightMm, double gapMm) {
        this.widthMm = widthMm;
        this.heightMm = heightMm;
        this.gapMm = gapMm;
        Geometry room = new GeometryFactory()
                .toGeometry(new Envelope(-gapMm / 2, widthMm + gapMm / 2, -gapMm / 2, heightMm + gapMm / 2));
        this.sheet = Cells.within(room, List.of(), CELL_MM);
    }

    /** A shape with a name. */
    public record Shape(String id, Geometry outline) {}

    /**
     * Shapes laid.
     *
     * @param shapes where each lies
     * @param lengthMm how far they reach along the sheet, mm
     */
    public record Packed(List<Laid> shapes, double lengthMm) {

        public Packed {
            shapes = List.copyOf(shapes);
        }
    }

    private record Turned(int degrees, Cells cells) {}

    private record Wanted(String id, double areaMm2, double longMm, List<Turned> ways) {}

    private record Spot(Turned way, int[] at) {}

    /** All shapes on the sheet, as near its lower end as was found; nothing if they do not fit. */
    public Optional<Packed> all(List<Shape> shapes) {
        return search(shapes, false);
    }

    /** Whether all shapes can be laid on the sheet; the first way that is found will do. */
    public Optional<Packed> any(List<Shape> shapes) {
        return search(shapes, true);
    }

    private Optional<Packed> search(List<Shape> shapes, boolean firstWillDo) {
        double area = shapes.stream().mapToDouble(s -> s.outline.getArea()).sum();
        if (area > widthMm * heightMm) {
            return Optional.empty();
        }
        List<Wanted> order = new ArrayList<>(shapes.stream().map(this::wanted).toList());
        order.sort(Comparator.comparingDouble(Wanted::areaMm2).reversed());
        List<Wanted> byLength = new ArrayList<>(order);
        byLength.sort(Comparator.comparingDouble(Wanted::longMm).reversed());
        Packed best = better(lay(order, null), lay(byLength, null));
        Random random = new Random(SEED);
        for (int n = 0; n < TRIES && !(best != null && firstWillDo); n++) {
            List<Wanted> changed = new ArrayList<>(order);
            Collections.swap(changed, random.nextInt(order.size()), random.nextInt(order.size()));
            Packed found = lay(changed, random);
            if (found != null && (best == null || found.lengthMm <= best.lengthMm)) {
                order = changed;
                best = found;
            }
        }
        return Optional.ofNullable(best);
    }

    private static @Nullable Packed better(@Nullable Packed one, @Nullable Packed other) {
        return one == null || other != null && other.lengthMm < one.lengthMm ? other : one;
    }

    private @Nullable Packed lay(List<Wanted> order, @Nullable Random random) {
        Cells free = sheet.copy();
        List<Laid> laid = new ArrayList<>();
        double length = 0;
        for (Wanted w : order) {
            List<Turned> ways = w.ways;
            if (random != null && random.nextInt(3) == 0) {
                ways = List.of(ways.get(random.nextInt(ways.size())));
            }
            Spot spot = lowest(free, ways);
            if (spot == null) {
                return null;
            }
            free.take(spot.way.cells, spot.at);
            laid.add(laid(w.id, spot));
            length = Math.max(length, top(spot) * CELL_MM - gapMm);
        }
        return new Packed(laid, length);
    }

    private static int top(Spot spot) {
        return spot.at[1] + spot.way.cells.height();
    }

    private Laid laid(String id, Spot spot) {
        Cells cells = spot.way.cells;
        return new Laid(
                id,
                sheet.leftMm() + spot.at[0] * CELL_MM - cells.leftMm(),
                sheet.bottomMm() + spot.at[1] * CELL_MM - cells.bottomMm(),
                spot.way.degrees);
    }

    private static @Nullable Spot lowest(Cells free, List<Turned> ways) {
        Spot best = null;
        for (Turned way : ways) {
            int[] at = free.firstPlaceFor(way.cells);
            if (at.length > 0) {
                Spot spot = new Spot(way, at);
                best = best == null || top(spot) < top(best) ? spot : best;
            }
        }
        return best;
    }

    /** As many of one shape as go on the sheet, or as are wanted. */
    public List<Laid> most(Shape shape, int wanted) {
        Wanted all = wanted(shape);
        List<Laid> best = List.of();
        for (List<Integer> turns : TURNS) {
            List<Turned> ways =
                    all.ways.stream().filter(w -> turns.contains(w.degrees)).toList();
            List<Laid> laid = new ArrayList<>();
            Cells free = sheet.copy();
            Spot spot = lowest(free, ways);
            while (spot != null && laid.size() < wanted) {
                free.take(spot.way.cells, spot.at);
                laid.add(laid(shape.id, spot));
                spot = lowest(free, ways);
            }
            best = laid.size() > best.size() ? laid : best;
        }
        return best;
    }

    /** Ways of turning it that make a difference. */
    private Wanted wanted(Shape shape) {
        Geometry grown = BufferOp.bufferOp(shape.outline, gapMm / 2, MITRED);
        List<Turned> ways = new ArrayList<>();
        for (int degrees = 0; degrees < 360; degrees += TURN_DEGREES) {
            Geometry turned = new Laid(shape.id, 0, 0, degrees).of(grown);
            Cells cells = Cells.touched(turned, CELL_MM);
            if (ways.stream().noneMatch(w -> w.cells.same(cells))) {
                ways.add(new Turned(degrees, cells));
            }
        }
        Envelope box = shape.outline.getEnvelopeInternal();
        return new Wanted(
                shape.id, shape.outline.getArea(), Math.max(box.getWidth(), box.getHeight()), List.copyOf(ways));
    }

    /** A rectangle from the origin, mm. */
    public static Geometry rectangle(double widthMm, double heightMm) {
        return new GeometryFactory().createPolygon(new Coordinate[] {
            new Coordinate(0, 0),
            new Coordinate(widthMm, 0),
            new Coordinate(widthMm, heightMm),
            new Coordinate(0, heightMm),
            new Coordinate(0, 0)
        });
    }
}
