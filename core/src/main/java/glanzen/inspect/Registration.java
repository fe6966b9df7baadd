package glanzen.inspect;

import glanzen.photograph.Bend;
import glanzen.photograph.Placing;
import java.util.Arrays;
import org.apache.commons.math3.linear.Array2DRowRealMatrix;
import org.apache.commons.math3.linear.ArrayRealVector;
import org.apache.commons.math3.linear.CholeskyDecomposition;

/**
 * Lays a map of foil onto the design to a fraction of a pixel: Gauss and Newton's steps on eight figures of a homography, on how
 * the sheet is bent, on how far foil goes past the edge all round, and how much further along the feed where a second copy lies there; both would else be taken for
 * size. The edge is looked at ever more sharply. What is
 * known beforehand holds the figures back.
 */
final class Registration {

    private static final int FIRST_OF_BEND = 10;
    private static final int FIGURES = FIRST_OF_BEND + Bend.FIGURES;
    private static final double[] SOFT_MM = {0.8, 0.35, 0.15, 0.08};
    private static final int STEPS = 7;
    private static final int MOST_POINTS = 24_000;
    /** What one point of the map may be off by; neighbours are off together. */
    private static final double POINT_STRAY = 0.9;
    /** How far a second copy may lie off the middle between the two, mm. */
    private static final double SECOND_MM = 0.2;

    /** How far a bend moves what lies furthest out: where the sides of the sheet are straight, and where none are seen, mm. */
    private static final double LEAST_BEND_MM = 0.02;

    private static final double UNSEEN_BEND_MM = 0.08;
    /** A bend of the sheet is about half as large on the design as along the sides. */
    private static final double BEND_PER_BOW = 0.5;

    /** How far figures stray from none: shift in mm, stretch and shear, tilt per mm, past the edge and by a bend in mm. */
    record Known(double shiftMm, double turn, double stretch, double tilt, double pastMm, double bendMm) {
        /** The sheet's corners were found. */
        static final Known SHEET = new Known(3, 0.03, 0.0015, 2e-6, 0.4, LEAST_BEND_MM);
        /** Nothing but the design itself. */
        static final Known NOTHING = new Known(5, 0.1, 0.08, 8e-4, 0.15, UNSEEN_BEND_MM);
        /** The outline of what is cut out, or two ends of the design, say about how it lies. */
        static final Known OUTLINE = new Known(5, 0.1, 0.05, 4e-4, 0.15, UNSEEN_BEND_MM);
        /** The corners were set by a person. */
        static final Known BY_HAND = new Known(3, 0.03, 0.012, 4e-5, 0.15, UNSEEN_BEND_MM);

        /** The same of a sheet whose sides bow. */
        Known bowed(double bowMm) {
            return new Known(shiftMm, turn, stretch, tilt, pastMm, Math.hypot(bendMm, BEND_PER_BOW * bowMm));
        }
    }

    private final FoilMap map;
    private final DesignField design;
    private final double cx;
    private final double cy;
    private final double halfMm;
    private final double[] p = new double[FIGURES];

    Registration(FoilMap map, DesignField design, double middleX, double middleY) {
        this.map = map;
        this.design = design;
        this.cx = middleX;
        this.cy = middleY;
        this.halfMm = Math.max(design.grid.width(), design.grid.height()) / design.grid.pxPerMm() / 2;
    }

    /** From the design's millimetres to those of the map. */
    Placing toFrame() {
        // The figures lead from the map to the design.
        Placing about = Placing.of(1, 0, cx, 0, 1, cy, 0, 0, 1);
        Placing warp = Placing.of(1 + p[2], p[3], p[0], p[4], 1 + p[5], p[1], p[6], p[7], 1);
        Placing back = Placing.of(1, 0, -cx, 0, 1, -cy, 0, 0, 1);
        return about.after(warp).after(back).inverse();
    }

    /** How the sheet is bent, in the frame of the design. */
    Bend bend() {
        return new Bend(cx, cy, halfMm, Arrays.copyOfRange(p, FIRST_OF_BEND, FIGURES));
    }

    Registration run(Known known, double sharpestMm) {
        double[] stiff = stiffness(known);
        for (double soft : SOFT_MM) {
            for (int step = 0; step < STEPS; step++) {
                if (move(Math.max(soft, sharpestMm), stiff) < 0.002) {
                    break;
                }
            }
        }
        return this;
    }

    private static double[] stiffness(Known k) {
        double[] sigma = new double[FIGURES];
        Arrays.fill(sigma, k.bendMm);
        double[] flat = {k.shiftMm, k.shiftMm, k.stretch, k.turn, k.turn, k.stretch, k.tilt, k.tilt, k.pastMm, SECOND_MM
        };
        System.arraycopy(flat, 0, sigma, 0, flat.length);
        return Arrays.stream(sigma).map(s -> 1 / (s * s)).toArray();
    }

