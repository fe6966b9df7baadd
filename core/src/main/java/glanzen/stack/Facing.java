package glanzen.stack;

/**
 * Which way the telling face of a layer looks: the design of a plate, the colour of a film, the good side of stock, the
 * numbered side of a board.
 */
public enum Facing {
    UP,
    DOWN;

    /** The other way. */
    public Facing turned() {
        return this == UP ? DOWN : UP;
    }
}
