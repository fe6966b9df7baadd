package glanzen.start;

import glanzen.kit.Board;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.function.ToIntFunction;

/** Chooses boards that together are about as thick as is wanting; of equal fits the one with fewer boards. */
public final class Filling {

    /** How many boards are laid. */
    enum Most {
        /** As people do: five in all, two of a kind. */
        USUAL(5, 2),
        /** Where that does not do. */
        FREELY(8, 4);

        private final int boards;
        private final int ofAKind;

        Most(int boards, int ofAKind) {
            this.boards = boards;
            this.ofAKind = ofAKind;
        }
    }

    /** One board less is worth this much of a miss, mm; a base is there to fill. */
    private static final double BOARD_MM = 0.06;

    private static final double BASE_MM = 0.02;
    /** Card and tissue are laid on foil's stock as easily by twos; a hard shim there is one more thing to square up. */
    private static final double SOFT_MM = 0.025;

    private static final double HARD_MM = 0.08;

    private static final double EQUAL_MM = 1e-9;

    private static final double TOO_THIN = 1.8;
    private static final double TOO_THICK = 1.5;
    /** What is not pressed at all, or refused, is worse than any number of boards. */
    private static final double NO_PULL = 10;

    /**
     * What is wanting, and how far off it may be.
     *
     * @param mm thickness that is wanting, mm
     * @param lessMm how much less is not gripped any more, mm
     * @param moreMm how much more a press does not bear, mm
     */
    record Wanting(double mm, double lessMm, double moreMm) {

        /** So much, and nothing known of what is borne. */
        static Wanting of(double mm) {
            return new Wanting(mm, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY);
        }

        /** Too thin is worse than too thick by the same: what is not gripped is not pressed at all. */
        private double miss(double thereMm) {
            double off = thereMm - mm;
            boolean pulled = off > -lessMm && off <= moreMm;
            return (off < 0 ? -TOO_THIN * off : TOO_THICK * off) + (pulled ? 0 : NO_PULL);
        }
    }

    private final List<Board> boards;
    private final Wanting wanting;
    private final int most;
    private final ToDoubleFunction<Board> trouble;
    private final double leastTrouble;
    private List<Board> best = List.of();
    private double bestMiss;

    private Filling(List<Board> boards, Wanting wanting, Most most, ToDoubleFunction<Board> trouble) {
        this.boards = boards;
        this.most = most.boards;
        this.wanting = wanting;
        this.trouble = trouble;
        this.leastTrouble = boards.stream().mapToDouble(trouble).min().orElse(0);
        this.bestMiss = wanting.miss(0);
    }

    /**
     * What a shelf has to fill with, thickest first; nobody lays more than two of a kind.
     *
     * @param left how many of a board are not in use yet
     */
    public static List<Board> shelf(List<Board> boards, ToIntFunction<Board> left) {
        return shelf(boards, left, Most.USUAL);
    }

    /** The same, with as many of a kind as may be laid. */
    static List<Board> shelf(List<Board> boards, ToIntFunction<Board> left, Most most) {
        return boards.stream()
                .filter(b -> b.kind().fills() && b.sound())
                .flatMap(b -> Collections.nCopies(Math.max(0, Math.min(most.ofAKind, left.applyAsInt(b))), b).stream())
                .sorted(Comparator.comparingDouble(b -> -b.thicknessMm()))
                .toList();
    }

    /**
     * Fills the opening from below.
     *
     * @param boards what there is, thickest first
     * @param wantedMm thickness that is wanting, mm
     */
    public static List<Board> below(List<Board> boards, double wantedMm) {
        return below(boards, Wanting.of(wantedMm), Most.USUAL);
    }

    /** The same, with so many boards at most. */
    static List<Board> below(List<Board> boards, Wanting wanting, Most most) {
        return new Filling(boards, wanting, most, b -> b.kind() == Board.Kind.BASE ? BASE_MM : BOARD_MM).best();
    }

    /**
     * Cushions a sheet from behind.
     *
     * @param shims what there is, thickest first
     */
    static List<Board> behind(List<Board> shims, Wanting wanting, Most most) {
        return new Filling(shims, wanting, most, b -> b.material().stiffness().soft() ? SOFT_MM : HARD_MM).best();
    }

    /**
     * A stack with boards put under it. Rollers may touch what is hard and smooth; thin shims lie one layer further in.
     *
     * @param layers the stack, bottom to top
     * @param fill what is put under it
     */
    public static List<Layer> under(List<Layer> layers, List<Board> fill) {
        List<Layer> all = new ArrayList<>();
        fill.stream().filter(Filling::outermost).forEach(b -> all.add(new Layer(b, Facing.UP)));
        boolean plated = layers.get(0).item() instanceof Board first && outermost(first);
        int inner = all.isEmpty() && plated ? 1 : all.size();
        all.addAll(layers);
        fill.stream().filter(b -> !outermost(b)).forEach(b -> all.add(inner, new Layer(b, Facing.UP)));
        return all;
    }

    private static boolean outermost(Board b) {
        return b.kind() == Board.Kind.BASE || b.kind() == Board.Kind.OUTER_PLATE || b.kind() == Board.Kind.PLASTIC_SHIM;
    }

    private List<Board> best() {
        tryFrom(0, new ArrayList<>(), 0, 0);
        return best;
    }

    /** Tries all that may be better than the best: of a hundred boards there are a hundred million fives. */
    private void tryFrom(int from, List<Board> chosen, double mm, double troubles) {
        double miss = wanting.miss(mm) + troubles;
        if (miss < bestMiss - EQUAL_MM) {
            bestMiss = miss;
            best = List.copyOf(chosen);
        }
        int more = most - chosen.size();
        for (int i = from; i < boards.size() && more > 0 && troubles + leastTrouble < bestMiss - EQUAL_MM; i++) {
            Board board = boards.get(i);
            double with = mm + board.thicknessMm();
            if (tooThin(mm + more * board.thicknessMm())) {
                // All that follow are thinner.
                return;
            }
            if (with < wanting.mm || wanting.miss(with) < bestMiss) {
                chosen.add(board);
                tryFrom(i + 1, chosen, with, troubles + trouble.applyAsDouble(board));
                chosen.remove(chosen.size() - 1);
            }
        }
    }

    private boolean tooThin(double mm) {
        return mm < wanting.mm && wanting.miss(mm) >= bestMiss;
    }
}
