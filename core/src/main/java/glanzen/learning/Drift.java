package glanzen.learning;

import glanzen.learning.Observation.Outcome;
import java.util.List;
import java.util.Optional;
import org.apache.commons.math3.distribution.HypergeometricDistribution;

/**
 * Whether the last pulls of a batch come out otherwise than those before, by Fisher's exact test (Fisher 1922): the chance
 * of so many of a kind among the last if they were spread by luck alone. A batch is looked at after each of its pulls, so that
 * what luck may do is shared out over them (Pocock 1977; Lan and DeMets 1983): of forty pulls that do not drift, one batch in twenty
 * at most is said to.
 *
 * @param side what there is more of lately: under or over
 * @param lately how many of the last pulls are of that side
 * @param last how many pulls count as the last
 * @param says what it may be, and what to do
 */
public record Drift(Outcome side, int lately, int last, String says) {

    /** Luck is believed in down to this chance, over the number of pulls that there are by then. */
    private static final double BY_LUCK = 0.05;

    private static final int LEAST_BEFORE = 3;
    private static final int[] LAST = {3, 4, 5, 6, 8};

    /** Looks for it in the pulls of one batch, first to last. */
    public static Optional<Drift> of(List<Outcome> pulls) {
        for (Outcome side : List.of(Outcome.UNDER, Outcome.OVER)) {
            for (int last : LAST) {
                if (pulls.size() - last < LEAST_BEFORE) {
                    break;
                }
                int all = count(pulls, side);
                int lately = count(pulls.subList(pulls.size() - last, pulls.size()), side);
                double chance =
                        new HypergeometricDistribution(pulls.size(), all, last).upperCumulativeProbability(lately);
                if (lately > 0 && chance < BY_LUCK / pulls.size()) {
                    return Optional.of(new Drift(side, lately, last, says(side, lately, last)));
                }
            }
        }
        return Optional.empty();
    }

    private static int count(List<Outcome> pulls, Outcome side) {
        return (int) pulls.stream().filter(p -> p == side || p == Outcome.BOTH).count();
    }

    private static String says(Outcome side, int lately, int last) {
        String seen = lately + " of the last " + last + " show too " + (side == Outcome.UNDER ? "little" : "much")
                + ", and the ones before did not. ";
        return side == Outcome.UNDER
                ? seen
                        + "The platform may not come back to heat between pulls: wait for its ready light, or soak longer. "
                        + "If that does not help, card shims have pressed flat, or a board has bowed."
                : seen
                        + "Heat builds up in plate and boards when pull follows pull quickly: soak a little shorter, or let "
                        + "the plate cool between.";
    }
}
