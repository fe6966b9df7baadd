package glanzen.simulate;

import glanzen.artwork.Artwork;
import glanzen.picture.FoilMask;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.Random;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A camera that stands in: a sheet lying on a bench as a phone or a scanner would see it, with perspective, light from one side, foil
 * that mirrors light here and dark there, grain and blur. Not in focus, in the dark or washed out on request.
 */
public final class Camera {

    /**
     * How a picture is taken.
     *
     * @param widthPx of the picture
     * @param heightPx of the picture
     * @param filled share of the picture's shorter fitting side that the sheet takes
     * @param tilt how far corners are drawn in by perspective, as a share of the sheet
     * @param turnDegrees how the sheet lies turned
     * @param light of white paper in the middle, 1 for what just washes out
     * @param falloff by how much light differs from side to side, as a share
     * @param glare how strongly foil mirrors the lamp
     * @param noise of a pixel, as a share of full light
     * @param blurPx deviation of the blur, px
     * @param bench colour of what lies under the sheet
     */
    public record Conditions(
            int widthPx,
            int heightPx,
            double filled,
            double tilt,
            double turnDegrees,
            double light,
            double falloff,
            double glare,
            double noise,
            double blurPx,
            int bench) {

        /** A phone held over the bench, by luck of the moment. */
        public static Conditions phone(int widthPx, int heightPx, Random luck) {
            int grey = 40 + luck.nextInt(70);
            return new Conditions(
                    widthPx,
                    heightPx,
                    0.70 + 0.2 * luck.nextDouble(),
                    0.01 + 0.05 * luck.nextDouble(),
                    -8 + 16 * luck.nextDouble(),
                    0.55 + 0.3 * luck.nextDouble(),
                    0.05 + 0.3 * luck.nextDouble(),
                    0.4 + 0.8 * luck.nextDouble(),
                    0.006 + 0.010 * luck.nextDouble(),
                    0.6 + 0.8 * luck.nextDouble(),
                    grey << 16 | (grey - 6) << 8 | grey - 14);
        }

        /** A flat scan. */
        public static Conditions scan(double widthMm, double heightMm, double pxPerMm, Random luck) {
            return new Conditions(
                    (int) (widthMm * pxPerMm * 1.12),
                    (int) (heightMm * pxPerMm * 1.12),
                    1 / 1.12,
                    0,
                    -1 + 2 * luck.nextDouble(),
                    0.9,
                    0.02,
                    0.3,
                    0.004,
                    0.5,
                    0x303030);
        }
    }

    private static final int SUB = 2;

    private final FoilMask mask;
    private final boolean @Nullable [] left;
    private final Bent bent;
    private final double[] foil;
    private final double[] stock;
    private final double @Nullable [] under;
    private final double widthMm;
    private final double heightMm;

    /**
     * @param foilRgb colour of the film
     * @param stockRgb colour of the stock
     */
    public Camera(FoilMask mask, int foilRgb, int stockRgb) {
        this(mask, light(foilRgb), light(stockRgb), null, null, Bent.FLAT);
    }

    private Camera(
            FoilMask mask,
            double[] foil,
            double[] stock,
            double @Nullable [] under,
            boolean @Nullable [] left,
            Bent bent) {
        this.mask = mask;
        this.foil = foil;
        this.stock = stock;
        this.under = under;
        this.left = left;
        this.bent = bent;
        this.widthMm = mask.widthPx() / mask.pxPerMm();
        this.heightMm = mask.heightPx() / mask.pxPerMm();
    }

    /** The same where something lies under the film all over the design, as toner does; its colour. */
    public Camera over(int rgb) {
        return new Camera(mask, foil, stock, light(rgb), left, bent);
    }

    /** The same once the sheet is cut out: what is left of it, in the frame of the mask. */
    public Camera cutTo(Artwork outline) {
        boolean[] left = outline.raster(mask.widthPx(), mask.heightPx(), mask.pxPerMm(), widthMm / 2, heightMm / 2);
        return new Camera(mask, foil, stock, under, left, bent);
    }

    /** The same sheet when it does not lie flat. */
    public Camera seeing(Bent sheet) {
        return new Camera(mask, foil, stock, under, left, sheet);
    }

    private static double[] light(int rgb) {
        double[] light = new double[3];
        for (int c = 0; c < 3; c++) {
            light[c] = Math.pow((rgb >> 16 - 8 * c & 0xFF) / 255.0, 2.2);
        }
        return light;
    }

    private boolean isSheet(double xMm, double yMm) {
        boolean on = xMm >= 0 && yMm >= 0 && xMm < widthMm && yMm < heightMm;
        if (!on || left == null) {
            return on;
        }
        int column = (int) (xMm * mask.pxPerMm());
        int row = (int) ((heightMm - yMm) * mask.pxPerMm());
        return left[Math.min(mask.heightPx() - 1, row) * mask.widthPx() + Math.min(mask.widthPx() - 1, column)];
    }

    /** Where the corners of the sheet are seen, anticlockwise from its lower left, px. */
    public double[] corners(Conditions c, long seed) {
        Random luck = new Random(seed);
        double scale = c.filled * Math.min(c.widthPx / widthMm, c.heightPx / heightMm);
        double turn = Math.toRadians(c.turnDegrees);
        double[][] at = {{-1, -1}, {1, -1}, {1, 1}, {-1, 1}};
        double[] px = new double[8];
        for (int i = 0; i < 4; i++) {
            double x = at[i][0] * widthMm / 2 * scale * (1 - c.tilt * luck.nextDouble());
            double y = -at[i][1] * heightMm / 2 * scale * (1 - c.tilt * luck.nextDouble());
            px[2 * i] = c.widthPx / 2.0 + Math.cos(turn) * x + Math.sin(turn) * y;
            px[2 * i + 1] = c.heightPx / 2.0 - Math.sin(turn) * x + Math.cos(turn) * y;
        }
        return px;
    }

