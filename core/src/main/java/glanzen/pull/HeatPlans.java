package glanzen.pull;

import glanzen.heat.HeatPlan;
import glanzen.heat.HeatSource;
import glanzen.heat.RollerPlan;
import glanzen.heat.RoomHeat;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.StackItem;
import glanzen.kit.Stock;
import glanzen.route.Heating;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import glanzen.stack.Layer;
import java.util.ArrayList;
import java.util.List;

/** Set-ups as heat sees them: which layers lie there when, for how long, between what. */
public final class HeatPlans {

    private HeatPlans() {}

    /**
     * Whatever warms a set-up: its platform, its rollers, or the room.
     *
     * @param nipSeconds length of one nip to follow, s
     */
    public static HeatSource of(SetUp s, double nipSeconds) {
        if (s.heat() instanceof Heat.HotRollers) {
            return rollers(s, nipSeconds);
        }
        return s.heated() ? platform(s, nipSeconds) : new RoomHeat(s.roomC(), nipSeconds, s.passes());
    }

    /**
     * A set-up on a heated platform.
     *
     * @param nipSeconds length of one nip to follow, s
     */
    public static HeatPlan platform(SetUp s, double nipSeconds) {
        Heat.OnPlatform on = s.onPlatform();
        List<StackItem> above = new ArrayList<>();
        for (Layer layer : s.stack().above(s.stack().indexOf(Platform.class))) {
            if (!(layer.item() instanceof Film)) {
                above.add(layer.item());
            }
        }
        Plate plate = s.plate();
        int tool = above.indexOf(plate);
        List<Boolean> early =
                above.stream().map(item -> soaks(on.heating(), item, plate)).toList();
        return new HeatPlan(
                on.platform(),
                s.setPointC(),
                on.behindK(),
                s.roomC(),
                above,
                early,
                tool,
                s.plates().stream().mapToDouble(Plate::areaCm2).sum(),
                plate.kind() != Plate.Kind.SOLID_PLATE,
                on.soakSeconds(),
                on.holdSeconds(),
                nipSeconds,
                s.passes(),
                s.betweenSeconds(),
                s.peel().cooling(),
                s.peel().seconds());
    }

    private static RollerPlan rollers(SetUp s, double nipSeconds) {
        List<StackItem> layers = new ArrayList<>();
        int bond = 0;
        for (Layer layer : s.stack().layers()) {
            if (!(layer.item() instanceof Film)) {
                bond = layer.item() instanceof Stock ? layers.size() + 1 : bond;
                layers.add(layer.item());
            }
        }
        return new RollerPlan(
                s.setPointC(),
                s.roomC(),
                layers,
                bond,
                nipSeconds,
                s.passes(),
                s.peel().cooling(),
                s.peel().seconds());
    }

    private static boolean soaks(Heating heating, StackItem item, Plate plate) {
        if (item instanceof Board sheet && sheet.kind() == Board.Kind.TRACING) {
            return true;
        }
        boolean cover = item instanceof Board board && board.kind() == Board.Kind.SPACER;
        return switch (heating) {
            case ALONE -> item == plate;
            case COVERED -> item == plate || cover;
            case TOGETHER -> true;
        };
    }
}
