package glanzen.layout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.artwork.Motif;
import glanzen.cutting.CutList;
import glanzen.cutting.SheetPlan;
import glanzen.cutting.SheetYield;
import glanzen.kit.Leftover;
import glanzen.kit.Stock;
import glanzen.layout.Measures.Drawing;
import glanzen.layout.Measures.Measure;
import glanzen.layout.PlacementConstraint.Kind;
import glanzen.material.Surface;
import glanzen.measure.BadInput;
import glanzen.measure.LengthUnit;
import glanzen.measure.Printer;
import glanzen.template.Template;
import glanzen.template.Templates;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Envelope;

/** Checks, measures, words and templates, part by part. */
class SmallPartsTest {

    private static final Layout CARD = ArrangementTest.layout(
            new Piece(105, 148, 2), ArrangementTest.words("First"), ArrangementTest.words("Second"));

    private static Layout held(String key, String text) {
        return Wording.place(CARD, List.of(key), text, LengthUnit.MM);
    }

    static Stream<Arguments> absurd() {
        return Stream.of(
                Arguments.of("piece.widthMm", (Supplier<Object>) () -> new Piece(0, 100, 0)),
                Arguments.of("piece.trimMm", (Supplier<Object>) () -> new Piece(100, 100, 80)),
                Arguments.of("bed.rightMm", (Supplier<Object>) () -> new PlatformPose(9000, 0, 0, FlipAxis.SIDEWAYS)),
                Arguments.of("bed.quarterTurns", (Supplier<Object>) () -> new PlatformPose(0, 0, 5, FlipAxis.SIDEWAYS)),
                Arguments.of("bed.over", (Supplier<Object>) () -> new PlatformPose(0, 0, 0, null)),
                Arguments.of("hold.mm", (Supplier<Object>) () -> PlacementConstraint.at(Kind.CENTRE, Double.NaN)),
                Arguments.of("hold.others", (Supplier<Object>) () -> PlacementConstraint.at(Kind.IN_LINE, 0)),
                Arguments.of("hold.others", (Supplier<Object>)
                        () -> new PlacementConstraint(Kind.SAME_GAP, 0, List.of("a"))),
                Arguments.of("quarterTurns", (Supplier<Object>) () -> new Placed(
                        "k", Bench.WORDS, 4, PlacementConstraint.CENTRED, PlacementConstraint.CENTRED, null)),
                Arguments.of("key", (Supplier<Object>) () ->
                        new Placed("", Bench.WORDS, 0, PlacementConstraint.CENTRED, PlacementConstraint.CENTRED, null)),
                Arguments.of("plates.key", (Supplier<Object>)
                        () -> CARD.withCuts(List.of(Placed.centred(ArrangementTest.words("First"))))),
                Arguments.of(
                        "patches.outline", (Supplier<Object>) () -> new MakeReadyPatch(Bench.CARD_SHIM, "scribble")),
                Arguments.of("spent.degrees", (Supplier<Object>)
                        () -> new Leftover.Spent("x", Motif.of(Motif.Kind.BEE), 40, 40, 0, 0, 999, "")),
                Arguments.of("widthMm", (Supplier<Object>) () -> new Leftover("l", "L", "f", 1, 40, "", List.of())));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("absurd")
    void whatIsAbsurdIsRefusedWhereItStands(String field, Supplier<Object> made) {
        BadInput bad = assertThrows(BadInput.class, made::get);
        assertEquals(field, bad.problems().get(0).field());
        assertFalse(bad.problems().get(0).accepted().isBlank());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "centred across|centred across|0",
                "5 mm right of the centre line|{mm:5} right of the centre line|0",
                "5 left of centre|{mm:5} left of the centre line|0",
                "12 from the right edge|{mm:12} from the right|0",
                "right half|in the right half|0",
                "in line with Second|in line with Second|0",
                "6 right of Second|{mm:6} right of Second|0",
                "6 left of the Second|{mm:6} left of Second|0",
                "centred up and down|centred up and down|1",
                "baseline 30 up|baseline {mm:30} from the bottom|1",
                "10 above the centreline|{mm:10} above the centre line|1",
                "baseline of Second|on the baseline of Second|1",
                "level with second|level with Second|1",
                "7 over Second|{mm:7} above Second|1",
                "7 under second|{mm:7} below Second|1",
                "lower half|in the lower half|1"
            })
    void whatIsSaidIsSaidBack(String typed, String said, int axis) {
        Layout layout = held("first", typed);
        assertEquals(
                said, Wording.said(layout, layout.find("first").orElseThrow()).get(axis));
    }

    @ParameterizedTest
    @CsvSource({
        "12 from the left edge, 12, left edge to design",
        "9 from the right, 9, design to right edge",
        "5 right of the centre line, 5, centre line to middle",
        "6 right of Second, 6, gap",
        "baseline 30 from the bottom, 30, bottom edge to baseline",
        "8 from the top, 8, design to top edge",
        "7 above Second, 7, gap"
    })
    void theMeasureLineIsAsLongAsItSays(String typed, double mm, String what) {
        Arrangement a = new Arrangement(held("first", typed), ArrangementTest.SHELF);
        Measure measure = Measures.of(a, Bench.PLATFORM).stream()
                .filter(m -> m.drawing() == Drawing.PIECE
                        && m.key().equals("first")
                        && m.what().equals(what))
                .findFirst()
                .orElseThrow();
        assertEquals(mm, measure.mm(), 0.011);
        assertEquals(measure.mm(), Math.hypot(measure.x2() - measure.x1(), measure.y2() - measure.y1()), 1e-9);
    }

