package glanzen.kit;

/** How fast a stack is fed; what it means in mm/s is the press's own. */
public enum Pace {
    SLOW("slow"),
    STEADY("steady"),
    BRISK("brisk");

    private final String label;

    Pace(String label) {
        this.label = label;
    }

    /** The everyday name. */
    public String label() {
        return label;
    }
}
