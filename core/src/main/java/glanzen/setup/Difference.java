package glanzen.setup;

import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.StackItem;
import glanzen.kit.Stock;
import glanzen.layout.Piece;
import glanzen.layout.Placed;
import glanzen.layout.PlatformPose;
import glanzen.layout.Wording;
import glanzen.measure.Figures;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Something two set-ups do not share.
 *
 * @param what what differs
 * @param before in the first
 * @param after in the second
 * @param change what to do to get from the first to the second, as one tells a person
 */
public record Difference(String what, String before, String after, String change) {

    /** The word for a thing that is absent. */
    private static final String NONE = "none";

    /**
     * @param named the things it is about by name, where it is about things that are added and taken out
     */
    private record Aspect(
            String what,
            Function<SetUp, String> said,
            @Nullable Function<SetUp, List<String>> named) {

        Aspect(String what, Function<SetUp, String> said) {
            this(what, said, null);
        }

        static Aspect ofThings(String what, Function<SetUp, List<String>> named) {
            return new Aspect(what, s -> listed(named.apply(s)), named);
        }

        /** Returns the instruction that leads from one to the other. */
        String change(SetUp before, SetUp after) {
            if (named != null) {
                return swapped(named.apply(before), named.apply(after));
            }
            String first = said.apply(before);
            String second = said.apply(after);
            String title = what.substring(0, 1).toUpperCase(Locale.ROOT) + what.substring(1);
            return title + ": " + second + (first.equals(NONE) ? "" : " instead of " + first);
        }

        /** Things that leave and things that come, each as often as it does. */
        private static String swapped(List<String> before, List<String> after) {
            List<String> out = new ArrayList<>(before);
            after.forEach(out::remove);
            List<String> in = new ArrayList<>(after);
            before.forEach(in::remove);
            if (out.isEmpty() && in.isEmpty()) {
                return "Lay them in this order: " + listed(after);
            }
            if (out.isEmpty()) {
                return "Add " + all(in);
            }
            if (in.isEmpty()) {
                return "Remove " + all(out);
            }
            return out.size() == 1 && in.size() == 1
                    ? "Swap " + all(out) + " for " + all(in)
                    : "Remove " + all(out) + ", add " + all(in);
        }

        private static String all(List<String> names) {
            return names.size() == 1
                    ? names.get(0)
                    : String.join(", ", names.subList(0, names.size() - 1)) + " and " + names.get(names.size() - 1);
        }
    }

    private static String listed(List<String> names) {
        return names.isEmpty() ? NONE : String.join(", ", names);
    }

    private static final List<Aspect> ASPECTS = List.of(
            new Aspect("route", s -> s.route().label()),
            new Aspect("machine", s -> s.machine().name()),
            new Aspect("platform", s -> s.platform().map(Platform::name).orElse(NONE)),
            new Aspect(
                    "heat",
                    s -> s.heated()
                            ? s.heat().levels().get(s.heat().level()).name() + ", " + Figures.temperature(s.setPointC())
                            : NONE),
            Aspect.ofThings("shims", Difference::shims),
            Aspect.ofThings("outer boards", Difference::outerBoards),
            new Aspect("plate", Difference::plates),
            new Aspect("piece", Difference::piece),
            new Aspect("placed", Difference::placed),
            new Aspect("on the platform", Difference::bed),
            new Aspect("make-ready", Difference::makeReady),
            new Aspect("foil", s -> names(s, Film.class)),
            new Aspect("stock", s -> names(s, Stock.class)),
            new Aspect("lying", Difference::lying),
            new Aspect("boards turned over", Difference::turnedOver),
            new Aspect("protective film", Difference::protectiveFilm),
            new Aspect(
                    "cover",
                    s -> s.heat() instanceof Heat.OnPlatform on ? on.heating().label() : NONE),
            new Aspect("soak", s -> s.heat() instanceof Heat.OnPlatform on ? Figures.duration(on.soakSeconds()) : NONE),
            new Aspect("hold", s -> s.heat() instanceof Heat.OnPlatform on ? Figures.duration(on.holdSeconds()) : NONE),
            new Aspect(
                    "warmed up",
                    s -> s.heat() instanceof Heat.HotRollers hot ? Figures.duration(hot.onSeconds()) : NONE),
            new Aspect("pace", s -> s.pace().label()),
            new Aspect("passes", s -> s.passes() == 1 ? "one" : s.passes() == 2 ? "there and back" : s.passes() + ""),
            new Aspect(
                    "peel",
                    s -> s.peel().cooling().label() + ", "
                            + Figures.duration(s.peel().seconds())),
            new Aspect("between passes", s -> s.turned() ? "turned a quarter" : "as it lies"),
            new Aspect("gel", Difference::gel),
            new Aspect("medium", s -> s.medium().label()),
            new Aspect("room", s -> Figures.temperature(s.roomC())));

    /** Where one of these differs, it is said what lies where. */
    private static final Set<String> TELL_OF_ORDER = Set.of("shims", "outer boards", "lying");

