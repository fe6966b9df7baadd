package glanzen.card;

import glanzen.measure.Checks;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * Where a card is cut through: straight from one place of the closed card to another, from its lower left.
 *
 * @param fromXMm to the right, mm
 * @param fromYMm upwards, mm
 * @param toXMm to the right, mm
 * @param toYMm upwards, mm
 */
public record CutLine(double fromXMm, double fromYMm, double toXMm, double toYMm) {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /** A cut shorter than this shows nothing, mm. */
    private static final double LEAST_MM = 5;

    public CutLine {
        new Checks()
                .figure("line.fromXMm", fromXMm, -500, 1000, "mm")
                .figure("line.fromYMm", fromYMm, -500, 1000, "mm")
                .figure("line.toXMm", toXMm, -500, 1000, "mm")
                .figure("line.toYMm", toYMm, -500, 1000, "mm")
                .done();
        new Checks()
                .lengthMm("line", Math.hypot(toXMm - fromXMm, toYMm - fromYMm), LEAST_MM, 2000)
                .done();
    }

    /** Straight across the middle of a card, with what reaches over its edge. */
    public static CutLine middle(Assembly card) {
        double y = card.plan().base().heightMm() / 2;
        return new CutLine(card.box().getMinX(), y, card.box().getMaxX(), y);
    }

    /** How long it is, mm. */
    public double lengthMm() {
        return Math.hypot(toXMm - fromXMm, toYMm - fromYMm);
    }

    /** From where to where it runs through a shape, from its own beginning, mm. */
    List<double[]> through(Geometry shape) {
        Coordinate from = new Coordinate(fromXMm, fromYMm);
        Geometry line = GEOMETRY.createLineString(new Coordinate[] {from, new Coordinate(toXMm, toYMm)});
        List<double[]> found = new ArrayList<>();
        if (shape.isEmpty() || !shape.getEnvelopeInternal().intersects(line.getEnvelopeInternal())) {
            return found;
        }
        Geometry in = shape.intersection(line);
        for (int i = 0; i < in.getNumGeometries(); i++) {
            Coordinate[] ends = in.getGeometryN(i).getCoordinates();
            if (ends.length > 1) {
                double a = from.distance(ends[0]);
                double b = from.distance(ends[ends.length - 1]);
                found.add(new double[] {Math.min(a, b), Math.max(a, b)});
            }
        }
        found.sort(Comparator.comparingDouble(stretch -> stretch[0]));
        return found;
    }
}
