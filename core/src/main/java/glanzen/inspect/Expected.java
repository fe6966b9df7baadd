package glanzen.inspect;

import glanzen.artwork.Artwork;
import glanzen.artwork.ArtworkShelf;
import glanzen.cutting.DieChoice;
import glanzen.layout.Arrangement;
import glanzen.layout.Layout;
import glanzen.layout.OnPlatform;
import glanzen.material.BondingLayer;
import glanzen.material.Colour;
import glanzen.photograph.Photograph;
import glanzen.setup.SetUp;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/**
 * What a picture is held against, in the frame of the feed.
 *
 * @param artwork what was pressed
 * @param sheetKnown whether the artwork's own box is the sheet, so that its corners say how large all is
 * @param stays what is left after cutting; nothing where nothing is cut
 * @param middleXMm middle of the rollers
 * @param undercoats what shows where film did not take, red to blue as shares of the stock's own light
 */
public record Expected(
        Artwork artwork, boolean sheetKnown, @Nullable Geometry stays, double middleXMm, List<double[]> undercoats) {

    /** Toner and ink where no film took, as they are bought. */
    private static final List<String> COATS = List.of("#1c1c1e", "#f0f0ee");
    /** A film that looks so much like what lies under it cannot be told from it, CIEDE2000. */
    private static final double ALIKE = 18;

    /** Where nothing lies under the film. */
    public Expected(Artwork artwork, boolean sheetKnown, @Nullable Geometry stays, double middleXMm) {
        this(artwork, sheetKnown, stays, middleXMm, List.of());
    }

    /** What a set-up should have made; what stays is what its dies leave inside them. */
    public static Expected of(SetUp setUp, Artwork artwork, ArtworkShelf shelf) {
        boolean laid = setUp.layout().laid();
        return new Expected(
                artwork, laid, laid ? inside(setUp.layout(), shelf) : null, artwork.middleXMm(), undercoats(setUp));
    }

    private static List<double[]> undercoats(SetUp setUp) {
        boolean coated = setUp.route()
                .bonding()
                .filter(b -> b == BondingLayer.TONER || b == BondingLayer.REACTIVE_INK)
                .isPresent();
        String stock = setUp.stock().colour();
        return coated
                ? COATS.stream()
                        .filter(coat -> apart(coat, setUp.film().colour()) && apart(coat, stock))
                        .map(coat -> lightOf(coat, stock))
                        .toList()
                : List.of();
    }

    private static boolean apart(String a, String b) {
        return Colour.of(a).difference(Colour.of(b)) > ALIKE;
    }

    /** Light of one colour as shares of that of another. */
    static double[] lightOf(String colour, String stock) {
        double[] share = new double[3];
        for (int c = 0; c < 3; c++) {
            int at = 1 + 2 * c;
            share[c] = Photograph.linear(Integer.parseInt(colour.substring(at, at + 2), 16))
                    / Math.max(0.003, Photograph.linear(Integer.parseInt(stock.substring(at, at + 2), 16)));
        }
        return share;
    }

    /** The two points of the design that lie furthest apart: what a person marks where nothing is found. x, y, x, y in mm. */
    public double[] ends() {
        Coordinate[] hull = artwork.shape().convexHull().getCoordinates();
        double[] ends = {hull[0].x, hull[0].y, hull[0].x, hull[0].y};
        double most = 0;
        for (Coordinate a : hull) {
            for (Coordinate b : hull) {
                if (a.distance(b) > most) {
                    most = a.distance(b);
                    ends = new double[] {a.x, a.y, b.x, b.y};
                }
            }
        }
        return ends;
    }

    private static @Nullable Geometry inside(Layout layout, ArtworkShelf shelf) {
        List<Geometry> cut = new Arrangement(layout, shelf)
                .cuts().stream().map(DieChoice::cutLine).toList();
        return cut.isEmpty() ? null : new OnPlatform(layout).toFeedFrame().transform(UnaryUnionOp.union(cut));
    }
}
