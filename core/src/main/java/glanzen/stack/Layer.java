package glanzen.stack;

import glanzen.kit.StackItem;

/**
 * One layer of a stack.
 *
 * @param item what lies there
 * @param facing which way its telling face looks
 */
public record Layer(StackItem item, Facing facing) {

    /** The same, turned over. */
    public Layer flipped() {
        return new Layer(item, facing.turned());
    }
}
