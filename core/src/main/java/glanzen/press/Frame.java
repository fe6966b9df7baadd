package glanzen.press;

import glanzen.kit.Press;

/**
 * What of a press matters in the nip.
 *
 * @param openingMm unloaded gap between the rollers g, mm
 * @param stiffnessNPerMm K, N/mm
 * @param rollerRadiusMm R, mm
 * @param crown κ, how much the rollers give in the middle at {@link #REFERENCE_FORCE_N}
 */
public record Frame(double openingMm, double stiffnessNPerMm, double rollerRadiusMm, double crown) {

    /** Force at which κ is stated, N. */
    public static final double REFERENCE_FORCE_N = 2000;

    private static final double LEAST_COMPRESSION_MM = 0.05;

    /** The frame as its label says. */
    public static Frame of(Press press) {
        return new Frame(press.openingMm(), press.stiffnessNPerMm(), press.rollerRadiusMm(), press.crown());
    }

    /** The same frame, off its label by an opening in mm and by a factor on its stiffness. */
    public Frame off(double openingErrorMm, double stiffnessFactor) {
        return new Frame(openingMm + openingErrorMm, stiffnessNPerMm * stiffnessFactor, rollerRadiusMm, crown);
    }

    /**
     * Contact length {@code a = 2·√(R·u)}: chord of a rigid roller in the stack's own compression.
     *
     * @param compressionMm u, mm; taken as at least 0.05
     * @return mm
     */
    public double contactMm(double compressionMm) {
        return 2 * Math.sqrt(rollerRadiusMm * Math.max(LEAST_COMPRESSION_MM, compressionMm));
    }

    /**
     * Pressure across the throat relative to its mean, {@code 1 + κ·(F/F_ref)·1.5·(ξ² − 1/3)}: rollers give in the middle.
     *
     * @param give factor on κ, 1 as labelled
     * @param forceN total force, N
     * @param xi place across the throat, −1…1
     */
    public double pressureShare(double give, double forceN, double xi) {
        return 1 + give * crown * forceN / REFERENCE_FORCE_N * 1.5 * (xi * xi - 1.0 / 3);
    }
}
