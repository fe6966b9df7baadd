package glanzen.rules;

import glanzen.finding.Finding;
import glanzen.finding.Finding.Mend;
import glanzen.finding.RuleId;
import glanzen.kit.Board;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Machine;
import glanzen.kit.Press;
import glanzen.measure.Figures;
import glanzen.setup.Heat;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.stack.Layer;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Whether the machine can do what the route asks of it. */
final class MachineRules {

    static final List<Rule> ALL = List.of(MachineRules::machine, MachineRules::warm, MachineRules::sensor);

    private static final double WARM_SHARE = 0.9;

    private MachineRules() {}

    static boolean fits(SetUp s) {
        return s.route().machines().contains(s.machine().machine()) && heatFits(s);
    }

    /** On a platform where the route wants one; rollers bring their own heat, and nothing else does. */
    private static boolean heatFits(SetUp s) {
        if (s.route().heated()) {
            return s.heat() instanceof Heat.OnPlatform;
        }
        return s.machine() instanceof HeatedRollers rollers
                ? s.heat() instanceof Heat.HotRollers hot && hot.rollers().equals(rollers)
                : s.heat() instanceof Heat.None;
    }

    private static Stream<Finding<SetUp>> machine(SetUp s, Inventory shop) {
        Machine.Kind kind = s.machine().machine();
        if (fits(s)) {
            return Stream.empty();
        }
        if (s.route().machines().contains(kind)) {
            return Stream.of(Finding.at(
                    -1,
                    RuleId.PLATFORM_FIT,
                    s.route().heated() ? "There is no heated platform" : "The heat does not go with the machine",
                    s.route().heated()
                            ? "This route takes its heat from one"
                            : "A press presses cold here; rollers are hot by themselves",
                    s.route().heated() ? null : new Mend<>("Put it right", s.withMachine(s.machine()))));
        }
        Mend<SetUp> mend = s.route().heated() || s.platform().isPresent()
                ? null
                : shop.machines().stream()
                        .filter(m -> s.route().machines().contains(m.machine()))
                        .findFirst()
                        .map(m -> new Mend<>("Use " + m.name(), s.withMachine(m)))
                        .orElse(null);
        return Stream.of(Finding.at(
                -1,
                RuleId.MACHINE_FIT,
                s.machine().name() + " cannot do " + s.route().label(),
                "It is a " + kind.label() + "; this takes "
                        + String.join(
                                " or ",
                                s.route().machines().stream()
                                        .map(k -> "a " + k.label())
                                        .toList()),
                mend));
    }

    private static Stream<Finding<SetUp>> warm(SetUp s, Inventory shop) {
        if (!(s.heat() instanceof Heat.HotRollers hot)
                || hot.onSeconds() >= WARM_SHARE * hot.rollers().warmUpSeconds()) {
            return Stream.empty();
        }
        HeatedRollers rollers = hot.rollers();
        String how = rollers.machine() == Machine.Kind.LAMINATOR
                ? "Its ready light comes long before it is warm through: a household laminator wants half an hour"
                : "Its rollers are not through with warming up";
        return Stream.of(Finding.at(
                -1,
                RuleId.WARM_UP,
                rollers.name() + " is at about " + Figures.temperature(s.setPointC()) + ", not yet at "
                        + Figures.temperature(
                                rollers.settings().get(hot.setting()).celsius()),
                how,
                new Mend<>(
                        "Wait " + Figures.duration(rollers.warmUpSeconds()),
                        s.withHeat(hot.on(rollers.warmUpSeconds())))));
    }

    /** A light beam looks for the outermost plates, and does not see clear ones. */
    private static Stream<Finding<SetUp>> sensor(SetUp s, Inventory shop) {
        if (!(s.machine() instanceof Press press) || !press.opticalSensor() || s.heated()) {
            return Stream.empty();
        }
        List<Layer> layers = s.stack().layers();
        return IntStream.of(0, layers.size() - 1)
                .distinct()
                .filter(i -> layers.get(i).item() instanceof Board b && b.kind().filler() && !b.opaque())
                .mapToObj(i -> {
                    Board clear = (Board) layers.get(i).item();
                    return Finding.at(
                            i,
                            RuleId.SENSOR,
                            press.name() + " does not see " + clear.name(),
                            "Its optical sensor wants opaque outer plates; past a clear one it does not start",
                            BoardRules.instead(s, shop, i, b -> b.kind() == clear.kind() && b.opaque()));
                });
    }
}
