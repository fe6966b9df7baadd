package glanzen.artwork;

import glanzen.measure.BadInput;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/**
 * Areas as path text in mm, y upwards: each polygon its shell anticlockwise, then its holes clockwise,
 * <code>M0 0L4 0L4 3Z</code>. Straight lines only, hundredths of a millimetre.
 */
public final class PathText {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final Pattern RING = Pattern.compile("M([^MZ]*)Z");
    /** Matched letter by letter: a pattern with groups would run out of stack on long outlines. */
    private static final Pattern LETTERS = Pattern.compile("M[MLZ0-9 .-]*Z");

    private static final String ACCEPTED = "closed rings of straight lines, such as M0 0L4 0L4 3Z";

    private PathText() {}

    /** Writes the polygons of a geometry. */
    public static String write(Geometry area) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < area.getNumGeometries(); i++) {
            if (area.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
                ring(polygon.getExteriorRing().getCoordinates(), true, text);
                for (int hole = 0; hole < polygon.getNumInteriorRing(); hole++) {
                    ring(polygon.getInteriorRingN(hole).getCoordinates(), false, text);
                }
            }
        }
        return text.toString();
    }

    /**
     * Reads what {@link #write} wrote.
     *
     * @throws BadInput naming {@code field} if it is not such a text
     */
    public static Geometry read(String field, String text) {
        if (!LETTERS.matcher(text).matches()) {
            throw new BadInput(field, "is not an outline", ACCEPTED);
        }
        List<Polygon> polygons = new ArrayList<>();
        List<LinearRing> holes = new ArrayList<>();
        LinearRing shell = null;
        try {
            for (Matcher m = RING.matcher(text); m.find(); ) {
                LinearRing ring = GEOMETRY.createLinearRing(coordinates(m.group(1)));
                if (shell != null && !Orientation.isCCW(ring.getCoordinates())) {
                    holes.add(ring);
                    continue;
                }
                if (shell != null) {
                    polygons.add(GEOMETRY.createPolygon(shell, holes.toArray(LinearRing[]::new)));
                    holes.clear();
                }
                shell = ring;
            }
        } catch (IllegalArgumentException | StringIndexOutOfBoundsException notARing) {
            throw new BadInput(field, "has a ring that cannot be read", ACCEPTED);
        }
        if (shell == null) {
            throw new BadInput(field, "is not an outline", ACCEPTED);
        }
        polygons.add(GEOMETRY.createPolygon(shell, holes.toArray(LinearRing[]::new)));
        return polygons.size() == 1 ? polygons.get(0) : GEOMETRY.createMultiPolygon(polygons.toArray(Polygon[]::new));
    }

    private static void ring(Coordinate[] points, boolean anticlockwise, StringBuilder text) {
        boolean forward = Orientation.isCCW(points) == anticlockwise;
        // The last point repeats the first.
        for (int i = 0; i < points.length - 1; i++) {
            Coordinate c = points[forward ? i : points.length - 1 - i];
            text.append(i == 0 ? 'M' : 'L').append(figure(c.x)).append(' ').append(figure(c.y));
        }
        text.append('Z');
    }

    /** To hundredths; outlines have thousands of figures, and a formatter would take most of the time. */
    private static String figure(double mm) {
        long hundredths = Math.round(mm * 100);
        long rest = Math.abs(hundredths % 100);
        String whole = (hundredths < 0 && hundredths > -100 ? "-" : "") + hundredths / 100;
        return rest == 0 ? Long.toString(hundredths / 100) : whole + (rest < 10 ? ".0" : ".") + rest;
    }

    private static Coordinate[] coordinates(String points) {
        String[] pairs = points.split("L");
        if (pairs.length < 3) {
            throw new IllegalArgumentException("fewer than three corners");
        }
        Coordinate[] ring = new Coordinate[pairs.length + 1];
        for (int i = 0; i < pairs.length; i++) {
            int gap = pairs[i].indexOf(' ');
            ring[i] = new Coordinate(
                    Double.parseDouble(pairs[i].substring(0, gap)), Double.parseDouble(pairs[i].substring(gap + 1)));
        }
        ring[pairs.length] = ring[0].copy();
        return ring;
    }
}
