package glanzen.measure;

/** How a person writes lengths. */
public enum LengthUnit {
    MM(1),
    IN(25.4);

    private final double mm;

    LengthUnit(double mm) {
        this.mm = mm;
    }

    /** Millimetres in one of these. */
    public double mm() {
        return mm;
    }
}
