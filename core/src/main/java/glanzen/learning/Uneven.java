package glanzen.learning;

import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * One side across the throat that comes out weaker again and again, and the board that was there whenever it did.
 *
 * @param right whether it is the right side, as it is fed
 * @param pulls how many pulls show it
 * @param board name of the board that goes with it; nothing where no board was there only then
 */
public record Uneven(boolean right, int pulls, Optional<String> board) {

    /** A side so much weaker is seen, as a share. */
    private static final double SEEN = 0.06;

    private static final int LEAST = 3;
    private static final int LAST = 6;

    /**
     * A pull that was read.
     *
     * @param onRight how much more came out on the right than on the left, as a share
     * @param boards names of the boards that lay in its stack
     */
    public record Read(double onRight, Set<String> boards) {}

    /**
     * Looks for it among the pulls of one machine.
     *
     * @param pulls newest first
     */
    public static Optional<Uneven> of(List<Read> pulls) {
        List<Read> last = pulls.stream().limit(LAST).toList();
        for (int side : new int[] {1, -1}) {
            List<Read> weak =
                    last.stream().filter(p -> -side * p.onRight > SEEN).toList();
            boolean otherWay = last.stream().anyMatch(p -> side * p.onRight > SEEN);
            if (weak.size() >= LEAST && !otherWay) {
                return Optional.of(new Uneven(side > 0, weak.size(), board(pulls, weak)));
            }
        }
        return Optional.empty();
    }

    /** The board that lay in all weak pulls and in fewest of the even ones. */
    private static Optional<String> board(List<Read> pulls, List<Read> weak) {
        Set<String> always = new LinkedHashSet<>(weak.get(0).boards);
        weak.forEach(p -> always.retainAll(p.boards));
        List<Read> even =
                pulls.stream().filter(p -> Math.abs(p.onRight) <= SEEN).toList();
        return always.stream()
                .filter(board -> !even.isEmpty() && even.stream().anyMatch(p -> !p.boards.contains(board)))
                .min(Comparator.comparingLong(board ->
                        even.stream().filter(p -> p.boards.contains(board)).count()));
    }

    /** What to do, in a sentence. */
    public String says() {
        return "The %s side came out weaker on %d of the last pulls of this machine%s."
                .formatted(
                        right ? "right" : "left",
                        pulls,
                        board.map(b -> ", each time with " + b + ": turn it end for end, or swap it")
                                .orElse(": turn the boards end for end, and see whether it changes sides"));
    }
}
