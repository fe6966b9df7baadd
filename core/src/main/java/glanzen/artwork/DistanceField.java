package glanzen.artwork;

import java.util.Arrays;

/** Exact Euclidean distance to the nearest marked pixel, in linear time (Felzenszwalb and Huttenlocher 2012). */
public final class DistanceField {

    private static final float FAR = 1e12f;

    private DistanceField() {}

    /**
     * Distances of all pixels.
     *
     * @param marked row by row
     * @param width columns
     * @return distance to the nearest marked pixel, in pixels; huge if none is marked
     */
    public static float[] of(boolean[] marked, int width) {
        int height = marked.length / width;
        float[] field = new float[marked.length];
        for (int i = 0; i < field.length; i++) {
            field[i] = marked[i] ? 0 : FAR;
        }
        Parabolas line = new Parabolas(Math.max(width, height));
        for (int x = 0; x < width; x++) {
            line.transform(field, x, width, height);
        }
        for (int y = 0; y < height; y++) {
            line.transform(field, y * width, 1, width);
        }
        for (int i = 0; i < field.length; i++) {
            field[i] = (float) Math.sqrt(field[i]);
        }
        return field;
    }

    /** Lower envelope of parabolas along one line of pixels. */
    private static final class Parabolas {
        private final float[] f;
        private final int[] v;
        private final float[] z;

        Parabolas(int longest) {
            f = new float[longest];
            v = new int[longest];
            z = new float[longest + 1];
        }

        void transform(float[] field, int from, int stride, int n) {
            for (int i = 0; i < n; i++) {
                f[i] = field[from + i * stride];
            }
            int k = 0;
            v[0] = 0;
            z[0] = -FAR;
            z[1] = FAR;
            for (int q = 1; q < n; q++) {
                float s = meeting(q, v[k]);
                while (k > 0 && s <= z[k]) {
                    k--;
                    s = meeting(q, v[k]);
                }
                k++;
                v[k] = q;
                z[k] = Math.max(s, -FAR);
                z[k + 1] = FAR;
            }
            write(field, from, stride, n);
            Arrays.fill(z, 0);
        }

        private void write(float[] field, int from, int stride, int n) {
            int k = 0;
            for (int q = 0; q < n; q++) {
                while (z[k + 1] < q) {
                    k++;
                }
                float d = q - v[k];
                field[from + q * stride] = d * d + f[v[k]];
            }
        }

        private float meeting(int q, int p) {
            return (float) (((double) f[q] + (double) q * q - (f[p] + (double) p * p)) / (2.0 * (q - p)));
        }
    }
}