    /** Everything two set-ups do not share, in the order in which one builds a stack. */
    public static List<Difference> between(SetUp before, SetUp after) {
        List<Difference> differences = new ArrayList<>();
        for (Aspect aspect : ASPECTS) {
            String first = aspect.said.apply(before);
            String second = aspect.said.apply(after);
            if (!first.equals(second)) {
                differences.add(new Difference(aspect.what, first, second, aspect.change(before, after)));
            }
        }
        if (differences.stream().noneMatch(d -> TELL_OF_ORDER.contains(d.what))) {
            order(before, after).ifPresent(differences::add);
        }
        return differences;
    }

    /** The same things, but in another order. */
    private static Optional<Difference> order(SetUp before, SetUp after) {
        List<String> first = layers(before);
        List<String> second = layers(after);
        boolean same =
                first.stream().sorted().toList().equals(second.stream().sorted().toList());
        return same && !first.equals(second)
                ? Optional.of(new Difference(
                        "order",
                        String.join(", ", first),
                        String.join(", ", second),
                        "Lay them in this order: " + String.join(", ", second)))
                : Optional.empty();
    }

    private static List<String> shims(SetUp s) {
        int platform = s.stack().indexOf(Platform.class);
        int tool = s.stack().indexOf(Plate.class);
        List<String> names = new ArrayList<>();
        for (int i = 0; i < s.stack().layers().size(); i++) {
            Layer layer = s.stack().layers().get(i);
            if (layer.item() instanceof Board board && !outer(board)) {
                names.add(layer.item().name()
                        + (i < platform
                                ? " under the platform"
                                : i < tool ? " under the " + s.route().toolWord() : ""));
            }
        }
        return names;
    }

    private static List<String> outerBoards(SetUp s) {
        return s.stack().all(Board.class).stream()
                .filter(Difference::outer)
                .map(Board::name)
                .toList();
    }

    /** What fills the opening or is folded around the work is no shim. */
    private static boolean outer(Board board) {
        return board.kind().filler() || board.kind().folded();
    }

    private static String plates(SetUp s) {
        if (s.layout().laid()) {
            return String.join(", ", s.plates().stream().map(Plate::name).toList());
        }
        return s.design() == null ? names(s, Plate.class) : s.design().name();
    }

    /** Bottom to top, which way the telling face of each looks; boards are told by themselves. */
    private static String lying(SetUp s) {
        List<String> layers = s.stack().layers().stream()
                .filter(layer -> !(layer.item() instanceof Board))
                .map(layer ->
                        word(layer.item(), s) + " " + layer.facing().name().toLowerCase(Locale.ROOT))
                .distinct()
                .toList();
        return String.join(", ", layers);
    }

    private static String word(StackItem item, SetUp s) {
        if (item instanceof Film film) {
            return film.kind() == Film.Kind.FLOCK ? "flock" : "foil";
        }
        return item instanceof Stock
                ? "stock"
                : item instanceof Platform ? "platform" : s.route().toolWord();
    }

    private static String turnedOver(SetUp s) {
        List<String> names = s.stack().layers().stream()
                .filter(layer -> layer.item() instanceof Board && layer.facing() == Facing.DOWN)
                .map(layer -> layer.item().name())
                .toList();
        return listed(names);
    }

    private static String protectiveFilm(SetUp s) {
        return !s.stock().protectiveFilm() ? NONE : s.filmPeeled() ? "peeled off" : "still on";
    }

    private static String gel(SetUp s) {
        Gel gel = s.gel();
        return gel == null
                ? NONE
                : Figures.length(gel.coatMm()) + ", dried " + Figures.duration(gel.driedSeconds())
                        + (gel.sprayed() ? ", sprayed" : "");
    }

    private static String piece(SetUp s) {
        Piece piece = s.layout().piece();
        return s.layout().laid()
                ? Figures.length(piece.widthMm()) + " × " + Figures.length(piece.heightMm())
                : "not laid out";
    }

    private static String placed(SetUp s) {
        List<String> said = new ArrayList<>();
        for (Placed p : s.layout().plates()) {
            said.add(p.plate().name() + " " + String.join(", ", Wording.said(s.layout(), p)));
        }
        return said.isEmpty() ? "by itself" : String.join("; ", said);
    }

    private static String bed(SetUp s) {
        PlatformPose bed = s.layout().bed();
        String turned = bed.quarterTurns() == 0 ? "" : ", turned " + 90 * bed.quarterTurns() + "°";
        boolean middle = bed.rightMm() == 0 && bed.upMm() == 0;
        return (middle
                        ? "in the middle"
                        : Figures.length(bed.rightMm()) + " right, " + Figures.length(bed.upMm()) + " above the middle")
                + turned
                + ", "
                + s.layout().method().name().toLowerCase(Locale.ROOT);
    }

    private static String makeReady(SetUp s) {
        List<String> names =
                s.layout().patches().stream().map(p -> p.board().name()).toList();
        return listed(names);
    }

    private static List<String> layers(SetUp s) {
        return s.stack().all(StackItem.class).stream().map(StackItem::name).toList();
    }

    private static String names(SetUp s, Class<? extends StackItem> kind) {
        List<String> names = s.stack().all(kind).stream().map(StackItem::name).toList();
        return listed(names);
    }
}
