package glanzen.app.run;

import glanzen.app.device.BenchClock;
import glanzen.app.device.Devices;
import glanzen.app.device.Feeder;
import glanzen.app.device.Heater;
import glanzen.app.keeping.Json;
import glanzen.app.run.RunView.ListLine;
import glanzen.app.run.RunView.Status;
import glanzen.app.setup.ForecastService;
import glanzen.app.setup.SavedSetUp;
import glanzen.app.setup.SetUpService;
import glanzen.app.setup.Snapshot;
import glanzen.app.web.Conflict;
import glanzen.app.web.NotFound;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Press;
import glanzen.measure.BadInput;
import glanzen.pull.PullOutcome;
import glanzen.finding.Finding;
import glanzen.finding.Weight;
import glanzen.rules.Rules;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import glanzen.simulate.HiddenRig;
import glanzen.steps.RunSheet;
import glanzen.steps.Step;
import java.awt.image.BufferedImage;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Leads through a run, one step at a time, and keeps it wherever it stands. */
@Service
@Transactional
public class RunService {

    private final RunRepository runs;
    private final SetUpService setUps;
    private final ForecastService answers;
    private final Devices devices;
    private final BenchClock clock;
    private final HiddenRig simulated;
    private final Json json;

    RunService(
            RunRepository runs,
            SetUpService setUps,
            ForecastService answers,
            Devices devices,
            BenchClock clock,
            HiddenRig simulated,
            Json json) {
        this.runs = runs;
        this.setUps = setUps;
        this.answers = answers;
        this.devices = devices;
        this.clock = clock;
        this.simulated = simulated;
        this.json = json;
    }

    /** What a person does in a run. */
    public enum Action {
        NEXT,
        BACK,
        REVERSE_OUT,
        RELIGHT,
        LEAVE
    }

    /** Begins a run of a saved set-up. */
    public RunView begin(String setUpId) {
        open().ifPresent(run -> {
            throw new Conflict("“" + run.title() + "” is still open. Finish it or leave it first.");
        });
        SavedSetUp saved = setUps.get(setUpId);
        SetUp setUp = answers.setUp(saved.draft());
        for (Finding<SetUp> finding : Rules.check(setUp, answers.workshop())) {
            if (finding.weight() == Weight.STOP) {
                throw new BadInput("setUp", finding.what(), "a stack that nothing stops; see its findings");
            }
        }
        RunEntity run = new RunEntity();
        run.id = "run-" + UUID.randomUUID().toString().substring(0, 8);
        run.title = saved.name();
        run.snapshot = json.write(Snapshot.of(setUp));
        run.stepStartedAt = clock.now();
        run.createdAt = clock.now();
        runs.saveAndFlush(run);
        devices.press(setUp.machine()).clear();
        return view(run);
    }

    @Transactional(readOnly = true)
    public RunView get(String id) {
        return view(find(id));
    }

    /** The run that is on, if one is. */
    @Transactional(readOnly = true)
    public Optional<RunView> open() {
        return runs.findFirstByStatusOrderByCreatedAtDesc(Status.OPEN).map(this::view);
    }

    /** Ticks or unticks a line of the pre-flight list. */
    public RunView tick(String id, int line, boolean done) {
        RunEntity run = find(id);
        TreeSet<Integer> ticked = ticked(run);
        if (line < 0 || line >= RunSheet.preflight(setUp(run)).size()) {
            throw new BadInput("line", "is not on the list", "a line of the list");
        }
        if (done) {
            ticked.add(line);
        } else {
            ticked.remove(line);
        }
        run.ticked = json.write(ticked);
        return view(runs.saveAndFlush(run));
    }

    /** Does something, unless the run has moved on meanwhile. */
    public RunView act(String id, Action action, long version) {
        RunEntity run = find(id);
        Conflict.unlessSame(version, run.version);
        if (run.status != Status.OPEN) {
            throw new Conflict("This run is over.");
        }
        SetUp setUp = setUp(run);
        List<Step> steps = RunSheet.steps(setUp);
        switch (action) {
            case NEXT -> {
                leave(run, steps.get(run.step).kind(), setUp);
                enter(run, Math.min(steps.size() - 1, run.step + 1), steps, setUp);
            }
            case BACK -> enter(run, Math.max(0, run.step - 1), steps, setUp);
            case REVERSE_OUT -> {
                devices.press(setUp.machine()).clear();
                devices.heater(setUp).ifPresent(h -> h.dock(true));
                enter(run, firstOf(steps, Step.Kind.LAY), steps, setUp);
            }
            case RELIGHT -> enter(run, firstOf(steps, Step.Kind.HEAT_UP), steps, setUp);
            case LEAVE -> {
                devices.heater(setUp).ifPresent(h -> h.dock(true));
                run.status = Status.LEFT;
            }
        }
        return view(runs.saveAndFlush(run));
    }

