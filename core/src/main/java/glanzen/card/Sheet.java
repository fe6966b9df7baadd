package glanzen.card;

import glanzen.kit.Stock;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * A piece as it is before it is mounted, upright as it is read.
 *
 * @param name what it is
 * @param stock what it is of
 * @param widthMm of the sheet its frame is, mm
 * @param heightMm of the sheet its frame is, mm
 * @param shape its outline with its openings as holes, mm from its lower left
 * @param decor what is laid on it
 */
public record Sheet(String name, Stock stock, double widthMm, double heightMm, Geometry shape, List<Decor> decor) {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /** Openings smaller than this are holes of a lace, not windows, mm². */
    private static final double WINDOW_MM2 = 150;

    public Sheet {
        decor = List.copyOf(decor);
    }

    /**
     * Foil, flock or relief on a piece.
     *
     * @param name of its tool
     * @param shape where it lies, mm
     * @param colour of foil or flock, #rrggbb; empty where it is relief
     * @param look what eyes want of it
     * @param flock whether it is flocked
     * @param foilMm2 film it takes, mm²
     * @param seconds of hands and machine, s
     * @param cutAway share of it that was cut away with the piece, 0…1
     */
    public record Decor(
            String name,
            Geometry shape,
            String colour,
            Look look,
            boolean flock,
            double foilMm2,
            double seconds,
            double cutAway) {

        /** What is left of it on a piece that is cut. */
        public Decor within(Geometry piece) {
            if (piece.covers(shape.getEnvelope())) {
                return this;
            }
            Geometry left = shape.intersection(piece);
            double away = shape.isEmpty() ? 0 : 1 - left.getArea() / shape.getArea();
            return new Decor(name, left, colour, look, flock, foilMm2, seconds, away);
        }
    }

    /** What eyes want of something that is laid on a piece. */
    public enum Look {
        /** Read, or not read. */
        WORDS,
        /** Known by its whole. */
        FIGURE,
        /** A ground or a border: parts of it do. */
        GROUND
    }

    /** A plain rectangle. */
    public static Sheet plain(String name, Stock stock, double widthMm, double heightMm) {
        Geometry shape = GEOMETRY.toGeometry(new Envelope(0, widthMm, 0, heightMm));
        return new Sheet(name, stock, widthMm, heightMm, shape, List.of());
    }

    /** Whether one sees through it. */
    public boolean clear() {
        return stock.kind() == Stock.Kind.ACETATE;
    }

    /** Its windows. */
    public Geometry windows() {
        return windowsOf(shape);
    }

    /** Holes of a shape that are large enough to be windows. */
    public static Geometry windowsOf(Geometry shape) {
        Geometry all = GEOMETRY.createPolygon();
        for (int i = 0; i < shape.getNumGeometries(); i++) {
            if (shape.getGeometryN(i) instanceof Polygon p) {
                for (int n = 0; n < p.getNumInteriorRing(); n++) {
                    Coordinate[] ring = p.getInteriorRingN(n).getCoordinates();
                    Polygon hole = GEOMETRY.createPolygon(ring);
                    all = hole.getArea() >= WINDOW_MM2 ? all.union(hole) : all;
                }
            }
        }
        return all;
    }
}
