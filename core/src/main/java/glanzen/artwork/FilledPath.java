package glanzen.artwork;

import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateList;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.polygonize.Polygonizer;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/**
 * The area a flat path fills, by its own winding rule. Its lines are noded, the faces between them found, and those kept
 * whose inner point the path fills; so lines that cross themselves come out clean.
 */
final class FilledPath {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private FilledPath() {}

    static Geometry of(PathIterator flat) {
        Path2D path = new Path2D.Double(flat.getWindingRule());
        path.append(flat, false);
        List<LineString> rings = rings(path);
        if (rings.isEmpty()) {
            return GEOMETRY.createPolygon();
        }
        Polygonizer faces = new Polygonizer();
        faces.add(UnaryUnionOp.union(rings));
        List<Polygon> filled = new ArrayList<>();
        @SuppressWarnings("unchecked")
        Collection<Polygon> found = faces.getPolygons();
        for (Polygon face : found) {
            Coordinate inside = face.getInteriorPoint().getCoordinate();
            if (path.contains(inside.x, inside.y)) {
                filled.add(face);
            }
        }
        return filled.isEmpty() ? GEOMETRY.createPolygon() : UnaryUnionOp.union(filled);
    }

    private static List<LineString> rings(Path2D path) {
        List<LineString> rings = new ArrayList<>();
        CoordinateList ring = new CoordinateList();
        double[] xy = new double[6];
        for (PathIterator it = path.getPathIterator(null); !it.isDone(); it.next()) {
            switch (it.currentSegment(xy)) {
                case PathIterator.SEG_MOVETO -> {
                    close(ring, rings);
                    ring = new CoordinateList();
                    ring.add(new Coordinate(xy[0], xy[1]), false);
                }
                case PathIterator.SEG_LINETO -> ring.add(new Coordinate(xy[0], xy[1]), false);
                default -> {
                    Coordinate start = ring.isEmpty() ? null : ring.getCoordinate(0);
                    close(ring, rings);
                    ring = new CoordinateList();
                    if (start != null) {
                        ring.add(start.copy(), false);
                    }
                }
            }
        }
        close(ring, rings);
        return rings;
    }

    /** What is filled is closed, whether the path says so or not. */
    private static void close(CoordinateList ring, List<LineString> rings) {
        if (ring.size() >= 3) {
            ring.closeRing();
            rings.add(GEOMETRY.createLineString(ring.toCoordinateArray()));
        }
    }
}
