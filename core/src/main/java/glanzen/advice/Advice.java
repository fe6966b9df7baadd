package glanzen.advice;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a search found.
 *
 * @param best at most three set-ups that differ from each other, best first
 * @param cheapest the cheapest single change that helps, if any
 * @param lesson while the rig is unknown: a pull nearly as good whose outcome would tell most of it
 * @param refusals why nothing can be proposed; empty if something can
 * @param considered how many set-ups were looked at
 */
public record Advice(
        List<Proposal> best,
        @Nullable Proposal cheapest,
        @Nullable Proposal lesson,
        List<String> refusals,
        int considered) {}
