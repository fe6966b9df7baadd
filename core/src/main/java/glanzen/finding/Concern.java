package glanzen.finding;

import java.util.List;

/**
 * What a finding is about, so that it can be shown beside it.
 *
 * @param layer place of a layer, from the bottom; −1 if it is about none in particular
 * @param keys plates of a layout, or pieces of a card; none if it is about none in particular
 * @param operation place of an operation of a piece; −1 if it is about none
 */
public record Concern(int layer, List<String> keys, int operation) {

    /** The whole. */
    public static final Concern WHOLE = new Concern(-1, List.of(), -1);

    public Concern {
        keys = List.copyOf(keys);
    }

    /** A layer of a stack; −1 for the whole of it. */
    public static Concern layer(int index) {
        return new Concern(index, List.of(), -1);
    }

    /** Plates of a layout. */
    public static Concern plates(List<String> keys) {
        return new Concern(-1, keys, -1);
    }

    /** Pieces of a card. */
    public static Concern pieces(List<String> keys) {
        return new Concern(-1, keys, -1);
    }

    /** An operation of a piece. */
    public static Concern operation(int index) {
        return new Concern(-1, List.of(), index);
    }
}
