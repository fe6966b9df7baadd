package glanzen.photograph;

import java.util.Arrays;

/**
 * The sides of a sheet to a fraction of a pixel: across each side, at many stations, where the light changes most; a straight line
 * through them that does not mind the few that are off.
 */
public final class SheetEdges {

    private static final int STATIONS = 160;
    private static final int ROUNDS = 3;
    /** Looked for so far to either side, as a share of the sheet. */
    private static final double REACH = 0.018;

    /** Less of a step than this is the lamp's doing; square roots of light, three colours together. */
    private static final double LEAST_STEP = 0.05;

    /** A side may bow by so much of its length. */
    private static final double BOW_REACH = 1.0 / 60;

    private final Photograph photograph;
    private final double[] corners;

    /** @param corners about where they are, x and y by turns, anticlockwise as seen with y up, px */
    public SheetEdges(Photograph photograph, double[] corners) {
        this.photograph = photograph;
        this.corners = corners.clone();
    }

    /** The corners where the sides meet, in the order they were given in; px. */
    public double[] refined() {
        double[] now = corners;
        double reach = REACH * size(corners);
        for (int round = 0; round < ROUNDS; round++) {
            double[][] lines = new double[4][];
            for (int side = 0; side < 4; side++) {
                lines[side] = new Side(now, side).line(Math.max(2.5, reach));
            }
            double[] next = new double[8];
            for (int i = 0; i < 4; i++) {
                double[] corner = meet(lines[(i + 3) % 4], lines[i]);
                next[2 * i] = corner[0];
                next[2 * i + 1] = corner[1];
            }
            if (!near(next, now, 3 * reach + 3)) {
                return now;
            }
            now = next;
            reach /= 2.5;
        }
        return now;
    }

    /** Whether something ends at most of the sides: else they run over even ground, and no sheet is seen. */
    public boolean seen() {
        int seen = 0;
        for (int side = 0; side < 4; side++) {
            seen += step(side) > LEAST_STEP ? 1 : 0;
        }
        return seen >= 3;
    }

    /** How much the light differs from just inside a side to just outside it, in the mean along it. */
    private double step(int side) {
        double fromX = corners[2 * side];
        double fromY = corners[2 * side + 1];
        double alongX = corners[(2 * side + 2) % 8] - fromX;
        double alongY = corners[(2 * side + 3) % 8] - fromY;
        double length = Math.hypot(alongX, alongY);
        double off = Math.max(3, length / 80);
        double[] step = new double[3];
        for (int k = 0; k < STATIONS; k++) {
            double at = at(k);
            for (int way = -1; way <= 1; way += 2) {
                float[] sum = new float[3];
                photograph.add(
                        fromX + at * alongX + way * off * alongY / length,
                        fromY + at * alongY - way * off * alongX / length,
                        sum);
                for (int c = 0; c < 3; c++) {
                    step[c] += way * Math.sqrt(sum[c]) / STATIONS;
                }
            }
        }
        return Math.abs(step[0]) + Math.abs(step[1]) + Math.abs(step[2]);
    }

    private static double size(double[] c) {
        return Math.min(Math.hypot(c[2] - c[0], c[3] - c[1]), Math.hypot(c[4] - c[2], c[5] - c[3]));
    }

    private static boolean near(double[] a, double[] b, double most) {
        for (int i = 0; i < a.length; i++) {
            if (!(Math.abs(a[i] - b[i]) < most)) {
                return false;
            }
        }
        return true;
    }

    /** How far the middle sixth of a side lies off the straight line between its end sixths, where that is furthest, px. */
    public double bowPx() {
        double most = 0;
        for (int side = 0; side < 4; side++) {
            double[] off = new Side(corners, side).offsets(BOW_REACH * size(corners))[0];
            int part = STATIONS / 6;
            double ends = (median(off, 0, part) + median(off, STATIONS - part, STATIONS)) / 2;
            most = Math.max(most, Math.abs(median(off, (STATIONS - part) / 2, (STATIONS + part) / 2) - ends));
        }
        return most;
    }

    private static double median(double[] of, int from, int to) {
        double[] sorted = Arrays.copyOfRange(of, from, to);
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }

    /** From one corner to the next. */
    private final class Side {
        private final double fromX;
        private final double fromY;
        private final double alongX;
        private final double alongY;
        private final double outX;
        private final double outY;

