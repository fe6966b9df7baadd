package glanzen.packing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.packing.Packer.Packed;
import glanzen.packing.Packer.Shape;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/** What is laid lies on the sheet and apart, and nearly as tight as by trying everything. */
class PackerTest {

    private static final int UNIT_MM = 10;
    private static final int COLUMNS = 5;

    /** Some squares joined at their sides, as a bit for each of a grid of three by three. */
    private record Squares(List<int[]> at) {

        static Squares some(Random random) {
            List<int[]> at = new ArrayList<>(List.of(new int[] {0, 0}));
            int wanted = 2 + random.nextInt(3);
            while (at.size() < wanted) {
                int[] from = at.get(random.nextInt(at.size()));
                int[] next = random.nextBoolean()
                        ? new int[] {from[0] + 1, from[1]}
                        : new int[] {from[0], from[1] + (random.nextInt(3) == 0 && from[1] > 0 ? -1 : 1)};
                if (at.stream().noneMatch(a -> a[0] == next[0] && a[1] == next[1])) {
                    at.add(next);
                }
            }
            return new Squares(at);
        }

        Squares turned() {
            int low = at.stream().mapToInt(a -> -a[1]).min().orElseThrow();
            return new Squares(at.stream()
                    .map(a -> new int[] {-a[1] - low, a[0]})
                    .toList());
        }

        Geometry outline() {
            List<Geometry> squares = at.stream()
                    .map(a -> new GeometryFactory()
                            .toGeometry(new Envelope(
                                    a[0] * UNIT_MM, (a[0] + 1) * UNIT_MM, a[1] * UNIT_MM, (a[1] + 1) * UNIT_MM)))
                    .toList();
            return UnaryUnionOp.union(squares);
        }
    }

    /** The least number of rows that hold all, by trying every way of laying each. */
    private static int fewestRows(List<Squares> all, int n, int[] rows, int used, int best) {
        if (n == all.size()) {
            return used;
        }
        Squares way = all.get(n);
        int least = best;
        for (int turn = 0; turn < 4; turn++, way = way.turned()) {
            int high = way.at.stream().mapToInt(a -> a[1]).max().orElseThrow() + 1;
            int wide = way.at.stream().mapToInt(a -> a[0]).max().orElseThrow() + 1;
            for (int y = 0; Math.max(used, y + high) < least; y++) {
                for (int x = 0; x + wide <= COLUMNS; x++) {
                    int[] taken = rows.clone();
                    if (lay(way, x, y, taken)) {
                        least = fewestRows(all, n + 1, taken, Math.max(used, y + high), least);
                    }
                }
            }
        }
        return least;
    }

    private static boolean lay(Squares way, int x, int y, int[] rows) {
        for (int[] a : way.at) {
            int bit = 1 << x + a[0];
            if ((rows[y + a[1]] & bit) != 0) {
                return false;
            }
            rows[y + a[1]] |= bit;
        }
        return true;
    }

    @Test
    void withinAFewPercentOfTryingEverything() {
        double rows = 0;
        double best = 0;
        for (int seed = 1; seed <= 60; seed++) {
            Random random = new Random(seed);
            List<Squares> all =
                    IntStream.range(0, 4).mapToObj(n -> Squares.some(random)).toList();
            int fewest = fewestRows(all, 0, new int[40], 0, 20);
            // A hair wider than it must be: sides of squares that touch belong to both.
            Packer packer = new Packer(COLUMNS * UNIT_MM + 4, 20 * UNIT_MM, 0);
            Packed packed = packer.all(IntStream.range(0, 4)
                            .mapToObj(n -> new Shape("" + n, all.get(n).outline()))
                            .toList())
                    .orElseThrow();
            rows += packed.lengthMm() / UNIT_MM;
            best += fewest;
        }
        assertTrue(rows <= best * 1.05, rows + " rows instead of " + best);
    }

    @Test
    void everythingLiesOnTheSheetAndApart() {
        for (int seed = 1; seed <= 15; seed++) {
            Random random = new Random(seed);
            List<Shape> shapes = IntStream.range(0, 6)
                    .mapToObj(n -> new Shape("" + n, odd(random)))
                    .toList();
            Packed packed = new Packer(150, 400, 6).any(shapes).orElseThrow();
            List<Geometry> laid = packed.shapes().stream()
                    .map(l -> l.of(shapes.get(Integer.parseInt(l.id())).outline()))
                    .toList();
            for (int a = 0; a < laid.size(); a++) {
                assertTrue(new Envelope(-0.01, 150.01, -0.01, 400.01)
                        .covers(laid.get(a).getEnvelopeInternal()));
                for (int b = 0; b < a; b++) {
                    assertTrue(
                            laid.get(a).distance(laid.get(b)) >= 6 - 0.1,
                            seed + ": " + laid.get(a).distance(laid.get(b)));
                }
            }
        }
    }

    private static Geometry odd(Random random) {
        Geometry box = Packer.rectangle(20 + random.nextInt(50), 20 + random.nextInt(40));
        Geometry other = AffineTransformation.translationInstance(random.nextInt(20), random.nextInt(20))
                .transform(box.getCentroid().buffer(15 + random.nextInt(15), 6));
        return random.nextBoolean() ? other : box.union(other);
    }

    @Test
    void whatIsTooLargeIsNotLaid() {
        Packer board = new Packer(100, 150, 5);
        Shape large = new Shape("a", Packer.rectangle(60, 120));
        assertTrue(board.any(List.of(large)).isPresent());
        assertTrue(board.any(List.of(large, new Shape("b", Packer.rectangle(60, 60))))
                .isEmpty());
        assertTrue(board.any(List.of(large, new Shape("b", Packer.rectangle(30, 60))))
                .isPresent());
        assertEquals(
                90,
                board.any(List.of(new Shape("a", Packer.rectangle(140, 90))))
                        .orElseThrow()
                        .shapes()
                        .get(0)
                        .degrees());
    }

    @Test
    void halvesOfASquareNestHeadToTail() {
        Geometry half = new GeometryFactory().createPolygon(new Coordinate[] {
            new Coordinate(0, 0), new Coordinate(40, 0), new Coordinate(0, 40), new Coordinate(0, 0)
        });
        assertEquals(
                12, new Packer(130, 88, 1).most(new Shape("half", half), 50).size());
        assertEquals(5, new Packer(130, 88, 1).most(new Shape("half", half), 5).size());
    }
}
