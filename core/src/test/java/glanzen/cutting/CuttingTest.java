package glanzen.cutting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.artwork.Artwork;
import glanzen.artwork.Motif;
import glanzen.cutting.SheetPlan.Want;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.layout.Arrangement;
import glanzen.layout.ArrangementTest;
import glanzen.layout.Fixing;
import glanzen.layout.FlipAxis;
import glanzen.layout.HangingEnd;
import glanzen.layout.Layout;
import glanzen.layout.Piece;
import glanzen.layout.Placed;
import glanzen.layout.PlatformPose;
import glanzen.layout.PositionedPlate;
import glanzen.layout.RibbonReading;
import glanzen.material.Material;
import glanzen.measure.BadInput;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Sheets, dies and partial cuts. */
class CuttingTest {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private static Geometry box(double x1, double y1, double x2, double y2) {
        return GEOMETRY.toGeometry(new Envelope(x1, x2, y1, y2));
    }

    @ParameterizedTest
    @CsvSource({
        "320, 450, 12, 19.3",
        "320, 450, 2, 2.1",
        "210, 297, 3, 88",
        "297, 210, 7.7, 9.1",
        "305, 305, 2, 300",
        "305, 10000, 5, 6.3"
    })
    void hardlyAnyIsLostOfSmallPieces(double w, double h, double pw, double ph) {
        int most = (int) Math.min(2000, w * h / (pw * ph));
        SheetPlan plan = SheetPlan.of(List.of(new Want("tag", pw, ph, most)), w, h, true);
        assertTrue(plan.sheets().get(0).cuts().size() >= 0.96 * most);
    }

    @ParameterizedTest
    @CsvSource({
        // Panels out of a sheet, as people lay them: A6 from A4; the last wants pieces both ways.
        "210, 297, 105, 148, 4",
        "210, 297, 100, 148, 4",
        "300, 300, 100, 148, 6",
        "1000, 1000, 205, 159, 29",
        "22, 16, 5, 3, 22"
    })
    void mostOfOneSizeComeOutOfASheet(double w, double h, double pw, double ph, int most) {
        SheetPlan plan = SheetPlan.of(List.of(new Want("panel", pw, ph, 60)), w, h, true);
        assertEquals(most, plan.sheets().get(0).cuts().size());
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void aPlanIsWholeStaysOnTheSheetAndNeverOverlaps(long seed) {
        Random random = new Random(seed);
        List<Want> wants = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(4); i++) {
            wants.add(new Want("w" + i, 20 + random.nextInt(90), 20 + random.nextInt(90), 1 + random.nextInt(25)));
        }
        boolean turnable = random.nextBoolean();
        SheetPlan plan = SheetPlan.of(wants, 210, 297, turnable);
        assertEquals(
                wants.stream().mapToInt(Want::count).sum(),
                plan.sheets().stream().mapToInt(s -> s.cuts().size()).sum());
        assertTrue(plan.sheets().size() >= SheetPlan.areaBound(wants, 210, 297));
        for (SheetPlan.Sheet sheet : plan.sheets()) {
            for (SheetPlan.Cut c : sheet.cuts()) {
                assertTrue(c.xMm() >= 0 && c.yMm() >= 0);
                assertTrue(c.xMm() + c.widthMm() <= 210 + 1e-6 && c.yMm() + c.heightMm() <= 297 + 1e-6);
                Want want = wants.get(Integer.parseInt(c.what().substring(1)));
                assertTrue(turnable || c.widthMm() == want.widthMm());
            }
            assertTrue(cutsThrough(sheet.cuts()), "every piece comes free by cuts from edge to edge");
        }
    }

