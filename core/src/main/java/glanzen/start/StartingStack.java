package glanzen.start;

import glanzen.artwork.ArtworkShelf;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Machine;
import glanzen.kit.Pace;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.kit.Stock;
import glanzen.layout.FirstLayout;
import glanzen.layout.Fixing;
import glanzen.layout.Layout;
import glanzen.measure.BadInput;
import glanzen.press.Frame;
import glanzen.press.LoadPath;
import glanzen.press.Nip;
import glanzen.route.LayerRole;
import glanzen.route.LayerSlot;
import glanzen.route.Mechanism;
import glanzen.route.Medium;
import glanzen.route.Route;
import glanzen.rules.Rules;
import glanzen.setup.Gel;
import glanzen.setup.Heat;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The set-up a route begins with, built from boards the person owns. What is missing is left to the rules to say. */
public final class StartingStack {

    private static final double HOLD_SECONDS = 12;
    /** Share of the greatest force that a starting stack may ask of a press whose label is not quite true. */
    private static final double EASE = 0.87;

    /**
     * What a person picks.
     *
     * @param route how it is done
     * @param machine what it goes through
     * @param platform what heats; nothing where the route needs none
     * @param tool what carries the design, or laid it
     * @param film foil or flock; nothing where the route takes none
     * @param stock what is worked on
     * @param roomC room temperature, °C
     */
    public record Pick(
            Route route,
            Machine machine,
            @Nullable Platform platform,
            Plate tool,
            @Nullable Film film,
            Stock stock,
            double roomC) {

        public Pick {
            if (route.heated() && platform == null) {
                throw new BadInput("platformId", "is missing", "a heated platform: " + route.label() + " needs one");
            }
            if (route.film().isPresent() && film == null) {
                throw new BadInput(
                        "filmId", "is missing", "a " + route.film().get().label());
            }
            if (!route.machines().contains(machine.machine())) {
                throw new BadInput(
                        "machineId",
                        "cannot do this: " + machine.name() + " is a "
                                + machine.machine().label(),
                        words(route));
            }
        }

        private static String words(Route route) {
            return String.join(
                    " or ", route.machines().stream().map(k -> "a " + k.label()).toList());
        }
    }

    private final Pick pick;
    private final Inventory shop;
    private final List<Board> shelf;
    private final Map<String, Integer> used = new HashMap<>();

    private StartingStack(Pick pick, Inventory shop) {
        this.pick = pick;
        this.shop = shop;
        this.shelf = shop.boards();
    }

    /**
     * Builds it on a platform; the short way for routes that are done there.
     *
     * @param shelf boards the person owns
     * @param roomC room temperature, °C
     */
    public static SetUp of(
            Route route,
            Press press,
            Platform platform,
            Plate plate,
            Film film,
            Stock stock,
            List<Board> shelf,
            double roomC) {
        return of(
                new Pick(route, press, platform, plate, film, stock, roomC), new Inventory(shelf, new ArtworkShelf()));
    }

    /** Builds it from the boards of a workshop. */
    public static SetUp of(Pick pick, Inventory shop) {
        StartingStack start = new StartingStack(pick, shop);
        SetUp bare = start.bare();
        Route route = pick.route();
        if (!route.heated()) {
            return bare.withStack(new Stack(start.filled(bare)));
        }
        return start.cushioned(bare)
                .withLayout(FirstLayout.of(
                        pick.tool(),
                        pick.stock(),
                        bare.onPlatform().platform(),
                        bare.press(),
                        route.taped() ? Fixing.TAPED : Fixing.LOOSE));
    }

    /** With as much card as the route's squeeze wants on this press, and no more than the press bears with ease. */
    private SetUp cushioned(SetUp bare) {
        if (!pick.route().has(LayerRole.CARD)) {
            return bare;
        }
        List<Layer> hard = bare.stack().layers().stream()
                .filter(l -> !(l.item() instanceof Board b && b.kind() == Board.Kind.CARD_SHIM))
                .toList();
        SetUp without = bare.withStack(new Stack(hard));
        Press press = bare.press();
        double borne = EASE * press.maxForceN() / press.stiffnessNPerMm();
        double wanted = Math.min(pick.route().targetMm(), borne) - without.overfillMm();
        used.clear();
        List<Board> thin = fillers().stream()
                .filter(b -> b.kind() != Board.Kind.BASE && b.kind() != Board.Kind.OUTER_PLATE)
                .toList();
        List<Layer> layers = new ArrayList<>(hard);
        Filling.behind(thin, wanted).forEach(b -> layers.add(without.shimPlace(), new Layer(b, Facing.UP)));
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
                .min(Comparator.comparing((Board b) -> !covers(b))
                        .thenComparingDouble(b -> usualMm == 0 ? 0 : Math.abs(b.thicknessMm() - usualMm))
                        .thenComparing(b -> sensed() && !b.opaque()));
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
        int there = b.owned() * (b.kind().folded() ? 2 : 1);
        return there - used.getOrDefault(b.id(), 0);
    }

    /** Fills the opening of a press from below, where the route leaves that to its boards. */
    private List<Layer> filled(SetUp bare) {
        List<Layer> layers = bare.stack().layers();
        if (!(pick.machine() instanceof Press press)) {
            return layers;
        }
        double free = layers.stream()
                        .map(Layer::item)
                        .filter(item -> !(pick.route().mechanism() == Mechanism.CUT && item instanceof Stock))
                        .mapToDouble(item -> item.thicknessMm())
                        .sum()
                - press.openingMm();
        List<Board> fill = Filling.below(fillers(), squeezeMm(bare) - free);
        return Filling.under(layers, fill);
    }

    /** How much too thick it should be: by experience, or so that the design gets the pressure that its film wants. */
    private double squeezeMm(SetUp bare) {
        Route route = pick.route();
        if (route.targetMpa() == 0 || !Rules.computable(bare)) {
            return route.targetMm();
        }
        double broad = shop.artwork(bare).meanWidthMm();
        return Nip.overfillFor(Frame.of(bare.press()), LoadPath.of(bare.stack()), route.targetMpa(), broad);
    }

    private List<Board> fillers() {
        List<Board> seen = shelf.stream()
                .filter(b -> !sensed() || !b.kind().filler() || b.opaque())
                .toList();
        return Filling.shelf(seen, this::left);
    }
}
