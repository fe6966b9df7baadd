package glanzen.card;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Where a level line runs through a shape. */
final class Cut {

    private Cut() {}

    /** From where to where, from the left, mm. */
    static List<double[]> along(Geometry shape, double yMm) {
        Envelope box = shape.getEnvelopeInternal();
        List<double[]> found = new ArrayList<>();
        if (shape.isEmpty() || yMm < box.getMinY() || yMm > box.getMaxY()) {
            return found;
        }
        Geometry line = new GeometryFactory().createLineString(new Coordinate[] {
            new Coordinate(box.getMinX() - 1, yMm), new Coordinate(box.getMaxX() + 1, yMm)
        });
        Geometry in = shape.intersection(line);
        for (int i = 0; i < in.getNumGeometries(); i++) {
            Envelope stretch = in.getGeometryN(i).getEnvelopeInternal();
            if (stretch.getWidth() > 0) {
                found.add(new double[] {stretch.getMinX(), stretch.getMaxX()});
            }
        }
        found.sort((a, b) -> Double.compare(a[0], b[0]));
        return found;
    }
}