    /** Whether pieces part by straight cuts, checked from scratch: some line parts them into two groups, and so on. */
    private static boolean cutsThrough(List<SheetPlan.Cut> cuts) {
        if (cuts.size() <= 1) {
            return true;
        }
        for (SheetPlan.Cut c : cuts) {
            for (boolean upright : new boolean[] {true, false}) {
                double line = upright ? c.xMm() + c.widthMm() : c.yMm() + c.heightMm();
                List<SheetPlan.Cut> before = new ArrayList<>();
                List<SheetPlan.Cut> after = new ArrayList<>();
                for (SheetPlan.Cut other : cuts) {
                    double from = upright ? other.xMm() : other.yMm();
                    double to = from + (upright ? other.widthMm() : other.heightMm());
                    if (to <= line + 1e-6) {
                        before.add(other);
                    } else if (from >= line - 1e-6) {
                        after.add(other);
                    }
                }
                boolean parts = before.size() + after.size() == cuts.size() && !after.isEmpty();
                if (parts) {
                    return cutsThrough(before) && cutsThrough(after);
                }
            }
        }
        return false;
    }

    @Test
    void grainAndSizeAreRespected() {
        Want across = new Want("wide", 250, 100, 1);
        assertEquals(1, SheetPlan.of(List.of(across), 210, 297, true).sheets().size());
        BadInput bad = assertThrows(BadInput.class, () -> SheetPlan.of(List.of(across), 210, 297, false));
        assertTrue(bad.problems().get(0).message().contains("grain"));
    }

    @Test
    void onRibbonFoilIsTrimmedShortSoThatTapeGripsPastIt() {
        Plate words =
                new Plate("w", "Alder Lane", Plate.Kind.PLATE, Material.BRASS, 1.6, 70, 14, Motif.words("Alder Lane"));
        Layout ribbon = new Layout(
                new Piece(260, 25, 0),
                new PlatformPose(0, 0, 1, FlipAxis.SIDEWAYS),
                Fixing.TAPED,
                HangingEnd.RIGHT_END,
                List.of(Placed.centred(words)),
                List.of(),
                List.of());
        PositionedPlate lying = new Arrangement(ribbon, ArrangementTest.SHELF).of("w");
        Envelope foil = CutList.foil(lying, Stock.Kind.RIBBON, Fixing.TAPED);
        assertTrue(foil.contains(lying.designBox()));
        assertTrue(foil.getWidth() < lying.plateBox().getWidth());
        assertTrue(CutList.foil(lying, Stock.Kind.CARD, Fixing.LOOSE).contains(lying.plateBox()));
        RibbonReading.Reading reading = RibbonReading.of(new Arrangement(ribbon, ArrangementTest.SHELF));
        assertTrue(reading.hangingDown() && reading.levelUpright());
        assertFalse(RibbonReading.of(new Arrangement(ribbon.withHangs(HangingEnd.LEFT_END), ArrangementTest.SHELF))
                .hangingDown());
    }

    private static Plate die(String id, double w, double h, Motif.Kind line) {
        return new Plate(id, id, Plate.Kind.THIN_DIE, Material.STEEL, 1.1, w, h, Motif.of(line), "Set");
    }

    @Test
    void theDieThatLeavesTheBorderIsCountedFromTheLargest() {
        Geometry design = box(30, 40, 60, 60);
        List<Plate> set = List.of(
                die("small", 33, 23, Motif.Kind.FRAME),
                die("large", 61, 51, Motif.Kind.FRAME),
                die("middle", 41, 31, Motif.Kind.FRAME));
        List<DieChoice.Tried> tried = DieChoice.of(design, set, 3, 8, ArrangementTest.SHELF);
        assertEquals(
                List.of("large", "middle", "small"),
                tried.stream().map(t -> t.die().id()).toList());
        assertEquals(
                List.of(false, true, false),
                tried.stream().map(DieChoice.Tried::fits).toList());
        assertEquals(5, tried.get(1).leastMm(), 0.01);
        assertEquals(2, tried.get(1).number());
        assertEquals(5, tried.get(1).design().distance(tried.get(1).cut()), 0.01);
    }

