package glanzen.app.run;

import glanzen.app.device.BenchClock;
import glanzen.app.device.Devices;
import glanzen.app.device.Feeder;
import glanzen.app.device.Feeder.Fed;
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
import glanzen.finding.Finding;
import glanzen.finding.Weight;
import glanzen.measure.BadInput;
import glanzen.pull.PullOutcome;
import glanzen.route.Standard;
import glanzen.rules.Rules;
import glanzen.setup.SetUp;
import glanzen.steps.BenchReading;
import glanzen.steps.BenchReading.HeaterReading;
import glanzen.steps.DeviceCommand;
import glanzen.steps.Run;
import glanzen.steps.Run.Moved;
import glanzen.steps.RunAction;
import glanzen.steps.RunRefused;
import glanzen.steps.RunSheet;
import glanzen.steps.RunState;
import java.awt.image.BufferedImage;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Leads through a run, one step at a time, and keeps it wherever it stands. */
@Service
@Transactional
public class RunService {

    private final RunRepository runs;
    private final SetUpService setUps;
    private final ForecastService forecasts;
    private final Devices devices;
    private final BenchClock clock;
    private final Json json;
    private final boolean demo;

    RunService(
            RunRepository runs,
            SetUpService setUps,
            ForecastService forecasts,
            Devices devices,
            BenchClock clock,
            Json json,
            @Value("${glanzen.demo}") boolean demo) {
        this.runs = runs;
        this.setUps = setUps;
        this.forecasts = forecasts;
        this.devices = devices;
        this.clock = clock;
        this.json = json;
        this.demo = demo;
    }

    /** Begins a run of a saved set-up. */
    public RunView begin(String setUpId) {
        open().ifPresent(run -> {
            throw new Conflict("“" + run.title() + "” is still open. Finish it or leave it first.");
        });
        SavedSetUp saved = setUps.get(setUpId);
        SetUp setUp = forecasts.setUp(saved.draft());
        for (Finding<SetUp> finding : Rules.check(setUp, forecasts.inventory())) {
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
        devices.feeder(setUp.machine()).clear();
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
    public RunView act(String id, RunAction action, long version) {
        RunEntity run = find(id);
        Conflict.unlessSame(version, run.version);
        if (run.status != Status.OPEN) {
            throw new Conflict("This run is over.");
        }
        SetUp setUp = setUp(run);
        Moved moved;
        try {
            moved = new Run(setUp).act(state(run), action, bench(run, setUp));
        } catch (RunRefused refused) {
            throw new Conflict(refused.getMessage());
        }
        moved.commands().forEach(command -> carryOut(command, run, setUp));
        RunState next = moved.state();
        if (next.step() != run.step || next.step() == 0) {
            run.step = next.step();
            run.stepStartedAt = clock.now();
        }
        run.warmedSeconds = next.warmedSeconds();
        run.status = next.left() ? Status.LEFT : Status.OPEN;
        return view(runs.saveAndFlush(run));
    }

    private void carryOut(DeviceCommand command, RunEntity run, SetUp setUp) {
        if (command instanceof DeviceCommand.SwitchOn on) {
            devices.heater(setUp).ifPresent(h -> h.switchOn(on.celsius()));
        } else if (command instanceof DeviceCommand.Dock dock) {
            devices.heater(setUp).ifPresent(h -> h.dock(dock.inDock()));
        } else if (command instanceof DeviceCommand.Feed feed) {
            devices.feeder(setUp.machine()).feed(new Fed(setUp, luck(run.id)), feed.seconds());
        } else if (command instanceof DeviceCommand.Clear) {
            devices.feeder(setUp.machine()).clear();
        }
    }

    /** Tells one run's pull from the next. */
    private static long luck(String runId) {
        return runId.hashCode();
    }

    private static RunState state(RunEntity run) {
        return new RunState(run.step, run.status == Status.LEFT, run.warmedSeconds);
    }

    private BenchReading bench(RunEntity run, SetUp setUp) {
        HeaterReading heater = devices.heater(setUp)
                .map(Heater::read)
                .map(h -> new HeaterReading(h.docked(), h.celsius(), h.switchedItselfOff()))
                .orElse(null);
        boolean stalled = devices.feeder(setUp.machine()).read().state() == Feeder.State.STALLED;
        return new BenchReading(elapsed(run), clock.speed() != 1, heater, stalled);
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

    /** A person's rig learns from what the person saw, and from nothing that was made up. */
    private void onlyInTheDemo() {
        if (!demo) {
            throw new Conflict("Only the demo has a simulated scanner. Log what you see on the pull in your hand.");
        }
    }

    /** What counts as good on the route of a run. */
    @Transactional(readOnly = true)
    public Standard standard(String id) {
        return pulled(find(id)).route().standard();
    }

    /** What the simulated scanner reads off the pull of a run. */
    @Transactional(readOnly = true)
    public PullOutcome scan(String id) {
        onlyInTheDemo();
        return devices.scanner().read(new Fed(pulled(find(id)), luck(id)));
    }

    /** What the simulated scanner sees. */
    @Transactional(readOnly = true)
    public BufferedImage scanned(String id, int width, int height) {
        onlyInTheDemo();
        return devices.scanner().picture(new Fed(pulled(find(id)), luck(id)), width, height);
    }

    /** Forgets all runs, because the workshop they belong to is replaced. */
    public void forgetAll() {
        runs.deleteAllInBatch();
    }

    private RunEntity find(String id) {
        return runs.findById(id).orElseThrow(() -> new NotFound("This run"));
    }

    private SetUp setUp(RunEntity run) {
        return json.read(run.snapshot, Snapshot.class).setUp();
    }

    /** The set-up as it was really pulled. */
    private SetUp pulled(RunEntity run) {
        return new Run(setUp(run)).pulled(state(run));
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
        Run sheet = new Run(setUp);
        double elapsed = elapsed(run);
        Heater.PlatformReading heater = devices.heater(setUp).map(Heater::read).orElse(null);
        Feeder.PressReading press = devices.feeder(setUp.machine()).read();
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
                sheet.steps(),
                run.step,
                elapsed,
                clock.speed(),
                heater,
                press,
                sheet.reminders(state(run), bench(run, setUp)),
                snapshot.draft(),
                demo);
    }
}
