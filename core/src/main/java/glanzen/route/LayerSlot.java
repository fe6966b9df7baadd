package glanzen.route;

import glanzen.stack.Facing;
import org.jspecify.annotations.Nullable;

/**
 * One place in the stack of a route.
 *
 * @param part what lies there
 * @param facing which way its telling face looks; nothing where either will do
 * @param whyFacing what goes wrong the other way round; empty where either will do
 * @param usualMm usual thickness of a board, mm; 0 for the others
 * @param count how many, 1 or more
 * @param optional whether a stack without it is as good
 */
public record LayerSlot(
        LayerRole part, @Nullable Facing facing, String whyFacing, double usualMm, int count, boolean optional) {

    static LayerSlot of(LayerRole part) {
        return new LayerSlot(part, null, "", 0, 1, false);
    }

    static LayerSlot facing(LayerRole part, Facing facing, String why) {
        return new LayerSlot(part, facing, why, 0, 1, false);
    }

    static LayerSlot board(LayerRole part, double usualMm) {
        return new LayerSlot(part, null, "", usualMm, 1, false);
    }

    LayerSlot times(int n) {
        return new LayerSlot(part, facing, whyFacing, usualMm, n, optional);
    }

    LayerSlot perhaps() {
        return new LayerSlot(part, facing, whyFacing, usualMm, count, true);
    }
}