    @Test
    void onThePlatformEveryPlateHasTwoDistancesFromItsNearerEdges() {
        Layout aside = held("first", "20 from the top").withBed(new PlatformPose(10, 0, 0, FlipAxis.SIDEWAYS));
        Arrangement a = new Arrangement(aside, ArrangementTest.SHELF);
        List<Measure> onPlatform = Measures.of(a, Bench.PLATFORM).stream()
                .filter(m -> m.drawing() == Drawing.PLATFORM && m.key().equals("first"))
                .toList();
        assertEquals(2, onPlatform.size());
        Envelope plate = new OnPlatform(aside).platform(a.of("first").plateBox());
        assertEquals(75 - plate.getMaxX(), onPlatform.get(0).mm(), 0.01);
        assertTrue(onPlatform.get(0).what().contains("right edge"));
        assertEquals(105 - plate.getMaxY(), onPlatform.get(1).mm(), 0.01);
        assertTrue(onPlatform.get(1).what().contains("far edge"));
    }

    @ParameterizedTest
    @EnumSource(FlipAxis.class)
    void aBoxKeepsItsSizeHoweverItIsTurned(FlipAxis over) {
        for (int turns = 0; turns < 4; turns++) {
            OnPlatform on = new OnPlatform(CARD.withBed(new PlatformPose(3, -4, turns, over)));
            Envelope box = on.platform(new Envelope(10, 40, 20, 30));
            assertEquals(turns % 2 == 0 ? 30 : 10, box.getWidth(), 1e-9);
            assertEquals(turns % 2 == 0 ? 10 : 30, box.getHeight(), 1e-9);
            assertEquals(turns % 2 == 0 ? 105 : 148, on.feedWidthMm(), 1e-9);
        }
    }

    @Test
    void gapsAndOverhangsOfBoxes() {
        Envelope a = new Envelope(0, 10, 0, 10);
        assertEquals(5, Envelopes.gapMm(a, new Envelope(15, 20, 0, 10)), 1e-9);
        assertEquals(5, Envelopes.gapMm(a, new Envelope(13, 20, 14, 20)), 1e-9, "corner to corner");
        assertEquals(-2, Envelopes.gapMm(a, new Envelope(8, 20, 0, 10)), 1e-9);
        assertEquals(0, Envelopes.beyondMm(a, new Envelope(-1, 11, -1, 11)), 1e-9);
        assertEquals(3, Envelopes.beyondMm(a, new Envelope(0, 7, 0, 12)), 1e-9);
    }

    @ParameterizedTest
    @CsvSource({"105, 148, 4", "210, 297, 1", "100, 100, 4", "70, 70, 12", "400, 400, 1"})
    void aSheetYieldsSoManyPieces(double w, double h, int pieces) {
        assertEquals(pieces, SheetYield.of(Bench.SMOOTH.cut(210, 297), w, h));
    }

    @Test
    void aRollOfRibbonYieldsByItsLength() {
        Stock ribbon =
                new Stock("r", "Ribbon", Stock.Kind.RIBBON, Surface.SATIN, 0.2, 0, 25, 4000, 5, true, false, "#ffffff");
        assertEquals(15, SheetYield.of(ribbon, 260, 25));
        assertEquals(1, SheetYield.of(ribbon, Layout.NONE));
    }

    @Test
    void theCutListCountsForABatchAndJoinsAlikeSizes() {
        Arrangement a = new Arrangement(held("second", "20 below First"), ArrangementTest.SHELF);
        List<CutList.Line> lines = CutList.of(a, Stock.Kind.CARD, 12);
        assertEquals(3, lines.size());
        assertEquals(109, lines.get(0).widthMm(), 1e-9, "with its trim on both sides");
        List<SheetPlan.Want> foil = CutList.wants(lines, CutList.Kind.FOIL);
        assertEquals(1, foil.size(), "both foil pieces are of one size");
        assertEquals(24, foil.get(0).count());
        assertEquals("First, Second", foil.get(0).what());
    }

    @Test
    void templatesShowWhatIsCut() {
        Layout layout = held("second", "20 below First")
                .withPatches(List.of(new MakeReadyPatch(Bench.CARD_SHIM, "M10 10L40 10L40 40Z")));
        Arrangement a = new Arrangement(layout, ArrangementTest.SHELF);
        Printer mm = new Printer(LengthUnit.MM);
        Template foil = Templates.foil(a, Stock.Kind.CARD, mm);
        assertEquals(2, count(foil, Template.Style.FOIL));
        assertTrue(foil.marks().stream()
                .anyMatch(m -> m instanceof Template.Words w && w.text().equals("First, 56 mm × 28 mm")));
        Template stock = Templates.stock(a, mm);
        assertEquals(109, stock.widthMm(), 1e-9);
        assertEquals(2, count(stock, Template.Style.DESIGN));
        Template patches = Templates.patches(a);
        assertEquals(1, count(patches, Template.Style.PATCH));
        Template.Area patch = (Template.Area) patches.marks().stream()
                .filter(m -> m instanceof Template.Area area && area.style() == Template.Style.PATCH)
                .findFirst()
                .orElseThrow();
        assertEquals(65, patch.shape().getEnvelopeInternal().getMinX(), 1e-9, "seen from the back");
    }

    private static long count(Template t, Template.Style style) {
        return t.marks().stream()
                .filter(m -> m instanceof Template.Area area && area.style() == style)
                .count();
    }

    @Test
    void aPieceIsKnownWithAndWithoutItsTrim() {
        Piece piece = new Piece(100, 140, 4);
        assertEquals(108, piece.cutWidthMm());
        assertEquals(148, piece.cutHeightMm());
        assertEquals(
                new PlatformPose(12, 3, 1, FlipAxis.SIDEWAYS),
                PlatformPose.MIDDLE.moved(12, 3).turned());
        assertFalse(Layout.NONE.laid());
        assertTrue(CARD.laid());
    }
}
