package glanzen.route;

import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.Plate;
import glanzen.kit.Press;
import glanzen.kit.StackItem;
import glanzen.kit.Stock;
import glanzen.measure.Figures;
import glanzen.press.Frame;
import glanzen.press.LoadPath;
import glanzen.press.Nip;
import glanzen.route.Finding.Mend;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Whether the stack fits the press, and whether the kit is fit for it. */
final class FitRules {

    static final List<Rule> ALL = List.of(
            FitRules::grip,
            FitRules::tooThick,
            FitRules::tooWide,
            FitRules::size,
            FitRules::owned,
            FitRules::worn,
            FitRules::foilLeft);

    private static final double BOW_NOTICED_MM = 3;
    private static final double BOW_REFUSED_MM = 6;

    private FitRules() {}

    private static Stream<Finding> grip(SetUp s, Workshop shop) {
        double overfill = s.overfillMm();
        if (!Rules.computable(s) || overfill > 0) {
            return Stream.empty();
        }
        return Stream.of(Finding.stop(
                "not-gripped",
                -1,
                "The rollers do not grip: the stack is " + Figures.length(-overfill) + " thinner than the opening",
                "Only what is thicker than " + Figures.length(s.press().openingMm()) + " is pressed",
                thicker(s, shop)));
    }

    /** The thinnest shim that makes the rollers grip. */
    private static @Nullable Mend thicker(SetUp s, Workshop shop) {
        int onStock = s.stack().indexOf(Stock.class) + 1;
        return shop.boards().stream()
                .filter(b -> b.kind().shim() && b.thicknessMm() + s.overfillMm() > 0.05)
                .min(Comparator.comparingDouble(Board::thicknessMm))
                .map(b -> new Mend("Add " + b.name(), s.withStack(s.stack().with(onStock, new Layer(b, Facing.UP)))))
                .orElse(null);
    }

    private static Stream<Finding> tooThick(SetUp s, Workshop shop) {
        if (!Rules.computable(s)) {
            return Stream.empty();
        }
        Press press = s.press();
        // The widest it can be: the whole plate raised. If even a narrow strip stalls it, it stalls for sure.
        double widest = shop.artwork(s).bands().stream()
                .mapToDouble(b -> b.widthMm())
                .max()
                .orElse(1);
        Nip nip = Nip.solve(Frame.of(press), LoadPath.of(s.stack()), s.overfillMm(), widest);
        if (nip.forceN() <= press.maxForceN()) {
            return Stream.empty();
        }
        String why = press.kind() == Press.Kind.MOTOR
                ? press.name() + " would stop. Reverse the stack out and take a layer away"
                : "Never force a stack through " + press.name() + ": crank it back out and take a layer away";
        return Stream.of(Finding.stop(
                "too-thick",
                -1,
                "The stack is " + Figures.length(s.overfillMm()) + " too thick: the press would refuse it",
                why,
                thinner(s)));
    }

    private static @Nullable Mend thinner(SetUp s) {
        List<Layer> layers = s.stack().layers();
        return IntStream.range(0, layers.size())
                .boxed()
                .filter(i -> layers.get(i).item() instanceof Board b && b.kind().shim())
                .max(Comparator.comparingDouble(i -> layers.get(i).item().thicknessMm()))
                .map(i -> new Mend(
                        "Take " + layers.get(i).item().name() + " out",
                        s.withStack(s.stack().without(i))))
                .orElse(null);
    }

    private static Stream<Finding> tooWide(SetUp s, Workshop shop) {
        List<Layer> layers = s.stack().layers();
        return IntStream.range(0, layers.size())
                .filter(i -> !(layers.get(i).item() instanceof Film))
                .filter(i -> Math.min(
                                layers.get(i).item().widthMm(),
                                layers.get(i).item().heightMm())
                        > s.press().throatMm())
                .mapToObj(i -> Finding.stop(
                        "too-wide",
                        i,
                        layers.get(i).item().name() + " is wider than the throat of "
                                + s.press().name(),
                        "The throat takes " + Figures.length(s.press().throatMm()),
                        null));
    }

