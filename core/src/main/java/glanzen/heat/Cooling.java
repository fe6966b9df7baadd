package glanzen.heat;

/** Where a pull cools before it is peeled. */
public enum Cooling {
    /** Still in the stack, off the dock. */
    IN_STACK(0, 0),
    /** Out of the stack, in the air on both sides. */
    IN_AIR(12, 12),
    /** On a cool metal mat. */
    ON_MAT(200, 12);

    private final double bottomLoss;
    private final double topLoss;

    Cooling(double bottomLoss, double topLoss) {
        this.bottomLoss = bottomLoss;
        this.topLoss = topLoss;
    }

    double bottomLoss() {
        return bottomLoss;
    }

    double topLoss() {
        return topLoss;
    }
}
