package glanzen.photograph;

import boofcv.alg.filter.binary.GThresholdImageOps;
import boofcv.struct.image.GrayF32;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Finds the four corners of a sheet on a bench: whatever stands out from the rim of the picture as one large patch with four straight
 * sides. The sides are then fitted to the picture as it is.
 */
public final class SheetFinder {

    private static final int SMALL_SIDE = 640;
    private static final int LEVELS = 255;
    private static final double LEAST_AREA = 0.06;
    /** Of its hull a sheet fills at least so much with four corners. */
    private static final double FOUR_SIDED = 0.93;

    private final Photograph photograph;
    private final double shrunk;
    private final int width;
    private final int height;
    /** Square root of the light, red to blue: even to the eye. */
    private final float[][] seen = new float[3][];

    /** @param photograph what is looked through, made small first */
    public SheetFinder(Photograph photograph) {
        this.photograph = photograph;
        this.shrunk = Math.max(1, Math.max(photograph.width(), photograph.height()) / (double) SMALL_SIDE);
        this.width = (int) (photograph.width() / shrunk);
        this.height = (int) (photograph.height() / shrunk);
        shrink();
    }

    private void shrink() {
        for (int c = 0; c < 3; c++) {
            seen[c] = new float[width * height];
        }
        int n = (int) Math.max(1, Math.min(3, Math.round(shrunk)));
        float[] sum = new float[3];
        for (int i = 0; i < width * height; i++) {
            Arrays.fill(sum, 0);
            for (int k = 0; k < n * n; k++) {
                photograph.add((i % width + (k % n + 0.5) / n) * shrunk, (i / width + (k / n + 0.5) / n) * shrunk, sum);
            }
            for (int c = 0; c < 3; c++) {
                seen[c][i] = (float) Math.sqrt(sum[c] / (n * n));
            }
        }
    }

    /** The quadrilaterals that may be the sheet, likeliest first: eight numbers each, anticlockwise as seen with y up, px. */
    public List<double[]> find() {
        List<Quad> found = new ArrayList<>();
        patches().forEach(patch -> quad(patch, found));
        found.sort((a, b) -> Double.compare(b.worth, a.worth));
        List<double[]> distinct = new ArrayList<>();
        for (Quad quad : found) {
            if (distinct.size() < 3 && distinct.stream().allMatch(d -> apart(d, quad.px) > 6 * shrunk)) {
                distinct.add(quad.px);
            }
        }
        return distinct.stream()
                .map(q -> new SheetEdges(photograph, q).refined())
                .toList();
    }

    /** The hulls of what stands out from the rim and does not reach it, largest first; px. */
    public List<Geometry> outlines() {
        AffineTransformation grown = AffineTransformation.scaleInstance(shrunk, shrunk);
        List<Geometry> distinct = new ArrayList<>();
        patches().stream()
                .filter(patch -> patch.rim == 0)
                .map(patch -> grown.transform(patch.hull))
                .sorted(Comparator.comparingDouble(Geometry::getArea).reversed())
                .forEach(hull -> {
                    boolean other = distinct.stream().noneMatch(d -> Math.abs(d.getArea() / hull.getArea() - 1) < 0.03);
                    if (other && distinct.size() < 3) {
                        distinct.add(hull);
                    }
                });
        return distinct;
    }

    /**
     * A patch that stands out.
     *
     * @param hull around it, px of the small picture
     * @param filled share of the hull that it fills
     * @param rim how much of it lies on the rim of the picture, px
     */
    private record Patch(Geometry hull, double filled, int rim) {}

    private List<Patch> patches() {
        List<Patch> found = new ArrayList<>();
        for (float[] channel : channels()) {
            GrayF32 image = new GrayF32(width, height);
            for (int i = 0; i < channel.length; i++) {
                image.data[i] = LEVELS * channel[i];
            }
            double cut = GThresholdImageOps.computeOtsu(image, 0, LEVELS) / LEVELS;
            patches(channel, cut, true, found);
            patches(channel, cut, false, found);
        }
        return found;
    }

    private record Quad(double[] px, double worth) {}

    private static double apart(double[] a, double[] b) {
        double most = 0;
        for (int i = 0; i < a.length; i++) {
            most = Math.max(most, Math.abs(a[i] - b[i]));
        }
        return most;
    }

