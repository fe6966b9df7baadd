package glanzen.layout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.artwork.Motif;
import glanzen.finding.Finding;
import glanzen.finding.Weight;
import glanzen.kit.Plate;
import glanzen.kit.Press;
import glanzen.kit.Stock;
import glanzen.material.Material;
import glanzen.measure.LengthUnit;
import glanzen.measure.Printer;
import glanzen.template.Template;
import glanzen.template.Templates;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a layout says of itself, and its templates. */
class LayoutRulesTest {

    private static final Press SOFT =
            new Press("soft", "Whirr", Press.Kind.MOTOR, 14, 1700, 14, 155, 2200, 0.2, 5, 9, 13);

    private static List<Finding<Layout>> check(Layout layout) {
        return check(layout, Stock.Kind.CARD);
    }

    private static List<Finding<Layout>> check(Layout layout, Stock.Kind stock) {
        return LayoutRules.check(new Arrangement(layout, ArrangementTest.SHELF), Bench.PLATFORM, SOFT, stock);
    }

    private static Finding<Layout> find(List<Finding<Layout>> remarks, String rule) {
        return remarks.stream()
                .filter(r -> r.rule().key().equals(rule))
                .findFirst()
                .orElseThrow();
    }

    private static boolean cured(Layout layout, String rule) {
        Finding.Mend<Layout> mend = find(check(layout), rule).mend();
        return mend != null
                && check(mend.mended()).stream().noneMatch(r -> r.rule().key().equals(rule));
    }

    private static Layout one(double pieceWidth, double pieceHeight, Plate plate) {
        return ArrangementTest.layout(new Piece(pieceWidth, pieceHeight, 0), plate);
    }

    @Test
    void smallWordsAreHappierOffTheWeakMiddle() {
        Layout middle = one(80, 100, ArrangementTest.words("First"));
        assertEquals(Weight.FACT, find(check(middle), "weak-middle").weight());
        assertTrue(cured(middle, "weak-middle"));
    }

