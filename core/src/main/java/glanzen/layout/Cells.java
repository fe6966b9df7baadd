package glanzen.layout;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import org.locationtech.jts.awt.ShapeWriter;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/** An area as cells of a millimetre, each row a line of bits. */
final class Cells {

    /** Cells are drawn finer than they are, so that touching a corner of one is not missed. */
    private static final int FINE = 4;

    private final int width;
    private final int height;
    private final double leftMm;
    private final double bottomMm;
    private final long[][] rows;

    private Cells(Envelope box, boolean[] marked, int width, int height) {
        this.width = width;
        this.height = height;
        this.leftMm = Math.floor(box.getMinX());
        this.bottomMm = Math.floor(box.getMinY());
        this.rows = new long[height][(width + 63) / 64];
        for (int i = 0; i < marked.length; i++) {
            if (marked[i]) {
                rows[i / width][(i % width) >> 6] |= 1L << (i % width & 63);
            }
        }
    }

    /** Every cell that an area so much as touches. */
    static Cells touched(Geometry area) {
        return drawn(area, true);
    }

    /** Every cell that lies in an area altogether. */
    static Cells within(Geometry area) {
        return drawn(area, false);
    }

    private static Cells drawn(Geometry area, boolean touching) {
        Envelope box = area.getEnvelopeInternal();
        int width = (int) Math.ceil(box.getMaxX()) - (int) Math.floor(box.getMinX());
        int height = (int) Math.ceil(box.getMaxY()) - (int) Math.floor(box.getMinY());
        BufferedImage image = new BufferedImage(width * FINE, height * FINE, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D graphics = image.createGraphics();
        graphics.scale(FINE, FINE);
        graphics.translate(-Math.floor(box.getMinX()), -Math.floor(box.getMinY()));
        Shape shape = new ShapeWriter().toShape(area);
        graphics.setColor(Color.WHITE);
        graphics.fill(shape);
        // A line as wide as a drawn pixel's diagonal takes in, or leaves out, what the edge only grazes.
        graphics.setStroke(new BasicStroke(1.5f / FINE));
        graphics.setColor(touching ? Color.WHITE : Color.BLACK);
        graphics.draw(shape);
        graphics.dispose();
        byte[] fine = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        boolean[] marked = new boolean[width * height];
        for (int i = 0; i < marked.length; i++) {
            marked[i] = cell(fine, i % width, i / width, width * FINE, touching);
        }
        return new Cells(box, marked, width, height);
    }

    private static boolean cell(byte[] fine, int x, int y, int stride, boolean touching) {
        for (int i = 0; i < FINE * FINE; i++) {
            boolean set = fine[(y * FINE + i / FINE) * stride + x * FINE + i % FINE] != 0;
            if (set == touching) {
                return touching;
            }
        }
        return !touching;
    }

    double leftMm() {
        return leftMm;
    }

    double bottomMm() {
        return bottomMm;
    }

    /** The lowest, then leftmost place where all of another's cells lie on cells of this; empty if there is none. */
    int[] firstPlaceFor(Cells other) {
        for (int y = 0; y + other.height <= height; y++) {
            for (int x = 0; x + other.width <= width; x++) {
                if (holds(other, x, y)) {
                    return new int[] {x, y};
                }
            }
        }
        return new int[0];
    }

    private boolean holds(Cells other, int x, int y) {
        int words = x >> 6;
        int bits = x & 63;
        for (int row = 0; row < other.height; row++) {
            long[] mine = rows[y + row];
            long[] theirs = other.rows[row];
            for (int i = 0; i < theirs.length; i++) {
                long low = i + words < mine.length ? mine[i + words] >>> bits : 0;
                long high = bits > 0 && i + words + 1 < mine.length ? mine[i + words + 1] << (64 - bits) : 0;
                if ((theirs[i] & ~(low | high)) != 0) {
                    return false;
                }
            }
        }
        return true;
    }
}
