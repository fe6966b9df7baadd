package glanzen.photograph;

/**
 * How a sheet that does not quite lie flat departs from a plane in a picture: bent along one of its sides its height grows with the
 * square of the distance, and what is higher looks further from the place the camera stands over. Along either side that is a shift one
 * way, one the other, and one away from the middle, each growing with the square.
 *
 * @param middleXMm middle of what is looked at, mm
 * @param middleYMm middle of what is looked at, mm
 * @param halfMm half of its longer side, mm
 * @param figures for a bend from left to right, then for one from near to far: shift right, shift up and growth at half the longer
 *     side, mm
 */
public record Bend(double middleXMm, double middleYMm, double halfMm, double[] figures) {

    /** How many figures say it. */
    public static final int FIGURES = 6;

    /** Lying flat. */
    public static final Bend NONE = new Bend(0, 0, 1, new double[FIGURES]);

    /** Half of the figures belong to each way of being bent. */
    private static final int EACH = FIGURES / 2;

    /** How far a place is shifted to the right, from the middle, mm. */
    public double right(double u, double v) {
        double x = u / halfMm;
        double y = v / halfMm;
        return x * x * (figures[0] + figures[2] * x) + y * y * (figures[EACH] + figures[EACH + 2] * x);
    }

    /** How far it is shifted up, from the middle, mm. */
    public double up(double u, double v) {
        double x = u / halfMm;
        double y = v / halfMm;
        return x * x * (figures[1] + figures[2] * y) + y * y * (figures[EACH + 1] + figures[EACH + 2] * y);
    }

    /**
     * How much of a step along a slope each figure makes.
     *
     * @param into where to, from an index on
     */
    public void slopes(double u, double v, double gx, double gy, double[] into, int from) {
        double x = u / halfMm;
        double y = v / halfMm;
        for (int k = 0; k < 2; k++) {
            double square = k == 0 ? x * x : y * y;
            into[from + k * EACH] = gx * square;
            into[from + k * EACH + 1] = gy * square;
            into[from + k * EACH + 2] = (gx * x + gy * y) * square;
        }
    }

    /** Where a place of the sheet would lie if it were flat; x and y, mm. */
    public double[] straight(double xMm, double yMm) {
        double u = xMm - middleXMm;
        double v = yMm - middleYMm;
        return new double[] {xMm - right(u, v), yMm - up(u, v)};
    }
}
