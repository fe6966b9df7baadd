package glanzen.photograph;

import java.util.Arrays;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Envelope;

/** Part of a plane seen straight from above: linear light on a grid of millimetres. */
public final class Flat {

    private static final int MOST_SAMPLES = 4;

    private final Grid grid;
    private final float[][] light;
    private final boolean[] seen;

    private Flat(Grid grid) {
        this.grid = grid;
        this.light = new float[3][grid.count()];
        this.seen = new boolean[grid.count()];
    }

    /** Straightens what a picture shows of a box; where it has more pixels than are asked for, they are averaged. */
    public static Flat of(Photograph photograph, Placing placing, Bend bend, Envelope boxMm, double pxPerMm) {
        Flat flat = new Flat(Grid.over(boxMm, pxPerMm));
        double there = placing.pxPerMm(boxMm.centre().x, boxMm.centre().y) / pxPerMm;
        int n = (int) Math.max(1, Math.min(MOST_SAMPLES, Math.round(there)));
        IntStream.range(0, flat.grid.height()).parallel().forEach(y -> flat.row(photograph, placing, bend, y, n));
        return flat;
    }

    private void row(Photograph photograph, Placing placing, Bend bend, int y, int n) {
        float[] sum = new float[3];
        for (int x = 0; x < grid.width(); x++) {
            Arrays.fill(sum, 0);
            boolean all = true;
            for (int k = 0; k < n * n; k++) {
                double[] mm =
                        bend.straight(grid.xMm(x + (k % n + 0.5) / n - 0.5), grid.yMm(y + (k / n + 0.5) / n - 0.5));
                double[] px = placing.px(mm[0], mm[1]);
                all &= photograph.holds(px[0], px[1]);
                photograph.add(px[0], px[1], sum);
            }
            int i = y * grid.width() + x;
            seen[i] = all;
            for (int c = 0; c < 3; c++) {
                light[c][i] = sum[c] / (n * n);
            }
        }
    }

    /** The pixels it is seen on. */
    public Grid grid() {
        return grid;
    }

    /** Linear light of red, green and blue, pixel by pixel. */
    public float[][] light() {
        return light;
    }

    /** Whether the picture shows a place, pixel by pixel; to be narrowed down to what is to be looked at. */
    public boolean[] seen() {
        return seen;
    }
}
