package glanzen.inspect;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.photograph.Placing;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Outlines laid onto patches of a picture: which ways they fit, and how closely. */
class OutlineFitTest {

    private static final GeometryFactory SHAPES = new GeometryFactory();
    private static final double PX_PER_MM = 11;

    /** A tag with one corner cut off: it fits one way only. */
    private static final Geometry TAG = SHAPES.createPolygon(new Coordinate[] {
        new Coordinate(10, 20),
        new Coordinate(70, 20),
        new Coordinate(70, 45),
        new Coordinate(55, 60),
        new Coordinate(10, 60),
        new Coordinate(10, 20)
    });

    /** From millimetres to pixels, as a camera would see it; pictures run down. */
    private static AffineTransformation seen(double degrees) {
        return new AffineTransformation()
                .rotate(Math.toRadians(degrees))
                .scale(PX_PER_MM, -PX_PER_MM)
                .translate(1400, 1100);
    }

    private static double worst(Placing found, AffineTransformation truth, Geometry shape) {
        double worst = 0;
        for (Coordinate c : shape.getCoordinates()) {
            double[] px = found.px(c.x, c.y);
            Coordinate there = truth.transform(c, new Coordinate());
            worst = Math.max(worst, Math.hypot(px[0] - there.x, px[1] - there.y) / PX_PER_MM);
        }
        return worst;
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 17, 88, 135, 201, 300})
    void aShapeThatFitsOneWayIsFoundThatWay(double degrees) {
        AffineTransformation truth = seen(degrees);
        List<Placing> ways = new OutlineFit(TAG, truth.transform(TAG)).ways();
        assertTrue(worst(ways.get(0), truth, TAG) < 0.3, "off by " + worst(ways.get(0), truth, TAG));
    }

    @Test
    void aBoxFitsTwoWaysAndTheTrueOneIsAmongThem() {
        Geometry box = SHAPES.toGeometry(new Envelope(10, 80, 10, 50));
        AffineTransformation truth = seen(30);
        List<Placing> ways = new OutlineFit(box, truth.transform(box)).ways();
        assertTrue(ways.size() >= 2, "upright and upside down");
        assertTrue(ways.stream().anyMatch(w -> worst(w, truth, box) < 0.2));
    }

    @Test
    void aCircleFitsAllWaysRound() {
        Geometry circle = SHAPES.createPoint(new Coordinate(40, 40)).buffer(25, 24);
        assertTrue(new OutlineFit(circle, seen(10).transform(circle)).ways().size() > 12);
    }

    @Test
    void whatLooksQuiteDifferentIsNoFit() {
        Geometry star = SHAPES.createPolygon(new Coordinate[] {
            new Coordinate(0, 0), new Coordinate(900, 40), new Coordinate(60, 300), new Coordinate(0, 0)
        });
        Geometry circle = SHAPES.createPoint(new Coordinate(40, 40)).buffer(25, 24);
        assertTrue(new OutlineFit(circle, star).ways().isEmpty());
        assertFalse(new OutlineFit(TAG, seen(0).transform(TAG)).ways().isEmpty());
    }

    @Test
    void aPlacingKeepsItsPlaceInAPictureOfAnotherSize() {
        AffineTransformation truth = seen(12);
        Placing full = new OutlineFit(TAG, truth.transform(TAG)).ways().get(0);
        Placing half = Placing.onWidth(full.onUnitWidth(3000), 1500);
        double[] a = full.px(30, 40);
        double[] b = half.px(30, 40);
        assertEquals(a[0] / 2, b[0], 1e-6);
        assertEquals(a[1] / 2, b[1], 1e-6);
    }
}
