package glanzen.packing;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.awt.ShapeWriter;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/** An area as square cells, each row a line of bits. */
public final class Cells {

    /** Cells are drawn finer than they are, so that a corner that is only grazed is not missed. */
    private static final int FINE = 2;

    private static final byte ALL = (byte) 255;

    private final double cellMm;
    private final int width;
    private final int height;
    private final double leftMm;
    private final double bottomMm;
    private final long[][] rows;

    private Cells(Grid grid, boolean[] marked) {
        this.cellMm = grid.cellMm;
        this.width = grid.width;
        this.height = grid.height;
        this.leftMm = grid.left * grid.cellMm;
        this.bottomMm = grid.bottom * grid.cellMm;
        this.rows = new long[height][(width + 63) / 64];
        for (int i = 0; i < marked.length; i++) {
            if (marked[i]) {
                rows[i / width][(i % width) >> 6] |= 1L << (i % width & 63);
            }
        }
    }

    private Cells(Cells other) {
        this.cellMm = other.cellMm;
        this.width = other.width;
        this.height = other.height;
        this.leftMm = other.leftMm;
        this.bottomMm = other.bottomMm;
        this.rows = Stream.of(other.rows).map(long[]::clone).toArray(long[][]::new);
    }

    /** The cells that a box lies on. */
    private record Grid(double cellMm, int left, int bottom, int width, int height) {

        static Grid of(Geometry area, double cellMm) {
            Envelope box = area.getEnvelopeInternal();
            int left = (int) Math.floor(box.getMinX() / cellMm);
            int bottom = (int) Math.floor(box.getMinY() / cellMm);
            return new Grid(
                    cellMm,
                    left,
                    bottom,
                    (int) Math.ceil(box.getMaxX() / cellMm) - left,
                    (int) Math.ceil(box.getMaxY() / cellMm) - bottom);
        }

        /** How much of each fine pixel is covered, 0…255. */
        byte[] drawn(List<Geometry> areas) {
            BufferedImage image = new BufferedImage(width * FINE, height * FINE, BufferedImage.TYPE_BYTE_GRAY);
            Graphics2D graphics = image.createGraphics();
            graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
            graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
            graphics.scale(FINE / cellMm, FINE / cellMm);
            graphics.translate(-left * cellMm, -bottom * cellMm);
            graphics.setColor(Color.WHITE);
            areas.forEach(area -> graphics.fill(new ShapeWriter().toShape(area)));
            graphics.dispose();
            return ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        }
    }

    /**
     * Every cell that an area so much as touches.
     *
     * @param cellMm side of a cell, mm
     */
    public static Cells touched(Geometry area, double cellMm) {
        Grid grid = Grid.of(area, cellMm);
        byte[] covered = grid.drawn(List.of(area));
        boolean[] marked = new boolean[grid.width * grid.height];
        for (int i = 0; i < marked.length; i++) {
            marked[i] = !every(covered, i, grid.width, (byte) 0);
        }
        return new Cells(grid, marked);
    }

    /**
     * Every cell that lies in an area altogether and touches none of the holes.
     *
     * @param cellMm side of a cell, mm
     */
    public static Cells within(Geometry area, List<Geometry> holes, double cellMm) {
        Grid grid = Grid.of(area, cellMm);
        byte[] covered = grid.drawn(List.of(area));
        byte[] spent = grid.drawn(holes);
        boolean[] marked = new boolean[grid.width * grid.height];
        for (int i = 0; i < marked.length; i++) {
            marked[i] = every(covered, i, grid.width, ALL) && every(spent, i, grid.width, (byte) 0);
        }
        return new Cells(grid, marked);
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

    /** The same, to be taken from. */
    public Cells copy() {
        return new Cells(this);
    }

    /** Takes another's cells away at a place that holds them. */
    void take(Cells other, int[] place) {
        int words = place[0] >> 6;
        int bits = place[0] & 63;
        for (int row = 0; row < other.height; row++) {
            long[] mine = rows[place[1] + row];
            long[] theirs = other.rows[row];
            for (int i = 0; i < theirs.length; i++) {
                if (i + words < mine.length) {
                    mine[i + words] &= ~(theirs[i] << bits);
                }
                if (bits > 0 && i + words + 1 < mine.length) {
                    mine[i + words + 1] &= ~(theirs[i] >>> (64 - bits));
                }
            }
        }
    }

    /** Whether both are the same shape. */
    boolean same(Cells other) {
        return width == other.width && height == other.height && Arrays.deepEquals(rows, other.rows);
    }

    int height() {
        return height;
    }

    /** How many there are. */
    public int count() {
        int count = 0;
        for (long[] row : rows) {
            for (long bits : row) {
                count += Long.bitCount(bits);
            }
        }
        return count;
    }

    /**
     * How many cells lie on another's, moved to the nearest cell.
     *
     * @param other of cells as large
     * @param rightMm how far the other is moved to the right, mm
     * @param upMm how far it is moved up, mm
     */
    public int common(Cells other, double rightMm, double upMm) {
        int right = (int) Math.round((other.leftMm + rightMm - leftMm) / cellMm);
        int up = (int) Math.round((other.bottomMm + upMm - bottomMm) / cellMm);
        int words = Math.floorDiv(-right, 64);
        int bits = Math.floorMod(-right, 64);
        int common = 0;
        for (int y = Math.max(0, up); y < Math.min(height, up + other.height); y++) {
            for (int i = 0; i < rows[y].length; i++) {
                common += Long.bitCount(rows[y][i] & word(other.rows[y - up], i + words, bits));
            }
        }
        return common;
    }

    /** The 64 cells of a row that begin so many bits into a word; none are marked beyond its ends. */
    private static long word(long[] row, int word, int bits) {
        long low = word >= 0 && word < row.length ? row[word] >>> bits : 0;
        long high = bits > 0 && word + 1 >= 0 && word + 1 < row.length ? row[word + 1] << 64 - bits : 0;
        return low | high;
    }

    /** Its left edge, mm. */
    public double leftMm() {
        return leftMm;
    }

    /** Its lower edge, mm. */
    public double bottomMm() {
        return bottomMm;
    }

    /** The lowest, then leftmost place, in cells, where all of another's cells lie on cells of this; empty if there is none. */
    public int[] firstPlaceFor(Cells other) {
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
                if ((theirs[i] & ~word(mine, i + words, bits)) != 0) {
                    return false;
                }
            }
        }
        return true;
    }
}
