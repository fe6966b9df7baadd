package glanzen.layout;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.geom.util.NoninvertibleTransformationException;

/**
 * From the piece as read to the platform as loaded. The platform is seen from above with the feed along y, origin in its
 * middle; the piece lies face down on it, turned over and then turned by quarters.
 *
 * <p>With d the place from the piece's middle, M the mirror and R a quarter turn, a point comes to
 * {@code bed + R^q·M·d}. Since {@code R^q·M = M·R^−q}, pressing sees the unmirrored piece turned by −q.
 */
public final class OnPlatform {

    private final Layout layout;
    private final AffineTransformation toPlatform;

    /** @param layout what lies there */
    public OnPlatform(Layout layout) {
        this.layout = layout;
        PlatformPose bed = layout.bed();
        boolean sideways = bed.over() == FlipAxis.SIDEWAYS;
        this.toPlatform = AffineTransformation.translationInstance(
                        -layout.piece().widthMm() / 2, -layout.piece().heightMm() / 2)
                .scale(sideways ? -1 : 1, sideways ? 1 : -1)
                .rotate(bed.quarterTurns() * Math.PI / 2)
                .translate(bed.rightMm(), bed.upMm());
    }

    /** From the piece to the platform, mm. */
    public AffineTransformation toPlatform() {
        return new AffineTransformation(toPlatform);
    }

    /** From the platform back to the piece, mm. */
    public AffineTransformation toPiece() {
        try {
            return toPlatform.getInverse();
        } catch (NoninvertibleTransformationException never) {
            throw new IllegalStateException(never);
        }
    }

    /** A place on the piece, on the platform. */
    public Coordinate platform(Coordinate onPiece) {
        return toPlatform.transform(onPiece, new Coordinate());
    }

    /** A place on the platform, on the piece. */
    public Coordinate piece(Coordinate onPlatform) {
        return toPiece().transform(onPlatform, new Coordinate());
    }

    /** A box on the piece, on the platform. */
    public Envelope platform(Envelope onPiece) {
        return Envelopes.turned(onPiece, toPlatform);
    }

    /** How a movement on the platform looks on the piece. */
    public double[] movementOnPiece(double rightMm, double upMm) {
        Coordinate from = piece(new Coordinate(0, 0));
        Coordinate to = piece(new Coordinate(rightMm, upMm));
        return new double[] {to.x - from.x, to.y - from.y};
    }

    /** Anticlockwise quarter turns from the piece as read to the frame of the feed. */
    public int feedTurns() {
        int half = layout.bed().over() == FlipAxis.ENDWAYS ? 2 : 0;
        return Math.floorMod(half - layout.bed().quarterTurns(), 4);
    }

    /** From the piece to the frame of the feed, whose origin is the turned piece's lower left. */
    public AffineTransformation toFeedFrame() {
        return AffineTransformation.translationInstance(
                        -layout.piece().widthMm() / 2, -layout.piece().heightMm() / 2)
                .rotate(feedTurns() * Math.PI / 2)
                .translate(feedWidthMm() / 2, feedHeightMm() / 2);
    }

    /** From the frame of the feed back to the piece. */
    public AffineTransformation fromFeedFrame() {
        try {
            return toFeedFrame().getInverse();
        } catch (NoninvertibleTransformationException never) {
            throw new IllegalStateException(never);
        }
    }

    /** Width of the piece across the feed, mm. */
    public double feedWidthMm() {
        return feedTurns() % 2 == 0 ? layout.piece().widthMm() : layout.piece().heightMm();
    }

    /** Length of the piece along the feed, mm. */
    public double feedHeightMm() {
        return feedTurns() % 2 == 0 ? layout.piece().heightMm() : layout.piece().widthMm();
    }

    /** The frame of the feed is unmirrored: what lies right on the platform lies left in it. */
    double throatMiddleMm() {
        return feedWidthMm() / 2 + layout.bed().rightMm();
    }
}
