package glanzen.inspect;

import glanzen.Bench;
import glanzen.diagnosis.Cause;
import glanzen.inspect.SimulatedPulls.Laid;
import glanzen.inspect.SimulatedPulls.Pull;
import glanzen.kit.Stock;
import glanzen.material.Surface;
import glanzen.picture.FoilMask;
import glanzen.pull.DoseField;
import glanzen.pull.Rig;
import glanzen.transfer.Transfer;
import java.util.Random;

/** Pulls that came out so for a known cause. */
public final class FaultyPulls {

    private static final Stock ROUGH = new Stock(
            "rough",
            "Watercolour card",
            Stock.Kind.CARD,
            Surface.TEXTURED,
            Bench.SMOOTH.thicknessMm(),
            300,
            100,
            140,
            40,
            true,
            false,
            "#f6efdd");
    private static final int LEVELS = 9;
    private static final double STEP_LN = 0.25;

    private FaultyPulls() {}

    /** What a pull that shows a cause is made on: texture is at fault on rough stock, and too little may be given to any. */
    public static Laid laid(int design, Cause cause, long seed) {
        boolean rough = cause == Cause.TEXTURE || cause == Cause.TOO_LITTLE && seed % 3 == 0;
        return SimulatedPulls.laid(design, rough ? ROUGH : Bench.SMOOTH, seed);
    }

    /** A pull of one of the designs that shows the cause. */
    public static Pull pull(int design, Cause cause, long seed) {
        Random luck = new Random(seed * 0x9E3779B97F4A7C15L);
        luck.nextDouble();
        Laid laid = laid(design, cause, seed);
        double usual = clean(laid) + 0.25 * luck.nextDouble();
        return switch (cause) {
            case TOO_LITTLE -> SimulatedPulls.pull(laid, usual - 0.35 - 1.1 * luck.nextDouble(), 0, seed);
            case TOO_MUCH -> SimulatedPulls.pull(laid, much(laid) + 0.1 + 0.7 * luck.nextDouble(), 0, seed);
            case MOVED -> SimulatedPulls.pull(laid, usual, 0.28 + 0.4 * luck.nextDouble(), seed);
            case ONE_SIDE, MIDDLE_GIVES, TEXTURE -> uneven(laid, cause, usual, seed, luck);
            default -> erased(laid, cause, usual, seed, luck);
        };
    }

    /** ln of the mean dose from which a design is clean. */
    private static double clean(Laid laid) {
        DoseField doses = laid.model().doses(Rig.AS_LABELLED);
        return Math.log(doses.pull(1).dose()) + doses.lnForKept(0.985);
    }

    /** ln of the mean dose from which too much shows. */
    private static double much(Laid laid) {
        DoseField doses = laid.model().doses(Rig.AS_LABELLED);
        return Math.log(doses.pull(1).dose()) + doses.lnForExcess(Transfer.VISIBLE_SPILL_MM);
    }

    /** The same grain pulled with less, the less the further to one side, in the middle, or here and there. */
    private static Pull uneven(Laid laid, Cause cause, double usual, long seed, Random luck) {
        FoilMask[] levels = new FoilMask[LEVELS];
        Pull first = SimulatedPulls.pull(laid, usual, 0, seed);
        for (int k = 0; k < LEVELS; k++) {
            levels[k] = SimulatedPulls.pull(laid, usual - k * STEP_LN, 0, seed).mask();
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

    private static Pull erased(Laid laid, Cause cause, double usual, long seed, Random luck) {
        Pull whole = SimulatedPulls.pull(laid, usual, 0, seed);
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
