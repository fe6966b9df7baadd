package glanzen.app.run;

import glanzen.app.setup.Draft;
import glanzen.app.setup.ForecastService;
import glanzen.measure.BadInput;
import glanzen.pull.Recovery;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import java.util.List;
import org.springframework.stereotype.Service;

/** The tenth pull is not the first: forecasts both. */
@Service
class RecoveryService {

    private static final int TENTH = 10;

    private final RunService runs;
    private final ForecastService forecasts;
    private final ToldService told;

    RecoveryService(RunService runs, ForecastService forecasts, ToldService told) {
        this.runs = runs;
        this.forecasts = forecasts;
        this.told = told;
    }

    RecoveryView of(String runId) {
        Draft draft = runs.get(runId).draft();
        SetUp setUp = forecasts.setUp(draft);
        if (!(setUp.heat() instanceof Heat.OnPlatform on)) {
            throw new BadInput("id", "is not done on a platform", "a run on a heated platform");
        }
        Recovery recovery = Recovery.of(setUp, Recovery.HANDS_SECONDS, TENTH);
        SetUp tenth = setUp.withHeat(on.behind(recovery.settledK()));
        List<Integer> first = forecasts.twenty(setUp);
        return new RecoveryView(
                recovery.matters(),
                recovery.behindK(),
                recovery.roundSeconds(),
                told.againSeconds(on.platform().id()).orElse(recovery.waitSeconds()),
                first,
                forecasts.twenty(tenth),
                forecasts.soakLonger(setUp, tenth));
    }
}
