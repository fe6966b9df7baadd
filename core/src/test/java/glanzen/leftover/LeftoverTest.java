package glanzen.leftover;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.artwork.Artwork;
import glanzen.artwork.Motif;
import glanzen.kit.Leftover;
import glanzen.kit.Leftover.Spent;
import glanzen.kit.Plate;
import glanzen.layout.ArrangementTest;
import glanzen.measure.BadInput;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** What is left of a film, and what still comes out of it. */
class LeftoverTest {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private static Geometry box(double x1, double y1, double x2, double y2) {
        return GEOMETRY.toGeometry(new Envelope(x1, x2, y1, y2));
    }

    private static Leftover leftover(double w, double h, Spent... spent) {
        return new Leftover("l", "Left", "f", w, h, "", List.of(spent));
    }

    private static Spent block(double w, double h, double x, double y) {
        return new Spent("block", Motif.outlined(box(0, 0, w, h)), w, h, x, y, 0, "");
    }

    @Test
    void theNegativeIsAllThatWasNotTakenAsItLies() {
        LeftoverFinder finder = new LeftoverFinder(ArrangementTest.SHELF);
        Leftover l = leftover(60, 40, block(12, 10, 20, 15), block(8, 8, 45, 30));
        Plate negative = finder.negative(l);
        Artwork design = Artwork.of(negative.motif(), negative.widthMm(), negative.heightMm());
        assertEquals(60 * 40 - 12 * 10 - 8 * 8, design.areaMm2(), 0.5);
        assertEquals(Plate.Kind.PRINT, negative.kind());
        assertTrue(finder.free(l).symDifference(design.shape()).getArea() < 1, "it lies as it lay");
    }

    @ParameterizedTest
    @ValueSource(longs = {31, 32, 33, 34, 35, 36, 37, 38, 39, 40})
    void aLeftoverIsFoundWhenLookingEverywhereFindsOne(long seed) {
        Random random = new Random(seed);
        Motif motif = Motif.outlined(box(0, 0, 10 + random.nextInt(20), 6 + random.nextInt(14)));
        Artwork design = Artwork.of(motif, 40, 30);
        Leftover l = leftover(
                40 + random.nextInt(30),
                30 + random.nextInt(30),
                block(12, 12, 10 + random.nextInt(30), 10 + random.nextInt(20)),
                block(8, 20, 10 + random.nextInt(30), 10 + random.nextInt(20)));
        LeftoverFinder finder = new LeftoverFinder(ArrangementTest.SHELF);
        Geometry free = finder.free(l);
        List<LeftoverFinder.Found> found = finder.find(design, List.of(l));
        boolean roomy = everywhere(free, design, LeftoverFinder.HAND_MM + 1.1);
        assertTrue(!roomy || !found.isEmpty(), "there is room and to spare");
        for (LeftoverFinder.Found f : found) {
            FoilFrom from = f.from();
            Geometry laid = LeftoverFinder.laid(design, from.xMm(), from.yMm(), from.degrees())
                    .transform(design.shape());
            assertTrue(free.buffer(1e-6).covers(laid.buffer(LeftoverFinder.HAND_MM - 0.1)));
            assertTrue(finder.covers(l, design, from));
        }
    }

    private static boolean everywhere(Geometry free, Artwork design, double margin) {
        for (int degrees : new int[] {0, 90}) {
            for (double y = 0; y < 70; y += 1) {
                for (double x = 0; x < 80; x += 1) {
                    Geometry laid = LeftoverFinder.laid(design, x, y, degrees)
                            .transform(design.shape())
                            .buffer(margin);
                    if (free.covers(laid)) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    @Test
    void theSmallestLeftoverComesFirstAndTurningHelps() {
        Artwork wide = Artwork.of(Motif.outlined(box(0, 0, 50, 10)), 52, 12);
        Leftover tall = new Leftover("tall", "Tall", "f", 16, 60, "", List.of());
        Leftover large = new Leftover("large", "Large", "f", 100, 100, "", List.of());
        Leftover slanting = new Leftover("s", "Slanting", "f", 50, 50, "M0 12L12 0L50 38L38 50Z", List.of());
        LeftoverFinder finder = new LeftoverFinder(ArrangementTest.SHELF);
        List<LeftoverFinder.Found> found = finder.find(wide, List.of(large, tall));
        assertEquals("tall", found.get(0).leftover().id());
        assertEquals(90, found.get(0).from().degrees() % 180);
        Artwork slim = Artwork.of(Motif.outlined(box(0, 0, 38, 6)), 40, 8);
        assertEquals(45, finder.find(slim, List.of(slanting)).get(0).from().degrees() % 90);
    }

    @Test
    void aUseIsRememberedAndTakenBack() {
        Leftover used = leftover(60, 40).using(new Spent("Bee", Motif.of(Motif.Kind.BEE), 40, 36, 30, 20, 0, "pull-7"));
        assertTrue(new LeftoverFinder(ArrangementTest.SHELF).free(used).getArea() < 60 * 40 - 100);
        assertEquals(leftover(60, 40), used.without("pull-7"));
        assertThrows(BadInput.class, () -> new Leftover("l", "L", "f", 20, 20, "M0 0L40 0L40 40Z", List.of()));
    }

    @Test
    void scrapsCoverAStampAndGapsAreMarked() {
        Geometry stamp = box(0, 0, 40, 20);
        Patchwork half = Patchwork.lay(stamp, List.of(new Patchwork.Choice("a", box(0, 0, 20, 20))));
        assertEquals(0.5, half.coverage(), 1e-6);
        assertEquals(400, half.gaps().getArea(), 1e-6);
        Patchwork whole = Patchwork.lay(
                stamp,
                List.of(
                        new Patchwork.Choice("a", box(0, 0, 25, 25)),
                        new Patchwork.Choice("b", box(0, 0, 25, 25)),
                        new Patchwork.Choice("never needed", box(0, 0, 25, 25))));
        assertEquals(1, whole.coverage(), 1e-9);
        assertEquals(2, whole.scraps().size());
    }
}
