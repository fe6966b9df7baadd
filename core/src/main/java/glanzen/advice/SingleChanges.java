package glanzen.advice;

import glanzen.kit.Board;
import glanzen.kit.Pace;
import glanzen.kit.Press;
import glanzen.route.Mechanism;
import glanzen.route.Peel;
import glanzen.rules.Rules;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import java.util.ArrayList;
import java.util.List;

/** Every set-up one change away, with what the change costs a person: time, a layer, a longer soak. */
final class SingleChanges {

    /**
     * One of them.
     *
     * @param cost in the trouble of one turned knob
     */
    record Change(SetUp setUp, double cost) {}

    private static final double[] SOAK_FACTORS = {0.5, 0.67, 1.33, 1.5, 2, 3, 4};
    private static final double LAYER_COST = 1.6;
    private static final double SECOND_PASS_COST = 1.3;
    private static final double LEVEL_COST = 2;

    private SingleChanges() {}

    static List<Change> of(SetUp present, List<Board> shims) {
        List<Change> changes = new ArrayList<>();
        if (present.heat() instanceof Heat.OnPlatform on) {
            soaks(present, on.soakSeconds(), changes);
        }
        if (present.route().mechanism() == Mechanism.TRANSFER) {
            feeds(present, changes);
        }
        int otherPasses = present.passes() == 1 ? 2 : 1;
        boolean turned = otherPasses > 1 && present.route().mechanism().cuts() && Rules.turnable(present);
        changes.add(new Change(present.withFeed(present.pace(), otherPasses).withTurned(turned), SECOND_PASS_COST));
        for (int level = 0; level < present.heat().levels().size(); level++) {
            if (level != present.heat().level()) {
                changes.add(new Change(present.withLevel(level), LEVEL_COST));
            }
        }
        if (!(present.machine() instanceof Press)) {
            return changes;
        }
        layers(present, shims, changes);
        return changes.stream().filter(c -> c.setUp.overfillMm() > 0).toList();
    }

    private static void feeds(SetUp present, List<Change> changes) {
        for (Pace pace : Pace.values()) {
            if (pace != present.pace()) {
                changes.add(new Change(present.withFeed(pace, present.passes()), 1));
            }
        }
        if (present.heated() && !present.peel().equals(Peel.COLD)) {
            changes.add(new Change(present.withPeel(Peel.COLD), 1));
        }
    }

    private static void soaks(SetUp present, double now, List<Change> changes) {
        for (double factor : SOAK_FACTORS) {
            double soak = rounded(Math.min(Heat.LONGEST_SECONDS, Math.max(10, now * factor)));
            if (soak != now) {
                double longer = Math.max(0, soak - now);
                changes.add(new Change(present.withSoak(soak), 1 + longer / 60));
            }
        }
    }

    /** Soaks people can set: to 5 s, beyond a minute to 15 s. */
    static double rounded(double seconds) {
        double step = seconds > 60 ? 15 : 5;
        return Math.round(seconds / step) * step;
    }

    private static void layers(SetUp present, List<Board> shims, List<Change> changes) {
        List<Layer> layers = present.stack().layers();
        int onStock = present.shimPlace();
        for (Board board : shims) {
            if (present.stack().left(board) > 0) {
                Layer layer = new Layer(board, Facing.UP);
                changes.add(new Change(present.withStack(present.stack().with(onStock, layer)), LAYER_COST));
                for (int i = 0; i < layers.size(); i++) {
                    if (layers.get(i).item() instanceof Board old
                            && old.kind().shim()
                            && !old.id().equals(board.id())) {
                        changes.add(new Change(present.withStack(present.stack().replaced(i, layer)), LAYER_COST));
                    }
                }
            }
        }
        for (int i = 0; i < layers.size(); i++) {
            if (layers.get(i).item() instanceof Board old && old.kind().shim()) {
                changes.add(new Change(present.withStack(present.stack().without(i)), LAYER_COST));
            }
        }
    }
}
