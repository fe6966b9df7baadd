package glanzen.leftover;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.List;
import org.locationtech.jts.awt.ShapeWriter;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/** An area as cells of a millimetre, each row a line of bits. */
final class Cells {

    /** Cells are drawn finer than they are, so that a corner that is only grazed is not missed. */
    private static final int FINE = 2;

    private static final byte ALL = (byte) 255;

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
        Envelope box = area.getEnvelopeInternal();
        byte[] covered = drawn(box, List.of(area));
        boolean[] marked = new boolean[width(box) * height(box)];
        for (int i = 0; i < marked.length; i++) {
            marked[i] = !every(covered, i, width(box), (byte) 0);
        }
        return new Cells(box, marked, width(box), height(box));
    }

    /** Every cell that lies in an area altogether and touches none of the holes. */
    static Cells within(Geometry area, List<Geometry> holes) {
        Envelope box = area.getEnvelopeInternal();
        byte[] covered = drawn(box, List.of(area));
        byte[] spent = drawn(box, holes);
        boolean[] marked = new boolean[width(box) * height(box)];
        for (int i = 0; i < marked.length; i++) {
            marked[i] = every(covered, i, width(box), ALL) && every(spent, i, width(box), (byte) 0);
        }
        return new Cells(box, marked, width(box), height(box));
    }

    private static int width(Envelope box) {
        return (int) Math.ceil(box.getMaxX()) - (int) Math.floor(box.getMinX());
    }

    private static int height(Envelope box) {
        return (int) Math.ceil(box.getMaxY()) - (int) Math.floor(box.getMinY());
    }

    /** How much of each fine pixel is covered, 0…255. */
    private static byte[] drawn(Envelope box, List<Geometry> areas) {
        BufferedImage image = new BufferedImage(width(box) * FINE, height(box) * FINE, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.scale(FINE, FINE);
        graphics.translate(-Math.floor(box.getMinX()), -Math.floor(box.getMinY()));
        graphics.setColor(Color.WHITE);
        areas.forEach(area -> graphics.fill(new ShapeWriter().toShape(area)));
        graphics.dispose();
        return ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    }

    private static boolean every(byte[] fine, int cell, int columns, byte wanted) {
        int x = cell % columns * FINE;
        int y = cell / columns * FINE;
        for (int i = 0; i < FINE * FINE; i++) {
            if (fine[(y + i / FINE) * columns * FINE + x + i % FINE] != wanted) {
                return false;
            }
        }
        return true;
    }

    /** How many there are: mm². */
    int count() {
        int count = 0;
        for (long[] row : rows) {
            for (long bits : row) {
                count += Long.bitCount(bits);
            }
        }
        return count;
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
