package glanzen.start;

import glanzen.kit.Plate;
import glanzen.route.LayerRole;
import glanzen.route.LayerSlot;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Stack;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Where something belongs in a stack, as its route says, if it is laid there anew.
 *
 * @param role what it is for: platform, tool, film or stock
 * @param index its place, from the bottom
 * @param facing which way its telling face looks there
 */
public record LayerPlace(LayerRole role, int index, Facing facing) {

    /** The places of what a route asks for by itself; boards have their own. */
    public static List<LayerPlace> of(SetUp s) {
        return s.route().slots().stream()
                .filter(slot -> slot.part().board().isEmpty())
                .map(slot -> new LayerPlace(slot.part(), index(s, slot), facing(s, slot)))
                .toList();
    }

    /** Right above what comes before it in the route's stack, or else right below what comes after. */
    private static int index(SetUp s, LayerSlot slot) {
        List<LayerRole> order = s.route().slots().stream()
                .map(LayerSlot::part)
                .filter(role -> role.board().isEmpty())
                .toList();
        int own = order.indexOf(slot.part());
        for (int before = own - 1; before >= 0; before--) {
            int last = last(s.stack(), order.get(before));
            if (last >= 0) {
                return last + 1;
            }
        }
        for (int after = own + 1; after < order.size(); after++) {
            int first = s.stack().indexWhere(order.get(after)::takes);
            if (first >= 0) {
                return first;
            }
        }
        return slot.part() == LayerRole.PLATFORM ? 0 : s.stack().layers().size() / 2;
    }

    private static int last(Stack stack, LayerRole role) {
        return IntStream.range(0, stack.layers().size())
                .filter(i -> role.takes(stack.layers().get(i).item()))
                .max()
                .orElse(-1);
    }

    private static Facing facing(SetUp s, LayerSlot slot) {
        if (slot.facing() != null) {
            return slot.facing();
        }
        return slot.part() == LayerRole.STOCK
                ? s.stack().first(Plate.class).map(LayerPlace::goodSide).orElse(Facing.UP)
                : Facing.UP;
    }

    /** On a blade or a plate the good side lies down; from a folder or a stencil it is to rise. */
    static Facing goodSide(Plate tool) {
        Plate.Kind kind = tool.kind();
        return kind.folder() || kind == Plate.Kind.STENCIL ? Facing.UP : Facing.DOWN;
    }
}
