package glanzen.card;

/** How a base is folded. */
public enum Fold {
    NONE("not folded", 1),
    LEFT("folded on the left", 2),
    TOP("folded at the top", 2),
    GATE("gate, opening in the middle", 2),
    THREE("three leaves, to and fro", 3);

    private final String label;
    private final int leaves;

    Fold(String label, int leaves) {
        this.label = label;
        this.leaves = leaves;
    }

    /** The everyday name. */
    public String label() {
        return label;
    }

    /** How many leaves lie on each other when it is closed. */
    public int leaves() {
        return leaves;
    }

    /** Whether it has an inside that is hidden when closed. */
    public boolean opens() {
        return leaves > 1;
    }
}
