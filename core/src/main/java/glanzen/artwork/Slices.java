package glanzen.artwork;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.locationtech.jts.awt.ShapeWriter;
import org.locationtech.jts.geom.Geometry;

/**
 * A design cut into slices across the feed: how much of each is raised, and where across the throat. The nip covers a
 * few millimetres of feed at once, so slices go by the mean width over them. Slices of like width are gathered into bands,
 * each sampled at three Gauss points of its own spread away from the throat's middle.
 */
final class Slices {

    private static final double SLICE_MM = 0.2;
    private static final int FEWEST = 60;
    private static final int MOST = 900;
    private static final double PX_PER_MM = 8;
    private static final int FEWEST_PX = 50;
    private static final int MOST_PX = 1200;
    /**
     * Where bands end, as shares of all raised ground from the narrowest slices on: finer where too much begins to show, and where
     * the last of it is to be covered. Finer ones move no share by a point: docs/benchmarks.md, accuracy.
     */
    private static final double[] ENDS = {0.04, 0.08, 0.12, 0.22, 0.34, 0.46, 0.58, 0.70, 0.82, 0.92, 1};

    private static final double ALIKE = 1.03;
    private static final double LEAST_MM = 0.05;
    private static final double FULL = 255;
    private static final double[] GAUSS = {0.1127016654, 0.5, 0.8872983346};
    private static final double[] GAUSS_WEIGHT = {5.0 / 18, 8.0 / 18, 5.0 / 18};

    private final int rows;
    private final int columns;
    private final double rowMm;
    private final double columnMm;
    private final double middleXMm;
    /** How much of each pixel is raised: thin strokes keep their width. */
    private final byte[] raised;

    private final byte[] patch;
    private final List<Patch> patches;
    private final double[] widthsMm;

    Slices(Geometry raised, double widthMm, double heightMm, double middleXMm, List<Patch> patches) {
        this.rows = (int) Math.max(FEWEST, Math.min(MOST, heightMm / SLICE_MM));
        this.columns = (int) Math.max(FEWEST_PX, Math.min(MOST_PX, widthMm * PX_PER_MM));
        this.rowMm = heightMm / rows;
        this.columnMm = widthMm / columns;
        this.middleXMm = middleXMm;
        this.patches = patches;
        this.raised = raster(raised, true);
        this.patch = new byte[this.raised.length];
        for (int n = 0; n < patches.size(); n++) {
            byte[] covered = raster(patches.get(n).area(), false);
            for (int i = 0; i < covered.length; i++) {
                patch[i] = covered[i] == 0 ? patch[i] : (byte) (n + 1);
            }
        }
        this.widthsMm = new double[rows];
        for (int i = 0; i < this.raised.length; i++) {
            widthsMm[i / columns] += share(i) * columnMm;
        }
    }

    private double share(int pixel) {
        return (raised[pixel] & 0xFF) / FULL;
    }

