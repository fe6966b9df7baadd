package glanzen.picture;

/** Paints foil and stock: foil shines in slanting streaks, stock is matt with a faint grain. */
final class Sheen {

    private static final double STREAK_PX = 0.021;
    private static final double[] WAVE = new double[4096];
    private static final double WAVES_PER_PX = STREAK_PX / (2 * Math.PI) * WAVE.length;

    /** The faint grain of stock, one tile for all: every pixel asks for it. */
    private static final int TILE = 256;

    private static final float[] GRAIN = new float[TILE * TILE];

    static {
        GrainField field = new GrainField(2, 2);
        for (int i = 0; i < GRAIN.length; i++) {
            GRAIN[i] = (float) field.at(i % TILE, i / TILE);
        }
        for (int i = 0; i < WAVE.length; i++) {
            WAVE[i] = Math.sin(2 * Math.PI * i / WAVE.length);
        }
    }

    private final int foil;
    private final int stock;
    private final int grainX;
    private final int grainY;

    Sheen(String foilColour, String stockColour, long seed) {
        this.foil = Integer.parseInt(foilColour.substring(1), 16);
        this.stock = Integer.parseInt(stockColour.substring(1), 16);
        this.grainX = (int) (seed * 31 & TILE - 1);
        this.grainY = (int) (seed * 17 >>> 3 & TILE - 1);
    }

    void paint(int[] pixels, boolean[] foiled, boolean[] design, int width) {
        for (int i = 0, y = 0; i < pixels.length; y++) {
            int grainRow = (y + grainY & TILE - 1) * TILE;
            for (int x = 0; x < width; x++, i++) {
                if (foiled[i]) {
                    double streak = wave((x + 0.55 * y) * 2) + 0.5 * wave(x - 0.3 * y);
                    pixels[i] = lit(foil, 0.22 * streak);
                } else {
                    // The plate's dent shows faintly where the design took no foil.
                    pixels[i] = lit(stock, 0.012 * GRAIN[grainRow + (x + grainX & TILE - 1)] - (design[i] ? 0.07 : 0));
                }
            }
        }
    }

    /** A sine along the streaks, from a table: it is drawn for every pixel. */
    private static double wave(double px) {
        return WAVE[(int) (px * WAVES_PER_PX) & WAVE.length - 1];
    }

    /** Towards white for positive light, towards black for negative. */
    private static int lit(int rgb, double light) {
        int target = light > 0 ? 255 : 0;
        double share = Math.min(1, Math.abs(light));
        int r = mix(rgb >> 16 & 0xFF, target, share);
        int g = mix(rgb >> 8 & 0xFF, target, share);
        int b = mix(rgb & 0xFF, target, share);
        return r << 16 | g << 8 | b;
    }

    private static int mix(int from, int to, double share) {
        return (int) (from + (to - from) * share + 0.5);
    }
}