    /** Ways in which a sheet may stand out: from the colour of the rim, by lightness, by colour alone. */
    private List<float[]> channels() {
        float[] rim = rim();
        float[] unlike = new float[width * height];
        float[] light = new float[width * height];
        float[] colour = new float[width * height];
        for (int i = 0; i < unlike.length; i++) {
            double sum = 0;
            for (int c = 0; c < 3; c++) {
                sum += (seen[c][i] - rim[c]) * (seen[c][i] - rim[c]);
            }
            unlike[i] = (float) Math.min(1, Math.sqrt(sum));
            light[i] = Math.min(1, (seen[0][i] + seen[1][i] + seen[2][i]) / 3);
            float most = Math.max(seen[0][i], Math.max(seen[1][i], seen[2][i]));
            float least = Math.min(seen[0][i], Math.min(seen[1][i], seen[2][i]));
            colour[i] = Math.min(1, 2 * (most - least) / Math.max(0.05f, most));
        }
        return List.of(unlike, light, colour);
    }

    private float[] rim() {
        float[] rim = new float[3];
        int band = Math.max(2, Math.min(width, height) / 40);
        for (int c = 0; c < 3; c++) {
            List<Float> values = new ArrayList<>();
            for (int i = 0; i < width * height; i++) {
                int x = i % width;
                int y = i / width;
                if (x < band || y < band || x >= width - band || y >= height - band) {
                    values.add(seen[c][i]);
                }
            }
            values.sort(null);
            rim[c] = values.get(values.size() / 2);
        }
        return rim;
    }

    private void patches(float[] channel, double cut, boolean above, List<Patch> found) {
        boolean[] marked = new boolean[channel.length];
        for (int i = 0; i < marked.length; i++) {
            marked[i] = channel[i] > cut == above;
        }
        for (int[] region : Regions.of(marked, width)) {
            if (region.length > LEAST_AREA * marked.length / 2) {
                Patch patch = patch(region);
                if (patch.hull.getNumPoints() >= 5 && patch.hull.getArea() >= LEAST_AREA * width * height) {
                    found.add(patch);
                }
            }
        }
    }

    private Patch patch(int[] region) {
        // Of each row only its two ends can be corners.
        Coordinate[] ends = new Coordinate[2 * height];
        int rim = 0;
        for (int at : region) {
            int x = at % width;
            int y = at / width;
            if (ends[2 * y] == null) {
                ends[2 * y] = new Coordinate(x + 0.5, y + 0.5);
                ends[2 * y + 1] = new Coordinate(x + 0.5, y + 0.5);
            }
            ends[2 * y].x = Math.min(ends[2 * y].x, x + 0.5);
            ends[2 * y + 1].x = Math.max(ends[2 * y + 1].x, x + 0.5);
            rim += x == 0 || y == 0 || x == width - 1 || y == height - 1 ? 1 : 0;
        }
        Coordinate[] points = Arrays.stream(ends).filter(Objects::nonNull).toArray(Coordinate[]::new);
        Geometry hull = new ConvexHull(points, new GeometryFactory()).getConvexHull();
        return new Patch(hull, region.length / Math.max(1, hull.getArea()), rim);
    }

    private void quad(Patch patch, List<Quad> found) {
        List<Coordinate> corners = fourOf(patch.hull.getCoordinates());
        double area = area(corners);
        if (area < FOUR_SIDED * patch.hull.getArea()) {
            return;
        }
        double worth =
                area / patch.hull.getArea() * Math.min(1, 0.6 + patch.filled) - 2.0 * patch.rim / (width + height);
        double[] px = new double[8];
        for (int i = 0; i < 4; i++) {
            px[2 * i] = corners.get(i).x * shrunk;
            px[2 * i + 1] = corners.get(i).y * shrunk;
        }
        found.add(new Quad(px, worth));
    }

    /** Takes out of a hull, one by one, the corner that gives away least area, until four are left. */
    private static List<Coordinate> fourOf(Coordinate[] ring) {
        List<Coordinate> left = new ArrayList<>(Arrays.asList(ring).subList(0, ring.length - 1));
        while (left.size() > 4) {
            int least = 0;
            double smallest = Double.MAX_VALUE;
            for (int i = 0; i < left.size(); i++) {
                Coordinate a = left.get((i + left.size() - 1) % left.size());
                Coordinate b = left.get(i);
                Coordinate c = left.get((i + 1) % left.size());
                double given = Math.abs((b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x));
                if (given < smallest) {
                    smallest = given;
                    least = i;
                }
            }
            left.remove(least);
        }
        // Hulls of JTS run clockwise with y up, which is anticlockwise with y down.
        return left;
    }

    private static double area(List<Coordinate> ring) {
        double sum = 0;
        for (int i = 0; i < ring.size(); i++) {
            Coordinate a = ring.get(i);
            Coordinate b = ring.get((i + 1) % ring.size());
            sum += a.x * b.y - a.y * b.x;
        }
        return Math.abs(sum) / 2;
    }
}
