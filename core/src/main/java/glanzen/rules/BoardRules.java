package glanzen.rules;

import glanzen.finding.Finding;
import glanzen.finding.Finding.Mend;
import glanzen.finding.RuleId;
import glanzen.kit.Board;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Machine;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.StackItem;
import glanzen.kit.Stock;
import glanzen.route.LayerRole;
import glanzen.route.LayerSlot;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Which boards must be there, which may touch the rollers, and which exclude each other. */
final class BoardRules {

    static final List<Rule> ALL = List.of(
            BoardRules::spacer, BoardRules::missing, BoardRules::rollers, BoardRules::exclusive, BoardRules::folderMat);

    /** Boards a route cannot do without, wherever its outermost layers are safe. */
    private static final List<LayerRole> NEEDED =
            List.of(LayerRole.MAT, LayerRole.EMBOSSING_PLATE, LayerRole.CARRIER, LayerRole.PARCHMENT);

    private BoardRules() {}

    private static Stream<Finding<SetUp>> spacer(SetUp s, Inventory shop) {
        if (!s.route().heated()) {
            return Stream.empty();
        }
        int top = s.stack().layers().size() - 1;
        if (takes(s, shop, LayerRole.SPACER, top)) {
            return Stream.empty();
        }
        int spacer = s.stack().indexWhere(item -> is(item, Board.Kind.SPACER));
        if (spacer >= 0) {
            return Stream.of(Finding.at(
                    spacer,
                    RuleId.SPACER_TOP,
                    "The spacer does not lie on top",
                    "It keeps the rollers off shims and stock and spreads their pressure",
                    new Mend<>(
                            "Move the spacer to the top", s.withStack(s.stack().moved(spacer, top)))));
        }
        return Stream.of(Finding.at(
                top,
                RuleId.SPACER_MISSING,
                "There is no spacer on top",
                LayerRole.SPACER.why(),
                added(s, shop, LayerRole.SPACER, top + 1)));
    }

    private static Stream<Finding<SetUp>> missing(SetUp s, Inventory shop) {
        return NEEDED.stream().flatMap(part -> {
            long wanted = s.route().slots().stream()
                    .filter(slot -> slot.part() == part && !slot.optional())
                    .count();
            long there = IntStream.range(0, s.stack().layers().size())
                    .filter(i -> takes(s, shop, part, i))
                    .count();
            if (there >= wanted) {
                return Stream.empty();
            }
            Board.Kind kind = part.board().orElseThrow();
            return Stream.of(Finding.at(
                    -1,
                    RuleId.MISSING_BOARD,
                    "There is " + (there == 0 ? "no " : "only one ") + part.word() + " in the stack"
                            + standsIn(shop, kind),
                    part.why(),
                    added(s, shop, part, place(s, part, there))));
        });
    }

    /**
     * Whether a layer is what a part asks for, or stands in for it: sheets that carry for one another, a plate where none of the right
     * kind is owned and it lies where the route wants it.
     */
    private static boolean takes(SetUp s, Inventory shop, LayerRole part, int index) {
        Board.Kind kind = part.board().orElseThrow();
        if (!(s.stack().layers().get(index).item() instanceof Board board)) {
            return false;
        }
        return board.kind() == kind
                || kind.standIns().contains(board.kind())
                        && (kind.folded() || !owned(shop, kind) && inPlace(s, part, index));
    }

    /** Beyond tool and stock on the side where the route has it. */
    private static boolean inPlace(SetUp s, LayerRole part, int index) {
        int stock = s.stack().indexOf(Stock.class);
        int tool = s.stack().indexOf(Plate.class);
        return last(s, part) ? index > Math.max(stock, tool) : index < Math.min(stock, tool);
    }

    private static boolean last(SetUp s, LayerRole part) {
        List<LayerRole> order = s.route().slots().stream().map(LayerSlot::part).toList();
        return order.indexOf(part) > order.indexOf(LayerRole.STOCK);
    }

