package glanzen.inspect;

import glanzen.artwork.Artwork;
import glanzen.artwork.ArtworkShelf;
import glanzen.cutting.DieChoice;
import glanzen.layout.Arrangement;
import glanzen.layout.Layout;
import glanzen.layout.OnPlatform;
import glanzen.setup.SetUp;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/**
 * What a picture is held against, in the frame of the feed.
 *
 * @param artwork what was pressed
 * @param sheetKnown whether the artwork's own box is the sheet, so that its corners say how large all is
 * @param stays what is left after cutting; nothing where nothing is cut
 * @param middleXMm middle of the rollers
 */
public record Expected(
        Artwork artwork, boolean sheetKnown, @Nullable Geometry stays, double middleXMm) {

    /** What a set-up should have made; what stays is what its dies leave inside them. */
    public static Expected of(SetUp setUp, Artwork artwork, ArtworkShelf shelf) {
        boolean laid = setUp.layout().laid();
        return new Expected(artwork, laid, laid ? inside(setUp.layout(), shelf) : null, artwork.middleXMm());
    }

    private static @Nullable Geometry inside(Layout layout, ArtworkShelf shelf) {
        List<Geometry> cut = new Arrangement(layout, shelf)
                .cuts().stream().map(DieChoice::cutLine).toList();
        return cut.isEmpty() ? null : new OnPlatform(layout).toFeedFrame().transform(UnaryUnionOp.union(cut));
    }
}
