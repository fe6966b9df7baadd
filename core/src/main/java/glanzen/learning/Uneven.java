package glanzen.learning;

import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * One side across the throat, or the middle, that comes out weaker again and again, and the board that was there whenever it did.
 *
 * @param place where it is weaker, as it is fed
 * @param pulls how many pulls show it
 * @param board name of the board that goes with it; nothing where no board was there only then
 */
public record Uneven(Place place, int pulls, Optional<String> board) {

    /** So much weaker is seen, as a share. */
    private static final double SEEN = 0.06;

    private static final int LEAST = 3;
    private static final int LAST = 6;

    /** Where a pull may be weaker than elsewhere. */
    public enum Place {
        LEFT,
        RIGHT,
        MIDDLE
    }

    /**
     * A pull that was read.
     *
     * @param onRight how much more came out on the right than on the left, as a share
     * @param inMiddle how much less came out in the middle than at the sides, as a share
     * @param boards names of the boards that lay in its stack
     */
    public record Read(double onRight, double inMiddle, Set<String> boards) {

        private double weaker(Place place) {
            return switch (place) {
                case LEFT -> onRight;
                case RIGHT -> -onRight;
                case MIDDLE -> inMiddle;
            };
        }
    }

    /**
     * Looks for it among the pulls of one machine. Rollers give in the middle as a matter of course: a weak middle is told only where
     * it goes with a board.
     *
     * @param pulls newest first
     */
    public static Optional<Uneven> of(List<Read> pulls) {
        List<Read> last = pulls.stream().limit(LAST).toList();
        for (Place place : Place.values()) {
            List<Read> weak = last.stream().filter(p -> p.weaker(place) > SEEN).toList();
            boolean otherWay = last.stream().anyMatch(p -> p.weaker(place) < -SEEN);
            if (weak.size() < LEAST || otherWay) {
                continue;
            }
            Optional<String> board = board(pulls, weak, place);
            if (place != Place.MIDDLE || board.isPresent()) {
                return Optional.of(new Uneven(place, weak.size(), board));
            }
        }
        return Optional.empty();
    }

    /** The board that lay in all weak pulls and in fewest of the even ones. */
    private static Optional<String> board(List<Read> pulls, List<Read> weak, Place place) {
        Set<String> always = new LinkedHashSet<>(weak.get(0).boards);
        weak.forEach(p -> always.retainAll(p.boards));
        List<Read> even =
                pulls.stream().filter(p -> Math.abs(p.weaker(place)) <= SEEN).toList();
        return always.stream()
                .filter(board -> !even.isEmpty() && even.stream().anyMatch(p -> !p.boards.contains(board)))
                .min(Comparator.comparingLong(board ->
                        even.stream().filter(p -> p.boards.contains(board)).count()));
    }

    /** What to do, in a sentence. */
    public String says() {
        String where = place == Place.MIDDLE ? "middle" : place == Place.RIGHT ? "right side" : "left side";
        return "The %s came out weaker on %d of the last pulls of this machine%s."
                .formatted(
                        where,
                        pulls,
                        board.map(b -> ", each time with " + b + withBoard())
                                .orElse(": turn the boards end for end, and see whether it changes sides"));
    }

    private String withBoard() {
        return place == Place.MIDDLE
                ? ": it may be bowed. Lay it on a flat table, measure how far its middle stands off, and turn it over"
                : ": turn it end for end, or swap it";
    }
}
