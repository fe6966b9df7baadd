package glanzen.inspect;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.artwork.Artwork;
import java.util.Arrays;
import java.util.function.IntPredicate;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;

/** A pull counted in cells: a ground of 60 by 40 mm in the middle of the throat. */
class CellsTest {

    private static final double MIDDLE_MM = 50;
    private static final Cells CELLS = Cells.of(ground(new Envelope(20, 80, 10, 50)), MIDDLE_MM);

    private static Artwork ground(Envelope box) {
        return new Artwork(new GeometryFactory().toGeometry(box), 100, 60);
    }

    private static Cells.Pattern bareWhere(IntPredicate bare) {
        double[] covered = new double[CELLS.count()];
        for (int i = 0; i < covered.length; i++) {
            covered[i] = bare.test(i) ? 0 : 1;
        }
        return CELLS.pattern(covered);
    }

    private static boolean within(int cell, double x, double y, double halfMm) {
        return Math.abs(CELLS.xMm(cell) - x) < halfMm && Math.abs(CELLS.yMm(cell) - y) < halfMm;
    }

    @Test
    void cellsCoverTheDesignAndNothingElse() {
        double all = 0;
        for (int i = 0; i < CELLS.count(); i++) {
            all += CELLS.designMm2(i);
        }
        assertEquals(60 * 40, all, 30);
        int middle = CELLS.at(50, 30);
        assertEquals(50, CELLS.xMm(middle), 0.6);
        assertEquals(0, CELLS.across(middle), 0.03);
        assertEquals(-1, CELLS.at(5, 30));
        assertEquals(1, CELLS.across(CELLS.at(79.6, 30)), 0.02);
    }

    @Test
    void aFullPullShowsNothing() {
        assertEquals(new Cells.Pattern(1, 0, 0, 0, 0, 0), bareWhere(i -> false));
    }

    @Test
    void aBareSideIsOneSidedAndABareMiddleIsNot() {
        Cells.Pattern right = bareWhere(i -> CELLS.xMm(i) > 65);
        assertTrue(right.onRight() < -0.7, right.toString());
        Cells.Pattern left = bareWhere(i -> CELLS.xMm(i) < 35);
        assertEquals(-right.onRight(), left.onRight(), 0.06);
        Cells.Pattern middle = bareWhere(i -> Math.abs(CELLS.xMm(i) - MIDDLE_MM) < 7);
        assertEquals(0, middle.onRight(), 0.02);
        assertTrue(middle.inMiddle() > 0.6, middle.toString());
    }

    @Test
    void placesThatAreAllBareAreCountedByTheirWeight() {
        Cells.Pattern one = bareWhere(i -> within(i, 35, 30, 4));
        assertEquals(64.0 / 2400, one.gone(), 0.005);
        assertEquals(1, one.gonePlaces(), 1e-9);
        Cells.Pattern three = bareWhere(i -> within(i, 30, 20, 3) || within(i, 50, 40, 3) || within(i, 70, 20, 3));
        assertEquals(3, three.gonePlaces(), 0.1);
        Cells.Pattern crumb = bareWhere(i -> within(i, 35, 30, 6) || within(i, 70, 40, 1.2));
        assertTrue(crumb.gonePlaces() < 1.2, "a crumb beside one large place leaves it one: " + crumb);
    }

    @Test
    void whatIsNotKnownDoesNotCount() {
        double[] covered = new double[CELLS.count()];
        Arrays.fill(covered, 1);
        for (int i = 0; i < covered.length; i++) {
            covered[i] = CELLS.xMm(i) > MIDDLE_MM ? -1 : covered[i];
        }
        Cells.Pattern half = CELLS.pattern(covered);
        assertEquals(1, half.coverage(), 1e-9);
        assertEquals(0, half.gone(), 1e-9);
    }
}
