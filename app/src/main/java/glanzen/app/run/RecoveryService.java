package glanzen.app.run;

import glanzen.app.setup.Draft;
import glanzen.app.setup.ForecastService;
import glanzen.measure.BadInput;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import glanzen.steps.Round;
import java.util.Objects;
import org.springframework.stereotype.Service;

/** The tenth pull is not the first: forecasts both. */
@Service
class RecoveryService {

    private final RunService runs;
    private final ForecastService forecasts;
    private final Rounds rounds;

    RecoveryService(RunService runs, ForecastService forecasts, Rounds rounds) {
        this.runs = runs;
        this.forecasts = forecasts;
        this.rounds = rounds;
    }

    RecoveryView of(String runId) {
        Draft draft = runs.get(runId).draft();
        SetUp setUp = forecasts.setUp(draft);
        if (!(setUp.heat() instanceof Heat.OnPlatform on)) {
            throw new BadInput("id", "is not done on a platform", "a run on a heated platform");
        }
        Round round = rounds.of(setUp);
        Round.Standing standing = Objects.requireNonNull(round.platform());
        SetUp later = setUp.withHeat(on.behind(standing.behindK()));
        return new RecoveryView(
                standing.matters(),
                standing.behindK(),
                round.seconds(),
                standing.waits(),
                standing.waitSeconds(),
                forecasts.twenty(setUp),
                forecasts.twenty(later),
                forecasts.soakLonger(setUp, later));
    }
}
