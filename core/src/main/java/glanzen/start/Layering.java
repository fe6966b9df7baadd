package glanzen.start;

import glanzen.kit.Board;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Pace;
import glanzen.kit.Press;
import glanzen.kit.Stock;
import glanzen.layout.FirstLayout;
import glanzen.layout.Fixing;
import glanzen.layout.Layout;
import glanzen.route.LayerRole;
import glanzen.route.LayerSlot;
import glanzen.route.Mechanism;
import glanzen.route.Medium;
import glanzen.route.Route;
import glanzen.setup.Gel;
import glanzen.setup.Heat;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import glanzen.start.StartingStack.Pick;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** One way to lay the first stack of a pick: what the route names, as far as it is owned, and what fills the opening. */
final class Layering {

    private static final double HOLD_SECONDS = 12;
    /** Spacers tried, nearest to the usual thickness first. */
    private static final int MOST_SPACERS = 8;

    /**
     * How far it departs from what is usual.
     *
     * @param freely filled with as many boards as it takes, foil's stock cushioned on any route
     * @param without layers left out that the route can do without
     * @param plateBelow whether an outer plate lies under it, or only what fills the opening
     * @param spacer which spacer, 0 for the one nearest to the usual thickness
     */
    record Way(boolean freely, Set<LayerRole> without, boolean plateBelow, int spacer) {}

    private final Pick pick;
    private final Inventory shop;
    private final Way way;
    private final List<Board> shelf;
    private final Map<String, Integer> used = new HashMap<>();

    Layering(Pick pick, Inventory shop, Way way) {
        this.pick = pick;
        this.shop = shop;
        this.way = way;
        this.shelf = shop.boards();
    }

    /** The ways there are, the usual one first. */
    static List<Way> ways(Pick pick, Inventory shop) {
        Route route = pick.route();
        int spacers = (int) shop.boards().stream()
                .filter(b -> b.kind() == Board.Kind.SPACER && b.sound())
                .limit(MOST_SPACERS)
                .count();
        List<Way> ways = new ArrayList<>();
        for (boolean freely : new boolean[] {false, true}) {
            for (boolean plateBelow : route.has(LayerRole.OUTER) ? List.of(true, false) : List.of(true)) {
                for (Set<LayerRole> without : leftOut(route)) {
                    for (int spacer = 0; spacer < (route.has(LayerRole.SPACER) ? Math.max(1, spacers) : 1); spacer++) {
                        ways.add(new Way(freely, without, plateBelow, spacer));
                    }
                }
            }
        }
        return ways;
    }

    /** Shims of a route that only add pressure or keep things in their place; none of them left out comes first. */
    private static List<Set<LayerRole>> leftOut(Route route) {
        List<LayerRole> shims = route.slots().stream()
                .filter(LayerSlot::optional)
                .map(LayerSlot::part)
                .filter(part -> part == LayerRole.PLASTIC || part == LayerRole.MAGNETIC)
                .toList();
        return Stream.of(
                        Set.<LayerRole>of(),
                        Set.of(LayerRole.PLASTIC),
                        Set.of(LayerRole.MAGNETIC),
                        Set.of(LayerRole.PLASTIC, LayerRole.MAGNETIC))
                .filter(shims::containsAll)
                .toList();
    }

    /** The set-up laid this way. */
    SetUp built() {
        SetUp bare = bare();
        Route route = pick.route();
        if (!route.heated()) {
            return filled(bare);
        }
        return cushioned(bare)
                .withLayout(FirstLayout.of(
                        pick.tool(),
                        pick.stock(),
                        bare.onPlatform().platform(),
                        bare.press(),
                        route.taped() ? Fixing.TAPED : Fixing.LOOSE));
    }

    /** With as much card as the route's squeeze wants on this press, and no more than the press bears with ease. */
    private SetUp cushioned(SetUp bare) {
        if (!pick.route().has(LayerRole.CARD) && !way.freely()) {
            return bare;
        }
        List<Layer> hard = bare.stack().layers().stream()
                .filter(l -> !(l.item() instanceof Board b && b.kind() == Board.Kind.CARD_SHIM))
                .toList();
        SetUp without = bare.withStack(new Stack(hard));
        Press press = bare.press();
        double target = Squeeze.easyMm(without, shop);
        used.clear();
        hard.forEach(l -> used.merge(l.item().id(), 1, Integer::sum));
        List<Board> thin = fillers().stream().filter(b -> !b.kind().filler()).toList();
        List<Layer> layers = new ArrayList<>(hard);
        Filling.behind(thin, Squeeze.wanting(target, without.overfillMm(), press), most())
                .forEach(b -> layers.add(without.shimPlace(), new Layer(b, Facing.UP)));
        return bare.withStack(new Stack(layers));
    }

