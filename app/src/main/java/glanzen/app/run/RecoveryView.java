package glanzen.app.run;

import glanzen.app.setup.SetUpReport.TwentyView;

/**
 * What pull after pull does to a platform.
 *
 * @param matters whether it falls behind so far that it is worth saying
 * @param behindK how far below its set-point it is, once it has settled, when a pull is laid without waiting, K
 * @param roundSeconds from one pull to the next, s
 * @param waits whether it is waited for, since that makes more good pulls an hour than going on
 * @param waitSeconds how long it stands in its dock until it is ready again, by what was told of it or else as reckoned, s
 * @param first what comes of twenty first pulls
 * @param later the same once it has settled, without waiting
 * @param soakLongerSeconds how much longer a soak makes up for it, s
 */
record RecoveryView(
        boolean matters,
        double behindK,
        double roundSeconds,
        boolean waits,
        double waitSeconds,
        TwentyView first,
        TwentyView later,
        double soakLongerSeconds) {}