    /** For a plate by itself; where things are laid out, the layout's own rules are exact. */
    private static Stream<Finding> size(SetUp s, Workshop shop) {
        if (!Rules.computable(s) || s.layout().laid()) {
            return Stream.empty();
        }
        Plate plate = s.plate();
        Stream<Finding> onPlatform = covers(s.platform(), plate)
                ? Stream.empty()
                : Stream.of(Finding.warn(
                        "plate-overhang",
                        s.stack().indexOf(Plate.class),
                        "The plate is larger than the platform",
                        "What hangs over stays cold and is not foiled",
                        null));
        // Ribbon is narrower than a plate as a matter of course: words lie along it.
        boolean tooSmall = s.stock().kind() != Stock.Kind.RIBBON && !covers(s.stock(), plate);
        return Stream.concat(
                onPlatform,
                tooSmall
                        ? Stream.of(Finding.warn(
                                "stock-small",
                                s.stack().indexOf(Stock.class),
                                "The stock is smaller than the plate",
                                "Cut stock clearly larger than the design and trim it later",
                                null))
                        : Stream.empty());
    }

    private static boolean covers(StackItem large, StackItem small) {
        return large.widthMm() >= small.widthMm() && large.heightMm() >= small.heightMm()
                || large.widthMm() >= small.heightMm() && large.heightMm() >= small.widthMm();
    }

    private static Stream<Finding> owned(SetUp s, Workshop shop) {
        List<Layer> layers = s.stack().layers();
        return s.stack().all(Board.class).stream().distinct().flatMap(board -> {
            int used = (int) layers.stream()
                    .filter(l -> l.item().id().equals(board.id()))
                    .count();
            if (used <= board.owned()) {
                return Stream.empty();
            }
            int last = IntStream.range(0, layers.size())
                    .filter(i -> layers.get(i).item().id().equals(board.id()))
                    .max()
                    .orElseThrow();
            return Stream.of(Finding.warn(
                    "owned",
                    last,
                    board.name() + " lies there " + used + " times; you own " + board.owned(),
                    "The stack counts on more than there is on the shelf",
                    new Mend("Take one out", s.withStack(s.stack().without(last)))));
        });
    }

    private static Stream<Finding> worn(SetUp s, Workshop shop) {
        return s.stack().all(Board.class).stream().distinct().flatMap(board -> {
            int index = s.stack().indexWhere(item -> item.equals(board));
            if (board.bowMm() >= BOW_REFUSED_MM) {
                return Stream.of(Finding.stop(
                        "bowed",
                        index,
                        board.name() + " is badly bowed: its middle stands off by " + Figures.length(board.bowMm()),
                        "A badly bowed board can damage the press: turn it over, or take another",
                        replacement(s, shop, board, index)));
            }
            if (board.bowMm() >= BOW_NOTICED_MM || board.wear() > 1) {
                String what = board.wear() > 1
                        ? board.name() + " is past its life: " + board.passes() + " of " + board.lifePasses()
                                + " passes"
                        : board.name() + " is bowed by " + Figures.length(board.bowMm());
                return Stream.of(Finding.warn(
                        "worn",
                        index,
                        what,
                        "Turn or swap it: worn boards press unevenly",
                        replacement(s, shop, board, index)));
            }
            return Stream.empty();
        });
    }

    private static @Nullable Mend replacement(SetUp s, Workshop shop, Board worn, int index) {
        Optional<Board> better = shop.boards().stream()
                .filter(b -> b.kind() == worn.kind()
                        && !b.id().equals(worn.id())
                        && b.bowMm() < BOW_NOTICED_MM
                        && b.wear() <= 1)
                .min(Comparator.comparingDouble(b -> Math.abs(b.thicknessMm() - worn.thicknessMm())));
        return better.map(b -> new Mend(
                        "Use " + b.name() + " instead",
                        s.withStack(s.stack().replaced(index, new Layer(b, Facing.UP)))))
                .orElse(null);
    }

    private static Stream<Finding> foilLeft(SetUp s, Workshop shop) {
        boolean fromLeftovers =
                s.layout().laid() && s.layout().plates().stream().allMatch(p -> p.foil() != null);
        if (!Rules.computable(s)
                || fromLeftovers
                || s.film().leftCm2() >= s.plate().areaCm2()) {
            return Stream.empty();
        }
        return Stream.of(Finding.warn(
                "foil-short",
                s.stack().indexOf(Film.class),
                "There is not enough of " + s.film().name() + " left for this plate",
                "Where foil has been used it misses",
                null));
    }
}
