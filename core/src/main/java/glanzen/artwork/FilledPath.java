package glanzen.artwork;

import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Random;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateList;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.polygonize.Polygonizer;

/**
 * The area a flat path fills, by its own winding rule. Its lines are noded, the faces between them found, and those kept
 * whose inner point the path fills; so lines that cross themselves come out clean.
 */
final class FilledPath {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** Lines that cross more often than this are no outline: the faces between them are beyond counting. */
    private static final double MOST_CROSSINGS = 8_000;

    /** No outline that a hand can press or cut has so many lines in one. */
    private static final int MOST_LINES = 25_000;

    private static final int FEW_LINES = 150;
    private static final int PAIRS = 4000;
    private static final long SEED = 11;

    private FilledPath() {}

    static Geometry of(PathIterator flat) {
        Path2D path = new Path2D.Double(flat.getWindingRule());
        path.append(flat, false);
        List<LineString> rings = rings(path);
        if (rings.isEmpty()) {
            return GEOMETRY.createPolygon();
        }
        refuseTangles(rings);
        Polygonizer faces = new Polygonizer();
        faces.add(OverlayNGRobust.union(GEOMETRY.buildGeometry(rings)));
        List<Polygon> filled = new ArrayList<>();
        @SuppressWarnings("unchecked")
        Collection<Polygon> found = faces.getPolygons();
        for (Polygon face : found) {
            Coordinate inside = face.getInteriorPoint().getCoordinate();
            if (path.contains(inside.x, inside.y)) {
                filled.add(face);
            }
        }
        return filled.isEmpty() ? GEOMETRY.createPolygon() : OverlayNGRobust.union(GEOMETRY.buildGeometry(filled));
    }

    /** How often lines cross is guessed from some pairs of them, before any crossing is worked out. */
    private static void refuseTangles(List<LineString> rings) {
        List<LineSegment> lines = new ArrayList<>();
        for (LineString ring : rings) {
            Coordinate[] points = ring.getCoordinates();
            for (int i = 1; i < points.length; i++) {
                lines.add(new LineSegment(points[i - 1], points[i]));
            }
        }
        if (lines.size() > MOST_LINES) {
            throw SvgReader.bad("has a shape of more than " + MOST_LINES + " lines");
        }
        if (lines.size() < FEW_LINES) {
            return;
        }
        Random random = new Random(SEED);
        int crossed = 0;
        for (int n = 0; n < PAIRS; n++) {
            LineSegment one = lines.get(random.nextInt(lines.size()));
            LineSegment other = lines.get(random.nextInt(lines.size()));
            crossed += one != other && one.intersection(other) != null ? 1 : 0;
        }
        double pairs = lines.size() * (lines.size() - 1.0) / 2;
        // Neighbours meet without crossing: there are as many of them as lines.
        if (crossed * pairs / PAIRS - lines.size() > MOST_CROSSINGS) {
            throw SvgReader.bad("has lines that cross each other far more often than an outline does");
        }
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