    /** One step; how far it moved the design at most, mm. */
    private double move(double soft, double[] stiff) {
        double[][] normal = new double[FIGURES][FIGURES];
        double[] right = new double[FIGURES];
        int stride = (int) Math.max(1, Math.sqrt((double) map.grid.count() / (MOST_POINTS * 3)));
        double[] j = new double[FIGURES];
        double probe = 0.7 / design.grid.pxPerMm();
        boolean sharp = soft < 0.2;
        Bend bend = bend();
        for (int block = 0; block < map.grid.height(); block += stride) {
            for (int from = 0; from < map.grid.width(); from += stride) {
                // One pixel of each block, here and there: along straight edges even steps would all meet the same part
                // of a pixel.
                int here = (from * 7919 ^ block * 104729) >>> 3;
                int row = Math.min(map.grid.height() - 1, block + here % stride);
                int column = Math.min(map.grid.width() - 1, from + here / stride % stride);
                double u = map.grid.xMm(column) - cx;
                double v = map.grid.yMm(row) - cy;
                double w = 1 + p[6] * u + p[7] * v;
                double x = (p[0] + (1 + p[2]) * u + p[3] * v) / w + bend.right(u, v);
                double y = (p[1] + p[4] * u + (1 + p[5]) * v) / w + bend.up(u, v);
                double signed = design.at(cx + x, cy + y);
                if (Math.abs(p[8] - signed) > 2.5 * soft + Math.abs(p[9])) {
                    continue;
                }
                double gx = (design.at(cx + x + probe, cy + y) - design.at(cx + x - probe, cy + y)) / (2 * probe);
                double gy = (design.at(cx + x, cy + y + probe) - design.at(cx + x, cy + y - probe)) / (2 * probe);
                double along = Math.abs(gy) / Math.max(0.1, Math.hypot(gx, gy));
                double z = (p[8] + p[9] * along - signed) / soft;
                double bent = Math.tanh(z);
                double off = map.share[row * map.grid.width() + column] - (0.5 + 0.5 * bent);
                double weight = sharp ? Math.max(0, 1 - off * off / 0.5) : 1;
                double slope = 0.5 * (1 - bent * bent) / soft;
                fill(j, slope, gx, gy, u, v, x, y);
                j[9] = slope * along;
                bend.slopes(u, v, -slope * gx, -slope * gy, j, FIRST_OF_BEND);
                for (int a = 0; a < FIGURES; a++) {
                    right[a] += weight * j[a] * off;
                    for (int b = 0; b <= a; b++) {
                        normal[a][b] += weight * j[a] * j[b];
                    }
                }
            }
        }
        return solve(normal, right, stiff, stride);
    }

    private static void fill(double[] j, double slope, double gx, double gy, double u, double v, double x, double y) {
        j[0] = -slope * gx;
        j[1] = -slope * gy;
        j[2] = -slope * gx * u;
        j[3] = -slope * gx * v;
        j[4] = -slope * gy * u;
        j[5] = -slope * gy * v;
        j[6] = slope * (gx * x + gy * y) * u;
        j[7] = slope * (gx * x + gy * y) * v;
        j[8] = slope;
    }

    private double solve(double[][] normal, double[] right, double[] stiff, int stride) {
        // Points within a tenth of a millimetre say the same.
        double each = Math.min(1, Math.pow(stride / map.grid.pxPerMm() / 0.1, 2)) / (POINT_STRAY * POINT_STRAY);
        for (int a = 0; a < FIGURES; a++) {
            right[a] = right[a] * each - stiff[a] * p[a];
            for (int b = 0; b <= a; b++) {
                normal[a][b] *= each;
                normal[b][a] = normal[a][b];
            }
            normal[a][a] += stiff[a];
        }
        // Turning and stretching go together: both are one turn where nothing else is known.
        double together = stiff[2] * 4;
        double turned = p[3] + p[4];
        normal[3][3] += together;
        normal[4][4] += together;
        normal[3][4] += together;
        normal[4][3] += together;
        right[3] -= together * turned;
        right[4] -= together * turned;
        // A sheet does not stretch one way only; a second copy along the feed would look like it.
        double alike = stiff[2] * 25;
        double differs = p[2] - p[5];
        normal[2][2] += alike;
        normal[5][5] += alike;
        normal[2][5] -= alike;
        normal[5][2] -= alike;
        right[2] -= alike * differs;
        right[5] += alike * differs;
        double[] step = new CholeskyDecomposition(new Array2DRowRealMatrix(normal, false), 1e-6, 1e-18)
                .getSolver()
                .solve(new ArrayRealVector(right, false))
                .toArray();
        double span = design.grid.width() / design.grid.pxPerMm() / 2;
        double moved = 0;
        for (int a = 0; a < FIGURES; a++) {
            p[a] += step[a];
            // A second copy adds; it never takes away.
            p[a] = a == 9 ? Math.max(0, p[a]) : p[a];
            double lever = a < 2 || a >= 8 ? 1 : a < 6 ? span : span * span;
            moved = Math.max(moved, Math.abs(step[a]) * lever);
        }
        return moved;
    }
}