    private static boolean owned(Inventory shop, Board.Kind kind) {
        return shop.boards().stream().anyMatch(b -> b.kind() == kind && b.sound());
    }

    private static String standsIn(Inventory shop, Board.Kind kind) {
        if (owned(shop, kind)) {
            return "";
        }
        return usable(shop, kind)
                .findFirst()
                .map(b -> ". You own none; " + b.name() + " can stand in")
                .orElse(". You own none, and nothing you own can stand in");
    }

    private static int place(SetUp s, LayerRole part, long there) {
        Stack stack = s.stack();
        if (part == LayerRole.CARRIER || part == LayerRole.PARCHMENT) {
            boolean below = is(stack.layers().get(0).item(), Board.Kind.CARRIER)
                    || is(stack.layers().get(0).item(), Board.Kind.PARCHMENT);
            return there > 0 && below ? stack.layers().size() : 0;
        }
        int stock = Math.max(0, stack.indexOf(Stock.class));
        int tool = Math.max(0, stack.indexOf(Plate.class));
        return last(s, part) ? Math.max(stock, tool) + 1 : Math.min(stock, tool);
    }

    private static @Nullable Mend<SetUp> added(SetUp s, Inventory shop, LayerRole part, int at) {
        if (s.stack().layers().size() == Stack.MOST) {
            return null;
        }
        return usable(shop, part.board().orElseThrow())
                .filter(b -> s.stack().left(b) > 0)
                .findFirst()
                .map(b -> new Mend<>("Add " + b.name(), s.withStack(s.stack().with(at, new Layer(b, Facing.UP)))))
                .orElseGet(() -> moved(s, shop, part, at));
    }

    /** Of what is all laid already, one that fills the opening can lie where it is wanted. */
    private static @Nullable Mend<SetUp> moved(SetUp s, Inventory shop, LayerRole part, int at) {
        List<Board> laid = usable(shop, part.board().orElseThrow()).toList();
        return IntStream.range(0, s.stack().layers().size())
                .filter(i -> laid.contains(s.stack().layers().get(i).item()) && !takes(s, shop, part, i))
                .mapToObj(i -> new Mend<>(
                        "Move " + s.stack().layers().get(i).item().name() + " there",
                        s.withStack(s.stack().moved(i, i < at ? at - 1 : at))))
                .reduce((first, last) -> last)
                .orElse(null);
    }

    /** The sound boards of a kind, or where none is owned what stands in for it, best first. */
    private static Stream<Board> usable(Inventory shop, Board.Kind kind) {
        List<Board.Kind> kinds = owned(shop, kind) ? List.of(kind) : kind.standIns();
        return kinds.stream().flatMap(k -> shop.boards().stream().filter(b -> b.kind() == k && b.sound()));
    }

    private static Stream<Finding<SetUp>> rollers(SetUp s, Inventory shop) {
        int top = s.stack().layers().size() - 1;
        return Stream.of(0, top).distinct().flatMap(i -> {
            StackItem item = s.stack().layers().get(i).item();
            if (mayTouch(s, item, i == 0)) {
                return Stream.empty();
            }
            return Stream.of(Finding.at(
                    i,
                    RuleId.ROLLERS,
                    item.name() + " would touch the " + (i == 0 ? "lower" : "upper") + " roller",
                    "Rollers may touch the platform, outer plates, a plastic shim or the spacer; metal marks them, and "
                            + "soft layers drag",
                    kept(s, shop, i)));
        });
    }

    static boolean mayTouch(SetUp s, StackItem item, boolean below) {
        if (item instanceof Board board) {
            return switch (board.kind()) {
                case OUTER_PLATE, PLASTIC_SHIM, BASE -> true;
                case SPACER, EMBOSSING_PLATE -> !below;
                // Soft rollers that are hot by themselves are made for carriers.
                case CARRIER, PARCHMENT ->
                    !s.route().machines().contains(s.machine().machine())
                            || s.machine().machine().ordinal() >= Machine.Kind.ROLLER_MACHINE.ordinal();
                default -> false;
            };
        }
        return item instanceof Plate plate ? plate.kind().folder() : below && item instanceof Platform;
    }

