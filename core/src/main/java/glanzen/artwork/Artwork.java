package glanzen.artwork;

import glanzen.measure.Checks;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.awt.ShapeWriter;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * The raised shape of a plate, as it will be read, in mm, origin at the lower left, feed along y.
 *
 * <p>Immutable: the geometry is copied in and never handed out for change.
 */
public final class Artwork {

    private static final int SLICES = 240;
    private static final int BANDS = 5;
    /** Raised ground further than this from any edge counts as solid: there a hot peel lifts foil. */
    private static final double SOLID_DEPTH_MM = 3;

    private final Geometry raised;
    private final double widthMm;
    private final double heightMm;
    private final double[] sliceWidthsMm;
    private final List<Band> bands;
    private final double solidShare;

    /**
     * @param raised polygonal geometry within the plate, mm
     * @param widthMm plate width across the feed, mm
     * @param heightMm plate length along the feed, mm
     */
    public Artwork(Geometry raised, double widthMm, double heightMm) {
        new Checks()
                .holds(!raised.isEmpty() && raised.getArea() > 0, "motif", "has nothing raised", "a shape with area")
                .done();
        this.raised = raised.copy();
        this.widthMm = widthMm;
        this.heightMm = heightMm;
        this.sliceWidthsMm = sliceWidths();
        this.bands = bandsOf(sliceWidthsMm);
        this.solidShare = raised.buffer(-SOLID_DEPTH_MM, 2).getArea() / raised.getArea();
    }

    /** Draws a motif to fit a plate. */
    public static Artwork of(Motif motif, double widthMm, double heightMm) {
        return new Artwork(MotifDrawer.draw(motif, widthMm, heightMm), widthMm, heightMm);
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

    /** At most five bands of like raised width, narrowest first; their shares sum to 1. */
    public List<Band> bands() {
        return bands;
    }

    /** Raised width at a place along the feed, mm; 0 where nothing is raised. */
    public double raisedWidthAtMm(double yMm) {
        int slice = (int) (yMm / heightMm * SLICES);
        return sliceWidthsMm[Math.max(0, Math.min(SLICES - 1, slice))];
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
        BufferedImage image = new BufferedImage(widthPx, heightPx, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D graphics = image.createGraphics();
        graphics.translate((widthPx - widthMm * pxPerMm) / 2, (heightPx - heightMm * pxPerMm) / 2);
        graphics.scale(pxPerMm, pxPerMm);
        graphics.setColor(Color.WHITE);
        graphics.fill(outline());
        graphics.dispose();
        byte[] grey = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        boolean[] mask = new boolean[grey.length];
        for (int i = 0; i < grey.length; i++) {
            mask[i] = grey[i] != 0;
        }
        return mask;
    }

    private double[] sliceWidths() {
        int columns = (int) Math.max(50, Math.min(1200, widthMm * 8));
        double pxPerMm = columns / widthMm;
        // Raster rows are slices: scale y so that the whole plate makes exactly SLICES rows.
        BufferedImage image = new BufferedImage(columns, SLICES, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D graphics = image.createGraphics();
        graphics.scale(pxPerMm, SLICES / heightMm);
        graphics.setColor(Color.WHITE);
        graphics.fill(new ShapeWriter().toShape(raised));
        graphics.dispose();
        byte[] grey = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        double[] widths = new double[SLICES];
        for (int i = 0; i < grey.length; i++) {
            widths[i / columns] += grey[i] == 0 ? 0 : 1 / pxPerMm;
        }
        return widths;
    }

    private static List<Band> bandsOf(double[] sliceWidths) {
        double[] widths =
                Arrays.stream(sliceWidths).filter(w -> w > 0.05).sorted().toArray();
        double total = Arrays.stream(widths).sum();
        List<Band> bands = new ArrayList<>();
        int from = 0;
        for (int band = 0; band < BANDS; band++) {
            int to = widths.length * (band + 1) / BANDS;
            double sum = Arrays.stream(widths, from, to).sum();
            if (to > from) {
                bands.add(new Band(sum / (to - from), sum / total));
            }
            from = to;
        }
        return merged(bands);
    }

    /** Bands within a twentieth of each other press alike; one stands for both. */
    private static List<Band> merged(List<Band> bands) {
        List<Band> merged = new ArrayList<>();
        bands.stream().sorted(Comparator.comparingDouble(Band::widthMm)).forEach(band -> {
            Band last = merged.isEmpty() ? null : merged.get(merged.size() - 1);
            if (last != null && band.widthMm() < last.widthMm() * 1.05) {
                double share = last.share() + band.share();
                double width = (last.widthMm() * last.share() + band.widthMm() * band.share()) / share;
                merged.set(merged.size() - 1, new Band(width, share));
            } else {
                merged.add(band);
            }
        });
        return List.copyOf(merged);
    }
}
