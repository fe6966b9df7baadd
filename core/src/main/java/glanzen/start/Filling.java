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

    private static final int MOST = 5;
    /** One board less is worth this much of a miss, mm; a base is there to fill. */
    private static final double BOARD_MM = 0.06;

    private static final double BASE_MM = 0.02;
    /** Card and tissue are laid on foil's stock as easily by twos; a hard shim there is one more thing to square up. */
    private static final double SOFT_MM = 0.025;

    private static final double HARD_MM = 0.08;

    private static final int MOST_OF_A_KIND = 2;

    private static final double EQUAL_MM = 1e-9;

    private static final double TOO_THIN = 1.8;
    private static final double TOO_THICK = 1.5;

    private final List<Board> boards;
    private final double wantedMm;
    private final ToDoubleFunction<Board> trouble;
    private final double leastTrouble;
    private List<Board> best = List.of();
    private double bestMiss;

    private Filling(List<Board> boards, double wantedMm, ToDoubleFunction<Board> trouble) {
        this.boards = boards;
        this.wantedMm = wantedMm;
        this.trouble = trouble;
        this.leastTrouble = boards.stream().mapToDouble(trouble).min().orElse(0);
        this.bestMiss = miss(0);
    }

    /**
     * What a shelf has to fill with, thickest first; nobody lays more than two of a kind.
     *
     * @param left how many of a board are not in use yet
     */
    public static List<Board> shelf(List<Board> boards, ToIntFunction<Board> left) {
        return boards.stream()
                .filter(b -> b.kind().fills() && b.sound())
                .flatMap(b ->
                        Collections.nCopies(Math.max(0, Math.min(MOST_OF_A_KIND, left.applyAsInt(b))), b).stream())
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
        return new Filling(boards, wantedMm, b -> b.kind() == Board.Kind.BASE ? BASE_MM : BOARD_MM).best();
    }

    /**
     * Cushions a sheet from behind.
     *
     * @param shims what there is, thickest first
     * @param wantedMm thickness that is wanting, mm
     */
    static List<Board> behind(List<Board> shims, double wantedMm) {
        return new Filling(shims, wantedMm, b -> b.material().stiffness().soft() ? SOFT_MM : HARD_MM).best();
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
        int inner = all.isEmpty() ? 1 : all.size();
        all.addAll(layers);
        fill.stream().filter(b -> !outermost(b)).forEach(b -> all.add(inner, new Layer(b, Facing.UP)));
        return all;
    }

    private static boolean outermost(Board b) {
        return b.kind().filler() || b.kind() == Board.Kind.PLASTIC_SHIM;
    }

    private List<Board> best() {
        tryFrom(0, new ArrayList<>(), 0, 0);
        return best;
    }

    /** Tries all that may be better than the best: of a hundred boards there are a hundred million fives. */
    private void tryFrom(int from, List<Board> chosen, double mm, double troubles) {
        double miss = miss(mm) + troubles;
        if (miss < bestMiss - EQUAL_MM) {
            bestMiss = miss;
            best = List.copyOf(chosen);
        }
        int more = MOST - chosen.size();
        for (int i = from; i < boards.size() && more > 0 && troubles + leastTrouble < bestMiss - EQUAL_MM; i++) {
            Board board = boards.get(i);
            double with = mm + board.thicknessMm();
            if (tooThin(mm + more * board.thicknessMm())) {
                // All that follow are thinner.
                return;
            }
            if (with < wantedMm || miss(with) < bestMiss) {
                chosen.add(board);
                tryFrom(i + 1, chosen, with, troubles + trouble.applyAsDouble(board));
                chosen.remove(chosen.size() - 1);
            }
        }
    }

    private boolean tooThin(double mm) {
        return mm < wantedMm && miss(mm) >= bestMiss;
    }

    /** Too thin is worse than too thick by the same: what is not gripped is not pressed at all. */
    private double miss(double mm) {
        double off = mm - wantedMm;
        return off < 0 ? -TOO_THIN * off : TOO_THICK * off;
    }
}