    /** Raster rows are slices. */
    private byte[] raster(Geometry area, boolean smooth) {
        BufferedImage image = new BufferedImage(columns, rows, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(
                RenderingHints.KEY_ANTIALIASING,
                smooth ? RenderingHints.VALUE_ANTIALIAS_ON : RenderingHints.VALUE_ANTIALIAS_OFF);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.scale(1 / columnMm, 1 / rowMm);
        graphics.setColor(Color.WHITE);
        graphics.fill(new ShapeWriter().toShape(area));
        graphics.dispose();
        return ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    }

    /** Mean raised width over all raised ground, mm. */
    double meanWidthMm() {
        double sum = 0;
        double square = 0;
        for (double width : widthsMm) {
            sum += width;
            square += width * width;
        }
        return sum == 0 ? 0 : square / sum;
    }

    /** Raised width at a place along the feed, mm. */
    double widthAtMm(double yMm) {
        return widthsMm[row(yMm)];
    }

    private int row(double yMm) {
        return (int) Math.max(0, Math.min(rows - 1, yMm / rowMm));
    }

    /** Mean raised width over a nip around a place along the feed, mm. */
    double widthAroundMm(double yMm, double contactMm) {
        double from = (yMm - contactMm / 2) / rowMm;
        double to = (yMm + contactMm / 2) / rowMm;
        double sum = 0;
        for (int i = (int) Math.max(0, Math.floor(from)); i < Math.min(rows, Math.ceil(to)); i++) {
            sum += widthsMm[i] * (Math.min(i + 1, to) - Math.max(i, from));
        }
        return sum / (to - from);
    }

    /** Bands of like width under a nip of a length, mm, narrowest first. */
    List<Band> bands(double contactMm) {
        double[] carried = new double[rows];
        for (int i = 0; i < rows; i++) {
            carried[i] = widthAroundMm((i + 0.5) * rowMm, contactMm);
        }
        int[] order = IntStream.range(0, rows)
                .filter(i -> widthsMm[i] > LEAST_MM)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> carried[i]))
                .mapToInt(i -> i)
                .toArray();
        double total = Arrays.stream(order).mapToDouble(i -> widthsMm[i]).sum();
        List<List<Integer>> groups = new ArrayList<>();
        double passed = 0;
        int band = -1;
        for (int slice : order) {
            int next = Math.max(0, band);
            while (next < ENDS.length - 1 && passed + widthsMm[slice] / 2 > ENDS[next] * total) {
                next++;
            }
            if (next != band) {
                groups.add(new ArrayList<>());
                band = next;
            }
            groups.get(groups.size() - 1).add(slice);
            passed += widthsMm[slice];
        }
        return merged(groups, carried).stream()
                .map(g -> new Band(
                        mean(g, carried),
                        g.stream().mapToDouble(i -> widthsMm[i]).sum() / total,
                        spots(g)))
                .toList();
    }

    private List<List<Integer>> merged(List<List<Integer>> groups, double[] carried) {
        List<List<Integer>> merged = new ArrayList<>();
        for (List<Integer> group : groups) {
            List<Integer> last = merged.isEmpty() ? null : merged.get(merged.size() - 1);
            if (last != null && mean(group, carried) < ALIKE * mean(last, carried)) {
                last.addAll(group);
            } else {
                merged.add(group);
            }
        }
        return merged;
    }

    /** Weighted by what is raised there. */
    private double mean(List<Integer> slices, double[] carried) {
        double sum = 0;
        double weight = 0;
        for (int i : slices) {
            sum += carried[i] * widthsMm[i];
            weight += widthsMm[i];
        }
        return sum / weight;
    }

    /** Without patches three spots; with them three for each thickness of patch, and for none. */
    private List<Band.Spot> spots(List<Integer> slices) {
        List<Band.Spot> spots = new ArrayList<>();
        double all = 0;
        for (int number = 0; number <= patches.size(); number++) {
            double[] byColumn = byColumn(slices, number);
            double there = Arrays.stream(byColumn).sum();
            all += there;
            double thickness = number == 0 ? 0 : patches.get(number - 1).thicknessMm();
            for (int g = 0; g < GAUSS.length && there > 0; g++) {
                spots.add(new Band.Spot(awayMm(byColumn, GAUSS[g] * there), GAUSS_WEIGHT[g] * there, thickness));
            }
        }
        double raisedThere = all;
        return spots.stream()
                .map(s -> new Band.Spot(s.awayMm(), s.share() / raisedThere, s.patchMm()))
                .toList();
    }

    /** Raised ground by its distance from the middle of the throat, in steps of a column. */
    private double[] byColumn(List<Integer> slices, int patchNumber) {
        double[] by = new double[columns + (int) Math.ceil(Math.abs(middleXMm) / columnMm) + 1];
        for (int slice : slices) {
            for (int x = 0; x < columns; x++) {
                int i = slice * columns + x;
                if (raised[i] != 0 && patch[i] == patchNumber) {
                    by[(int) (Math.abs((x + 0.5) * columnMm - middleXMm) / columnMm)] += share(i);
                }
            }
        }
        return by;
    }

    private double awayMm(double[] byColumn, double wanted) {
        double passed = 0;
        int i = 0;
        while (i < byColumn.length - 1 && passed + byColumn[i] < wanted) {
            passed += byColumn[i++];
        }
        return (i + 0.5) * columnMm;
    }
}
