package glanzen.press;

import glanzen.kit.Stock;
import glanzen.material.Fitted;

/**
 * Relief pressed into stock: the mean pressure on the raised face against the pressure that forms the stock to full depth,
 * and against the one that cracks it. Both figures are empirical: forming pressure grows with thickness and depth, and
 * narrow relief bends the sheet more sharply than broad.
 */
public final class Relief {

    private static final double REFERENCE_MM = 0.30;
    private static final double REFERENCE_RELIEF_MM = 0.8;
    private static final double NARROW_MM = 25;
    private static final double TEARING_DEPTH_POWER = 0.4;
    private static final double BENDS_POWER = 1.5;
    private static final double FORMED_RATE = 3.5;
    private static final double TORN_MM = 0.20;

    private Relief() {}

    /**
     * Pressure that forms a sheet to full depth, {@code p₀ · f · t/0.30 · r/0.8 · (1 + 25 mm/b)}.
     *
     * @param sheetMm thickness of all sheets together, mm
     * @param reliefMm height of the relief r, mm
     * @param raisedWidthMm b, mm
     */
    public static double formingMpa(Stock.Kind kind, double sheetMm, double reliefMm, double raisedWidthMm) {
        return Fitted.FORMING.value()
                * stubborn(kind)
                * (sheetMm / REFERENCE_MM)
                * (reliefMm / REFERENCE_RELIEF_MM)
                * (1 + NARROW_MM / raisedWidthMm);
    }

    private static double stubborn(Stock.Kind kind) {
        return switch (kind) {
            case ACETATE -> 2.5;
            case LEATHER -> 0.4;
            case RIBBON, FELT, FABRIC -> 0.3;
            default -> 1;
        };
    }

    /**
     * How much more than forming it fully it takes to crack a sheet: deep relief stretches it further. Paper thinner than the card that is
     * usual forms at less, and does not crack at as much less: it bends where card breaks, the more so the shallower it is pressed.
     *
     * @param sheetMm thickness of all sheets together, mm
     */
    public static double tearing(double reliefMm, double sheetMm) {
        return Fitted.TEARING.value()
                * Math.pow(REFERENCE_RELIEF_MM / reliefMm, TEARING_DEPTH_POWER)
                * Math.pow(Math.max(1, REFERENCE_MM / sheetMm), Math.pow(REFERENCE_RELIEF_MM / reliefMm, BENDS_POWER));
    }

    /** Share of the full depth at a share of the forming pressure: 97 % where it is reached. */
    public static double formed(double dose) {
        return dose <= 0 ? 0 : 1 - Math.exp(-FORMED_RATE * dose);
    }

    /** Share of the forming pressure that forms so much of the full depth; the inverse of {@link #formed}. */
    public static double toForm(double depth) {
        return -Math.log(1 - Math.min(0.9999, depth)) / FORMED_RATE;
    }

    /** Share of the tearing pressure that cracks so wide, mm; the inverse of {@link #crackMm}. */
    public static double toCrack(double mm) {
        return Math.sqrt(mm / TORN_MM);
    }

    /** Width of a crack at a share of the tearing pressure: 0.20 mm where it is reached, growing with its square. */
    public static double crackMm(double share) {
        return TORN_MM * share * share;
    }
}
