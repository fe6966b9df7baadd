package glanzen.card;

/** How a piece is mounted. */
public enum Way {
    FLAT("flat"),
    RAISED("raised on foam"),
    INTO_OPENING("into an opening, flush"),
    BEHIND("behind an opening"),
    OVER_EDGE("over the edge"),
    PIVOTED("turning on a pin"),
    LOOSE("loose in a shaker");

    private final String label;

    Way(String label) {
        this.label = label;
    }

    /** The everyday name. */
    public String label() {
        return label;
    }

    /** Whether it lies under what it is mounted on. */
    public boolean below() {
        return this == BEHIND || this == LOOSE;
    }
}
