package glanzen.layout;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Boxes under quarter turns and mirrors. */
public final class Envelopes {

    private Envelopes() {}

    /** The box of a box's corners after a transformation. */
    public static Envelope turned(Envelope box, AffineTransformation by) {
        Coordinate low = by.transform(new Coordinate(box.getMinX(), box.getMinY()), new Coordinate());
        Coordinate high = by.transform(new Coordinate(box.getMaxX(), box.getMaxY()), new Coordinate());
        return new Envelope(low, high);
    }

    /** Gap between two boxes, mm; negative by how far they overlap. */
    public static double gapMm(Envelope a, Envelope b) {
        double across = Math.max(a.getMinX(), b.getMinX()) - Math.min(a.getMaxX(), b.getMaxX());
        double along = Math.max(a.getMinY(), b.getMinY()) - Math.min(a.getMaxY(), b.getMaxY());
        return across > 0 && along > 0 ? Math.hypot(across, along) : Math.max(across, along);
    }

    /** How far a box reaches beyond another, mm; 0 if it lies within. */
    public static double beyondMm(Envelope inner, Envelope outer) {
        double across = Math.max(outer.getMinX() - inner.getMinX(), inner.getMaxX() - outer.getMaxX());
        double along = Math.max(outer.getMinY() - inner.getMinY(), inner.getMaxY() - outer.getMaxY());
        return Math.max(0, Math.max(across, along));
    }
}
