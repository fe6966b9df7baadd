package glanzen.artwork;

import glanzen.measure.Checks;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.awt.ShapeWriter;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/**
 * The raised shape of a plate, as it will be read, in mm, origin at the lower left, feed along y.
 *
 * <p>Immutable: the geometry is copied in and never handed out for change.
 */
public final class Artwork {

    /** Raised ground further than this from any edge counts as solid: there a hot peel lifts foil. */
    private static final double SOLID_DEPTH_MM = 3;

    private static final double CONTACT_STEP_MM = 0.25;

    private final Geometry raised;
    private final double widthMm;
    private final double heightMm;
    private final double middleXMm;
    private final double baselineMm;
    private final double solidShare;
    private final List<Patch> patches;
    private final Slices slices;
    /** By the length of the nip that passes over it, in steps. */
    private final Map<Long, List<Band>> bands = new ConcurrentHashMap<>();
    /** Worked out when first asked for; the same whoever asks. */
    private volatile @Nullable BladeLine bladeLine;

    /** The edges of a design that a blade runs along, where it was made of one. */
    private @Nullable Geometry edges;

    private volatile double counterMm;

    /**
     * @param raised polygonal geometry within the plate, mm
     * @param widthMm plate width across the feed, mm
     * @param heightMm plate length along the feed, mm
     */
    public Artwork(Geometry raised, double widthMm, double heightMm) {
        this(
                raised,
                widthMm,
                heightMm,
                widthMm / 2,
                raised.getEnvelopeInternal().getMinY(),
                solidShare(raised),
                List.of());
    }

    private Artwork(
            Geometry raised,
            double widthMm,
            double heightMm,
            double middleXMm,
            double baselineMm,
            double solidShare,
            List<Patch> patches) {
        new Checks()
                .holds(!raised.isEmpty() && raised.getArea() > 0, "motif", "has nothing raised", "a shape with area")
                .done();
        this.raised = raised.copy();
        this.widthMm = widthMm;
        this.heightMm = heightMm;
        this.middleXMm = middleXMm;
        this.baselineMm = baselineMm;
        this.solidShare = solidShare;
        this.patches = List.copyOf(patches);
        this.slices = new Slices(this.raised, widthMm, heightMm, middleXMm, patches);
    }

    private static double solidShare(Geometry raised) {
        return raised.isEmpty() ? 0 : raised.buffer(-SOLID_DEPTH_MM, 2).getArea() / raised.getArea();
    }

    /** Draws a motif to fit a plate. */
    public static Artwork of(Motif motif, double widthMm, double heightMm) {
        Geometry drawn = MotifDrawer.draw(motif, widthMm, heightMm);
        return new Artwork(
                drawn,
                widthMm,
                heightMm,
                widthMm / 2,
                MotifDrawer.baselineMm(motif, drawn),
                solidShare(drawn),
                List.of());
    }

    /**
     * An artwork put somewhere else.
     *
     * @param artwork the artwork
     * @param placing from its own place to the common one
     */
    public record Placed(Artwork artwork, AffineTransformation placing) {

        /** Its raised shape there. */
        public Geometry shape() {
            return placing.transform(artwork.raised);
        }
    }

    /**
     * Several artworks pressed together.
     *
     * @param parts what lies there; at least one
     * @param widthMm width of the common place across the feed, mm
     * @param heightMm its length along the feed, mm
     * @param middleXMm where the middle of the throat runs, mm from its left edge
     * @param patches make-ready behind it
     */
    public static Artwork together(
            List<Placed> parts, double widthMm, double heightMm, double middleXMm, List<Patch> patches) {
        List<Geometry> shapes = parts.stream().map(Placed::shape).toList();
        Geometry all = shapes.size() == 1 ? shapes.get(0) : UnaryUnionOp.union(shapes);
        double solid = 0;
        double area = 0;
        for (Placed part : parts) {
            solid += part.artwork.solidShare * part.artwork.areaMm2();
            area += part.artwork.areaMm2();
        }
        double foot = all.getEnvelopeInternal().getMinY();
        return new Artwork(all, widthMm, heightMm, middleXMm, foot, solid / area, patches);
    }

    /** Plate width, mm. */
    public double widthMm() {
        return widthMm;
    }

    /** Plate length, mm. */
    public double heightMm() {
        return heightMm;
    }

    /** Raised area, mm². */
    public double areaMm2() {
        return raised.getArea();
    }

    /** Share of the raised area that is solid ground, 0…1. */
    public double solidShare() {
        return solidShare;
    }

    /** The raised shape; a copy. */
    public Geometry shape() {
        return raised.copy();
    }

    /** The shape with its holes filled: what a die of this line cuts out, or what a design covers. */
    public Geometry silhouette() {
        return silhouette(raised);
    }

