package glanzen.cutting;

import glanzen.artwork.Artwork;
import glanzen.artwork.ArtworkShelf;
import glanzen.kit.Plate;
import glanzen.measure.Checks;
import glanzen.packing.Packer;
import glanzen.packing.Packer.Shape;
import java.util.List;
import org.locationtech.jts.geom.Geometry;

/** How many times a die cuts out of one panel, for a panel that was foiled whole: turned and nested as it best goes. */
public final class PanelYield {

    /** A die cuts clean of what was cut before, mm. */
    private static final double GAP_MM = 2;
    /** More than these nobody cuts out of one panel. */
    private static final int MOST = 200;

    private PanelYield() {}

    /**
     * Where it cuts, on the panel from its lower left, mm.
     *
     * @param die what cuts
     * @param shelf where artwork is drawn
     * @param widthMm width of the panel, 5…700 mm
     * @param heightMm its height, 5…700 mm
     * @throws glanzen.measure.BadInput if the panel is of no such size
     */
    public static List<Geometry> of(Plate die, ArtworkShelf shelf, double widthMm, double heightMm) {
        new Checks()
                .lengthMm("widthMm", widthMm, 5, 700)
                .lengthMm("heightMm", heightMm, 5, 700)
                .done();
        Artwork drawn = shelf.of(die.motif(), die.widthMm(), die.heightMm());
        Geometry cut = Artwork.silhouette(drawn.shape());
        return new Packer(widthMm, heightMm, GAP_MM)
                .most(new Shape(die.id(), cut), MOST).stream()
                        .map(l -> l.of(cut))
                        .toList();
    }
}
