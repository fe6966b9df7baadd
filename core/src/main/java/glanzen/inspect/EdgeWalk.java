package glanzen.inspect;

import glanzen.photograph.Grid;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/** Along the design's edge, how far foil reaches past it: straight out from each place of the edge until foil ends. */
final class EdgeWalk {

    private static final double FROM_MM = -0.12;
    private static final double TO_MM = 2.0;
    private static final float FOIL = 0.5f;
    private static final double HIGH = 0.90;
    private static final double GRAIN_MM = 0.75;
    /** From here on a second copy is told from what scatters. */
    private static final double SEEN_GHOST_MM = 0.12;
    /** Nearer than this to another edge, foil bridges. */
    private static final double BRIDGE_MM = 0.08;

    /** Walks: past the edge in mm, and how much of the edge's normal lies along the feed. */
    private final float[] past;

    private final float[] alongFeed;
    private final int walks;
    private final int bridged;
    private final int edges;
    private final double softMm;
    private final double perMm2;
    private final double pixelMm;

    private EdgeWalk(
            float[] past,
            float[] alongFeed,
            int walks,
            int bridged,
            int edges,
            double softMm,
            double perMm2,
            double pixelMm) {
        this.pixelMm = pixelMm;
        this.past = past;
        this.alongFeed = alongFeed;
        this.walks = walks;
        this.bridged = bridged;
        this.edges = edges;
        this.softMm = softMm;
        this.perMm2 = perMm2;
    }

    static EdgeWalk along(FoilMap map, DesignField design, boolean[] within) {
        Grid grid = map.grid;
        double pixel = 1 / grid.pxPerMm();
        float[] past = new float[grid.count() / 2 + 16];
        float[] feed = new float[past.length];
        int walks = 0;
        int bridged = 0;
        int edges = 0;
        double slopes = 0;
        long inside = 0;
        for (int i = 0; i < grid.count(); i++) {
            float signed = design.signedMm[i];
            inside += signed < 0 && within[i] ? 1 : 0;
            if (Math.abs(signed) >= 0.6 * pixel || !within[i]) {
                continue;
            }
            double x = grid.xMm(i % grid.width());
            double y = grid.yMm(i / grid.width());
            double nx = design.at(x + pixel, y) - design.at(x - pixel, y);
            double ny = design.at(x, y + pixel) - design.at(x, y - pixel);
            double length = Math.hypot(nx, ny);
            if (length < pixel) {
                continue;
            }
            edges++;
            Walk walk = walk(map, design, x - signed * nx / length, y - signed * ny / length, nx / length, ny / length);
            if (walk != null && walks < past.length) {
                past[walks] = (float) walk.pastMm;
                feed[walks++] = (float) Math.abs(ny / length);
                bridged += walk.bridged ? 1 : 0;
                slopes += walk.slope;
            }
        }
        double soft = walks == 0 ? 0 : walks / Math.max(1e-9, slopes);
        double perMm2 = inside == 0 ? 0 : edges * pixel / (inside * pixel * pixel);
        return new EdgeWalk(
                Arrays.copyOf(past, walks), Arrays.copyOf(feed, walks), walks, bridged, edges, soft, perMm2, pixel);
    }

    private record Walk(double pastMm, boolean bridged, double slope) {}

    private static @Nullable Walk walk(FoilMap map, DesignField design, double x, double y, double nx, double ny) {
        double step = 0.5 / map.grid.pxPerMm();
        float before = map.grid.at(map.share, x + FROM_MM * nx, y + FROM_MM * ny);
        if (before < FOIL) {
            return null;
        }
        for (double s = FROM_MM + step; s < TO_MM; s += step) {
            double u = x + s * nx;
            double v = y + s * ny;
            if (s > 0 && design.at(u, v) < s - BRIDGE_MM) {
                return new Walk(s, true, 0.5 / step);
            }
            float now = map.grid.at(map.share, u, v);
            if (now < FOIL) {
                double there = s - step * (FOIL - now) / Math.max(1e-6, before - now);
                return new Walk(there, false, slope(map, x + there * nx, y + there * ny, nx, ny));
            }
            before = now;
        }
        return new Walk(TO_MM, false, 0.5 / step);
    }

    /** How steeply foil ends, per mm. */
    private static double slope(FoilMap map, double x, double y, double nx, double ny) {
        double reach = 1.0 / map.grid.pxPerMm();
        return Math.max(
                0,
                (map.grid.at(map.share, x - reach * nx, y - reach * ny)
                                - map.grid.at(map.share, x + reach * nx, y + reach * ny))
                        / (2 * reach));
    }

    /** Length of edge to each square millimetre of design, 1/mm. */
    double perMm2() {
        return perMm2;
    }

    /** How wide the way from foil to bare looks, mm; blur and all. */
    double softMm() {
        return softMm;
    }

    double filled() {
        return edges == 0 ? 0 : (double) bridged / edges;
    }

    Figure pastMm(double strayMm) {
        return new Figure(trimmed(past), 0.01 + 0.1 * strayMm + 0.05 * softMm);
    }

    Figure spillMm(double strayMm) {
        if (walks == 0) {
            return new Figure(0, 1);
        }
        float[] sorted = past.clone();
        Arrays.sort(sorted);
        double there = Math.max(0, sorted[(int) (HIGH * (walks - 1))]);
        // Beside a second copy it is less sure which edge is whose.
        double half = secondMm(strayMm) / 2;
        return new Figure(there, 0.012 + 0.3 * strayMm + 0.02 * softMm + 0.3 * half);
    }

    /**
     * A second copy along the feed widens edges that lie across the feed, and not those along it; laid onto both copies the design lies
     * half-way between them.
     */
    Figure ghostMm(double strayMm) {
        float[] across = pick(0.87, 1.01);
        float[] along = pick(-0.01, 0.5);
        if (across.length < 20 || along.length < 20) {
            return new Figure(0, 0.3);
        }
        double scatter = 2 * Math.sqrt(varianceOfMean(across) + varianceOfMean(along));
        return new Figure(Math.max(0, 2 * (trimmed(across) - trimmed(along))), Math.hypot(0.03 + strayMm, scatter));
    }

    /** How far away a second copy lies that is surely there, mm; 0 where none is. */
    double secondMm(double strayMm) {
        Figure ghost = ghostMm(strayMm);
        return ghost.value() > Math.max(SEEN_GHOST_MM, 2 * ghost.give()) ? ghost.value() : 0;
    }

    /** Edges that lie within a grain of each other are eaten into together. */
    private double varianceOfMean(float[] values) {
        double mean = 0;
        double squares = 0;
        for (float v : values) {
            mean += v / values.length;
            squares += (double) v * v / values.length;
        }
        return Math.max(0, squares - mean * mean) / Math.max(1, values.length * pixelMm / GRAIN_MM);
    }

    private float[] pick(double from, double to) {
        float[] picked = new float[walks];
        int n = 0;
        for (int i = 0; i < walks; i++) {
            if (alongFeed[i] >= from && alongFeed[i] < to) {
                picked[n++] = past[i];
            }
        }
        return Arrays.copyOf(picked, n);
    }

    private static double trimmed(float[] values) {
        float[] sorted = values.clone();
        Arrays.sort(sorted);
        int from = sorted.length / 10;
        int to = sorted.length - from;
        double sum = 0;
        for (int i = from; i < to; i++) {
            sum += sorted[i];
        }
        return to <= from ? 0 : sum / (to - from);
    }
}
