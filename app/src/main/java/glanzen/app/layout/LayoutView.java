package glanzen.app.layout;

import glanzen.app.setup.LayoutDraft;
import glanzen.finding.Weight;
import glanzen.layout.Measures.Measure;
import glanzen.layout.Moves.Guide;
import glanzen.layout.PositionedPlate;
import glanzen.layout.RibbonReading.Reading;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * A layout worked out for its two drawings. All places are mm; on the piece from its lower left, on the platform from its
 * middle, y upwards.
 *
 * @param layout the layout, after whatever was asked to be done to it
 * @param toPlatform from the piece to the platform, as the six numbers of an SVG matrix
 * @param ground the platform
 * @param plates what is pressed
 * @param cuts dies that cut later
 * @param measures distances worth writing
 * @param findings what a person should know
 * @param guides lines that a moved plate was drawn to
 * @param ribbon how it will read, if it is ribbon
 */
public record LayoutView(
        LayoutDraft layout,
        List<Double> toPlatform,
        Ground ground,
        List<PlateView> plates,
        List<PlateView> cuts,
        List<Measure> measures,
        List<PlacedFinding> findings,
        List<Guide> guides,
        @Nullable Reading ribbon) {

    /**
     * The platform and what passes over it.
     *
     * @param throatMm width the press takes
     * @param weakMm half the width in which rollers press clearly less; 0 if they do not
     */
    public record Ground(String name, double widthMm, double heightMm, double throatMm, double weakMm) {}

    /** A box on the piece. */
    public record Box(double left, double bottom, double right, double top) {
        static Box of(Envelope e) {
            return new Box(e.getMinX(), e.getMinY(), e.getMaxX(), e.getMaxY());
        }
    }

    /**
     * A plate or die where it lies.
     *
     * @param placing from the plate's own place to the piece, as the six numbers of an SVG matrix
     * @param metal the box of its metal
     * @param design the box of its design
     * @param foil the box of its foil piece
     * @param words what holds it, across and along
     */
    public record PlateView(
            String key,
            String plateId,
            String name,
            List<Double> placing,
            double widthMm,
            double heightMm,
            Box metal,
            Box design,
            Box foil,
            double baselineMm,
            List<String> words) {

        static PlateView of(PositionedPlate lying, Envelope foil, List<String> words) {
            return new PlateView(
                    lying.placed().key(),
                    lying.placed().plate().id(),
                    lying.placed().plate().name(),
                    matrix(lying.placing()),
                    lying.artwork().widthMm(),
                    lying.artwork().heightMm(),
                    Box.of(lying.plateBox()),
                    Box.of(lying.designBox()),
                    Box.of(foil),
                    lying.baselineMm(),
                    words);
        }
    }

    /** Something to know, with the layout that mends it. */
    public record PlacedFinding(
            String rule,
            Weight weight,
            List<String> keys,
            String what,
            String why,
            @Nullable LayoutMend mend) {}

    /** A way out. */
    public record LayoutMend(String label, LayoutDraft layout) {}

    /** The numbers in SVG's order: a b c d e f. */
    public static List<Double> matrix(AffineTransformation t) {
        double[] m = t.getMatrixEntries();
        return List.of(m[0], m[3], m[1], m[4], m[2], m[5]);
    }
}
