package glanzen.artwork;

import java.awt.Color;
import java.awt.Graphics2D;
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
 * A design cut into slices across the feed: how much of each is raised, and where across the throat. Slices of like
 * width are gathered into bands, each sampled at three Gauss points of its own spread away from the throat's middle.
 */
final class Slices {

    private static final int COUNT = 240;
    private static final int BANDS = 5;
    private static final double ALIKE = 1.05;
    private static final double LEAST_MM = 0.05;
    private static final double[] GAUSS = {0.1127016654, 0.5, 0.8872983346};
    private static final double[] GAUSS_WEIGHT = {5.0 / 18, 8.0 / 18, 5.0 / 18};

    private final int columns;
    private final double columnMm;
    private final double heightMm;
    private final double middleXMm;
    private final byte[] raised;
    private final byte[] patch;
    private final List<Patch> patches;
    private final double[] widthsMm = new double[COUNT];

    Slices(Geometry raised, double widthMm, double heightMm, double middleXMm, List<Patch> patches) {
        this.columns = (int) Math.max(50, Math.min(1200, widthMm * 8));
        this.columnMm = widthMm / columns;
        this.heightMm = heightMm;
        this.middleXMm = middleXMm;
        this.patches = patches;
        this.raised = raster(List.of(raised));
        this.patch = raster(patches.stream().map(Patch::area).toList());
        for (int i = 0; i < this.raised.length; i++) {
            widthsMm[i / columns] += this.raised[i] == 0 ? 0 : columnMm;
        }
    }

    /** Pixels numbered by the area they lie in, from 1; raster rows are slices. */
    private byte[] raster(List<Geometry> areas) {
        BufferedImage image = new BufferedImage(columns, COUNT, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D graphics = image.createGraphics();
        graphics.scale(1 / columnMm, COUNT / heightMm);
        byte[] pixels = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        byte[] numbered = new byte[pixels.length];
        graphics.setColor(Color.WHITE);
        for (int n = 0; n < areas.size(); n++) {
            Arrays.fill(pixels, (byte) 0);
            graphics.fill(new ShapeWriter().toShape(areas.get(n)));
            for (int i = 0; i < pixels.length; i++) {
                numbered[i] = pixels[i] == 0 ? numbered[i] : (byte) (n + 1);
            }
        }
        graphics.dispose();
        return numbered;
    }

    /** Raised width at a place along the feed, mm. */
    double widthAtMm(double yMm) {
        int slice = (int) (yMm / heightMm * COUNT);
        return widthsMm[Math.max(0, Math.min(COUNT - 1, slice))];
    }

    /** At most five bands, narrowest first. */
    List<Band> bands() {
        int[] order = IntStream.range(0, COUNT)
                .filter(i -> widthsMm[i] > LEAST_MM)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> widthsMm[i]))
                .mapToInt(i -> i)
                .toArray();
        List<List<Integer>> groups = new ArrayList<>();
        for (int band = 0; band < BANDS; band++) {
            List<Integer> group = new ArrayList<>();
            for (int i = order.length * band / BANDS; i < order.length * (band + 1) / BANDS; i++) {
                group.add(order[i]);
            }
            boolean alike =
                    !groups.isEmpty() && !group.isEmpty() && mean(group) < ALIKE * mean(groups.get(groups.size() - 1));
            if (alike) {
                groups.get(groups.size() - 1).addAll(group);
            } else if (!group.isEmpty()) {
                groups.add(group);
            }
        }
        double total = Arrays.stream(order).mapToDouble(i -> widthsMm[i]).sum();
        return groups.stream()
                .map(g -> new Band(mean(g), mean(g) * g.size() / total, spots(g)))
                .toList();
    }

    private double mean(List<Integer> slices) {
        return slices.stream().mapToDouble(i -> widthsMm[i]).average().orElse(0);
    }

    /** Without patches three spots; with them three for each thickness of patch, and for none. */
    private List<Band.Spot> spots(List<Integer> slices) {
        List<Band.Spot> spots = new ArrayList<>();
        double all = 0;
        for (int number = 0; number <= patches.size(); number++) {
            double[] away = away(slices, number);
            all += away.length;
            for (int g = 0; g < GAUSS.length && away.length > 0; g++) {
                double at = away[Math.min(away.length - 1, (int) (GAUSS[g] * away.length))];
                double thickness = number == 0 ? 0 : patches.get(number - 1).thicknessMm();
                spots.add(new Band.Spot(at, GAUSS_WEIGHT[g] * away.length, thickness));
            }
        }
        double pixels = all;
        return spots.stream()
                .map(s -> new Band.Spot(s.awayMm(), s.share() / pixels, s.patchMm()))
                .toList();
    }

    private double[] away(List<Integer> slices, int patchNumber) {
        double[] away = new double[slices.size() * columns];
        int n = 0;
        for (int slice : slices) {
            for (int x = 0; x < columns; x++) {
                int i = slice * columns + x;
                if (raised[i] != 0 && patch[i] == patchNumber) {
                    away[n++] = Math.abs((x + 0.5) * columnMm - middleXMm);
                }
            }
        }
        double[] found = Arrays.copyOf(away, n);
        Arrays.sort(found);
        return found;
    }
}
