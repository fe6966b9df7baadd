package glanzen.inspect;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.artwork.Artwork;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Known maps of foil to known figures: two bars on a card, and foil that is drawn where the test says. */
class MeasuringTest {

    private static final GeometryFactory SHAPES = new GeometryFactory();
    private static final Geometry BARS = box(20, 60, 40, 48).union(box(20, 60, 60, 64));
    private static final Artwork CARD = new Artwork(BARS, 80, 100);
    private static final Expected EXPECTED = new Expected(CARD, true, null, 40);
    private static final double PX_PER_MM = 12;
    private static final DesignField DESIGN = DesignField.of(CARD, new Envelope(15, 65, 35, 69), PX_PER_MM, 2.5);

    private static Geometry box(double left, double right, double bottom, double top) {
        return SHAPES.toGeometry(new Envelope(left, right, bottom, top));
    }

    private static Measures measured(Geometry foil) {
        float[] share = new Artwork(foil, 80, 100).shares(DESIGN.grid.width(), DESIGN.grid.height(), PX_PER_MM, 40, 52);
        boolean[] all = new boolean[share.length];
        Arrays.fill(all, true);
        return new Measuring(FoilMap.known(DESIGN.grid, share), DESIGN, all, 0, EXPECTED).run();
    }

    @Test
    void foilJustOnTheDesignCoversItAndGoesNowhere() {
        Measures m = measured(BARS);
        assertEquals(1, m.coverage().value(), 1e-3);
        assertEquals(0, m.spillMm().value(), 0.02);
        assertEquals(0, m.ghostMm().value(), 0.02);
        assertTrue(m.spots().isEmpty());
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.1, 0.25, 0.5})
    void foilPastTheEdgeIsMeasuredByHowFar(double mm) {
        Measures m = measured(BARS.buffer(mm, 16));
        assertEquals(mm, m.spillMm().value(), 0.03);
        assertEquals(mm, m.pastMm().value(), 0.03);
        assertEquals(1, m.coverage().value(), 1e-3);
        assertFalse(m.ghosted());
    }

    @Test
    void whatIsWhollyBareCountsAsBare() {
        // One bar of a third of the design has nothing at all: no place of it may be left out of the mean.
        Measures m = measured(box(20, 60, 40, 48));
        assertEquals(2.0 / 3, m.coverage().value(), 0.02);
        assertEquals(1.0 / 3, m.gone(), 0.03);
        assertEquals(1, m.gonePlaces(), 0.01);
        assertEquals(160, m.missingMm2(), 12);
    }

    @Test
    void aSecondCopyAlongTheFeedIsAGhostAndNotSpill() {
        Geometry copy =
                BARS.union(AffineTransformation.translationInstance(0, -0.4).transform(BARS));
        Measures m = measured(copy);
        assertEquals(0.4, m.ghostMm().value(), 0.06);
        assertTrue(m.ghosted());
        Measures across = measured(
                BARS.union(AffineTransformation.translationInstance(0.4, 0).transform(BARS)));
        assertEquals(0, across.ghostMm().value(), 0.05, "across the feed nothing moves");
    }

    @Test
    void aSpeckAndAFleckAreFoundWhereTheyAre() {
        Point speck = SHAPES.createPoint(new Coordinate(30, 44));
        Point fleck = SHAPES.createPoint(new Coordinate(50, 54));
        Measures m = measured(BARS.difference(speck.buffer(0.6)).union(fleck.buffer(0.5)));
        assertEquals(2, m.spots().size());
        Spot bare = m.spots().stream()
                .filter(s -> s.kind() == Spot.Kind.BARE)
                .findFirst()
                .orElseThrow();
        assertEquals(30, bare.xMm(), 0.1);
        assertEquals(44, bare.yMm(), 0.1);
        assertEquals(1.13, bare.areaMm2(), 0.12);
        assertTrue(bare.round());
        Spot over = m.spots().stream()
                .filter(s -> s.kind() == Spot.Kind.OVER)
                .findFirst()
                .orElseThrow();
        assertEquals(54, over.yMm(), 0.1);
        assertEquals(1, m.specks());
    }

    @Test
    void oneSideIsToldFromTheOther() {
        Measures m = measured(BARS.intersection(box(20, 47, 30, 70)));
        assertTrue(m.onRight().value() < -0.9, m.onRight().toString());
        assertEquals(27.0 / 40, m.coverage().value(), 0.02);
    }

    @Test
    void whatMayBeCoveredAfterAllIsDoubted() {
        Measures m = measured(box(20, 60, 40, 48));
        assertEquals(m.coverage().value(), m.doubting(0.3).coverage().value());
        assertTrue(m.doubting(0.3).coverage().give() > 0.09);
        Measures full = measured(BARS);
        assertEquals(full.coverage().give(), full.doubting(0.3).coverage().give(), 1e-3);
    }
}
