package glanzen.packing;

import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * A shape where it was laid.
 *
 * @param id whose shape it is
 * @param xMm how far it is moved to the right, once it is turned about its own origin, mm
 * @param yMm how far it is moved up, mm
 * @param degrees how far it is turned anticlockwise, 0…359
 */
public record Laid(String id, double xMm, double yMm, int degrees) {

    /** From the shape's own place to where it lies. */
    public AffineTransformation placing() {
        return AffineTransformation.rotationInstance(Math.toRadians(degrees)).translate(xMm, yMm);
    }

    /** A shape there. */
    public Geometry of(Geometry shape) {
        return placing().transform(shape);
    }
}