        Side(double[] c, int side) {
            fromX = c[2 * side];
            fromY = c[2 * side + 1];
            alongX = c[(2 * side + 2) % 8] - fromX;
            alongY = c[(2 * side + 3) % 8] - fromY;
            double length = Math.hypot(alongX, alongY);
            outX = alongY / length;
            outY = -alongX / length;
        }

        /** How far out the sheet ends at each station along the side, px; and how sharply. */
        double[][] offsets(double reach) {
            double[] off = new double[STATIONS];
            double[] weight = new double[STATIONS];
            for (int k = 0; k < STATIONS; k++) {
                double[] steepest = steepest(fromX + at(k) * alongX, fromY + at(k) * alongY, outX, outY, reach);
                off[k] = steepest[0];
                weight[k] = steepest[1];
            }
            return new double[][] {off, weight};
        }

        /** As a point and a direction. */
        double[] line(double reach) {
            double[][] offsets = offsets(reach);
            double[] fitted = straight(offsets[0], offsets[1]);
            return new double[] {
                fromX + fitted[0] * outX, fromY + fitted[0] * outY, alongX + fitted[1] * outX, alongY + fitted[1] * outY
            };
        }
    }

    /** Where along a side a station is, 0…1. */
    private static double at(int station) {
        return 0.04 + 0.92 * (station + 0.5) / STATIONS;
    }

    /** Where along the way across the light changes most, px, and how much. */
    private double[] steepest(double x, double y, double outX, double outY, double reach) {
        int steps = (int) Math.min(400, Math.ceil(4 * reach));
        double step = 2 * reach / steps;
        double[][] along = new double[steps + 1][3];
        float[] sum = new float[3];
        for (int i = 0; i <= steps; i++) {
            double s = -reach + i * step;
            Arrays.fill(sum, 0);
            photograph.add(x + s * outX, y + s * outY, sum);
            for (int c = 0; c < 3; c++) {
                along[i][c] = Math.sqrt(sum[c]);
            }
        }
        int span = Math.max(1, (int) Math.round(1.2 / step));
        double most = 0;
        double moment = 0;
        int best = -1;
        double[] change = new double[steps + 1];
        for (int i = span; i <= steps - span; i++) {
            for (int c = 0; c < 3; c++) {
                change[i] += Math.abs(along[i + span][c] - along[i - span][c]);
            }
            if (change[i] > most) {
                most = change[i];
                best = i;
            }
        }
        if (best < 0) {
            return new double[] {0, 0};
        }
        double total = 0;
        for (int i = Math.max(span, best - span); i <= Math.min(steps - span, best + span); i++) {
            double w = Math.max(0, change[i] - 0.3 * most);
            total += w;
            moment += w * (-reach + i * step);
        }
        return new double[] {total == 0 ? -reach + best * step : moment / total, most};
    }

    /** Offset at the beginning and rise over the length, by least squares that leave out what lies off. */
    private static double[] straight(double[] off, double[] weight) {
        double[] keep = weight.clone();
        double[] fit = new double[2];
        for (int round = 0; round < 8; round++) {
            double s = 0;
            double sx = 0;
            double sy = 0;
            double sxx = 0;
            double sxy = 0;
            for (int k = 0; k < STATIONS; k++) {
                s += keep[k];
                sx += keep[k] * at(k);
                sy += keep[k] * off[k];
                sxx += keep[k] * at(k) * at(k);
                sxy += keep[k] * at(k) * off[k];
            }
            double spread = s * sxx - sx * sx;
            if (s <= 0 || spread <= 1e-12) {
                return fit;
            }
            fit[1] = (s * sxy - sx * sy) / spread;
            fit[0] = (sy - fit[1] * sx) / s;
            double[] away = new double[STATIONS];
            for (int k = 0; k < STATIONS; k++) {
                away[k] = Math.abs(off[k] - fit[0] - fit[1] * at(k));
            }
            double[] sorted = away.clone();
            Arrays.sort(sorted);
            double scale = Math.max(0.15, 1.4826 * sorted[sorted.length / 2]);
            for (int k = 0; k < STATIONS; k++) {
                double z = away[k] / (3 * scale);
                keep[k] = z >= 1 ? 0 : weight[k] * (1 - z * z) * (1 - z * z);
            }
        }
        return fit;
    }

    private static double[] meet(double[] a, double[] b) {
        double across = a[2] * b[3] - a[3] * b[2];
        double t = ((b[0] - a[0]) * b[3] - (b[1] - a[1]) * b[2]) / across;
        return new double[] {a[0] + t * a[2], a[1] + t * a[3]};
    }
}
