package glanzen.photograph;

import java.awt.image.BufferedImage;
import org.locationtech.jts.geom.Envelope;

/** What a picture shows of a plane, seen straight from above, to be looked at. */
public final class Straightened {

    private Straightened() {}

    /**
     * @param placing from the plane's millimetres to pixels of the picture
     * @param boxMm what of the plane is wanted
     * @param widthPx of the result
     */
    public static BufferedImage of(Photograph photograph, Placing placing, Envelope boxMm, int widthPx) {
        Flat flat = Flat.of(photograph, placing, Bend.NONE, boxMm, widthPx / boxMm.getWidth());
        Grid grid = flat.grid();
        BufferedImage image = new BufferedImage(grid.width(), grid.height(), BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < grid.count(); i++) {
            int rgb = 0;
            for (int c = 0; c < 3; c++) {
                rgb = rgb << 8 | coded(flat.light()[c][i]);
            }
            image.setRGB(i % grid.width(), i / grid.width(), rgb);
        }
        return image;
    }

    private static int coded(float light) {
        double s = light <= 0.0031308 ? 12.92 * light : 1.055 * Math.pow(light, 1 / 2.4) - 0.055;
        return (int) Math.max(0, Math.min(255, Math.round(255 * s)));
    }
}
