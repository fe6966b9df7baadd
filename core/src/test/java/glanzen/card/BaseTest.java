package glanzen.card;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.card.Base.Grain;
import glanzen.kit.Stock;
import glanzen.measure.BadInput;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Folded by hand: what the scores make of a sheet. */
class BaseTest {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final double CALIPER = 0.4;

    private static Base base(Fold fold, Grain grain) {
        return new Base(148, 105, fold, Bench.SMOOTH.id(), grain, "");
    }

    /** Leaves between scores, from the left or the foot of the open sheet. */
    private static List<Double> leaves(Base base) {
        List<Double> at = new ArrayList<>(base.scores(CALIPER));
        at.add(0, 0.0);
        at.add(
                base.scoredUpright()
                        ? base.open(CALIPER).widthMm()
                        : base.open(CALIPER).heightMm());
        List<Double> leaves = new ArrayList<>();
        for (int i = 1; i < at.size(); i++) {
            leaves.add(at.get(i) - at.get(i - 1));
        }
        return leaves;
    }

    @ParameterizedTest
    @EnumSource(Fold.class)
    void theWidestLeafIsTheClosedCardAndNoneReachesBeyondIt(Fold fold) {
        Base base = base(fold, Grain.UNKNOWN);
        double closed = fold == Fold.TOP ? 105 : 148;
        List<Double> leaves = leaves(base);
        assertEquals(fold == Fold.GATE ? 3 : fold.leaves(), leaves.size(), "a gate has two leaves beside each other");
        double widest = leaves.stream().mapToDouble(x -> x).max().orElseThrow();
        assertEquals(closed, widest, CALIPER, fold + " " + leaves);
        assertTrue(leaves.stream().allMatch(leaf -> leaf > 20));
    }

    /** The front covers the back by one caliper, wherever it is folded. */
    @ParameterizedTest
    @CsvSource({"LEFT, 0", "TOP, 1"})
    void theFrontCoversTheBack(Fold fold, int front) {
        // With its outside up the back of a card lies at the left; of one that opens upwards the front lies at the
        // foot.
        List<Double> leaves = leaves(base(fold, Grain.UNKNOWN));
        double first = leaves.get(0);
        double second = leaves.get(1);
        assertEquals(CALIPER, front == 0 ? second - first : first - second, 1e-9);
    }

    @Test
    void leavesOfAGateMeetWithoutPushing() {
        List<Double> leaves = leaves(base(Fold.GATE, Grain.UNKNOWN));
        assertEquals(leaves.get(0), leaves.get(2), 1e-9);
        assertEquals(148 - CALIPER, leaves.get(0) + leaves.get(2), 1e-9, "a caliper is left between them");
        assertEquals(148, leaves.get(1), 1e-9);
    }

    @ParameterizedTest
    @CsvSource({
        "LEFT, ACROSS, true", "LEFT, UPRIGHT, false", "LEFT, UNKNOWN, false",
        "TOP, UPRIGHT, true", "TOP, ACROSS, false", "NONE, ACROSS, false"
    })
    void aFoldAcrossTheGrainCracks(Fold fold, Grain grain, boolean cracks) {
        assertEquals(cracks, base(fold, grain).cracks());
    }

    /** As many to a sheet as can be cut, laid one way, by laying them. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void sheetsAreThoseThatLayingThemTakes(long seed) {
        Random random = new Random(seed);
        Stock a4 = new Stock(
                "a4", "A4", Stock.Kind.CARD, Bench.SMOOTH.surface(), 0.3, 250, 210, 297, 10, true, false, "#ffffff");
        for (int n = 0; n < 40; n++) {
            Base base =
                    new Base(40 + random.nextInt(110), 40 + random.nextInt(160), Fold.NONE, "a4", Grain.UNKNOWN, "");
            int most = Math.max(laid(a4, base.widthMm(), base.heightMm()), laid(a4, base.heightMm(), base.widthMm()));
            assertTrue(base.comesOutOf(a4) == most > 0);
            int cards = 1 + random.nextInt(30);
            int sheets = base.sheets(a4, cards);
            assertTrue(sheets * Math.max(1, most) >= cards && (sheets - 1) * Math.max(1, most) < cards);
        }
    }

    private static int laid(Stock stock, double widthMm, double heightMm) {
        int laid = 0;
        for (double y = 0; y + heightMm <= stock.heightMm() + 1e-9; y += heightMm) {
            for (double x = 0; x + widthMm <= stock.widthMm() + 1e-9; x += widthMm) {
                laid++;
            }
        }
        return laid;
    }

    @Test
    void aCutRunsThroughAShapeWhereItLies() {
        Geometry ring = GEOMETRY.createPoint(new Coordinate(50, 40)).buffer(20, 64);
        ring = ring.difference(GEOMETRY.createPoint(new Coordinate(50, 40)).buffer(10, 64));
        List<double[]> through = new CutLine(0, 40, 100, 40).through(ring);
        assertEquals(2, through.size());
        Assertions.assertArrayEquals(new double[] {30, 40}, through.get(0), 0.05);
        Assertions.assertArrayEquals(new double[] {60, 70}, through.get(1), 0.05);
        // The same aslant, from the other side.
        Geometry turned = AffineTransformation.rotationInstance(0.7, 0, 40).transform(ring);
        List<double[]> aslant = new CutLine(0, 40, 100 * Math.cos(0.7), 40 + 100 * Math.sin(0.7)).through(turned);
        Assertions.assertArrayEquals(through.get(1), aslant.get(1), 0.05);
        assertTrue(new CutLine(0, 90, 100, 90).through(ring).isEmpty());
        Assertions.assertThrows(BadInput.class, () -> new CutLine(1, 1, 2, 2));
    }

    @Test
    void aRasterFillsWhatIsCoveredByHalf() {
        Raster raster = Raster.over(new Envelope(0, 10, 0, 6), 1);
        boolean[] filled = raster.filled(GEOMETRY.toGeometry(new Envelope(2, 5.6, 1, 4.4)));
        for (int cell = 0; cell < raster.count(); cell++) {
            boolean in = raster.xMm(cell) > 2 && raster.xMm(cell) < 6 && raster.yMm(cell) > 1 && raster.yMm(cell) < 4;
            assertEquals(in, filled[cell], raster.xMm(cell) + ", " + raster.yMm(cell));
        }
        assertFalse(raster.filled(GEOMETRY.createPolygon())[0]);
    }
}
