package glanzen.route;

import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.StackItem;
import glanzen.kit.Stock;
import glanzen.route.Finding.Mend;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What must lie in the stack, how often, in which order and which way up. */
final class LayerRules {

    static final List<Rule> ALL = List.of(
            LayerRules::once,
            LayerRules::order,
            LayerRules::faces,
            LayerRules::spacer,
            LayerRules::rollers,
            LayerRules::exclusive);

    private LayerRules() {}

    static boolean inOrder(Stack stack) {
        int platform = stack.indexOf(Platform.class);
        int plate = stack.indexOf(Plate.class);
        int film = stack.indexOf(Film.class);
        int stock = stack.indexOf(Stock.class);
        boolean once = Stream.of(Platform.class, Plate.class, Film.class, Stock.class)
                .allMatch(kind -> stack.all(kind).size() == 1);
        return once && platform < plate && film == plate + 1 && stock == film + 1;
    }

    private static Stream<Finding> once(SetUp s, Workshop shop) {
        return Stream.of(
                        count(s, Platform.class, "platform", "Without the platform nothing gets hot"),
                        count(s, Plate.class, "plate", "Exactly one tool faces the stock in a pull"),
                        count(s, Film.class, "foil", "One film at a time; static makes two cling together"),
                        count(s, Stock.class, "stock", "One sheet takes the foil"))
                .flatMap(f -> f);
    }

    private static Stream<Finding> count(SetUp s, Class<? extends StackItem> kind, String name, String why) {
        int there = s.stack().all(kind).size();
        if (there == 1) {
            return Stream.empty();
        }
        if (there == 0) {
            return Stream.of(Finding.stop("missing-" + name, -1, "There is no " + name + " in the stack", why, null));
        }
        int last = IntStream.range(0, s.stack().layers().size())
                .filter(i -> kind.isInstance(s.stack().layers().get(i).item()))
                .max()
                .orElseThrow();
        Mend mend = new Mend("Take the upper one out", s.withStack(s.stack().without(last)));
        String what = "There are " + (there == 2 ? "two" : there) + " layers of " + name + " in the stack";
        return Stream.of(Finding.stop("too-many-" + name, last, what, why, mend));
    }

    private static Stream<Finding> order(SetUp s, Workshop shop) {
        boolean once = Stream.of(Platform.class, Plate.class, Film.class, Stock.class)
                .allMatch(kind -> s.stack().all(kind).size() == 1);
        if (!once || inOrder(s.stack())) {
            return Stream.empty();
        }
        return Stream.of(Finding.stop(
                "order",
                s.stack().indexOf(Film.class),
                "Plate, foil and stock do not lie on each other in that order",
                "From the bottom: platform, plate, foil, stock, then shims and spacer. Nothing may part plate, foil and stock",
                new Mend("Put them in order", s.withStack(ordered(s.stack())))));
    }

    private static Stack ordered(Stack stack) {
        List<Layer> sorted = new ArrayList<>();
        Layer lowest = stack.layers().get(0);
        boolean shimBelow = lowest.item() instanceof Board board && board.kind() == Board.Kind.PLASTIC_SHIM;
        if (shimBelow) {
            sorted.add(lowest);
        }
        for (Class<?> kind : List.of(Platform.class, Plate.class, Film.class, Stock.class)) {
            stack.layers().stream().filter(l -> kind.isInstance(l.item())).forEach(sorted::add);
        }
        stack.layers().stream()
                .skip(shimBelow ? 1 : 0)
                .filter(l -> l.item() instanceof Board)
                .forEach(sorted::add);
        return new Stack(sorted);
    }

    private static Stream<Finding> faces(SetUp s, Workshop shop) {
        return Stream.of(
                        face(
                                s,
                                Plate.class,
                                Facing.UP,
                                "plate-face",
                                "The plate lies design down",
                                "Its flat back takes heat from the platform; its design must meet the foil"),
                        face(
                                s,
                                Film.class,
                                Facing.DOWN,
                                "film-face",
                                "The foil lies colour face up",
                                "The colour face looks at the plate; the dull face must touch the stock, or nothing transfers"),
                        face(
                                s,
                                Stock.class,
                                Facing.DOWN,
                                "stock-face",
                                "The stock lies good side up",
                                "The foil lies under it, so the good side must look down"))
                .flatMap(f -> f);
    }

