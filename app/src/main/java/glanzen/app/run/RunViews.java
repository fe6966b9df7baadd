package glanzen.app.run;

import glanzen.app.device.Heater;
import glanzen.app.keeping.Json;
import glanzen.app.run.RunView.Batch;
import glanzen.app.run.RunView.ListLine;
import glanzen.app.run.RunView.Status;
import glanzen.app.run.RunView.Warning;
import glanzen.app.setup.ForecastService;
import glanzen.app.setup.Snapshot;
import glanzen.setup.SetUp;
import glanzen.steps.Cut;
import glanzen.steps.Run;
import glanzen.steps.RunSheet;
import glanzen.steps.RunState;
import glanzen.steps.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** A run as it is shown: where it stands, what its devices say, what is being forgotten. */
@Component
class RunViews {

    private final RunBench bench;
    private final ToldService told;
    private final ForecastService forecasts;
    private final Json json;

    RunViews(RunBench bench, ToldService told, ForecastService forecasts, Json json) {
        this.bench = bench;
        this.told = told;
        this.forecasts = forecasts;
        this.json = json;
    }

    /** @param trial whether it is a walk-through, of which nothing is logged */
    RunView of(RunEntity run, boolean trial) {
        Snapshot snapshot = run.snapshot(json);
        SetUp setUp = snapshot.setUp();
        Run sheet = new Run(setUp);
        RunState state = run.state(json);
        Set<Integer> ticked = run.ticked(json);
        List<ListLine> preflight = new ArrayList<>();
        for (String line : RunSheet.preflight(setUp)) {
            preflight.add(new ListLine(line, ticked.contains(preflight.size())));
        }
        List<Step> steps = sheet.steps(state);
        int step = Math.min(state.step(), steps.size() - 1);
        return new RunView(
                run.id,
                run.title,
                run.status(),
                run.version,
                preflight,
                steps,
                step,
                steps.get(step).kind().answer(),
                usualSeconds(steps.get(step), run, setUp),
                bench.elapsed(run),
                bench.speed(run),
                bench.heater(run, setUp).map(Heater::read).orElse(null),
                bench.feeder(run, setUp).read(),
                run.status() == Status.OPEN ? sheet.reminders(state, bench.reading(run, setUp)) : List.of(),
                run.status() == Status.OPEN ? warning(sheet, state, run, setUp) : null,
                sheet.cut(state).stream().map(Cut::says).toList(),
                snapshot.draft(),
                run.simulated,
                trial,
                run.scrap,
                Batch.of(state));
    }

    private @Nullable Warning warning(Run sheet, RunState state, RunEntity run, SetUp setUp) {
        return sheet.shortcut(state, bench.reading(run, setUp))
                .map(cut -> new Warning(
                        cut.kept().says(),
                        cut.comesTo().equals(setUp)
                                ? null
                                : forecasts.twenty(cut.comesTo()).clean()))
                .orElse(null);
    }

    private @Nullable Double usualSeconds(Step step, RunEntity run, SetUp setUp) {
        if (step.kind() != Step.Kind.HEAT_UP) {
            return null;
        }
        double reckoned = setUp.heat().warmUpSeconds(setUp.roomC());
        return run.simulated
                ? (Double) reckoned
                : told.fromColdSeconds(ToldService.heater(setUp)).orElse(reckoned);
    }
}
