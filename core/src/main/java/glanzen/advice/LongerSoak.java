package glanzen.advice;

import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.setup.SetUp;

/** How much longer a plate soaks on a platform that is behind, for its pull to come out like the first. */
public final class LongerSoak {

    private static final double MOST_SECONDS = 180;
    /** No hand is more exact than this. */
    private static final double LEAST_SECONDS = 3;

    private static final double TO_SECONDS = 1;

    private LongerSoak() {}

    /**
     * Bisects the soak.
     *
     * @param first a pull on a platform that is as hot as it is set
     * @param behind the same on one that is not
     * @return seconds more, to a second; none where it is less than a hand is exact, at most 180
     */
    public static double seconds(Forecaster forecaster, RigEnsemble ensemble, SetUp first, SetUp behind) {
        double wanted = forecaster.forecast(first, ensemble).dose().middle();
        double soak = behind.onPlatform().soakSeconds();
        double low = 0;
        double high = MOST_SECONDS;
        while (high - low > TO_SECONDS) {
            double middle = (low + high) / 2;
            SetUp tried = behind.withSoak(soak + middle);
            if (forecaster.forecast(tried, ensemble).dose().middle() < wanted) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low < LEAST_SECONDS ? 0 : Math.round(low);
    }
}
