package glanzen.cutting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Crafts;
import glanzen.artwork.Motif;
import glanzen.kit.Plate;
import glanzen.measure.BadInput;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;

/** A foiled panel yields as many shapes as lie on it apart. */
class PanelYieldTest {

    private static Plate die(Motif.Kind shape, double widthMm, double heightMm) {
        return Crafts.tool("d", Plate.Kind.THIN_DIE, 1.1, widthMm, heightMm, Motif.of(shape));
    }

    private static List<Geometry> of(Plate die, double widthMm, double heightMm) {
        return PanelYield.of(die, Crafts.ARTWORKS, widthMm, heightMm);
    }

    @Test
    void rectanglesFillAPanelTurnedIfThatIsMore() {
        assertEquals(6, of(die(Motif.Kind.FRAME, 30, 40), 100, 90).size());
        assertEquals(1, of(die(Motif.Kind.FRAME, 80, 40), 42, 84).size());
        assertEquals(0, of(die(Motif.Kind.FRAME, 80, 60), 70, 70).size());
        assertThrows(BadInput.class, () -> of(die(Motif.Kind.FRAME, 80, 60), 70, 4));
    }

    @Test
    void hexagonsNest() {
        List<Geometry> cuts = of(die(Motif.Kind.HEXAGON, 40, 35), 140, 200);
        assertTrue(cuts.size() >= 16, cuts.size() + "");
        for (Geometry a : cuts) {
            for (Geometry b : cuts) {
                assertTrue(a == b || a.distance(b) > 1.9, a.distance(b) + "");
            }
        }
    }
}
