package glanzen.card;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import org.locationtech.jts.awt.ShapeWriter;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/**
 * Even cells over a card, the first row at its foot.
 *
 * @param leftMm left edge, mm
 * @param bottomMm lower edge, mm
 * @param cellMm size of a cell, mm
 * @param columns how many
 * @param rows how many
 */
public record Raster(double leftMm, double bottomMm, double cellMm, int columns, int rows) {

    /** Over a box. */
    public static Raster over(Envelope box, double cellMm) {
        return new Raster(
                box.getMinX(), box.getMinY(), cellMm, (int) Math.max(1, Math.ceil(box.getWidth() / cellMm)), (int)
                        Math.max(1, Math.ceil(box.getHeight() / cellMm)));
    }

    /** How many cells there are. */
    public int count() {
        return columns * rows;
    }

    /** Middle of a cell, mm. */
    public double xMm(int cell) {
        return leftMm + (cell % columns + 0.5) * cellMm;
    }

    /** Middle of a cell, mm. */
    public double yMm(int cell) {
        return bottomMm + (cell / columns + 0.5) * cellMm;
    }

    /** How much of each cell an area covers, 0…255. */
    byte[] covered(Geometry area) {
        BufferedImage image = new BufferedImage(columns, rows, BufferedImage.TYPE_BYTE_GRAY);
        if (!area.isEmpty()) {
            Graphics2D graphics = image.createGraphics();
            graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
            graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
            graphics.scale(1 / cellMm, 1 / cellMm);
            graphics.translate(-leftMm, -bottomMm);
            graphics.setColor(Color.WHITE);
            graphics.fill(new ShapeWriter().toShape(area));
            graphics.dispose();
        }
        return ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    }

    /** Cells that an area covers at least half. */
    public boolean[] filled(Geometry area) {
        byte[] covered = covered(area);
        boolean[] filled = new boolean[covered.length];
        for (int i = 0; i < filled.length; i++) {
            filled[i] = (covered[i] & 0xFF) >= 128;
        }
        return filled;
    }
}
