package glanzen.app.run;

import java.util.List;

/**
 * What pull after pull does to a platform.
 *
 * @param matters whether it falls behind so far that it is worth saying
 * @param behindK how far below its set-point it is when each of the first pulls is laid, K
 * @param roundSeconds from one pull to the next, s
 * @param waitSeconds how long it stands in its dock until it is ready again, by what was told of it or else as reckoned, s
 * @param first of twenty first pulls: under, clean, over
 * @param later of twenty pulls once it has settled
 * @param soakLongerSeconds how much longer a soak makes up for it, s
 */
record RecoveryView(
        boolean matters,
        List<Double> behindK,
        double roundSeconds,
        double waitSeconds,
        List<Integer> first,
        List<Integer> later,
        double soakLongerSeconds) {}
