package glanzen.diagnosis;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.Motif;
import glanzen.cutting.DieChoice;
import glanzen.inspect.Figure;
import glanzen.inspect.Measures;
import glanzen.inspect.Spot;
import glanzen.kit.Plate;
import glanzen.material.Material;
import glanzen.route.Standard;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Dies that leave what is wrong with a pull outside their cut. */
class RescueTest {

    private static final GeometryFactory SHAPES = new GeometryFactory();
    private static final ArtworkShelf SHELF = new ArtworkShelf();
    private static final Envelope PIECE = new Envelope(0, 100, 0, 100);

    private static Plate die(String name, double widthMm, double heightMm, String set) {
        return new Plate(
                name,
                name,
                Plate.Kind.THIN_DIE,
                Material.STEEL,
                1.1,
                widthMm,
                heightMm,
                Motif.of(Motif.Kind.OVAL),
                set);
    }

    private static Geometry box(double x, double y, double w, double h) {
        return SHAPES.toGeometry(new Envelope(x, x + w, y, y + h));
    }

    private static Geometry fault(double x, double y) {
        return SHAPES.createPoint(new Coordinate(x, y)).buffer(1);
    }

    private static final List<Plate> OVALS = List.of(
            die("Oval, large", 70, 60, "Ovals"),
            die("Oval, middle", 56, 46, "Ovals"),
            die("Oval, small", 30, 24, "Ovals"));

    private static Geometry cut(Rescue found) {
        Plate die = found.die();
        return DieChoice.cut(SHELF.of(die.motif(), die.widthMm(), die.heightMm()), found.middle());
    }

    @Test
    void theLargestDieOfTheSetThatLeavesAFaultBesideTheDesignOutside() {
        Geometry design = box(40, 42, 20, 16);
        Rescue.Asked asked = new Rescue.Asked(design, false, PIECE, fault(79, 50), "Ovals");
        Rescue found = Rescue.of(asked, OVALS, SHELF).orElseThrow();
        assertTrue(found.whole());
        assertEquals("Oval, large", found.die().name(), "moved aside it clears the fault");
        assertEquals(1, found.number());
        Geometry cut = cut(found);
        assertTrue(cut.covers(design));
        assertFalse(cut.intersects(fault(79, 50)));
        Rescue.Asked both = new Rescue.Asked(design, false, PIECE, fault(79, 50).union(fault(20, 50)), "Ovals");
        assertEquals(2, Rescue.of(both, OVALS, SHELF).orElseThrow().number());
    }

    @Test
    void aFaultInOneOfTwoShapesLeavesTheOther() {
        Geometry design = box(20, 40, 14, 14).union(box(62, 40, 16, 14));
        Rescue found = Rescue.of(new Rescue.Asked(design, false, PIECE, fault(25, 45), ""), OVALS, SHELF)
                .orElseThrow();
        assertFalse(found.whole());
        assertEquals(0.53, found.kept(), 0.05);
        assertTrue(cut(found).covers(box(62, 40, 16, 14)));
    }

    @Test
    void nothingServesWhereTheFaultLiesInTheMiddleOfTheOnlyShape() {
        Geometry design = box(30, 30, 30, 30);
        assertEquals(
                Optional.empty(), Rescue.of(new Rescue.Asked(design, false, PIECE, fault(45, 45), ""), OVALS, SHELF));
        assertEquals(
                Optional.empty(),
                Rescue.of(new Rescue.Asked(design, false, PIECE, fault(10, 10), ""), List.of(), SHELF));
    }

    @Test
    void aGroundMayBeCutThroughButReachesPastTheCut() {
        Geometry ground = box(5, 5, 90, 90);
        Rescue found = Rescue.of(new Rescue.Asked(ground, true, PIECE, fault(50, 88), ""), OVALS, SHELF)
                .orElseThrow();
        assertTrue(ground.covers(cut(found)));
        assertFalse(cut(found).intersects(fault(50, 88)));
    }

    @Test
    void theVerdictNamesTheDieAndThePlaceForIt() {
        Spot speck = new Spot(Spot.Kind.BARE, 25, 45, 2.5, 1.8, 2, true);
        Figure none = new Figure(0, 0.01);
        Measures pulled = new Measures(
                new Figure(0.985, 0.004), new Figure(0.05, 0.02), none, none, none, none, 0, 0, 0, 0, List.of(speck));
        Geometry faults = Verdict.faults(pulled, Standard.FOIL, 70).orElseThrow();
        Geometry design = box(20, 40, 14, 14).union(box(62, 40, 16, 14));
        Rescue rescue = Rescue.of(new Rescue.Asked(design, false, PIECE, faults, ""), OVALS, SHELF)
                .orElseThrow();
        Verdict verdict = Verdict.of(pulled, pulled, Standard.FOIL, 70)
                .rescued(rescue, design.getEnvelopeInternal().centre());
        assertEquals(Verdict.Action.ELSEWHERE, verdict.action());
        assertTrue(
                verdict.steps().get(0).startsWith("Cut it with no. "),
                verdict.steps().toString());
        assertTrue(verdict.steps().get(0).contains("right"), verdict.steps().toString());
        Measures ghosted = new Measures(
                new Figure(0.985, 0.004),
                new Figure(0.05, 0.02),
                none,
                new Figure(0.4, 0.03),
                none,
                none,
                0,
                0,
                0,
                0,
                List.of(speck));
        assertTrue(Verdict.faults(ghosted, Standard.FOIL, 70).isEmpty(), "a second edge is everywhere");
    }
}
