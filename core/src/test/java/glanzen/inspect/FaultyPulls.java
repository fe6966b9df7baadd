package glanzen.inspect;

import glanzen.diagnosis.Cause;
import glanzen.picture.FoilMask;
import java.util.Random;

/** Pulls that came out so for a known cause. */
public final class FaultyPulls {

    private static final int LEVELS = 9;
    private static final double STEP_LN = 0.25;

    private FaultyPulls() {}

    /** A pull of one of the designs that shows the cause. */
    public static SimulatedPulls.Pull pull(int design, Cause cause, long seed) {
        Random luck = new Random(seed * 0x9E3779B97F4A7C15L);
        luck.nextDouble();
        double usual = 1.05 + 0.25 * luck.nextDouble();
        return switch (cause) {
            case TOO_LITTLE -> SimulatedPulls.pull(design, 0.5 - 0.9 * luck.nextDouble(), 0, seed);
            case TOO_MUCH -> SimulatedPulls.pull(design, 2.1 + 0.7 * luck.nextDouble(), 0, seed);
            case MOVED -> SimulatedPulls.pull(design, usual, 0.28 + 0.4 * luck.nextDouble(), seed);
            case ONE_SIDE, MIDDLE_GIVES, TEXTURE -> uneven(design, cause, usual, seed, luck);
            default -> erased(design, cause, usual, seed, luck);
        };
    }

    /** The same grain pulled with less, the less the further to one side, in the middle, or here and there. */
    private static SimulatedPulls.Pull uneven(int design, Cause cause, double usual, long seed, Random luck) {
        FoilMask[] levels = new FoilMask[LEVELS];
        SimulatedPulls.Pull first = SimulatedPulls.pull(design, usual, 0, seed);
        for (int k = 0; k < LEVELS; k++) {
            levels[k] =
                    SimulatedPulls.pull(design, usual - k * STEP_LN, 0, seed).mask();
        }
        var box = first.expected().artwork().designBox();
        double middle = SimulatedPulls.CARD_W / 2;
        double half = Math.max(middle - box.getMinX(), box.getMaxX() - middle);
        double strength = 0.9 + 1.0 * luck.nextDouble();
        int sign = luck.nextBoolean() ? 1 : -1;
        FoilMask mask = levels[0];
        boolean[] foiled = new boolean[mask.foiled().length];
        for (int i = 0; i < foiled.length; i++) {
            double x = (i % mask.widthPx()) / mask.pxPerMm();
            double y = (double) (i / mask.widthPx()) / mask.pxPerMm();
            double xi = (x - middle) / half;
            double less = switch (cause) {
                case ONE_SIDE -> strength * Math.max(0, 0.6 + sign * xi);
                case MIDDLE_GIVES -> strength * Math.max(0, 1 - 1.3 * xi * xi);
                default -> new Random((long) (x / 0.7) * 7919 + (long) (y / 0.7) * 31 + seed).nextDouble() * 1.4;
            };
            int level = (int) Math.max(0, Math.min(LEVELS - 1, Math.round(less / STEP_LN)));
            foiled[i] = levels[level].foiled()[i];
        }
        return SimulatedPulls.seen(first, foiled);
    }

    private static SimulatedPulls.Pull erased(int design, Cause cause, double usual, long seed, Random luck) {
        SimulatedPulls.Pull whole = SimulatedPulls.pull(design, usual, 0, seed);
        FoilMask mask = whole.mask();
        boolean[] foiled = mask.foiled().clone();
        var box = whole.expected().artwork().designBox();
        int places = switch (cause) {
            case DUST -> 1 + luck.nextInt(4);
            case HOT_PEEL -> 4 + luck.nextInt(6);
            case SPENT -> 1;
            default -> 0;
        };
        for (int n = 0; n < places; n++) {
            double r = switch (cause) {
                case DUST -> 0.3 + 0.4 * luck.nextDouble();
                case HOT_PEEL -> 1.2 + 0.06 * box.getWidth() * luck.nextDouble();
                default -> (0.18 + 0.2 * luck.nextDouble()) * Math.min(box.getWidth(), 40);
            };
            int at = onDesign(mask, luck);
            erase(mask, foiled, at % mask.widthPx(), at / mask.widthPx(), r * mask.pxPerMm(), cause == Cause.SPENT);
        }
        return cause == Cause.REVERSED
                ? SimulatedPulls.seen(whole, new boolean[foiled.length])
                : SimulatedPulls.seen(whole, foiled);
    }

    private static int onDesign(FoilMask mask, Random luck) {
        int at = luck.nextInt(mask.design().length);
        while (!mask.design()[at]) {
            at = luck.nextInt(mask.design().length);
        }
        return at;
    }

    private static void erase(FoilMask mask, boolean[] foiled, int x, int y, double r, boolean square) {
        for (int j = (int) -r; j <= r; j++) {
            for (int i = (int) -r; i <= r; i++) {
                boolean within = x + i >= 0 && x + i < mask.widthPx() && y + j >= 0 && y + j < mask.heightPx();
                if (within && (square || i * i + j * j <= r * r)) {
                    foiled[(y + j) * mask.widthPx() + x + i] = false;
                }
            }
        }
    }
}
