package glanzen.route;

/** What lies on the platform while the plate soaks. */
public enum Heating {
    /** The plate alone, open to the air. */
    ALONE("plate open"),
    /** The plate with the spacer as a cover. */
    COVERED("plate under the spacer"),
    /** The whole stack at once. */
    TOGETHER("whole stack");

    private final String label;

    Heating(String label) {
        this.label = label;
    }

    /** The everyday name. */
    public String label() {
        return label;
    }
}
