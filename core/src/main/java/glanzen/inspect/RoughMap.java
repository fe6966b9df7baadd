package glanzen.inspect;

import glanzen.artwork.Artwork;
import glanzen.photograph.Bend;
import glanzen.photograph.Flat;
import glanzen.photograph.Grid;
import glanzen.photograph.Photograph;
import glanzen.photograph.Placing;
import java.util.function.IntPredicate;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/** Foil in one picture before the design is found, roughly: enough to look for the design in. */
final class RoughMap {

    private static final double LOW_PX = 420;
    private static final double RIM_SHARE = 0.10;
    private static final double BEYOND_CUT_MM = 2;
    /** So near to a cut it may be the bench that is seen. */
    static final double INSIDE_CUT_MM = 0.8;

    private final Photograph photograph;
    private final Artwork artwork;
    private boolean foilSeen;

    /** @param artwork in whose frame outlines are */
    RoughMap(Photograph photograph, Artwork artwork) {
        this.photograph = photograph;
        this.artwork = artwork;
    }

    /** Whether any of the maps made so far showed foil. */
    boolean foilSeen() {
        return foilSeen;
    }

    /**
     * What departs from the stock at the rim of a box; nothing where too little bare stock is seen.
     *
     * @param inside outline of what is sheet at all; nothing where all of the box is
     */
    @Nullable
    FoilMap map(Placing sheet, Envelope box, @Nullable Geometry inside) {
        double pxPerMm = LOW_PX / Math.max(box.getWidth(), box.getHeight());
        Envelope inner = new Envelope(box);
        inner.expandBy(inside == null ? -0.012 * Math.min(box.getWidth(), box.getHeight()) : BEYOND_CUT_MM);
        Flat flat = Flat.of(photograph, sheet, Bend.NONE, inner, pxPerMm);
        BareStock stock;
        try {
            BareStock bordering = BareStock.fit(flat, inside == null ? rim(flat.grid()) : rim(flat, inside));
            Departures rough = bordering.departures(flat);
            stock = BareStock.fit(flat, i -> rough.size[i] < FoilMap.SURE);
        } catch (IllegalArgumentException tooLittle) {
            return null;
        }
        FoilMap map = FoilMap.of(stock.departures(flat));
        foilSeen |= map.clearness > 0;
        return map;
    }

    private static IntPredicate rim(Grid grid) {
        int rim = (int) (RIM_SHARE * Math.min(grid.width(), grid.height()));
        return i -> {
            int x = i % grid.width();
            int y = i / grid.width();
            return x < rim || y < rim || x >= grid.width() - rim || y >= grid.height() - rim;
        };
    }

    /** Just inside an outline; what lies outside it is not looked at. */
    private IntPredicate rim(Flat flat, Geometry inside) {
        Artwork cut = new Artwork(inside, artwork.widthMm(), artwork.heightMm());
        double rimMm = RIM_SHARE
                * Math.min(flat.grid().width(), flat.grid().height())
                / flat.grid().pxPerMm();
        DesignField field = DesignField.of(cut, flat.grid(), rimMm);
        for (int i = 0; i < flat.seen().length; i++) {
            flat.seen()[i] &= field.signedMm[i] < -INSIDE_CUT_MM;
        }
        return i -> field.signedMm[i] > -rimMm;
    }
}
