package glanzen.inspect;

import glanzen.artwork.Artwork;
import glanzen.layout.OnPlatform;
import glanzen.setup.SetUp;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Geometry;

/**
 * What a picture is held against, in the frame of the feed.
 *
 * @param artwork what was pressed
 * @param sheetKnown whether the artwork's own box is the sheet, so that its corners say how large all is
 * @param stays what is left after cutting; nothing where nothing is cut
 * @param middleXMm middle of the rollers
 * @param matt flock: it does not shine
 */
public record Expected(
        Artwork artwork, boolean sheetKnown, @Nullable Geometry stays, double middleXMm, boolean matt) {

    /** What a set-up should have made. */
    public static Expected of(SetUp setUp, Artwork artwork, @Nullable Geometry stays) {
        boolean laid = setUp.layout().laid();
        return new Expected(artwork, laid, stays, artwork.middleXMm(), false);
    }

    /** How the piece lies turned in the frame of the feed: anticlockwise quarter turns. */
    public static int feedTurns(SetUp setUp) {
        return setUp.layout().laid() ? new OnPlatform(setUp.layout()).feedTurns() : 0;
    }
}
