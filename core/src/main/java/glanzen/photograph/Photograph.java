package glanzen.photograph;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;

/** A picture that a camera or scanner took, upright, read as linear light: mixing and blur add up in it. */
public final class Photograph {

    private static final float[] LINEAR = new float[256];

    static {
        for (int i = 0; i < LINEAR.length; i++) {
            double c = i / 255.0;
            LINEAR[i] = (float) (c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4));
        }
    }

    private final int[] rgb;
    private final int width;
    private final int height;

    private Photograph(int[] rgb, int width, int height) {
        this.rgb = rgb;
        this.width = width;
        this.height = height;
    }

    /** Light of a level of the screen, 0…255; 1 is the most it can show. */
    public static double linear(int level) {
        return LINEAR[level];
    }

    /** Takes over the pixels of an image, which must not be drawn on afterwards. */
    public static Photograph of(BufferedImage image) {
        BufferedImage plain = image;
        if (image.getType() != BufferedImage.TYPE_INT_RGB) {
            plain = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
            Graphics2D g = plain.createGraphics();
            g.drawImage(image, 0, 0, null);
            g.dispose();
        }
        int[] pixels = ((DataBufferInt) plain.getRaster().getDataBuffer()).getData();
        return new Photograph(pixels, plain.getWidth(), plain.getHeight());
    }

    /** Columns. */
    public int width() {
        return width;
    }

    /** Rows. */
    public int height() {
        return height;
    }

    /** Its longer side, px. */
    public int longer() {
        return Math.max(width, height);
    }

    /** Light that only one pixel in fifty passes, 0…1. */
    public double brightest() {
        int[] counts = new int[256];
        int step = Math.max(1, rgb.length / 200_000);
        int taken = 0;
        for (int i = 0; i < rgb.length; i += step) {
            counts[Math.max(rgb[i] >> 16 & 0xFF, Math.max(rgb[i] >> 8 & 0xFF, rgb[i] & 0xFF))]++;
            taken++;
        }
        int level = 255;
        for (int passed = counts[255]; passed < taken / 50 && level > 0; ) {
            passed += counts[--level];
        }
        return LINEAR[level];
    }

    /**
     * How far out of focus the picture is, px: the deviation of a bell that would make its steepest edges as steep as they are. Coded
     * green is close enough to what the eye sees.
     */
    public double blurPx() {
        int[] steps = new int[256];
        int[] levels = new int[256];
        int rows = 0;
        for (int y = 1; y < height; y += 3) {
            rows++;
            for (int x = 1; x < width - 1; x++) {
                int at = y * width + x;
                int level = rgb[at] >> 8 & 0xFF;
                levels[level]++;
                steps[Math.abs((rgb[at + 1] >> 8 & 0xFF) - (rgb[at - 1] >> 8 & 0xFF))]++;
            }
        }
        int all = rows * (width - 2);
        double range = above(levels, all / 100) - above(levels, all - all / 100);
        double steepest = Math.max(0.5, above(steps, all / 1500) / 2.0);
        return range / (steepest * Math.sqrt(2 * Math.PI));
    }

    /** The highest level that more than so many pass. */
    private static int above(int[] counts, int many) {
        int level = counts.length - 1;
        for (int passed = counts[level]; passed <= many && level > 0; ) {
            passed += counts[--level];
        }
        return level;
    }

    /** Whether a place lies in it; px from the upper left corner. */
    public boolean holds(double x, double y) {
        return x >= 0 && y >= 0 && x < width && y < height;
    }

    /**
     * Adds the light at a place to a sum, straight between pixels.
     *
     * @param x from the left edge, px; the middle of the first pixel is 0.5
     * @param sum red, green, blue
     */
    public void add(double x, double y, float[] sum) {
        double u = Math.max(0, Math.min(width - 1.001, x - 0.5));
        double v = Math.max(0, Math.min(height - 1.001, y - 0.5));
        int i = (int) u;
        int j = (int) v;
        float s = (float) (u - i);
        float t = (float) (v - j);
        int at = j * width + i;
        int right = i + 1 < width ? 1 : 0;
        int below = j + 1 < height ? width : 0;
        int a = rgb[at];
        int b = rgb[at + right];
        int c = rgb[at + below];
        int d = rgb[at + below + right];
        for (int k = 0; k < 3; k++) {
            int shift = 16 - 8 * k;
            float top = LINEAR[a >> shift & 0xFF] * (1 - s) + LINEAR[b >> shift & 0xFF] * s;
            float bottom = LINEAR[c >> shift & 0xFF] * (1 - s) + LINEAR[d >> shift & 0xFF] * s;
            sum[k] += top * (1 - t) + bottom * t;
        }
    }
}
