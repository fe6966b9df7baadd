package glanzen.pull;

/** Why a pull is not as a person wants it. */
public enum Trouble {
    BARE("part of it is missing", Side.UNDER),
    LIFTS("foil lifts at the peel", Side.UNDER),
    GHOST("there is a ghost edge", Side.UNDER),
    EXCESS("too much shows", Side.OVER),
    BLOB("gel is squeezed past its stencil", Side.OVER),
    BARE_SHEET("foil sticks to bare sheet", Side.OVER),
    REFUSED("the press won't take it", Side.REFUSED);

    /** On which side of good it lies; what a press does not take is no pull at all. */
    public enum Side {
        UNDER,
        OVER,
        REFUSED
    }

    private final String label;
    private final Side side;

    Trouble(String label, Side side) {
        this.label = label;
        this.side = side;
    }

    /** What is seen. */
    public String label() {
        return label;
    }

    /** Too little, too much, or no pull. */
    public Side side() {
        return side;
    }
}
