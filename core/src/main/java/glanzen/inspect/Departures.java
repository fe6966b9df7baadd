package glanzen.inspect;

/** How each pixel departs from bare stock: three whitened figures, and their length. */
final class Departures {

    final Grid grid;
    final float[][] parts;
    final float[] size;

    Departures(Grid grid) {
        this.grid = grid;
        this.parts = new float[3][grid.count()];
        this.size = new float[grid.count()];
    }

    void set(int i, double[] part) {
        double sum = 0;
        for (int c = 0; c < 3; c++) {
            parts[c][i] = (float) part[c];
            sum += part[c] * part[c];
        }
        size[i] = (float) Math.sqrt(sum);
    }
}
