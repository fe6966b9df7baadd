package glanzen.inspect;

import glanzen.photograph.Grid;

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

    /** These inside a design or outside it, and none elsewhere. */
    Departures only(DesignField design, boolean inside) {
        Departures part = new Departures(grid);
        for (int i = 0; i < size.length; i++) {
            if (design.signedMm[i] < 0 == inside) {
                part.size[i] = size[i];
                for (int c = 0; c < 3; c++) {
                    part.parts[c][i] = parts[c][i];
                }
            }
        }
        return part;
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
