package glanzen.pull;

/** Why a pull is not as a person wants it. */
public enum Trouble {
    BARE("not all comes out", Side.UNDER),
    LIFTS("lifts at the peel", Side.UNDER),
    GHOST("ghost edge", Side.UNDER),
    EXCESS("too much shows", Side.OVER),
    BLOB("gel squeezed past its stencil", Side.OVER),
    BARE_SHEET("foil on bare sheet", Side.OVER),
    REFUSED("the press refuses", Side.OVER);

    /** On which side of good it lies. */
    public enum Side {
        UNDER,
        OVER
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

    /** Too little or too much. */
    public Side side() {
        return side;
    }
}