    /** Ends a run because its pull was logged. */
    public SetUp logged(String id) {
        RunEntity run = find(id);
        if (run.status == Status.LOGGED) {
            throw new Conflict("This run is logged already. One run, one pull; nothing was saved.");
        }
        run.status = Status.LOGGED;
        runs.saveAndFlush(run);
        return pulled(run);
    }

    /** What the simulated scanner reads off the pull of a run. */
    @Transactional(readOnly = true)
    public PullOutcome scan(String id) {
        return simulated.pull(pulled(find(id)), id.hashCode());
    }

    /** What the simulated scanner sees. */
    @Transactional(readOnly = true)
    public BufferedImage scanned(String id, int width, int height) {
        return simulated.picture(pulled(find(id)), id.hashCode(), width, height);
    }

    /** Forgets all runs, because the workshop they belong to is replaced. */
    public void forgetAll() {
        runs.deleteAllInBatch();
    }

    /** The devices follow what the hands do. */
    private void leave(RunEntity run, Step.Kind kind, SetUp setUp) {
        // Sped-up time is for trying things out; a click late there would be minutes of heat.
        if (kind == Step.Kind.SOAK && clock.speed() == 1) {
            run.soakedSeconds = (double) Math.round(elapsed(run));
        } else if (kind == Step.Kind.HEAT_UP && setUp.machine() instanceof HeatedRollers rollers) {
            double celsius = devices.heater(setUp).orElseThrow().read().celsius();
            run.soakedSeconds =
                    (double) Math.round(rollers.onSeconds(setUp.heat().level(), celsius, setUp.roomC()));
        } else if (kind == Step.Kind.REDOCK) {
            devices.heater(setUp).ifPresent(h -> h.dock(true));
        } else if (kind == Step.Kind.PASS) {
            Feeder press = devices.press(setUp.machine());
            if (press.read().state() == Feeder.State.STALLED) {
                throw new Conflict("The press refuses the stack. Reverse it out first.");
            }
            press.clear();
        }
    }

    private void enter(RunEntity run, int step, List<Step> steps, SetUp setUp) {
        if (step != run.step || step == 0) {
            run.step = step;
            run.stepStartedAt = clock.now();
        }
        switch (steps.get(step).kind()) {
            case HEAT_UP ->
                devices.heater(setUp)
                        .ifPresent(h -> h.switchOn(
                                setUp.heat().levels().get(setUp.heat().level()).celsius()));
            case HOLD -> devices.heater(setUp).ifPresent(h -> h.dock(false));
            case PASS -> {
                boolean refuses = setUp.machine() instanceof Press press
                        && simulated.pull(setUp, run.id.hashCode()).forceN() > press.maxForceN();
                devices.press(setUp.machine()).feed(steps.get(step).seconds(), refuses);
            }
            default -> {}
        }
    }

    private static int firstOf(List<Step> steps, Step.Kind kind) {
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).kind() == kind) {
                return i;
            }
        }
        return 0;
    }

    private RunEntity find(String id) {
        return runs.findById(id).orElseThrow(() -> new NotFound("This run"));
    }

    private SetUp setUp(RunEntity run) {
        return json.read(run.snapshot, Snapshot.class).setUp();
    }

    /** The set-up as it was really pulled: soaked as long as it was, not as long as was meant. */
    private SetUp pulled(RunEntity run) {
        SetUp planned = setUp(run);
        if (run.soakedSeconds == null) {
            return planned;
        }
        double seconds = Math.min(Heat.LONGEST_SECONDS, run.soakedSeconds);
        return planned.heat() instanceof Heat.HotRollers hot
                ? planned.withHeat(hot.on(seconds))
                : planned.withSoak(seconds);
    }

    private double elapsed(RunEntity run) {
        return Duration.between(run.stepStartedAt, clock.now()).toMillis() / 1000.0;
    }

    private TreeSet<Integer> ticked(RunEntity run) {
        return new TreeSet<>(Arrays.asList(json.read(run.ticked, Integer[].class)));
    }

    private RunView view(RunEntity run) {
        Snapshot snapshot = json.read(run.snapshot, Snapshot.class);
        SetUp setUp = snapshot.setUp();
        List<Step> steps = RunSheet.steps(setUp);
        double elapsed = elapsed(run);
        Heater.PlatformReading heater = devices.heater(setUp).map(Heater::read).orElse(null);
        Feeder.PressReading press = devices.press(setUp.machine()).read();
        List<ListLine> preflight = new ArrayList<>();
        for (String line : RunSheet.preflight(setUp)) {
            preflight.add(new ListLine(line, ticked(run).contains(preflight.size())));
        }
        return new RunView(
                run.id,
                run.title,
                run.status,
                run.version,
                preflight,
                steps,
                run.step,
                elapsed,
                clock.speed(),
                heater,
                press,
                Reminders.of(steps.get(run.step), elapsed, heater, press),
                snapshot.draft());
    }
}
