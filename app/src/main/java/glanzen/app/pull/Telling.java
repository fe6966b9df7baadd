package glanzen.app.pull;

import glanzen.app.setup.ForecastService;
import glanzen.rules.Rules;
import glanzen.setup.SetUp;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantLock;
import org.springframework.stereotype.Component;

/**
 * Takes what is told of a pull. Pulls are logged one after another, since each teaches; what it was expected to be is forecast before
 * its turn comes, and its turn is short.
 */
@Component
class Telling {

    private final PullService pulls;
    private final ForecastService forecasts;

    /** Whoever came first is first. */
    private final Lock turn = new ReentrantLock(true);

    Telling(PullService pulls, ForecastService forecasts) {
        this.pulls = pulls;
        this.forecasts = forecasts;
    }

    /** Logs a pull, now. */
    PullView log(LogEntry entry) {
        SetUp setUp = pulls.setUp(entry);
        if (Rules.computable(setUp)) {
            forecasts.twenty(setUp);
        }
        turn.lock();
        try {
            return pulls.log(entry, setUp);
        } finally {
            turn.unlock();
        }
    }
}
