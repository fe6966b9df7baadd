package glanzen.app.pull;

import glanzen.diagnosis.Cause;
import glanzen.diagnosis.Verdict;
import glanzen.learning.Observation.Outcome;
import glanzen.route.Route;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.domain.Specification;

/**
 * Which pulls of the logbook are wanted; what is not said does not matter.
 *
 * @param verdict what was to be done with them, of those that were read off a picture
 * @param cause why they came out so, likeliest, of those that were read off a picture
 * @param since logged then or later
 */
record PullFilter(
        @Nullable String plateId,
        @Nullable String stockId,
        @Nullable String filmId,
        @Nullable String machineId,
        @Nullable Route route,
        @Nullable Outcome outcome,
        Verdict.@Nullable Action verdict,
        @Nullable Cause cause,
        @Nullable Instant since) {

    Specification<PullEntity> where() {
        Specification<PullEntity> later =
                (pull, query, is) -> since == null ? null : is.greaterThanOrEqualTo(pull.get("loggedAt"), since);
        return Specification.allOf(
                same("plateId", plateId),
                same("stockId", stockId),
                same("filmId", filmId),
                same("machineId", machineId),
                same("route", route == null ? null : route.name()),
                same("outcome", outcome),
                same("verdict", verdict),
                same("cause", cause),
                later);
    }

    private static Specification<PullEntity> same(String field, @Nullable Object wanted) {
        return (pull, query, is) -> wanted == null ? null : is.equal(pull.get(field), wanted);
    }
}
