package glanzen.route;

/** Ink or paint: under the foil, or on a plate that prints as it embosses. */
public enum Medium {
    NONE("none"),
    DRY("dry"),
    WET("wet"),
    /** On the relief of a plate pressed without heat. */
    ON_PLATE("on the plate");

    private final String label;

    Medium(String label) {
        this.label = label;
    }

    /** The everyday name. */
    public String label() {
        return label;
    }
}