    private static Stream<Finding> face(
            SetUp s, Class<? extends StackItem> kind, Facing right, String rule, String what, String why) {
        int index = s.stack().indexOf(kind);
        if (index < 0 || s.stack().layers().get(index).facing() == right) {
            return Stream.empty();
        }
        Layer layer = s.stack().layers().get(index);
        Mend mend = new Mend("Turn it over", s.withStack(s.stack().replaced(index, layer.flipped())));
        return Stream.of(Finding.stop(rule, index, what, why, mend));
    }

    private static Stream<Finding> spacer(SetUp s, Workshop shop) {
        int spacer = s.stack().indexWhere(item -> isBoard(item, Board.Kind.SPACER));
        int top = s.stack().layers().size() - 1;
        if (spacer == top) {
            return Stream.empty();
        }
        if (spacer >= 0) {
            return Stream.of(Finding.warn(
                    "spacer-top",
                    spacer,
                    "The spacer does not lie on top",
                    "It keeps the rollers off shims and stock and spreads their pressure",
                    new Mend("Move the spacer to the top", s.withStack(s.stack().moved(spacer, top)))));
        }
        Mend mend = shop.boards().stream()
                .filter(b -> b.kind() == Board.Kind.SPACER)
                .findFirst()
                .map(b -> new Mend("Add " + b.name(), s.withStack(s.stack().with(top + 1, new Layer(b, Facing.UP)))))
                .orElse(null);
        return Stream.of(Finding.stop(
                "spacer-missing",
                top,
                "There is no spacer on top",
                "Without it the stack is far too thin for the rollers, and they would touch what is hot",
                mend));
    }

    private static Stream<Finding> rollers(SetUp s, Workshop shop) {
        int top = s.stack().layers().size() - 1;
        return Stream.of(0, top).distinct().flatMap(i -> {
            StackItem item = s.stack().layers().get(i).item();
            if (mayTouchRollers(item, i == 0)) {
                return Stream.empty();
            }
            return Stream.of(Finding.stop(
                    "rollers",
                    i,
                    item.name() + " would touch the " + (i == 0 ? "lower" : "upper") + " roller",
                    "Rollers may touch the platform, outer plates, a plastic shim or the spacer; metal marks them, and "
                            + "soft layers drag",
                    inwards(s, i)));
        });
    }

    private static boolean mayTouchRollers(StackItem item, boolean below) {
        if (item instanceof Board board) {
            return switch (board.kind()) {
                case OUTER_PLATE, PLASTIC_SHIM -> true;
                case SPACER, EMBOSSING_PLATE -> !below;
                default -> false;
            };
        }
        return below && item instanceof Platform;
    }

    private static @Nullable Mend inwards(SetUp s, int index) {
        int stock = s.stack().indexOf(Stock.class);
        if (!(s.stack().layers().get(index).item() instanceof Board) || stock < 0) {
            return null;
        }
        Layer layer = s.stack().layers().get(index);
        Stack without = s.stack().without(index);
        return new Mend("Lay it on the stock", s.withStack(without.with(without.indexOf(Stock.class) + 1, layer)));
    }

    private static Stream<Finding> exclusive(SetUp s, Workshop shop) {
        int mat = s.stack().indexWhere(item -> isBoard(item, Board.Kind.EMBOSSING_MAT));
        int magnet = s.stack().indexWhere(item -> isBoard(item, Board.Kind.MAGNETIC_SHIM));
        Stream<Finding> both = mat < 0 || magnet < 0
                ? Stream.empty()
                : Stream.of(Finding.stop(
                        "mat-and-magnet",
                        mat,
                        "Embossing mat and magnetic shim lie in one stack",
                        "They exclude each other: the mat would be cut",
                        new Mend("Take the mat out", s.withStack(s.stack().without(mat)))));
        Stream<Finding> heated = mat < 0 || magnet >= 0
                ? Stream.empty()
                : Stream.of(Finding.warn(
                        "mat-heated",
                        mat,
                        "An embossing mat lies in a heated stack",
                        "Soft rubber lets foil spread, and it ages in the heat",
                        new Mend("Take the mat out", s.withStack(s.stack().without(mat)))));
        return Stream.concat(both, heated);
    }

    private static boolean isBoard(StackItem item, Board.Kind kind) {
        return item instanceof Board board && board.kind() == kind;
    }
}
