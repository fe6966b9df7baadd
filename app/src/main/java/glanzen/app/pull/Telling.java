package glanzen.app.pull;

import glanzen.app.run.RunService;
import glanzen.app.setup.Draft;
import glanzen.app.setup.ForecastService;
import glanzen.app.setup.Told;
import glanzen.app.web.Turns;
import java.time.Clock;
import java.time.Instant;
import java.util.Objects;
import org.springframework.stereotype.Component;

/**
 * Takes what is told of a pull. Pulls are logged one after another, since each teaches; what was expected of it is forecast before its
 * turn comes, and its turn is short.
 */
@Component
public class Telling {

    private final PullService pulls;
    private final RunService runs;
    private final ForecastService forecasts;
    private final Clock clock;
    private final Turns turns = new Turns();

    Telling(PullService pulls, RunService runs, ForecastService forecasts, Clock clock) {
        this.pulls = pulls;
        this.runs = runs;
        this.forecasts = forecasts;
        this.clock = clock;
    }

    /** Logs a pull, now. */
    PullView log(LogEntry entry) {
        Told told = told(entry);
        return turns.take(() -> pulls.log(entry, told, clock.instant()));
    }

    /** Logs a pull as of some time. */
    public PullView log(LogEntry entry, Instant at) {
        Told told = told(entry);
        return turns.take(() -> pulls.log(entry, told, at));
    }

    private Told told(LogEntry entry) {
        Draft draft = entry.draft();
        return forecasts.told(
                draft == null ? runs.pulledSetUp(Objects.requireNonNull(entry.runId())) : forecasts.setUp(draft));
    }
}