    /** Keeps the rollers off a layer: by laying it further in, or by an outer plate. */
    private static @Nullable Mend<SetUp> kept(SetUp s, Inventory shop, int index) {
        Layer layer = s.stack().layers().get(index);
        if (s.route().heated()) {
            int stock = s.stack().indexOf(Stock.class);
            if (!(layer.item() instanceof Board) || stock < 0) {
                return null;
            }
            Stack without = s.stack().without(index);
            return new Mend<>(
                    "Lay it on the stock", s.withStack(without.with(without.indexOf(Stock.class) + 1, layer)));
        }
        boolean rollers = s.machine() instanceof HeatedRollers;
        return added(
                s,
                shop,
                rollers ? LayerRole.CARRIER : LayerRole.OUTER,
                index == 0 ? 0 : s.stack().layers().size());
    }

    private static Stream<Finding<SetUp>> exclusive(SetUp s, Inventory shop) {
        int mat = s.stack().indexWhere(item -> is(item, Board.Kind.EMBOSSING_MAT));
        int magnet = s.stack().indexWhere(item -> is(item, Board.Kind.MAGNETIC_SHIM));
        if (mat < 0) {
            return Stream.empty();
        }
        if (magnet >= 0) {
            // Which of the two is too many depends on what the stack is for.
            int out = s.route().has(LayerRole.MAT) ? magnet : mat;
            return Stream.of(Finding.at(
                    out,
                    RuleId.MAT_AND_MAGNET,
                    "Embossing mat and magnetic shim lie in one stack",
                    "They exclude each other: the mat would be cut",
                    new Mend<>(
                            out == mat ? "Take the mat out" : "Take the magnetic shim out",
                            s.withStack(s.stack().without(out)))));
        }
        return s.route().heated()
                ? Stream.of(Finding.at(
                        mat,
                        RuleId.MAT_HEATED,
                        "An embossing mat lies in a heated stack",
                        "Soft rubber lets foil spread, and it ages in the heat",
                        new Mend<>("Take the mat out", s.withStack(s.stack().without(mat)))))
                : Stream.empty();
    }

    private static Stream<Finding<SetUp>> folderMat(SetUp s, Inventory shop) {
        int mat = s.stack().indexWhere(item -> is(item, Board.Kind.EMBOSSING_MAT));
        boolean folder =
                s.stack().first(Plate.class).filter(p -> p.kind().folder()).isPresent();
        return mat < 0 || !folder
                ? Stream.empty()
                : Stream.of(Finding.at(
                        mat,
                        RuleId.FOLDER_MAT,
                        "An embossing mat lies with a folder",
                        "A folder has both halves of its relief; with the mat it is far too thick",
                        new Mend<>("Take the mat out", s.withStack(s.stack().without(mat)))));
    }

    /** Another owned board in a layer's place: of those that fit, the nearest in thickness. */
    static @Nullable Mend<SetUp> instead(SetUp s, Inventory shop, int index, Predicate<Board> fits) {
        StackItem old = s.stack().layers().get(index).item();
        return shop.boards().stream()
                .filter(b -> fits.test(b) && !b.id().equals(old.id()))
                .min(Comparator.comparingDouble(b -> Math.abs(b.thicknessMm() - old.thicknessMm())))
                .map(b -> new Mend<>(
                        "Use " + b.name() + " instead",
                        s.withStack(s.stack().replaced(index, new Layer(b, Facing.UP)))))
                .orElse(null);
    }

    static boolean is(StackItem item, Board.Kind kind) {
        return item instanceof Board board && board.kind() == kind;
    }
}
