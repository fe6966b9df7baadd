package glanzen.measure;

/** How a person writes paper weights. The US weights are pounds per ream of their own basic sheet. */
public enum WeightUnit {
    GSM(1),
    LB_COVER(2.704),
    LB_TEXT(1.480),
    LB_INDEX(1.807);

    private final double gsm;

    WeightUnit(double gsm) {
        this.gsm = gsm;
    }

    /** Grams per square metre in one of these (basic sheets 20×26, 25×38 and 25.5×30.5 in). */
    public double gsm() {
        return gsm;
    }
}
