package glanzen.rules;

import glanzen.finding.Finding.Mend;
import glanzen.finding.Weight;
import glanzen.kit.Board;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Press;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What can be laid to a stack, taken out of it or exchanged in it, so that its machine takes and presses it. Nothing is offered that
 * would have to be undone again.
 */
final class Thickness {

    /** So many of each are tried, in the order in which they promise to fit. */
    private static final int TRIED = 16;

    private final SetUp now;
    private final Inventory shop;

    Thickness(SetUp now, Inventory shop) {
        this.now = now;
        this.shop = shop;
    }

    /** A way to a thicker stack that is gripped: a board more or another one, or else two more. */
    @Nullable
    Mend<SetUp> thicker() {
        List<Board> free = shop.boards().stream()
                .filter(b -> free(b, 1) && adds(b))
                .sorted(Comparator.comparingDouble(Board::thicknessMm))
                .toList();
        return Stream.of(one(free), exchanged(), pairs(free))
                .flatMap(some -> some)
                .filter(m -> fits(m.mended()))
                .findFirst()
                .orElse(null);
    }

    /** A board to add, the thinnest that is gripped first: where that is refused, thicker ones are too. */
    private Stream<Mend<SetUp>> one(List<Board> free) {
        return free.stream().map(List::of).filter(this::grips).limit(TRIED).map(this::with);
    }

    /** Two boards to add, the thinnest two that are gripped first. */
    private Stream<Mend<SetUp>> pairs(List<Board> free) {
        return IntStream.range(0, free.size())
                .boxed()
                .flatMap(i -> IntStream.range(i, free.size())
                        .filter(j -> i != j || free(free.get(i), 2))
                        .mapToObj(j -> List.of(free.get(i), free.get(j)))
                        .filter(this::grips)
                        .limit(TRIED))
                .sorted(Comparator.comparingDouble(Thickness::mm))
                .limit(TRIED)
                .map(this::with);
    }

    private boolean grips(List<Board> more) {
        return mm(more) + now.overfillMm() > 0;
    }

    private static double mm(List<Board> boards) {
        return boards.stream().mapToDouble(Board::thicknessMm).sum();
    }

    /** A way to a thinner stack that is not refused. */
    @Nullable
    Mend<SetUp> thinner() {
        List<Mend<SetUp>> less = spare().map(this::without).toList();
        return Stream.concat(less.stream(), exchanged())
                .filter(m -> fits(m.mended()))
                .findFirst()
                .or(() -> less.stream()
                        .filter(m -> sound(m.mended()) && gripped(m.mended()))
                        .findFirst())
                .orElse(null);
    }

    private boolean adds(Board b) {
        return b.kind().shim() || !now.route().heated() && b.kind().filler();
    }

    private boolean free(Board board, int more) {
        return board.sound() && now.stack().left(board) >= more;
    }

    private Mend<SetUp> with(List<Board> more) {
        SetUp with = now;
        for (Board b : more) {
            if (with.stack().layers().size() < Stack.MOST) {
                int at = !b.kind().filler() ? with.shimPlace() : BoardRules.mayTouch(with, b, true) ? 0 : 1;
                with = with.withStack(with.stack().with(at, new Layer(b, Facing.UP)));
            }
        }
        return new Mend<>(
                "Add " + String.join(" and ", more.stream().map(Board::name).toList()), with);
    }

    private Mend<SetUp> without(int i) {
        return new Mend<>(
                "Take " + now.stack().layers().get(i).item().name() + " out",
                now.withStack(now.stack().without(i)));
    }

    /** Layers that may be taken out: shims, then what lies there twice, then other boards; the thickest of each first. */
    private Stream<Integer> spare() {
        List<Layer> layers = now.stack().layers();
        return IntStream.range(0, layers.size())
                .boxed()
                .filter(i -> layers.size() > 1 && (layers.get(i).item() instanceof Board || twice(i)))
                .sorted(Comparator.comparing((Integer i) -> !shim(i))
                        .thenComparing(i -> !twice(i) && !shim(i))
                        .thenComparing(i -> -layers.get(i).item().thicknessMm()));
    }

    private boolean shim(int i) {
        return now.stack().layers().get(i).item() instanceof Board board
                && board.kind().shim();
    }

    private boolean twice(int i) {
        List<Layer> layers = now.stack().layers();
        return layers.stream()
                        .filter(layer -> layer.item().equals(layers.get(i).item()))
                        .count()
                > 1;
    }

    /** One board for another of its kind, in the order in which they promise to fit. */
    private Stream<Mend<SetUp>> exchanged() {
        if (!(now.machine() instanceof Press press)) {
            return Stream.empty();
        }
        double half = press.stallsMm() / 2;
        record Exchange(int at, Board other, double offMm) {}
        List<Layer> layers = now.stack().layers();
        return IntStream.range(0, layers.size())
                .boxed()
                .flatMap(i -> layers.get(i).item() instanceof Board old
                        ? shop.boards().stream()
                                .filter(b -> b.kind() == old.kind() && !b.id().equals(old.id()) && free(b, 1))
                                .map(b -> new Exchange(
                                        i, b, Math.abs(now.overfillMm() + b.thicknessMm() - old.thicknessMm() - half)))
                        : Stream.<Exchange>empty())
                .sorted(Comparator.comparingDouble(Exchange::offMm))
                .limit(TRIED)
                .map(e -> new Mend<>(
                        "Use " + e.other.name() + " for "
                                + layers.get(e.at).item().name(),
                        now.withStack(now.stack().replaced(e.at, new Layer(e.other, Facing.UP)))));
    }

    private boolean fits(SetUp s) {
        return Rules.computable(s) && sound(s) && gripped(s) && borne(s);
    }

    private boolean borne(SetUp s) {
        return s.machine() instanceof HeatedRollers rollers
                ? s.stack().thicknessMm() <= rollers.gapMm()
                : FitRules.forceN(s, shop) <= s.press().maxForceN();
    }

    private static boolean gripped(SetUp s) {
        return s.machine() instanceof HeatedRollers || s.overfillMm() > 0;
    }

    /** No more boards are missing or lie wrong than before. */
    private boolean sound(SetUp s) {
        return amiss(s) <= amiss(now);
    }

    private long amiss(SetUp s) {
        return BoardRules.ALL.stream()
                .flatMap(rule -> rule.check(s, shop))
                .filter(f -> f.weight() == Weight.STOP)
                .count();
    }
}