    /** Takes the picture; the same seed takes the same one. */
    public BufferedImage shoot(Conditions c, long seed) {
        double[] back = inverse(corners(c, seed));
        CameraSheen sheen = new CameraSheen(new Random(seed * 31 + 5), c.glare);
        float[][] light = new float[3][c.widthPx * c.heightPx];
        IntStream.range(0, c.heightPx).parallel().forEach(y -> expose(c, seed, back, sheen, light, y));
        for (float[] channel : light) {
            Softness.blur(channel, c.widthPx, c.blurPx);
        }
        return developed(c, seed, light);
    }

    private void expose(Conditions c, long seed, double[] back, CameraSheen sheen, float[][] light, int y) {
        double[] bench = light(c.bench);
        Random grain = new Random(seed * 7 + y);
        double side = seed % 360 * Math.PI / 180;
        for (int x = 0; x < c.widthPx; x++) {
            double slant = (Math.cos(side) * (x - c.widthPx / 2.0) + Math.sin(side) * (y - c.heightPx / 2.0))
                    / Math.max(c.widthPx, c.heightPx);
            double lamp = c.light * (1 + c.falloff * 2 * slant - 0.3 * c.falloff * 4 * slant * slant);
            double[] sum = new double[3];
            for (int k = 0; k < SUB * SUB; k++) {
                double u = x + (k % SUB + 0.5) / SUB;
                double v = y + (k / SUB + 0.5) / SUB;
                double w = back[6] * u + back[7] * v + back[8];
                double[] at = bent.seenAt(
                        (back[0] * u + back[1] * v + back[2]) / w,
                        (back[3] * u + back[4] * v + back[5]) / w,
                        widthMm,
                        heightMm);
                double xMm = at[0];
                double yMm = at[1];
                boolean on = isSheet(xMm, yMm);
                double shine = on && mask.foil(xMm, yMm) ? sheen.at(xMm, yMm) : -1;
                double[] bare = on && under != null && mask.designed(xMm, yMm) ? under : stock;
                for (int n = 0; n < 3; n++) {
                    double there =
                            !on ? bench[n] : shine < 0 ? bare[n] : foil[n] * shine + Math.max(0, shine - 1) * 0.5;
                    sum[n] += lamp * there / (SUB * SUB);
                }
            }
            double fibre = 1 + 0.012 * grain.nextGaussian();
            for (int n = 0; n < 3; n++) {
                light[n][y * c.widthPx + x] = (float) (sum[n] * fibre);
            }
        }
    }

    private static BufferedImage developed(Conditions c, long seed, float[][] light) {
        BufferedImage image = new BufferedImage(c.widthPx, c.heightPx, BufferedImage.TYPE_INT_RGB);
        int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        IntStream.range(0, c.heightPx).parallel().forEach(y -> {
            Random noise = new Random(seed * 13 + y);
            for (int i = y * c.widthPx; i < (y + 1) * c.widthPx; i++) {
                int rgb = 0;
                for (int n = 0; n < 3; n++) {
                    double lit = light[n][i];
                    double seen = lit + c.noise * Math.sqrt(0.2 + Math.max(0, lit)) * noise.nextGaussian();
                    rgb = rgb << 8 | coded(seen);
                }
                pixels[i] = rgb;
            }
        });
        return image;
    }

    private static int coded(double light) {
        double l = Math.max(0, Math.min(1, light));
        double s = l <= 0.0031308 ? 12.92 * l : 1.055 * Math.pow(l, 1 / 2.4) - 0.055;
        return (int) Math.round(255 * s);
    }

    /** From pixels back to millimetres of the sheet. */
    private double[] inverse(double[] px) {
        double[] m = squareTo(px);
        double[] adjoint = {
            m[4] * m[8] - m[5] * m[7], m[2] * m[7] - m[1] * m[8], m[1] * m[5] - m[2] * m[4],
            m[5] * m[6] - m[3] * m[8], m[0] * m[8] - m[2] * m[6], m[2] * m[3] - m[0] * m[5],
            m[3] * m[7] - m[4] * m[6], m[1] * m[6] - m[0] * m[7], m[0] * m[4] - m[1] * m[3]
        };
        for (int i = 0; i < 3; i++) {
            adjoint[i] *= widthMm;
            adjoint[3 + i] *= heightMm;
        }
        return adjoint;
    }

    /** The unit square onto four corners (Heckbert 1989). */
    private static double[] squareTo(double[] p) {
        double sx = p[0] - p[2] + p[4] - p[6];
        double sy = p[1] - p[3] + p[5] - p[7];
        double ax = p[2] - p[4];
        double ay = p[3] - p[5];
        double bx = p[6] - p[4];
        double by = p[7] - p[5];
        double d = ax * by - bx * ay;
        double g = (sx * by - bx * sy) / d;
        double h = (ax * sy - sx * ay) / d;
        return new double[] {
            p[2] - p[0] + g * p[2],
            p[6] - p[0] + h * p[6],
            p[0],
            p[3] - p[1] + g * p[3],
            p[7] - p[1] + h * p[7],
            p[1],
            g,
            h,
            1
        };
    }
}
