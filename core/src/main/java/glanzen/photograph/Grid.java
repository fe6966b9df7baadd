package glanzen.photograph;

import org.locationtech.jts.geom.Envelope;

/**
 * Even pixels over a box of a plane, the first row at its far edge.
 *
 * @param leftMm left edge
 * @param topMm far edge
 */
public record Grid(double leftMm, double topMm, double pxPerMm, int width, int height) {

    /** Over a box of the plane, mm, so fine. */
    public static Grid over(Envelope box, double pxPerMm) {
        return new Grid(
                box.getMinX(), box.getMaxY(), pxPerMm, (int) Math.max(1, Math.ceil(box.getWidth() * pxPerMm)), (int)
                        Math.max(1, Math.ceil(box.getHeight() * pxPerMm)));
    }

    /** How many pixels there are. */
    public int count() {
        return width * height;
    }

    /** The middle of a column, mm. */
    public double xMm(double column) {
        return leftMm + (column + 0.5) / pxPerMm;
    }

    /** The middle of a row, mm. */
    public double yMm(double row) {
        return topMm - (row + 0.5) / pxPerMm;
    }

    /** The column of a place; whole in the middle of a pixel. */
    public double column(double xMm) {
        return (xMm - leftMm) * pxPerMm - 0.5;
    }

    /** The row of a place; whole in the middle of a pixel. */
    public double row(double yMm) {
        return (topMm - yMm) * pxPerMm - 0.5;
    }

    /** A figure of a raster at a place, straight between pixels; the nearest of them outside. */
    public float at(float[] raster, double xMm, double yMm) {
        double u = Math.max(0, Math.min(width - 1, column(xMm)));
        double v = Math.max(0, Math.min(height - 1, row(yMm)));
        int i = (int) Math.min(u, Math.max(0, width - 2));
        int j = (int) Math.min(v, Math.max(0, height - 2));
        float s = (float) (u - i);
        float t = (float) (v - j);
        int right = width > 1 ? 1 : 0;
        int below = height > 1 ? width : 0;
        int k = j * width + i;
        float top = raster[k] * (1 - s) + raster[k + right] * s;
        float bottom = raster[k + below] * (1 - s) + raster[k + below + right] * s;
        return top * (1 - t) + bottom * t;
    }
}
