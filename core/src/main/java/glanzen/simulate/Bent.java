package glanzen.simulate;

/**
 * How a sheet that does not lie flat is seen from above: what is lifted looks further from the place the camera stands over.
 *
 * @param liftMm how far two opposite edges stand off the bench, its middle lying on it, mm
 * @param lengthways whether it is bent along its length
 * @param overXMm place of the sheet that the camera stands over, mm
 * @param overYMm place of the sheet that the camera stands over, mm
 */
public record Bent(double liftMm, boolean lengthways, double overXMm, double overYMm) {

    /** Lying flat. */
    public static final Bent FLAT = new Bent(0, false, 0, 0);

    private static final double AWAY_MM = 350;
    private static final int STEPS = 4;

    /** The place of the sheet that is seen at a place of the bench; x and y, mm. */
    double[] seenAt(double xMm, double yMm, double widthMm, double heightMm) {
        double x = xMm;
        double y = yMm;
        for (int i = 0; i < STEPS && liftMm > 0; i++) {
            double t = lengthways ? 2 * y / heightMm - 1 : 2 * x / widthMm - 1;
            double z = Math.min(AWAY_MM / 2, liftMm * t * t);
            x = xMm - z * (x - overXMm) / (AWAY_MM - z);
            y = yMm - z * (y - overYMm) / (AWAY_MM - z);
        }
        return new double[] {x, y};
    }
}
