package glanzen.heat;

/** Something that warms a bond, and can be asked how it would on a rig that is off its label. */
public interface HeatSource {

    /**
     * Solves it.
     *
     * @param contactFactor factor on every contact conductance
     * @param setPointErrorK added to the set-point, K
     */
    HeatRun solve(double contactFactor, double setPointErrorK);

    /** Set-point, °C. */
    double setPointC();

    /** Room temperature, °C. */
    double roomC();
}
