package glanzen.gluing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.card.CardPlan;
import glanzen.card.Fold;
import glanzen.card.Laid;
import glanzen.card.Mounted;
import glanzen.card.Sheet;
import glanzen.card.Way;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/** Foam carries what is raised, is not seen, and is cut without much waste. */
class FoamTest {

    private static CardLook raised(Sheet sheet, double fillingMm) {
        Mounted m = Mounted.centred(sheet.name(), Mounted.FRONT, Way.RAISED, 3).shaking(fillingMm);
        return Cards.look(new CardPlan(Cards.base(Fold.NONE), null, List.of(m)), sheet);
    }

    private static void carries(Sheet sheet, double fillingMm) {
        CardLook look = raised(sheet, fillingMm);
        Laid piece = look.assembly().piece(sheet.name());
        Geometry foam = look.joined().foam().get(sheet.name()).shape();
        Geometry seenEdge = piece.shape().union(piece.windows()).getBoundary();
        assertTrue(foam.distance(seenEdge) >= Foam.INSIDE_MM - 1e-6, sheet.name() + " shows foam at its edge");
        assertFalse(foam.intersects(piece.windows()), sheet.name() + " shows foam in its window");
        assertTrue(piece.shape().buffer(1e-6).covers(foam), "foam lies inside");
        Envelope box = piece.shape().getEnvelopeInternal();
        for (double x = box.getMinX(); x <= box.getMaxX(); x += 2) {
            for (double y = box.getMinY(); y <= box.getMaxY(); y += 2) {
                Geometry at = Cards.GEOMETRY.createPoint(new Coordinate(x, y));
                if (piece.shape().covers(at)) {
                    assertTrue(
                            foam.distance(at) <= Foam.MOST_SPAN_MM / 2 + 1,
                            sheet.name() + " sags at " + x + ", " + y + ": " + foam.distance(at));
                }
            }
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {12, 17, 25, 40, 57, 80, 110, 140})
    void noSpanIsLongerThanAPieceBearsAndNoFoamIsSeen(double size) {
        carries(Cards.plain("square", size, 0.7 * size), 0);
        carries(Cards.round("round", size), 0);
    }

    @ParameterizedTest
    @ValueSource(doubles = {60, 90, 120})
    void roundAWindowToo(double size) {
        carries(Cards.windowed("window", size, 0.75 * size, size / 3), 0);
        carries(Cards.windowed("shaker", size, 0.75 * size, size / 3), 1);
    }

    @Test
    void aShakerHasAWallWithoutAGapAndToldWhereThereIsNoRoomForOne() {
        CardLook roomy = raised(Cards.windowed("shaker", 90, 80, 40), 1.5);
        assertTrue(roomy.joined().shakers().get("shaker").closed());
        CardLook narrow = raised(Cards.windowed("narrow", 90, 50, 42), 1.5);
        assertFalse(narrow.joined().shakers().get("narrow").closed());
        assertEquals("shaker-wall", narrow.findings().get(0).rule().key());
    }

    @Test
    void heightsAreStuckTogetherFromSheets() {
        Foam five = new Foam(List.of(Cards.box(0, 0, 10, 10)), 5, false);
        assertEquals(List.of(3.0, 2.0), five.layers());
        assertEquals(List.of(3.0, 3.0, 1.0), new Foam(five.pads(), 7, false).layers());
    }

    @Test
    void padsDoNotOverlapOnTheirSheetsAndWasteStaysNearTheLeast() {
        List<Foam> foams = List.of(
                new Foam(List.of(Cards.box(0, 0, 8, 80), Cards.box(40, 0, 8, 80)), 1, false),
                new Foam(List.of(Cards.box(0, 0, 25, 25)), 1, false),
                new Foam(List.of(Cards.box(0, 0, 60, 44)), 2, false));
        List<FoamCut> cuts = FoamCut.of(foams, 12);
        assertEquals(2, cuts.size());
        for (FoamCut cut : cuts) {
            List<FoamCut.Placed> all = cut.placed();
            for (int i = 0; i < all.size(); i++) {
                Envelope a = box(all.get(i));
                assertTrue(new Envelope(0, cut.widthMm(), 0, cut.heightMm()).covers(a));
                for (int k = 0; k < i; k++) {
                    assertTrue(all.get(k).sheet() != all.get(i).sheet()
                            || box(all.get(k)).intersection(a).getArea() < 1e-6);
                }
            }
            assertTrue(cut.waste() < 0.25, "waste " + cut.waste());
        }
        assertEquals(36, cuts.get(0).placed().size());
    }

    private static Envelope box(FoamCut.Placed p) {
        return new Envelope(p.xMm(), p.xMm() + p.widthMm(), p.yMm(), p.yMm() + p.heightMm());
    }
}
