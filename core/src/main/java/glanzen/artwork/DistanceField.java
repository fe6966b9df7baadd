package glanzen.artwork;

/** Exact Euclidean distance to the nearest marked pixel, as far as it is asked for. */
public final class DistanceField {

    private DistanceField() {}

    /**
     * Distances of all pixels: first along the columns, then for each pixel over as much of its row as can still be nearer.
     *
     * @param marked row by row
     * @param width columns
     * @param furthestPx distances beyond this are not told apart, px
     * @return distance to the nearest marked pixel, in pixels; infinite where none is as near as asked
     */
    public static float[] of(boolean[] marked, int width, double furthestPx) {
        int reach = (int) Math.ceil(furthestPx);
        int[] along = alongColumns(marked, width, reach);
        float[] field = new float[marked.length];
        for (int from = 0; from < marked.length; from += width) {
            acrossRow(along, field, from, width, reach);
        }
        return field;
    }

    /** Distance to the nearest marked pixel of the same column; one more than the reach where there is none. */
    private static int[] alongColumns(boolean[] marked, int width, int reach) {
        int[] along = new int[marked.length];
        for (int i = 0; i < along.length; i++) {
            int above = i < width ? reach + 1 : along[i - width] + 1;
            along[i] = marked[i] ? 0 : Math.min(reach + 1, above);
        }
        for (int i = along.length - width - 1; i >= 0; i--) {
            along[i] = Math.min(along[i], along[i + width] + 1);
        }
        return along;
    }

    private static void acrossRow(int[] along, float[] field, int from, int width, int reach) {
        int none = (reach + 1) * (reach + 1);
        // How many columns up to each have something near: where none has, there is nothing to look for.
        int[] near = new int[width + 1];
        for (int x = 0; x < width; x++) {
            near[x + 1] = near[x] + (along[from + x] > reach ? 0 : 1);
        }
        for (int x = 0; x < width; x++) {
            if (near[Math.min(width, x + reach + 1)] == near[Math.max(0, x - reach)]) {
                field[from + x] = Float.POSITIVE_INFINITY;
                continue;
            }
            int best = along[from + x] > reach ? none : along[from + x] * along[from + x];
            for (int d = 1; d <= reach && d * d < best; d++) {
                int left = x >= d ? along[from + x - d] : reach + 1;
                int right = x + d < width ? along[from + x + d] : reach + 1;
                int nearer = Math.min(left, right);
                best = nearer > reach ? best : Math.min(best, d * d + nearer * nearer);
            }
            field[from + x] = best >= none ? Float.POSITIVE_INFINITY : (float) Math.sqrt(best);
        }
    }
}
