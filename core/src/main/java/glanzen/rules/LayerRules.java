package glanzen.rules;

import glanzen.finding.Finding;
import glanzen.finding.Finding.Mend;
import glanzen.finding.RuleId;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.StackItem;
import glanzen.kit.Stock;
import glanzen.route.LayerRole;
import glanzen.route.LayerSlot;
import glanzen.route.Mechanism;
import glanzen.route.Route;
import glanzen.setup.Gel;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What must lie in the stack, how often, in which order and which way up, as its route says. */
final class LayerRules {

    static final List<Rule> ALL = List.of(LayerRules::once, LayerRules::order, LayerRules::faces, LayerRules::laid);

    private static final List<LayerRole> CORE =
            List.of(LayerRole.PLATFORM, LayerRole.TOOL, LayerRole.FILM, LayerRole.STOCK);

    private LayerRules() {}

    /** What a layer is, apart from boards. */
    private static Optional<LayerRole> core(StackItem item) {
        return CORE.stream().filter(p -> p.takes(item)).findFirst();
    }

    private static List<LayerRole> wanted(SetUp s) {
        return wanted(s.route());
    }

    private static List<LayerRole> wanted(Route route) {
        return route.slots().stream()
                .map(LayerSlot::part)
                .filter(CORE::contains)
                .toList();
    }

    /** What a stack of a route is made of, bottom to top, in words; of cuts and relief the die may lie on either side. */
    static String asksFor(Route route) {
        List<String> words = wanted(route).stream().map(p -> word(route, p)).toList();
        boolean ordered = route.mechanism() == Mechanism.TRANSFER;
        return (ordered ? "from the bottom " : "") + String.join(", ", words) + ", once each, between their boards";
    }

    private static int most(SetUp s, LayerRole part) {
        return !wanted(s).contains(part)
                ? 0
                : part == LayerRole.STOCK ? s.route().mostSheets() : 1;
    }

    private static int count(Stack stack, LayerRole part) {
        return (int) stack.layers().stream().filter(l -> part.takes(l.item())).count();
    }

    private static boolean counted(SetUp s) {
        return CORE.stream().allMatch(p -> {
            int there = count(s.stack(), p);
            return wanted(s).contains(p) ? there >= 1 && there <= most(s, p) : there == 0;
        });
    }

    static boolean inOrder(SetUp s) {
        return counted(s) && parted(s.stack()) && sequence(s);
    }

    /** Tool, film and stock lie on each other with nothing between them. */
    private static boolean parted(Stack stack) {
        int[] touching = IntStream.range(0, stack.layers().size())
                .filter(i -> core(stack.layers().get(i).item())
                        .filter(p -> p != LayerRole.PLATFORM)
                        .isPresent())
                .toArray();
        return touching[touching.length - 1] - touching[0] == touching.length - 1;
    }

    private static boolean sequence(SetUp s) {
        List<LayerRole> there = s.stack().layers().stream()
                .flatMap(l -> core(l.item()).stream())
                .distinct()
                .toList();
        if (s.route().mechanism() == Mechanism.TRANSFER) {
            return there.equals(wanted(s));
        }
        // A die may lie under the stock or on it, not among the sheets.
        int tool = s.stack().indexWhere(LayerRole.TOOL::takes);
        int first = s.stack().indexWhere(LayerRole.STOCK::takes);
        int sheets = count(s.stack(), LayerRole.STOCK);
        return tool == first - 1 || tool == first + sheets;
    }

    /** Something that lies in no stack, but without which nothing can be computed. */
    static boolean wanting(SetUp s) {
        boolean design = !s.route().toolInStack() && s.design() == null;
        return design || s.route().wantsGel() && s.gel() == null;
    }

    private static Stream<Finding<SetUp>> once(SetUp s, Inventory shop) {
        return CORE.stream().flatMap(part -> counted(s, part));
    }

    private static Stream<Finding<SetUp>> counted(SetUp s, LayerRole part) {
        int there = count(s.stack(), part);
        boolean wanted = wanted(s).contains(part);
        if (wanted && there == 0) {
            return Stream.of(Finding.at(
                    -1, RuleId.MISSING_LAYER, "There is no " + word(s, part) + " in the stack", part.why(), null));
        }
        if (there <= most(s, part)) {
            return Stream.empty();
        }
        int last = IntStream.range(0, s.stack().layers().size())
                .filter(i -> part.takes(s.stack().layers().get(i).item()))
                .max()
                .orElseThrow();
        Mend<SetUp> mend = new Mend<>(
                there == 1 ? "Take it out" : "Take the upper one out",
                s.withStack(s.stack().without(last)));
        if (!wanted) {
            return Stream.of(Finding.at(
                    last,
                    RuleId.NO_PLACE,
                    "A " + word(s, part) + " has no place in this stack",
                    s.route().says(),
                    mend));
        }
        String what = "There are " + (there == 2 ? "two" : there) + " layers of " + word(s, part) + " in the stack";
        return Stream.of(Finding.at(last, RuleId.TOO_MANY_LAYERS, what, part.why(), mend));
    }

