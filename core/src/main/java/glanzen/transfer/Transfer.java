package glanzen.transfer;

import glanzen.material.BondingLayer;
import glanzen.material.Fitted;

/**
 * From heat, dwell and pressure to what is on the sheet. One number, the dose, stands for all three: a viscous film wets
 * a sheet with pressure × time / viscosity (Dara and Loos 1985, Lee and Springer 1987).
 */
public final class Transfer {

    /** Dose per pull below which less than {@link #CLEAN_COVERAGE} is covered. */
    public static final double LEAST_CLEAN_DOSE;
    /** Coverage from which a pull counts as complete. */
    public static final double CLEAN_COVERAGE = 0.97;
    /** Spill that still rubs out, mm. */
    public static final double ERASABLE_SPILL_MM = 0.35;
    /** Spill from which over-foil is visible, mm. */
    public static final double VISIBLE_SPILL_MM = 0.20;
    /** Scatter of the need within one sheet, in ln units. */
    public static final double SHEET_SIGMA = 0.35;

    private static final double REFERENCE_K = 383.15;
    private static final double GAS_CONSTANT = 8.314;
    private static final double MOST_LIFT = 0.25;
    private static final double LIFT_MIDDLE_C = 55;
    private static final double LIFT_WIDTH_K = 8;

    static {
        LEAST_CLEAN_DOSE = Math.exp(SHEET_SIGMA * Normal.inverse(CLEAN_COVERAGE));
    }

    private Transfer() {}

    /**
     * How much faster than at 383.15 K the bonding layer wets, {@code exp(−(E_a/R)(1/T − 1/T_ref))}.
     *
     * @param celsius bond temperature, °C
     */
    public static double rate(BondingLayer bonding, double celsius) {
        double inverse = 1 / (celsius + 273.15) - 1 / REFERENCE_K;
        return Math.exp(-bonding.activationJoulePerMole() / GAS_CONSTANT * inverse);
    }

    /**
     * Share of the design that is covered, {@code Φ(ln(dose)/σ)}.
     *
     * @param dose without unit; 1 is the median need
     * @return 0…1
     */
    public static double coverage(double dose) {
        return dose <= 0 ? 0 : Normal.cdf(Math.log(dose) / SHEET_SIGMA);
    }

    /**
     * Width of over-foil beyond the design's edge, {@code max(0, λ·ln(dose/onset))}.
     *
     * @param softnessMm λ as {@link #softnessMm} gives it, mm
     * @return mm
     */
    public static double spillMm(double dose, double softnessMm) {
        return Math.max(0, softnessMm * Math.log(dose / Fitted.SPILL_ONSET.value()));
    }

    /**
     * How much the backing lets over-foil spread, {@code λ = s·(hard + soft·Σ soft shims)}.
     *
     * @param spread s, how readily foil bridges beside an edge on this surface; 1 on card
     * @param softBackingMm thickness of soft shims behind the sheet, mm
     * @return λ, mm
     */
    public static double softnessMm(double spread, double softBackingMm) {
        return spread * (Fitted.HARD_BACKING.value() + Fitted.SOFT_BACKING.value() * softBackingMm);
    }

    /** Dose that spills so wide, mm, {@code onset·e^{w/λ}}: the inverse of {@link #spillMm}; infinite where nothing spreads. */
    public static double doseToSpill(double mm, double softnessMm) {
        return softnessMm <= 0 ? Double.POSITIVE_INFINITY : Fitted.SPILL_ONSET.value() * Math.exp(mm / softnessMm);
    }

    /**
     * Share of the foil that comes back off when peeled hot, {@code 0.25·solid·Φ((T − 55)/8)}.
     *
     * @param solidShare share of the design that is solid ground, 0…1
     * @param peelCelsius temperature at peeling, °C
     */
    public static double lift(double solidShare, double peelCelsius) {
        return MOST_LIFT * solidShare * Normal.cdf((peelCelsius - LIFT_MIDDLE_C) / LIFT_WIDTH_K);
    }
}