    private SetUp bare() {
        Route route = pick.route();
        return new SetUp(
                route,
                pick.machine(),
                heat(),
                route.toolInStack() ? null : pick.tool(),
                new Stack(wanted()),
                Pace.SLOW,
                passes(),
                false,
                route.peel(),
                route.overMedium() ? Medium.DRY : Medium.NONE,
                false,
                route.wantsGel() ? Gel.USUAL : null,
                pick.roomC(),
                Layout.NONE);
    }

    /** A quick press goes there and back where the route wants long under the rollers. */
    private int passes() {
        Route route = pick.route();
        boolean quick = pick.machine().speedMmPerS(Pace.SLOW) > route.slowMmPerS();
        return quick ? Math.max(2, route.passes()) : route.passes();
    }

    private Heat heat() {
        Route route = pick.route();
        if (route.heated()) {
            return new Heat.OnPlatform(
                    Objects.requireNonNull(pick.platform()), 0, route.heating(), route.soakSeconds(), HOLD_SECONDS);
        }
        return pick.machine() instanceof HeatedRollers rollers
                ? Heat.HotRollers.warm(rollers, route.rollersC())
                : new Heat.None();
    }

    /** The layers the route names, as far as they are owned. */
    private List<Layer> wanted() {
        List<Layer> layers = new ArrayList<>();
        for (LayerSlot slot : pick.route().slots()) {
            boolean below = slot.part() == LayerRole.OUTER && layers.isEmpty();
            if (way.without().contains(slot.part()) || below && !way.plateBelow()) {
                continue;
            }
            Facing facing = slot.facing() == null ? Facing.UP : slot.facing();
            switch (slot.part()) {
                case PLATFORM -> layers.add(new Layer(pick.platform(), facing));
                case TOOL -> layers.add(new Layer(pick.tool(), facing));
                case FILM -> layers.add(new Layer(pick.film(), facing));
                case STOCK ->
                    layers.add(
                            new Layer(pick.stock(), slot.facing() == null ? LayerPlace.goodSide(pick.tool()) : facing));
                default -> {
                    for (int i = 0; i < slot.count(); i++) {
                        taken(slot.part().board().orElseThrow(), slot.usualMm())
                                .ifPresent(b -> layers.add(new Layer(b, Facing.UP)));
                    }
                }
            }
        }
        return layers;
    }

    /** The sound board of a kind that is nearest to the usual thickness, mm, and large enough for the tool. */
    private Optional<Board> taken(Board.Kind kind, double usualMm) {
        Optional<Board> board = shelf.stream()
                .filter(b -> b.kind() == kind && b.sound() && left(b) > 0)
                .sorted(Comparator.comparing((Board b) -> !covers(b))
                        .thenComparingDouble(b -> usualMm == 0 ? 0 : Math.abs(b.thicknessMm() - usualMm))
                        .thenComparing(b -> sensed() && !b.opaque()))
                .skip(kind == Board.Kind.SPACER ? way.spacer() : 0)
                .findFirst();
        board.ifPresent(b -> used.merge(b.id(), 1, Integer::sum));
        return board;
    }

    private boolean sensed() {
        return pick.machine() instanceof Press press && press.opticalSensor();
    }

    private boolean covers(Board board) {
        return board.widthMm() >= pick.tool().widthMm()
                && board.heightMm() >= pick.tool().heightMm();
    }

    private int left(Board b) {
        return b.layers() - used.getOrDefault(b.id(), 0);
    }

    /** Fills the opening of a press from below, where the route leaves that to its boards. */
    private SetUp filled(SetUp bare) {
        if (!(pick.machine() instanceof Press press)) {
            return bare;
        }
        double over = bare.stack().layers().stream()
                        .map(Layer::item)
                        .filter(item -> !(pick.route().mechanism() == Mechanism.CUT && item instanceof Stock))
                        .mapToDouble(item -> item.thicknessMm())
                        .sum()
                - press.openingMm();
        SetUp filled = bare;
        // What fills gives too: the second time it is known what with.
        for (int time = 0; time < 2; time++) {
            List<Board> fill = Filling.below(fillers(), Squeeze.wanting(Squeeze.mm(filled, shop), over, press), most());
            filled = bare.withStack(new Stack(Filling.under(bare.stack().layers(), fill)));
        }
        return filled;
    }

    private List<Board> fillers() {
        List<Board> seen = shelf.stream()
                .filter(b -> !sensed() || !b.kind().filler() || b.opaque())
                .toList();
        return Filling.shelf(seen, this::left, most());
    }

    private Filling.Most most() {
        return way.freely() ? Filling.Most.FREELY : Filling.Most.USUAL;
    }
}