    @ParameterizedTest
    @ValueSource(longs = {51, 52, 53, 54, 55})
    void clearanceAgreesWithMeasuringEveryCorner(long seed) {
        Random random = new Random(seed);
        Geometry design = box(0, 0, 10 + random.nextInt(40), 10 + random.nextInt(40))
                .union(box(5, 5, 12 + random.nextInt(40), 9));
        Plate oval = die("oval", 40 + random.nextInt(60), 40 + random.nextInt(60), Motif.Kind.OVAL);
        DieChoice.Tried t = DieChoice.of(design, List.of(oval), 0, 100, ArrangementTest.SHELF)
                .get(0);
        Geometry cut = DieChoice.cut(
                ArrangementTest.SHELF.of(oval.motif(), oval.widthMm(), oval.heightMm()),
                design.getEnvelopeInternal().centre());
        double least = Double.MAX_VALUE;
        for (Coordinate c : design.getCoordinates()) {
            double away = cut.getBoundary().distance(GEOMETRY.createPoint(c));
            least = Math.min(least, cut.covers(GEOMETRY.createPoint(c)) ? away : -away);
        }
        assertEquals(least > 0, t.clears());
        assertEquals(least, t.leastMm(), 0.3);
    }

    @Test
    void groundRunsPastTheCutOrFallsShort() {
        Geometry cut = box(10, 10, 50, 40);
        assertEquals(3, DieChoice.bleed(box(7, 5, 60, 60), cut).leastMm(), 1e-6);
        DieChoice.Bleed brief = DieChoice.bleed(box(0, 0, 48, 60), cut);
        assertFalse(brief.past());
        assertEquals(-2, brief.leastMm(), 1e-6);
        assertEquals(50, brief.at().x, 1e-6);
    }

    @Test
    void aPartialCutEndsWhereItIsToldAndSaysWhatStaysJoined() {
        Artwork die = Artwork.of(Motif.of(Motif.Kind.FRAME), 60, 100);
        PartialCut half = PartialCut.of(die, 210, 70, 0);
        assertEquals(1, half.passes().size());
        assertEquals(70, half.passes().get(0).toMm(), 1e-9);
        assertEquals(59, half.joinedMm(), 0.1);
        PartialCut all = PartialCut.of(Artwork.of(Motif.of(Motif.Kind.FRAME), 60, 250), 120, 250, 0);
        assertTrue(all.joined().isEmpty());
        assertEquals(250, all.passes().get(all.passes().size() - 1).toMm(), 1e-9);
        double reached = 0;
        for (PartialCut.Pass pass : all.passes()) {
            assertTrue(pass.fromMm() <= reached, "no gap between passes");
            assertEquals(120, pass.toMm() - pass.fromMm(), 1e-9);
            reached = pass.toMm();
        }
    }

    @Test
    void acrossACornerThePlateEndsAtAnAngleAndItsFlapIsFoldedInOrTrimmed() {
        Artwork die = Artwork.of(Motif.of(Motif.Kind.FRAME), 90, 210);
        for (double degrees : new double[] {-45, -20, 20, 45}) {
            double most = PartialCut.mostMm(die, degrees);
            PartialCut shallow = PartialCut.of(die, 120, most - 4, degrees);
            PartialCut deep = PartialCut.of(die, 120, most - 40, degrees);
            assertFalse(shallow.joined().stream().anyMatch(PartialCut.Joined::folds), "too small to fold");
            assertTrue(deep.joined().get(0).folds());
            assertTrue(deep.joinedMm() > shallow.joinedMm());
            PartialCut.EndLine end = deep.end();
            double rise = Math.toDegrees(Math.atan2(end.toYMm() - end.fromYMm(), end.toXMm() - end.fromXMm()));
            assertEquals(degrees, rise, 1e-6);
            assertTrue(deep.passes().size() >= 2, "longer than the plate");
        }
        Artwork square = Artwork.of(Motif.of(Motif.Kind.FRAME), 100, 100);
        double corner = PartialCut.mostMm(square, 45) - 30;
        assertEquals(60, PartialCut.of(square, 200, corner, 45).joinedMm(), 3, "twice as broad as deep at 45°");
    }
}
