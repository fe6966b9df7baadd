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
import glanzen.kit.FoamSheet;
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
    void heightsAreStuckTogetherFromTheFewestSheetsAndFromOnesOwnFirst() {
        assertEquals(List.of(3.0, 2.0), FoamShelf.EMPTY.layersMm(5));
        assertEquals(List.of(3.0, 3.0, 1.0), FoamShelf.EMPTY.layersMm(7));
        FoamShelf shelf = new FoamShelf(List.of(sheet(1, 150, 200, 3), sheet(1.5, 150, 200, 3), sheet(2, 90, 90, 0)));
        assertEquals(List.of(1.5, 1.5), shelf.layersMm(3), "what is there before what must be bought");
        assertEquals(List.of(1.0, 1.0), shelf.layersMm(2), "an empty shelf has none");
        assertEquals(1.5, shelf.below(2), 1e-9);
        assertEquals(0, shelf.below(1), 1e-9);
        assertEquals(2.5, shelf.atLeast(2.2), 1e-9);
    }

    private static FoamSheet sheet(double mm, double widthMm, double heightMm, int left) {
        return new FoamSheet("f" + mm + widthMm, "foam " + widthMm, mm, widthMm, heightMm, left);
    }

    private static Foam foam(double heightMm, Geometry... pads) {
        return new Foam(List.of(pads), heightMm, false);
    }

    /** No two pads overlap, but those that lie in the hole of another; all lie on their sheets. */
    private static void lie(FoamCut cut) {
        List<FoamCut.CutPad> all = cut.placed();
        for (int i = 0; i < all.size(); i++) {
            Envelope a = box(all.get(i));
            FoamCut.BegunFoam sheet = cut.sheets().get(all.get(i).sheet());
            assertTrue(new Envelope(-1e-6, sheet.widthMm() + 1e-6, -1e-6, sheet.heightMm() + 1e-6).covers(a));
            for (int k = 0; k < i; k++) {
                boolean nested = all.get(i).within() && box(all.get(k)).covers(a);
                assertTrue(nested
                        || all.get(k).sheet() != all.get(i).sheet()
                        || box(all.get(k)).intersection(a).getArea() < 1e-6);
            }
        }
    }

    @Test
    void padsDoNotOverlapOnTheirSheetsAndWasteStaysNearTheLeast() {
        List<Foam> foams = List.of(
                foam(1, Cards.box(0, 0, 8, 80), Cards.box(40, 0, 8, 80)),
                foam(1, Cards.box(0, 0, 25, 25)),
                foam(2, Cards.box(0, 0, 60, 44)));
        List<FoamCut> cuts = FoamCut.of(foams, 12, FoamShelf.EMPTY);
        assertEquals(2, cuts.size());
        for (FoamCut cut : cuts) {
            lie(cut);
            assertTrue(cut.waste() < 0.25, "waste " + cut.waste());
        }
        assertEquals(36, cuts.get(0).placed().size());
    }

    @Test
    void whatFallsOutOfAWallHoldsSmallPads() {
        Geometry wall = Cards.box(0, 0, 70, 50).difference(Cards.box(6, 6, 58, 38));
        List<Foam> foams = List.of(foam(2, wall), foam(2, Cards.box(0, 0, 8, 50), Cards.box(0, 0, 20, 8)));
        FoamCut cut = FoamCut.of(foams, 9, FoamShelf.EMPTY).get(0);
        lie(cut);
        assertEquals(27, cut.placed().size());
        assertTrue(cut.placed().stream().filter(FoamCut.CutPad::within).count() >= 18, "all small ones lie in holes");
        FoamCut loose = FoamCut.of(List.of(foams.get(1)), 9, FoamShelf.EMPTY).get(0);
        FoamCut walls = FoamCut.of(List.of(foams.get(0)), 9, FoamShelf.EMPTY).get(0);
        assertTrue(cut.sheets().size() < loose.sheets().size() + walls.sheets().size());
    }

    @Test
    void stripsTooLongForAHoleAreCutInHalfForIt() {
        Geometry wall = Cards.box(0, 0, 70, 50).difference(Cards.box(6, 6, 58, 38));
        FoamCut cut = FoamCut.of(List.of(foam(2, wall, Cards.box(90, 0, 8, 80))), 6, FoamShelf.EMPTY)
                .get(0);
        lie(cut);
        double strips = cut.placed().stream()
                .filter(p -> p.heightMm() < 10)
                .mapToDouble(p -> p.widthMm() * p.heightMm())
                .sum();
        assertEquals(6 * 8 * 80, strips, 1e-6, "nothing of them is lost");
        assertTrue(cut.placed().stream().anyMatch(p -> p.within() && p.widthMm() == 40));
    }

    @Test
    void endsAreUsedBeforeWholeSheetsAndWhatIsOutIsBought() {
        FoamShelf shelf = new FoamShelf(List.of(sheet(2, 150, 200, 1), sheet(2, 40, 90, 1)));
        FoamCut few =
                FoamCut.of(List.of(foam(2, Cards.box(0, 0, 30, 20))), 3, shelf).get(0);
        assertEquals(
                List.of("foam 40.0"),
                few.sheets().stream().map(FoamCut.BegunFoam::name).toList());
        FoamCut many =
                FoamCut.of(List.of(foam(2, Cards.box(0, 0, 30, 20))), 90, shelf).get(0);
        lie(many);
        assertEquals("a new sheet", many.sheets().get(2).name());
    }

    private static Envelope box(FoamCut.CutPad p) {
        return new Envelope(p.xMm(), p.xMm() + p.widthMm(), p.yMm(), p.yMm() + p.heightMm());
    }
}
