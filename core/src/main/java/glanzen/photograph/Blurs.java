package glanzen.photograph;

import boofcv.alg.filter.blur.GBlurImageOps;
import boofcv.struct.image.GrayF32;

/** Averages over neighbours. */
public final class Blurs {

    private Blurs() {}

    /** Mean over a square of 2·radius + 1 pixels. */
    public static float[] box(float[] raster, int width, int radius) {
        GrayF32 out = new GrayF32(width, raster.length / width);
        GBlurImageOps.mean(over(raster, width), out, radius, null, null);
        return out.data;
    }

    /** Mean weighted by a bell. */
    public static float[] bell(float[] raster, int width, double sigmaPx) {
        if (sigmaPx < 0.3) {
            return raster;
        }
        GrayF32 out = new GrayF32(width, raster.length / width);
        GBlurImageOps.gaussian(over(raster, width), out, sigmaPx, -1, null);
        return out.data;
    }

    private static GrayF32 over(float[] raster, int width) {
        GrayF32 image = new GrayF32(1, 1);
        image.setTo(new GrayF32(0, 0));
        image.data = raster;
        image.width = width;
        image.height = raster.length / width;
        image.stride = width;
        return image;
    }
}
