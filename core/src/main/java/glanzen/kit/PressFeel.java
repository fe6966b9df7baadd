package glanzen.kit;

import glanzen.measure.Checks;

/**
 * How heavy a press is to lift, which nobody needs a gauge for: its frame's stiffness, what it stalls at and how much its
 * rollers give go with its weight. The middle ones are those of ordinary crank presses; the ends are a third off.
 */
public enum PressFeel {
    LIGHT("light, mostly plastic", 1600, 1800, 0.20),
    ORDINARY("as most are", 2200, 2600, 0.10),
    HEAVY("heavy, mostly steel", 3000, 3600, 0.07);

    private final String label;
    private final double stiffnessNPerMm;
    private final double maxForceN;
    private final double crown;

    PressFeel(String label, double stiffnessNPerMm, double maxForceN, double crown) {
        this.label = label;
        this.stiffnessNPerMm = stiffnessNPerMm;
        this.maxForceN = maxForceN;
        this.crown = crown;
    }

    /** The everyday words for it. */
    public String label() {
        return label;
    }

    /** Frame stiffness K, N/mm. */
    public double stiffnessNPerMm() {
        return stiffnessNPerMm;
    }

    /** Force at which it stalls, N. */
    public double maxForceN() {
        return maxForceN;
    }

    /** How much its rollers give in the middle. */
    public double crown() {
        return crown;
    }

    /**
     * The opening of a press by the thickest stack that just passes: it is pressed apart as far as its force reaches,
     * {@code opening = thickest − F/K}.
     *
     * @param thickestMm thickest stack of hard boards that passes, if only just, mm
     */
    public double openingMm(double thickestMm) {
        new Checks().lengthMm("thickestMm", thickestMm, 4, 42).done();
        return Math.round(100 * (thickestMm - maxForceN / stiffnessNPerMm)) / 100.0;
    }
}
