package glanzen.app.run;

import glanzen.app.device.BenchClock;
import glanzen.app.device.Devices;
import glanzen.app.device.Feeder.Fed;
import glanzen.app.web.Conflict;
import glanzen.app.web.Pictures;
import glanzen.learning.Observation.Amount;
import glanzen.learning.Observation.Outcome;
import glanzen.pull.PullOutcome;
import glanzen.route.Standard;
import glanzen.steps.RunAction;
import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

@RestController
@RequestMapping("/api/runs")
class RunController {

    private final RunService runs;
    private final RecoveryService recoveries;
    private final RunFeed feed;
    private final BenchClock clock;
    private final Devices devices;
    private final ToldService told;

    RunController(
            RunService runs,
            RecoveryService recoveries,
            RunFeed feed,
            BenchClock clock,
            Devices devices,
            ToldService told) {
        this.runs = runs;
        this.recoveries = recoveries;
        this.feed = feed;
        this.clock = clock;
        this.devices = devices;
        this.told = told;
    }

    /** What was read off a pull, and what that is called. */
    record ScanView(double coverage, double spillMm, Outcome outcome, Amount amount) {
        static ScanView of(PullOutcome pull, Standard standard) {
            return new ScanView(
                    hundredths(pull.coverage()),
                    hundredths(pull.spillMm()),
                    Outcome.of(pull),
                    Amount.of(pull, standard));
        }

        /** No person reads finer. */
        private static double hundredths(double value) {
            return Math.round(100 * value) / 100.0;
        }
    }

    @Operation(summary = "Begins a run of a saved set-up")
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    RunView begin(
            @RequestParam String setUpId,
            @RequestParam(defaultValue = "1") int wanted,
            @RequestParam(defaultValue = "false") boolean scrap,
            @RequestParam(defaultValue = "false") boolean trial,
            @RequestParam(required = false) @Nullable Long seed) {
        return runs.begin(new Beginning(setUpId, wanted, scrap, trial, seed));
    }

    @Operation(summary = "Runs that are on or paused, the youngest first")
    @GetMapping
    List<RunView> unfinished() {
        return runs.unfinished();
    }

    @Operation(summary = "What a batch does to its platform, and to its pulls")
    @GetMapping("/{id}/recovery")
    RecoveryView recovery(@PathVariable String id) {
        return recoveries.of(id);
    }

    @Operation(summary = "Says that a platform that was put back is ready again")
    @PostMapping("/{id}/ready-again")
    RunView readyAgain(@PathVariable String id) {
        return runs.readyAgain(id);
    }

    @Operation(summary = "Says that what heats was switched off by hand")
    @PostMapping("/{id}/switched-off")
    RunView switchedOff(@PathVariable String id) {
        return runs.switchedOff(id);
    }

    /** How long a heater takes from cold, and until it is ready again between pulls, s; absent if nobody has said. */
    record ToldView(@Nullable Double coldSeconds, @Nullable Double againSeconds) {}

    @Operation(summary = "How long a heater takes from cold to ready, by what was told of it in runs")
    @GetMapping("/told/{heaterId}")
    ToldView told(@PathVariable String heaterId) {
        return new ToldView(
                told.fromColdSeconds(heaterId).orElse(null),
                told.againSeconds(heaterId).orElse(null));
    }

    @Operation(summary = "A run as it is now")
    @GetMapping("/{id}")
    RunView get(@PathVariable String id) {
        return runs.get(id);
    }

    @Operation(summary = "Goes on, back or away in a run, on the version it was read as")
    @PostMapping("/{id}/actions")
    RunView act(@PathVariable String id, @RequestParam RunAction action, @RequestParam long version) {
        return runs.act(id, action, version);
    }

    @Operation(summary = "Ticks a line of what must lie ready")
    @PutMapping("/{id}/preflight/{line}")
    RunView tick(@PathVariable String id, @PathVariable int line, @RequestParam boolean done) {
        return runs.tick(id, line, done);
    }

    /** Bench time for everything simulated. */
    @Operation(summary = "Sets how fast simulated bench time runs")
    @PutMapping("/{id}/speed")
    RunView speed(@PathVariable String id, @RequestParam double speed) {
        if (!runs.get(id).simulated()) {
            throw new Conflict("Your own bench keeps its own time.");
        }
        clock.speed(speed);
        return runs.get(id);
    }

    /** What the simulated scanner reads off the pull. */
    @Operation(summary = "What the simulated scanner reads off the pull of a run")
    @GetMapping("/{id}/scan")
    ScanView scan(@PathVariable String id) {
        Fed fed = runs.fed(id);
        return ScanView.of(devices.scanner().read(fed), fed.setUp().route().standard());
    }

    @Operation(summary = "The pull of a run as the simulated scanner sees it")
    @GetMapping(path = "/{id}/scan.png", produces = MediaType.IMAGE_PNG_VALUE)
    byte[] scanned(
            @PathVariable String id,
            @RequestParam(defaultValue = "600") int width,
            @RequestParam(defaultValue = "400") int height) {
        Pictures.checkSize(width, height);
        return Pictures.png(devices.scanner().picture(runs.fed(id), width, height));
    }

    @Hidden
    @Operation(summary = "The run whenever something shown has changed, as server-sent events")
    @GetMapping(path = "/{id}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(@PathVariable String id) {
        return feed.watch(id);
    }
}
