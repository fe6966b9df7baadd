package glanzen.advice;

import glanzen.kit.Board;
import glanzen.measure.Figures;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What boards are in need of, in which turn to use them, and what a cheaper one would cost and ask for. */
public final class BoardCare {

    private static final double ALIKE_MM = 0.2;
    private static final double UNEVEN = 0.3;
    private static final double LAST_SHARE = 0.85;
    private static final double NOTICED_MM = 0.05;
    /** No calliper tells less apart, mm. */
    private static final double SAME_MM = 0.01;

    private static final String CAUTION = "Other makers’ plates often differ by " + Figures.length(0.3) + " to "
            + Figures.length(1) + ", and no maker vouches for them: the sum says whether it fits, the risk is yours";

    /**
     * One board's state.
     *
     * @param passesLeft trips left of its expected life
     * @param costPerPass in the person's own money; 0 if not known
     * @param says what it is in need of; empty if nothing
     * @param turn whether turning it over is what helps
     */
    public record Care(
            String boardId,
            String name,
            int passesLeft,
            double costPerPass,
            double bowMm,
            int turns,
            List<String> says,
            boolean turn) {}

    /**
     * A board against a cheaper one of the same use.
     *
     * @param says how much thinner or thicker it is, and what makes up for that
     * @param caution what is said before
     */
    public record Cheaper(
            String ownName, String otherName, double ownCost, double otherCost, String says, String caution) {}

    private BoardCare() {}

    /** Every board that is used again and again, those in need first. */
    public static List<Care> of(List<Board> boards) {
        return boards.stream()
                .filter(b -> b.kind() != Board.Kind.CARD_SHIM && b.kind() != Board.Kind.TISSUE_SHIM)
                .map(b -> care(b, boards))
                .sorted(Comparator.comparingInt(c -> -c.says().size()))
                .toList();
    }

    private static Care care(Board b, List<Board> boards) {
        List<String> says = new ArrayList<>();
        boolean turn = b.bowMm() >= Board.TURN_AT_MM;
        if (b.bowMm() >= Board.REFUSED_AT_MM) {
            says.add("Badly bowed by " + Figures.length(b.bowMm()) + ": refused until it is turned or replaced");
        } else if (turn) {
            says.add("Bowed by " + Figures.length(b.bowMm()) + ": turn it over");
        }
        if (b.wear() > 1) {
            says.add("Past its life: a cut-up surface prints wrinkles into the stock");
        } else if (b.wear() > LAST_SHARE) {
            says.add("Nearly at the end of its life");
        }
        fresher(b, boards).ifPresent(f -> says.add("Let " + f.name() + " take its turn: it has had less of its life"));
        return new Care(
                b.id(),
                b.name(),
                Math.max(0, b.lifePasses() - b.passes()),
                b.costPerPass(),
                b.bowMm(),
                b.turns(),
                says,
                turn);
    }

    /** A board of the same use and about the same thickness that is clearly less worn. */
    private static Optional<Board> fresher(Board worn, List<Board> boards) {
        return boards.stream()
                .filter(b -> b.kind() == worn.kind()
                        && !b.id().equals(worn.id())
                        && covers(b, worn)
                        && Math.abs(b.thicknessMm() - worn.thicknessMm()) <= ALIKE_MM
                        && b.bowMm() < Board.TURN_AT_MM
                        && b.wear() < worn.wear() - UNEVEN)
                .min(Comparator.comparingDouble(Board::wear));
    }

    /** Each priced board against every other of the same use and at least its size, with the card that makes up for the difference. */
    public static List<Cheaper> compare(List<Board> boards) {
        List<Cheaper> found = new ArrayList<>();
        for (Board own : boards) {
            for (Board other : boards) {
                boolean rival = own.kind() == other.kind()
                        && !own.id().equals(other.id())
                        && own.price() > 0
                        && other.price() > 0
                        && covers(other, own);
                if (rival) {
                    found.add(compare(own, other, boards));
                }
            }
        }
        return found;
    }

    /** A half-size board is none for what a full-size one carries. */
    private static boolean covers(Board other, Board own) {
        return other.widthMm() >= own.widthMm() - ALIKE_MM && other.heightMm() >= own.heightMm() - ALIKE_MM;
    }

    private static Cheaper compare(Board own, Board other, List<Board> boards) {
        double thinner = own.thicknessMm() - other.thicknessMm();
        Board card = boards.stream()
                .filter(b -> b.kind() == Board.Kind.CARD_SHIM || b.kind() == Board.Kind.TISSUE_SHIM)
                .filter(b -> thinner > NOTICED_MM)
                .min(Comparator.comparingDouble(b -> Math.abs(b.thicknessMm() - thinner)))
                .orElse(null);
        return new Cheaper(
                own.name(),
                other.name(),
                own.costPerPass(),
                other.costPerPass(),
                difference(thinner) + made(thinner, card),
                CAUTION);
    }

    private static String difference(double thinnerMm) {
        return Math.abs(thinnerMm) < SAME_MM
                ? "just as thick"
                : Figures.length(Math.abs(thinnerMm)) + (thinnerMm > 0 ? " thinner" : " thicker");
    }

    private static String made(double thinnerMm, @Nullable Board card) {
        if (card == null) {
            return thinnerMm < -NOTICED_MM ? "; take a shim out instead" : "";
        }
        double off = Math.abs(card.thicknessMm() - thinnerMm);
        return "; with %s it is %s"
                .formatted(card.name(), off < SAME_MM ? "the same" : "off by " + Figures.length(off));
    }
}