    private static String word(SetUp s, LayerRole part) {
        return word(s.route(), part);
    }

    private static String word(Route route, LayerRole part) {
        if (part == LayerRole.TOOL) {
            return route.toolInStack() ? route.toolWord() : "tool";
        }
        boolean flock = part == LayerRole.FILM
                && route.film().filter(k -> k == Film.Kind.FLOCK).isPresent();
        return flock ? "flock" : part.word();
    }

    private static Stream<Finding<SetUp>> order(SetUp s, Inventory shop) {
        if (!counted(s) || inOrder(s)) {
            return Stream.empty();
        }
        List<String> words = wanted(s).stream().map(p -> word(s, p)).toList();
        List<String> touching =
                words.stream().filter(w -> !w.equals(LayerRole.PLATFORM.word())).toList();
        String names = String.join(", ", touching.subList(0, touching.size() - 1)) + " and "
                + touching.get(touching.size() - 1);
        return Stream.of(Finding.at(
                s.stack().indexWhere(i -> LayerRole.FILM.takes(i) || LayerRole.STOCK.takes(i)),
                RuleId.ORDER,
                names.substring(0, 1).toUpperCase(Locale.ROOT) + names.substring(1)
                        + " do not lie on each other in that order",
                "From the bottom: " + String.join(", ", words) + ", then what lies on them. Nothing may part " + names,
                new Mend<>("Put them in order", s.withStack(ordered(s)))));
    }

    private static Stack ordered(SetUp s) {
        List<Layer> layers = s.stack().layers();
        List<Layer> sorted = new ArrayList<>();
        int lowest = 0;
        while (lowest < layers.size()
                && layers.get(lowest).item() instanceof Board b
                && BoardRules.mayTouch(s, b, true)) {
            sorted.add(layers.get(lowest++));
        }
        for (LayerRole part : wanted(s)) {
            layers.stream().filter(l -> part.takes(l.item())).forEach(sorted::add);
        }
        layers.stream().skip(lowest).filter(l -> l.item() instanceof Board).forEach(sorted::add);
        return new Stack(sorted);
    }

    private static Stream<Finding<SetUp>> faces(SetUp s, Inventory shop) {
        return s.route().slots().stream().filter(slot -> slot.facing() != null).flatMap(slot -> {
            int index = s.stack().indexWhere(slot.part()::takes);
            if (index < 0 || s.stack().layers().get(index).facing() == wanted(s, slot, index)) {
                return Stream.empty();
            }
            Layer layer = s.stack().layers().get(index);
            return Stream.of(Finding.at(
                    index,
                    slot.part() == LayerRole.FILM
                            ? RuleId.FILM_FACE
                            : slot.part() == LayerRole.TOOL ? RuleId.PLATE_FACE : RuleId.STOCK_FACE,
                    "The " + word(s, slot.part()) + " lies " + telling(s, slot.part())
                            + (layer.facing() == Facing.UP ? " up" : " down"),
                    slot.whyFacing(),
                    new Mend<>("Turn it over", s.withStack(s.stack().replaced(index, layer.flipped())))));
        });
    }

    /** How a layer must face; a tool that lies over the stock, the other way than below it. */
    private static @Nullable Facing wanted(SetUp s, LayerSlot slot, int index) {
        int stock = s.stack().indexOf(Stock.class);
        boolean over = slot.part() == LayerRole.TOOL && stock >= 0 && stock < index;
        return !over ? slot.facing() : slot.facing() == Facing.UP ? Facing.DOWN : Facing.UP;
    }

    private static String telling(SetUp s, LayerRole part) {
        if (part == LayerRole.TOOL) {
            return s.route().tools().stream().anyMatch(k -> k.cuts()) ? "edge" : "design";
        }
        if (part == LayerRole.STOCK) {
            return "good side";
        }
        return word(s, part).equals("flock") ? "fuzzy face" : "colour face";
    }

    private static Stream<Finding<SetUp>> laid(SetUp s, Inventory shop) {
        List<Finding<SetUp>> found = new ArrayList<>();
        if (!s.route().toolInStack() && s.design() == null) {
            found.add(Finding.at(
                    s.stack().indexWhere(LayerRole.STOCK::takes),
                    RuleId.MISSING_DESIGN,
                    "Nothing says which " + s.route().toolWord() + " the sheet was made with",
                    "The design decides where film is to hold",
                    null));
        }
        if (s.route().wantsGel() && s.gel() == null) {
            found.add(Finding.at(
                    s.stack().indexWhere(LayerRole.STOCK::takes),
                    RuleId.MISSING_GEL,
                    "There is no gel on the sheet",
                    "Film holds on to gel that was spread through a stencil and has dried",
                    new Mend<>("Spread it, and let it dry a day", s.withGel(Gel.USUAL))));
        }
        return found.stream();
    }
}
