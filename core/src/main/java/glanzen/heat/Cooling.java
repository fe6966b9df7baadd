package glanzen.heat;

/** Where a pull cools before it is peeled. */
public enum Cooling {
    /** Still in the stack, off the dock. */
    IN_STACK("in the stack", 0, 0),
    /** Out of the stack, in the air on both sides. */
    IN_AIR("in air", 12, 12),
    /** On a cool metal mat. */
    ON_MAT("on the mat", 200, 12);

    private final String label;
    private final double bottomLoss;
    private final double topLoss;

    Cooling(String label, double bottomLoss, double topLoss) {
        this.label = label;
        this.bottomLoss = bottomLoss;
        this.topLoss = topLoss;
    }

    /** The everyday name. */
    public String label() {
        return label;
    }

    double bottomLoss() {
        return bottomLoss;
    }

    double topLoss() {
        return topLoss;
    }
}
