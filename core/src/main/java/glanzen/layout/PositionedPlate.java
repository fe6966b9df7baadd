package glanzen.layout;

import glanzen.artwork.Artwork;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * A plate where it has come to lie on the piece as read, mm, origin at the piece's lower left.
 *
 * @param placed what was asked for
 * @param artwork its raised shape
 * @param placing from the plate's own place to the piece
 */
public record PositionedPlate(Placed placed, Artwork artwork, AffineTransformation placing) {

    /** The box its design fills. */
    public Envelope designBox() {
        return box(artwork.designBox());
    }

    /** The box its metal fills. */
    public Envelope plateBox() {
        return box(new Envelope(0, artwork.widthMm(), 0, artwork.heightMm()));
    }

    /** Height of the line that its words stand on; the foot of the design where it is turned. */
    public double baselineMm() {
        return designBox().getMinY() + (placed.quarterTurns() == 0 ? baselineRise(artwork) : 0);
    }

    /** Its raised shape. */
    public Geometry shape() {
        return placing.transform(artwork.shape());
    }

    static double baselineRise(Artwork artwork) {
        return artwork.baselineMm() - artwork.designBox().getMinY();
    }

    private Envelope box(Envelope own) {
        return Envelopes.turned(own, placing);
    }
}
