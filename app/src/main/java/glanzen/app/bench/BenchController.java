package glanzen.app.bench;

import glanzen.app.device.BenchClock;
import glanzen.app.drying.DryingPanel;
import glanzen.app.drying.DryingService;
import glanzen.app.evening.EveningService;
import glanzen.app.kit.KitService;
import glanzen.app.pull.PullService;
import glanzen.app.pull.PullView;
import glanzen.app.run.RunService;
import glanzen.app.run.RunView;
import glanzen.app.setup.SavedSetUp;
import glanzen.app.setup.SetUpService;
import glanzen.plan.Shortage;
import io.swagger.v3.oas.annotations.Operation;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is on, what was done, what is short. */
@RestController
class BenchController {

    private final RunService runs;
    private final SetUpService setUps;
    private final PullService pulls;
    private final KitService kit;
    private final DryingService dryings;
    private final EveningService evenings;
    private final BenchClock clock;

    BenchController(
            RunService runs,
            SetUpService setUps,
            PullService pulls,
            KitService kit,
            DryingService dryings,
            EveningService evenings,
            BenchClock clock) {
        this.runs = runs;
        this.setUps = setUps;
        this.pulls = pulls;
        this.kit = kit;
        this.dryings = dryings;
        this.evenings = evenings;
        this.clock = clock;
    }

    /**
     * The bench at a glance.
     *
     * @param now bench time
     * @param runs the runs that are on or paused, the youngest first
     * @param setUps set-ups, last touched first
     * @param latest the last pulls, newest first
     * @param needs what is short or worn
     * @param dryings gel panels, longest drying first
     * @param eveningId the evening that was planned last; nothing if none was
     */
    record BenchView(
            Instant now,
            List<RunView> runs,
            List<SavedSetUp> setUps,
            List<PullView> latest,
            List<Shortage> needs,
            List<DryingPanel> dryings,
            @Nullable String eveningId) {}

    @Operation(summary = "What is on now")
    @GetMapping("/api/bench")
    BenchView bench() {
        return new BenchView(
                clock.lived(),
                runs.unfinished(),
                setUps.all(),
                pulls.latest(),
                Shortage.of(kit.inUse()),
                dryings.all(),
                evenings.latest().orElse(null));
    }

    /** Lets bench time jump ahead, for trying things out. */
    @Operation(summary = "Lets simulated bench time run ahead")
    @PostMapping("/api/bench/skip")
    BenchView skip(@RequestParam double seconds) {
        clock.skip(seconds);
        return bench();
    }
}
