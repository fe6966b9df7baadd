package glanzen.gluing;

/** What holds one piece on another. */
public enum Glue {
    SLOW("slow glue", 12, 20, 0.8),
    THIN_TIP("slow glue from a thin tip", 12, 20, 0.3),
    THICK("thick glue, laid on wet", 15, 30, 1.5),
    INSTANT("instant glue", 0, 0, 0.4),
    TAPE("tape just inside the edge", 0, 0, 0),
    DOTS("glue dots where foil or card hides them", 0, 0, 0),
    FOAM("foam, sticky on both sides", 0, 0, 0),
    PIN("a pin", 0, 0, 0),
    NONE("nothing: it lies loose", 0, 0, 0);

    private final String label;
    private final double slideSeconds;
    private final double weightMinutes;
    private final double mlPer100Cm2;

    Glue(String label, double slideSeconds, double weightMinutes, double mlPer100Cm2) {
        this.label = label;
        this.slideSeconds = slideSeconds;
        this.weightMinutes = weightMinutes;
        this.mlPer100Cm2 = mlPer100Cm2;
    }

    /** The everyday name. */
    public String label() {
        return label;
    }

    /** How long a piece can still be slid, s. */
    public double slideSeconds() {
        return slideSeconds;
    }

    /** How long it wants a weight, min. */
    public double weightMinutes() {
        return weightMinutes;
    }

    /** How much is needed, ml. */
    double ml(double areaMm2) {
        return mlPer100Cm2 * areaMm2 / 10_000;
    }
}