    /** What is drawn as weak is spoken of, and nothing else is. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 0.03, 0.049, 0.05, 0.06, 0.08, 0.2})
    void theWeakMiddleIsDrawnWhereItIsSpokenOf(double crown) {
        Press press = new Press("p", "Press", Press.Kind.CRANK, 14, 2200, 15, 155, 2600, crown, 4, 8, 14);
        Arrangement middle = new Arrangement(one(80, 100, ArrangementTest.words("First")), ArrangementTest.SHELF);
        boolean spoken = LayoutRules.check(middle, Bench.PLATFORM, press, Stock.Kind.CARD).stream()
                .anyMatch(r -> r.rule().key().equals("weak-middle"));
        assertEquals(spoken, LayoutRules.weakWithinMm(press) > 0);
    }

    @Test
    void aPlateThatHangsOverIsMovedOrTurnedOntoThePlatform() {
        Layout off =
                one(105, 148, ArrangementTest.words("First")).withBed(new PlatformPose(70, 0, 0, FlipAxis.SIDEWAYS));
        assertTrue(cured(off, "overhang"));
        Plate wide = new Plate("w", "Wide", Plate.Kind.PLATE, Material.BRASS, 1.6, 200, 30, Motif.words("Honey Show"));
        Layout across = one(205, 100, wide);
        assertEquals("Turn it a quarter", find(check(across), "overhang").mend().label());
        assertTrue(cured(across, "overhang"));
        assertTrue(cured(across, "piece-wide"));
    }

    @Test
    void platesMustNotLieOnEachOtherNorTooNearForTape() {
        Layout two = ArrangementTest.layout(
                new Piece(105, 148, 0), ArrangementTest.words("First"), ArrangementTest.words("Second"));
        assertEquals(Weight.STOP, find(check(two), "plates-overlap").weight());
        Layout near = Wording.place(two, List.of("second"), "9 mm below First", LengthUnit.MM);
        Layout taped =
                new Layout(near.piece(), near.bed(), Fixing.TAPED, near.hangs(), near.plates(), List.of(), List.of());
        assertTrue(check(near).stream().noneMatch(r -> r.rule().key().equals("tape-room")));
        assertEquals(
                List.of("first", "second"),
                find(check(taped), "tape-room").concern().keys());
    }

    @Test
    void platesOfTwoThicknessesAreNotPulledTogether() {
        Plate thin = new Plate("t", "Thin", Plate.Kind.PLATE, Material.BRASS, 1.25, 40, 20, Motif.words("Second"));
        Layout two = ArrangementTest.layout(new Piece(105, 148, 0), ArrangementTest.words("First"), thin);
        assertTrue(find(check(two), "thickness-differs").what().contains("{mm:0.35}"));
    }

    @Test
    void whatRunsPastTheEdgeIsTrimmedOrMended() {
        Layout off = Wording.place(
                one(105, 148, ArrangementTest.words("First")), List.of("first"), "100 from the left", LengthUnit.MM);
        assertTrue(cured(off, "off-piece"));
        Layout bleeding = Wording.place(
                ArrangementTest.layout(new Piece(105, 148, 4), ArrangementTest.words("First")),
                List.of("first"),
                "-3 from the left",
                LengthUnit.MM);
        assertEquals(Weight.NOTE, find(check(bleeding), "runs-off").weight());
    }

    @Test
    void ribbonWordsThatWouldReadUpwardsAreToldOf() {
        Layout ribbon = ArrangementTest.layout(new Piece(200, 25, 0), ArrangementTest.words("First"))
                .withBed(new PlatformPose(0, 0, 1, FlipAxis.SIDEWAYS))
                .withHangs(HangingEnd.LEFT_END);
        Finding<Layout> up = find(check(ribbon, Stock.Kind.RIBBON), "reads-upwards");
        assertEquals(HangingEnd.RIGHT_END, up.mend().mended().hangs());
        assertFalse(check(up.mend().mended(), Stock.Kind.RIBBON).stream()
                .anyMatch(r -> r.rule().key().equals("reads-upwards")));
    }

    @Test
    void theFirstLayoutGoesThroughThePress() {
        for (double[] sheet : new double[][] {{210, 297}, {297, 210}, {305, 305}, {108, 140}, {50, 400}}) {
            Stock stock = Bench.SMOOTH.cut(sheet[0], sheet[1]);
            Layout layout = FirstLayout.of(Bench.WORDS, stock, Bench.PLATFORM, SOFT, Fixing.LOOSE);
            assertTrue(layout.piece().widthMm() <= 150 && layout.piece().heightMm() <= 210, layout.piece() + "");
        }
    }

    @Test
    void theTracingSheetShowsEachPlateWhereThePlatformHasIt() {
        Layout layout =
                one(105, 148, ArrangementTest.words("First")).withBed(new PlatformPose(20, 10, 0, FlipAxis.SIDEWAYS));
        Arrangement a = new Arrangement(layout, ArrangementTest.SHELF);
        Template sheet = Templates.tracing(a, Bench.PLATFORM, new Printer(LengthUnit.IN));
        assertEquals(150, sheet.widthMm());
        List<Template.Area> metal = sheet.marks().stream()
                .filter(m -> m instanceof Template.Area area && area.style() == Template.Style.METAL)
                .map(Template.Area.class::cast)
                .toList();
        assertEquals(1, metal.size());
        assertEquals(95, metal.get(0).shape().getCentroid().getX(), 0.01);
        assertEquals(115, metal.get(0).shape().getCentroid().getY(), 0.01);
        assertTrue(sheet.marks().stream()
                .anyMatch(m -> m instanceof Template.Words w && w.text().endsWith(" in")));
    }

    @Test
    void lengthsArePrintedToTheFraction() {
        Printer inches = new Printer(LengthUnit.IN);
        assertEquals("1 3/8 in", inches.length(34.925));
        assertEquals("1/32 in", inches.length(0.8));
        assertEquals("2 in", inches.length(50.8));
        assertEquals("-1/2 in", inches.length(-12.7));
        assertEquals("34.9 mm", new Printer(LengthUnit.MM).length(34.925));
        assertEquals("cut 4 in off", inches.said("cut {mm:101.6} off"));
    }
}
