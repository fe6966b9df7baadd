package glanzen.kit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.measure.BadInput;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** What was kept holds what can be cut from it, and nothing else. */
class OffcutTest {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private static Geometry box(double widthMm, double heightMm) {
        return GEOMETRY.toGeometry(new Envelope(0, widthMm, 0, heightMm));
    }

    private static Geometry round(double acrossMm) {
        return GEOMETRY.createPoint(new Coordinate(0, 0)).buffer(acrossMm / 2, 32);
    }

    private static Offcut rectangle(double widthMm, double heightMm) {
        return new Offcut("", "kept", "ivory", widthMm, heightMm, "", 1);
    }

    @Test
    void aRectangleHoldsWhatIsNoLargerUprightOrTurned() {
        Random luck = new Random(6);
        for (int n = 0; n < 400; n++) {
            double w = 20 + 80 * luck.nextDouble();
            double h = 20 + 80 * luck.nextDouble();
            double pieceW = 20 + 80 * luck.nextDouble();
            double pieceH = 20 + 80 * luck.nextDouble();
            boolean fits = pieceW <= w && pieceH <= h || pieceH <= w && pieceW <= h;
            boolean nearly = pieceW <= w + 0.5 && pieceH <= h + 0.5 || pieceH <= w + 0.5 && pieceW <= h + 0.5;
            if (fits == nearly) {
                assertEquals(
                        fits, rectangle(w, h).holds(box(pieceW, pieceH)), w + " " + h + " " + pieceW + " " + pieceH);
            }
        }
    }

    @Test
    void whatFellOutOfAnOpeningKeepsItsShape() {
        Offcut hole = Offcut.fallen("hole", "ivory", round(60), 3);
        assertEquals(60, hole.widthMm(), 0.01);
        assertFalse(hole.outline().isEmpty());
        assertTrue(hole.holds(round(58)));
        assertTrue(hole.holds(box(42, 42)), "inside the circle");
        assertFalse(hole.holds(box(45, 45)), "its corners would be missing");
        Offcut square = Offcut.fallen("square", "ivory", box(40, 30), 3);
        assertEquals("", square.outline());
        assertEquals(3, square.left());
    }

    @Test
    void aPieceWithAShapeOfItsOwnFindsItsPlaceInOneWithACorner() {
        Polygon corner = GEOMETRY.createPolygon(new Coordinate[] {
            new Coordinate(0, 0),
            new Coordinate(100, 0),
            new Coordinate(100, 30),
            new Coordinate(30, 30),
            new Coordinate(30, 100),
            new Coordinate(0, 100),
            new Coordinate(0, 0)
        });
        Offcut kept = Offcut.fallen("corner", "ivory", corner, 1);
        assertTrue(kept.holds(box(95, 28)), "along its foot");
        assertTrue(kept.holds(box(28, 95)), "along its side");
        assertFalse(kept.holds(box(60, 60)), "across its corner there is nothing");
    }

    @Test
    void nonsenseIsRefused() {
        assertThrows(BadInput.class, () -> new Offcut("", "", "ivory", 10, 10, "", 1));
        assertThrows(BadInput.class, () -> new Offcut("", "kept", "ivory", 0, 10, "", 1));
        assertThrows(BadInput.class, () -> new Offcut("", "kept", "ivory", 10, 10, "nonsense", 1));
        assertThrows(BadInput.class, () -> new Offcut("", "kept", "ivory", 10, 10, "", -1));
        assertThrows(BadInput.class, () -> new FoamSheet("", "foam", 0.1, 100, 100, 1));
        assertThrows(BadInput.class, () -> new glanzen.kit.Envelope("", "C6", 162, 114, 0));
    }

    @Test
    void anEnvelopeHoldsACardEitherWayRoundWithRoomToSlide() {
        for (glanzen.kit.Envelope e : glanzen.kit.Envelope.USUAL) {
            double longer = Math.max(e.widthMm(), e.heightMm());
            double shorter = Math.min(e.widthMm(), e.heightMm());
            assertTrue(e.holds(longer - 2, shorter - 2));
            assertTrue(e.holds(shorter - 2, longer - 2));
            assertFalse(e.holds(longer - 1, shorter - 2));
        }
    }
}
