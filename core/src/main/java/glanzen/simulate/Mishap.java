package glanzen.simulate;

import glanzen.diagnosis.Cause;
import glanzen.picture.Picture;
import glanzen.picture.Spoiling;
import java.util.Random;

/**
 * What goes wrong with a simulated pull for a known cause, by luck: sizes are those that the causes are told apart by
 * (docs/how-it-computes.md, causes).
 */
public final class Mishap implements Spoiling {

    private static final double TEXTURE_MM = 0.7;
    private static final double TEXTURE_LN = 1.4;

    private final Cause cause;
    private final long seed;
    private final double halfWidthMm;
    private final double strength;
    private final int side;

    /**
     * @param widthMm how wide what is pressed is across the throat, mm
     * @param seed luck; the same goes wrong in the same way
     */
    public Mishap(Cause cause, double widthMm, long seed) {
        Random luck = new Random(seed * 0x9E3779B97F4A7C15L + 3);
        luck.nextDouble();
        this.cause = cause;
        this.seed = seed;
        this.halfWidthMm = Math.max(1, widthMm / 2);
        this.strength = 1.1 + 0.8 * luck.nextDouble();
        this.side = luck.nextBoolean() ? 1 : -1;
    }

    /** A pull with what it leaves on the sheet besides. */
    public Picture on(Picture pull) {
        return OnTheSheet.of(pull, cause, seed);
    }

    /** A pull whose foil was pressed flat: it has lost its streaks. */
    public static Picture dulled(Picture pull, long seed) {
        return OnTheSheet.of(pull, Cause.MEDIUM_OVER, seed);
    }

    /**
     * How much more than just enough the set-up itself gives, as a share of the room up to too much, and more beyond it: what is left of
     * a cause once nothing else is wrong.
     *
     * @return from -1, far too little, over 0, just enough, and 1, as much as may be, to 2, far too much
     */
    public static double given(Cause cause, Random luck) {
        return switch (cause) {
            case TOO_LITTLE, SHEETS -> -0.35 - 0.6 * luck.nextDouble();
            case TOO_MUCH, STIFF -> 1.25 + 0.6 * luck.nextDouble();
            default -> 0.15 + 0.35 * luck.nextDouble();
        };
    }

    @Override
    public double ln(double xMm, double yMm) {
        double xi = xMm / halfWidthMm;
        return switch (cause) {
            case ONE_SIDE -> -strength * Math.max(0, 0.5 + side * xi);
            case MIDDLE_GIVES -> -strength * Math.max(0, 1 - 1.3 * xi * xi);
            case TEXTURE ->
                -TEXTURE_LN
                        * new Random((long) Math.floor(xMm / TEXTURE_MM) * 7919
                                        + (long) Math.floor(yMm / TEXTURE_MM) * 31
                                        + seed)
                                .nextDouble();
            case GEL_OLD -> -strength * (1 + Math.sin(0.6 * xMm + seed % 17) * Math.cos(0.7 * yMm - seed % 13));
            default -> 0;
        };
    }

    @Override
    public boolean[] left(boolean[] out, boolean[] design, int widthPx, double pxPerMm) {
        Random luck = new Random(seed * 31 + 5);
        boolean[] left = out.clone();
        switch (cause) {
            case REVERSED -> {
                return new boolean[out.length];
            }
            case DUST ->
                places(
                        left,
                        design,
                        widthPx,
                        2 + luck.nextInt(3),
                        luck,
                        () -> (0.35 + 0.4 * luck.nextDouble()) * pxPerMm,
                        false);
            case BLADE ->
                places(
                        left,
                        design,
                        widthPx,
                        3 + luck.nextInt(4),
                        luck,
                        () -> (0.4 + 0.4 * luck.nextDouble()) * pxPerMm,
                        false);
            case HOT_PEEL ->
                places(
                        left,
                        design,
                        widthPx,
                        4 + luck.nextInt(5),
                        luck,
                        () -> (1.2 + 3 * luck.nextDouble()) * pxPerMm,
                        false);
            case SPENT -> places(left, design, widthPx, 1, luck, () -> (4 + 6 * luck.nextDouble()) * pxPerMm, true);
            case CUT_FIRST -> edges(left, design, widthPx, (0.5 + 0.4 * luck.nextDouble()) * pxPerMm);
            case NOT_DRY -> squeezed(left, widthPx, (int) Math.round((0.5 + 0.8 * luck.nextDouble()) * pxPerMm));
            default -> {
                // The rest is in what was given.
            }
        }
        return left;
    }

    private interface Size {
        double px();
    }

    private static void places(
            boolean[] left, boolean[] design, int widthPx, int count, Random luck, Size size, boolean square) {
        for (int n = 0; n < count; n++) {
            int at = onDesign(design, luck);
            if (at >= 0) {
                take(left, widthPx, at % widthPx, at / widthPx, size.px(), square);
            }
        }
    }

    private static int onDesign(boolean[] design, Random luck) {
        for (int n = 0; n < 200_000; n++) {
            int at = luck.nextInt(design.length);
            if (design[at]) {
                return at;
            }
        }
        return -1;
    }

    private static void take(boolean[] left, int widthPx, int x, int y, double r, boolean square) {
        int heightPx = left.length / widthPx;
        for (int j = (int) -r; j <= r; j++) {
            for (int i = (int) -r; i <= r; i++) {
                boolean within = x + i >= 0 && x + i < widthPx && y + j >= 0 && y + j < heightPx;
                if (within && (square || i * i + j * j <= r * r)) {
                    left[(y + j) * widthPx + x + i] = false;
                }
            }
        }
    }

    /** What lies within so much of an edge of the design is gone. */
    private static void edges(boolean[] left, boolean[] design, int widthPx, double px) {
        int r = (int) Math.max(1, Math.round(px));
        for (int i = 0; i < left.length; i++) {
            int x = i % widthPx;
            boolean inner = design[i]
                    && x >= r
                    && x < widthPx - r
                    && i - r * widthPx >= 0
                    && i + r * widthPx < design.length
                    && design[i - r]
                    && design[i + r]
                    && design[i - r * widthPx]
                    && design[i + r * widthPx];
            left[i] &= inner;
        }
    }

    /** All that came out spreads so far, sideways and then up and down. */
    private static void squeezed(boolean[] left, int widthPx, int px) {
        for (int step : new int[] {1, widthPx}) {
            boolean[] was = left.clone();
            for (int i = 0; i < left.length; i++) {
                for (int n = -px; n <= px && !left[i]; n++) {
                    int at = i + n * step;
                    boolean sameRow = step != 1 || at / widthPx == i / widthPx;
                    left[i] = at >= 0 && at < was.length && sameRow && was[at];
                }
            }
        }
    }
}
