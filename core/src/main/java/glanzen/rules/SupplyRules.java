package glanzen.rules;

import glanzen.finding.Finding;
import glanzen.finding.Finding.Mend;
import glanzen.finding.RuleId;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.measure.Figures;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.stack.Layer;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Whether the kit is up to it: what is owned, how worn it is, how much foil is left. */
final class SupplyRules {

    static final List<Rule> ALL = List.of(SupplyRules::owned, SupplyRules::worn, SupplyRules::foilLeft);

    private SupplyRules() {}

    private static Stream<Finding<SetUp>> owned(SetUp s, Inventory shop) {
        List<Layer> layers = s.stack().layers();
        return s.stack().all(Board.class).stream().distinct().flatMap(board -> {
            int left = s.stack().left(board);
            if (left >= 0) {
                return Stream.empty();
            }
            int last = IntStream.range(0, layers.size())
                    .filter(i -> layers.get(i).item().id().equals(board.id()))
                    .max()
                    .orElseThrow();
            return Stream.of(Finding.at(
                    last,
                    RuleId.OWNED,
                    board.name() + " lies there " + (board.layers() - left) + " times; you own " + board.owned(),
                    "The stack counts on more than there is on the shelf",
                    new Mend<>("Take one out", s.withStack(s.stack().without(last)))));
        });
    }

    private static Stream<Finding<SetUp>> worn(SetUp s, Inventory shop) {
        return s.stack().all(Board.class).stream().distinct().flatMap(board -> {
            int index = s.stack().indexWhere(item -> item.equals(board));
            if (board.bowMm() >= Board.REFUSED_AT_MM) {
                return Stream.of(Finding.at(
                        index,
                        RuleId.BOWED,
                        board.name() + " is badly bowed: its middle stands off by " + Figures.length(board.bowMm()),
                        "A badly bowed board can damage the press: turn it over, or take another",
                        replacement(s, shop, board, index)));
            }
            if (board.bowMm() >= Board.TURN_AT_MM || board.wear() > 1) {
                String what = board.wear() > 1
                        ? board.name() + " is past its life: " + board.passes() + " of " + board.lifePasses()
                                + " passes"
                        : board.name() + " is bowed by " + Figures.length(board.bowMm());
                return Stream.of(Finding.at(
                        index,
                        RuleId.WORN,
                        what,
                        "Turn or swap it: worn boards press unevenly",
                        replacement(s, shop, board, index)));
            }
            return Stream.empty();
        });
    }

    private static @Nullable Mend<SetUp> replacement(SetUp s, Inventory shop, Board worn, int index) {
        return BoardRules.instead(s, shop, index, b -> b.kind() == worn.kind() && b.sound());
    }

    private static Stream<Finding<SetUp>> foilLeft(SetUp s, Inventory shop) {
        boolean fromLeftovers =
                s.layout().laid() && s.layout().plates().stream().allMatch(p -> p.foil() != null);
        if (!Rules.computable(s)
                || s.route().film().isEmpty()
                || fromLeftovers
                || s.film().leftCm2() >= s.plate().areaCm2()) {
            return Stream.empty();
        }
        return Stream.of(Finding.at(
                s.stack().indexOf(Film.class),
                RuleId.FOIL_SHORT,
                "There is not enough of " + s.film().name() + " left for this "
                        + s.route().toolWord(),
                "Where foil has been used it misses",
                null));
    }
}
