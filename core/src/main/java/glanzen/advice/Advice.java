package glanzen.advice;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What a search found.
 *
 * @param best at most three set-ups that differ from each other and give more than the cheapest change, best first
 * @param cheapest the cheapest single change that helps, if any
 * @param lesson while the rig is unknown: a pull nearly as good whose outcome would tell most of it
 * @param refusals why nothing can be proposed; empty if something can
 * @param wishes what could be measured or got where too few pulls come out with all that, best first
 * @param considered how many set-ups were looked at
 */
public record Advice(
        List<Proposal> best,
        @Nullable Proposal cheapest,
        @Nullable Proposal lesson,
        List<String> refusals,
        List<Wish> wishes,
        int considered) {

    /** Everything proposed, in the order in which a person reads it: the cheapest change first. */
    public List<Proposal> proposals() {
        return Stream.concat(Stream.ofNullable(cheapest), best.stream()).toList();
    }

    /** The same without a lesson. */
    Advice withoutLesson() {
        return new Advice(best, cheapest, null, refusals, wishes, considered);
    }

    /** The one after which most pulls come out; nothing where nothing is better than what lies there. */
    public Optional<Proposal> first() {
        return best.isEmpty() ? Optional.ofNullable(cheapest) : Optional.of(best.get(0));
    }
}