    /** The same of a shape by itself. */
    public static Geometry silhouette(Geometry raised) {
        List<Geometry> shells = new ArrayList<>();
        for (int i = 0; i < raised.getNumGeometries(); i++) {
            if (raised.getGeometryN(i) instanceof Polygon polygon) {
                shells.add(polygon.getFactory().createPolygon(polygon.getExteriorRing()));
            }
        }
        return UnaryUnionOp.union(shells);
    }

    /** A blade along every edge of the shape, inside it: what a die of this design cuts. */
    public Artwork edge() {
        return alongEdges(raised);
    }

    /** A blade around the whole design. */
    public Artwork outerEdge() {
        return alongEdges(silhouette());
    }

    private Artwork alongEdges(Geometry shape) {
        Artwork drawn = new Artwork(MotifDrawer.blade(shape), widthMm, heightMm);
        drawn.edges = shape.getBoundary();
        return drawn;
    }

    /** Where a blade of this shape runs; the shape must be a cutting line. */
    public BladeLine bladeLine() {
        BladeLine line = bladeLine;
        if (line == null) {
            line = BladeLine.of(this);
            bladeLine = line;
        }
        return line;
    }

    /** The lines a blade runs along: the edges of a design, or both edges of a cutting line as it is drawn. */
    public Geometry bladeEdges() {
        return edges == null ? raised.getBoundary() : edges;
    }

    /** How often each millimetre of blade is among those edges. */
    public int timesAlong() {
        return edges == null ? 2 : 1;
    }

    /** The box the design fills, mm. */
    public Envelope designBox() {
        return raised.getEnvelopeInternal();
    }

    /** The line that words stand on, or else the foot of the design; mm above the lower edge. */
    public double baselineMm() {
        return baselineMm;
    }

    /**
     * Width of the narrowest counters, mm: a tenth of the enclosed openings are narrower; infinite if nothing is enclosed.
     * Foil that spreads by half of it from both sides fills them.
     */
    public double counterMm() {
        double width = counterMm;
        if (width == 0) {
            width = Counters.narrowMm(raised);
            counterMm = width;
        }
        return width;
    }

    /** Where the middle of the throat runs, mm from the left edge. */
    public double middleXMm() {
        return middleXMm;
    }

    /** Make-ready behind it. */
    public List<Patch> patches() {
        return patches;
    }

    /**
     * Bands of like raised width, narrowest first; their shares sum to 1.
     *
     * @param contactMm length of feed that the nip covers at once, mm; taken to a quarter of a millimetre
     */
    public List<Band> bands(double contactMm) {
        long steps = Math.max(1, Math.round(contactMm / CONTACT_STEP_MM));
        return bands.computeIfAbsent(steps, n -> slices.bands(n * CONTACT_STEP_MM));
    }

    /** Mean raised width over all raised ground, mm. */
    public double meanWidthMm() {
        return slices.meanWidthMm();
    }

    /** Whether any of it lies within its place, under the rollers. */
    public boolean pressed() {
        return slices.meanWidthMm() > 0;
    }

    /** Raised width that a nip carries around a place along the feed, mm. */
    public double raisedWidthMm(double yMm, double contactMm) {
        return slices.widthAroundMm(yMm, contactMm);
    }

    /** Raised width at a place along the feed, mm; 0 where nothing is raised. */
    public double raisedWidthAtMm(double yMm) {
        return slices.widthAtMm(yMm);
    }

    /** The outline in user-space units of mm, y downwards, for drawing. */
    public Shape outline() {
        AffineTransformation down = AffineTransformation.scaleInstance(1, -1).translate(0, heightMm);
        return new ShapeWriter().toShape(down.transform(raised));
    }

    /**
     * The design as pixels, row by row from the far edge, true where raised.
     *
     * @param widthPx columns
     * @param heightPx rows
     * @param pxPerMm scale; the plate is centred
     */
    public boolean[] raster(int widthPx, int heightPx, double pxPerMm) {
        return raster(widthPx, heightPx, pxPerMm, widthMm / 2, heightMm / 2);
    }

    /**
     * The design as pixels, row by row from the far edge, true where raised.
     *
     * @param centreXMm what lies in the middle of the picture, mm
     * @param centreYMm the same along the feed, mm
     */
    public boolean[] raster(int widthPx, int heightPx, double pxPerMm, double centreXMm, double centreYMm) {
        return pixels(widthPx, heightPx, pxPerMm, centreXMm, centreYMm).mask();
    }

    /** The same as shares of each pixel that are raised, 0…1. */
    public float[] shares(int widthPx, int heightPx, double pxPerMm, double centreXMm, double centreYMm) {
        return pixels(widthPx, heightPx, pxPerMm, centreXMm, centreYMm).shares();
    }

    private Pixels pixels(int widthPx, int heightPx, double pxPerMm, double centreXMm, double centreYMm) {
        AffineTransform placing = AffineTransform.getTranslateInstance(
                widthPx / 2.0 - centreXMm * pxPerMm, heightPx / 2.0 - (heightMm - centreYMm) * pxPerMm);
        placing.scale(pxPerMm, pxPerMm);
        return new Pixels(outline(), placing, widthPx, heightPx);
    }
}
