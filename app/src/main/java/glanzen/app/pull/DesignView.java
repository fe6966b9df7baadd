package glanzen.app.pull;

import glanzen.artwork.Artwork;
import glanzen.layout.OnPlatform;
import glanzen.setup.SetUp;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * What of a pull is looked at: its design and a little around it, on the piece as read.
 *
 * @param toPiece from the frame of the feed to the piece
 * @param toFeed and back
 */
public record DesignView(AffineTransformation toPiece, AffineTransformation toFeed, Envelope design) {

    /** So much is shown around what is looked at, mm. */
    public static final int AROUND_MM = 8;

    /** Of a set-up and what it presses. */
    public static DesignView of(SetUp setUp, Artwork pressed) {
        boolean laid = setUp.layout().laid();
        AffineTransformation toPiece =
                laid ? new OnPlatform(setUp.layout()).fromFeedFrame() : new AffineTransformation();
        AffineTransformation toFeed = laid ? new OnPlatform(setUp.layout()).toFeedFrame() : new AffineTransformation();
        Geometry box = new GeometryFactory().toGeometry(pressed.designBox());
        Envelope design = toPiece.transform(box).getEnvelopeInternal();
        design.expandBy(AROUND_MM);
        return new DesignView(toPiece, toFeed, design);
    }
}
