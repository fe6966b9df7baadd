package glanzen.picture;

/**
 * Where foil lies on a sheet, row by row from the far edge.
 *
 * @param foiled where foil is
 * @param design where it should be
 */
public record FoilMask(int widthPx, int heightPx, double pxPerMm, boolean[] foiled, boolean[] design) {

    /** Whether foil lies at a place, mm from the lower left. */
    public boolean foil(double xMm, double yMm) {
        return at(foiled, xMm, yMm);
    }

    /** Whether it should lie there. */
    public boolean designed(double xMm, double yMm) {
        return at(design, xMm, yMm);
    }

    private boolean at(boolean[] raster, double xMm, double yMm) {
        int x = (int) Math.floor(xMm * pxPerMm);
        int y = (int) Math.floor(heightPx - yMm * pxPerMm);
        return x >= 0 && y >= 0 && x < widthPx && y < heightPx && raster[y * widthPx + x];
    }
}
