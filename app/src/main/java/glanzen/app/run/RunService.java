package glanzen.app.run;

import glanzen.app.device.Feeder.Fed;
import glanzen.app.keeping.Json;
import glanzen.app.keeping.TriedAgain;
import glanzen.app.run.RunTold.What;
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
import glanzen.rules.Rules;
import glanzen.setup.SetUp;
import glanzen.steps.BenchReading;
import glanzen.steps.Cut;
import glanzen.steps.Run;
import glanzen.steps.Run.Moved;
import glanzen.steps.RunAction;
import glanzen.steps.RunRefused;
import glanzen.steps.RunSheet;
import glanzen.steps.RunState;
import java.time.Clock;
import java.util.List;
import java.util.SortedSet;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Leads through a run, one step at a time, and keeps it wherever it stands. */
@Service
@Transactional
public class RunService {

    private final RunRepository runs;
    private final SetUpService setUps;
    private final ForecastService forecasts;
    private final RunBench bench;
    private final RunViews views;
    private final Clock clock;
    private final ToldService told;
    private final Json json;
    private final ApplicationEventPublisher events;
    private final boolean demo;
    private final @Nullable Long seed;

    RunService(
            RunRepository runs,
            SetUpService setUps,
            ForecastService forecasts,
            RunBench bench,
            RunViews views,
            Clock clock,
            ToldService told,
            Json json,
            ApplicationEventPublisher events,
            @Value("${glanzen.demo}") boolean demo,
            @Value("${glanzen.seed:#{null}}") @Nullable Long seed) {
        this.runs = runs;
        this.setUps = setUps;
        this.forecasts = forecasts;
        this.bench = bench;
        this.views = views;
        this.clock = clock;
        this.told = told;
        this.json = json;
        this.events = events;
        this.demo = demo;
        this.seed = seed;
    }

    /** Begins a run of a saved set-up. */
    @TriedAgain
    public RunView begin(Beginning beginning) {
        SavedSetUp saved = setUps.get(beginning.setUpId());
        SetUp setUp = forecasts.setUp(saved.draft());
        unoccupied(setUp);
        for (Finding<SetUp> finding : Rules.check(setUp, forecasts.inventory())) {
            if (finding.weight() == Weight.STOP) {
                throw new BadInput("setUp", finding.what(), "a stack that nothing stops; see its findings");
            }
        }
        RunEntity run = new RunEntity();
        run.id = "run-" + UUID.randomUUID().toString().substring(0, 8);
        run.title = saved.name();
        run.snapshot = json.write(Snapshot.of(setUp));
        run.machineId = setUp.machine().id();
        run.platformId = setUp.platformId();
        run.simulated = demo || beginning.trial();
        run.scrap = beginning.scrap();
        run.seed = beginning.seed() == null ? seed : beginning.seed();
        run.state = json.write(RunState.begun(beginning.scrap() ? 1 : beginning.wanted()));
        run.stepStartedAt = bench.now(run.simulated);
        run.createdAt = clock.instant();
        run.is(Status.OPEN);
        runs.saveAndFlush(run);
        bench.feeder(run, setUp).clear();
        tell(run, beginning.setUpId(), What.BEGUN);
        return view(run);
    }

    /** What is only tried out is nobody's evening. */
    private void tell(RunEntity run, String setUpId, What what) {
        if (!trial(run)) {
            events.publishEvent(
                    new RunTold(run.id, setUpId, run.scrap, run.state(json).good(), what));
        }
    }

    /** Two runs may be on beside each other, but not on the same machine. */
    private void unoccupied(SetUp setUp) {
        runs.findAllByStatusInOrderByCreatedAtDesc(List.of(Status.OPEN)).stream()
                .filter(run -> run.machineId.equals(setUp.machine().id())
                        || !run.platformId.isEmpty() && run.platformId.equals(setUp.platformId()))
                .findFirst()
                .ifPresent(run -> {
                    throw new Conflict("“" + run.title + "” is still on with the same machine. Finish it, pause it "
                            + "or leave it first.");
                });
    }

    private void resumable(RunEntity run, SetUp setUp) {
        if (run.status() == Status.OPEN) {
            throw new Conflict("“" + run.title + "” is on already: it was not paused.");
        }
        unoccupied(setUp);
    }

    @Transactional(readOnly = true)
    public RunView get(String id) {
        return view(find(id));
    }

    /** The runs that are on or paused, the youngest first. */
    @Transactional(readOnly = true)
    public List<RunView> unfinished() {
        return runs.findAllByStatusInOrderByCreatedAtDesc(List.of(Status.OPEN, Status.PAUSED)).stream()
                .map(this::view)
                .toList();
    }

    /** Ticks or unticks a line of the pre-flight list. */
    @TriedAgain
    public RunView tick(String id, int line, boolean done) {
        RunEntity run = find(id);
        SortedSet<Integer> ticked = run.ticked(json);
        if (line < 0 || line >= RunSheet.preflight(run.setUp(json)).size()) {
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
        if (run.status() == Status.PAUSED && action != RunAction.RESUME && action != RunAction.LEAVE) {
            throw new Conflict("This run is paused. Go on with it first.");
        }
        if (run.status() != Status.OPEN && run.status() != Status.PAUSED) {
            throw new Conflict("This run is over.");
        }
        SetUp setUp = run.setUp(json);
        if (action == RunAction.RESUME) {
            resumable(run, setUp);
        }
        RunState before = run.state(json);
        BenchReading reading = bench.reading(run, setUp);
        Moved moved = allowed(() -> new Run(setUp).act(before, action, reading));
        if (action == RunAction.NEXT && !run.simulated && reading.heater() != null) {
            told.ready(new Run(setUp).step(before), setUp, reading.heater().onSeconds());
        }
        run.is(
                switch (action) {
                    case PAUSE -> Status.PAUSED;
                    case LEAVE -> Status.LEFT;
                    default -> Status.OPEN;
                });
        // Who walks away by hand has put nothing back and switched nothing off until they say so.
        boolean asked = run.simulated || run.status() == Status.OPEN;
        if (action == RunAction.LEAVE) {
            tell(run, "", What.LEFT);
        }
        return view(moved(run, setUp, before, asked ? moved : new Moved(moved.state(), List.of())));
    }

    private RunEntity moved(RunEntity run, SetUp setUp, RunState before, Moved moved) {
        moved.commands().forEach(command -> bench.carryOut(command, run, setUp, luck(run)));
        RunState next = moved.state();
        if (next.step() != before.step()
                || next.out() != before.out()
                || next.warming() != before.warming()
                || next.step() == 0) {
            run.stepStartedAt = bench.now(run.simulated);
        }
        run.state = json.write(next);
        return runs.saveAndFlush(run);
    }

    /** A platform that was put back is ready again, as its owner says; what it takes is remembered. */
    @TriedAgain
    public RunView readyAgain(String id) {
        RunEntity run = find(id);
        SetUp setUp = run.setUp(json);
        double seconds =
                bench.heater(run, setUp).map(h -> h.read().dockedSeconds()).orElse(0.0);
        if (!run.simulated && seconds > 0) {
            told.again(setUp, seconds);
        }
        return view(run);
    }

    /** What heats was switched off by hand, and stands in its dock. */
    @TriedAgain
    public RunView switchedOff(String id) {
        RunEntity run = find(id);
        bench.heater(run, run.setUp(json)).ifPresent(heater -> {
            heater.switchOff();
            heater.dock(true);
        });
        return view(run);
    }

    /** Tells one pull from the next. */
    private long luck(RunEntity run) {
        RunState state = run.state(json);
        return (run.seed == null ? run.id.hashCode() : run.seed) + 31L * (state.good() + state.rejected());
    }

    /**
     * Takes the oldest pull of a run that is not logged yet for logged.
     *
     * @param good whether it is one of those wanted
     */
    public Pulled logged(String id, boolean good) {
        RunEntity run = find(id);
        if (run.status() == Status.LOGGED) {
            throw new Conflict("This run is logged already. Nothing was saved.");
        }
        if (trial(run)) {
            throw new Conflict("This run was tried out with simulated machines; your logbook keeps what you pulled.");
        }
        SetUp setUp = run.setUp(json);
        RunState before = run.state(json);
        SetUp pulled = new Run(setUp).pulled(before);
        List<Cut> cut = new Run(setUp).cut(before);
        Moved moved = allowed(() -> new Run(setUp).logged(before, good));
        if (moved.state().done()) {
            run.is(Status.LOGGED);
        }
        moved(run, setUp, before, moved);
        tell(run, "", run.status() == Status.LOGGED ? What.OVER : What.PULLED);
        return new Pulled(pulled, run.title, run.scrap, cut);
    }

    private static Moved allowed(Supplier<Moved> move) {
        try {
            return move.get();
        } catch (RunRefused refused) {
            throw new Conflict(refused.getMessage());
        }
    }

    /**
     * The pull that simulated machines made.
     *
     * @throws Conflict if a person made it: a rig learns from what was seen, and from nothing that was made up
     */
    @Transactional(readOnly = true)
    public Fed fed(String id) {
        RunEntity run = find(id);
        if (!run.simulated) {
            throw new Conflict("Only simulated machines have a simulated scanner. Log what you see in your hand.");
        }
        return new Fed(new Run(run.setUp(json)).pulled(run.state(json)), luck(run));
    }

    /** What the oldest pull of a run that is not logged yet was pulled with. */
    @Transactional(readOnly = true)
    public SetUp pulledSetUp(String id) {
        RunEntity run = find(id);
        return new Run(run.setUp(json)).pulled(run.state(json));
    }

    /** Outside the demo what stand-ins do is for looking on. */
    private boolean trial(RunEntity run) {
        return run.simulated && !demo;
    }

    private RunEntity find(String id) {
        return runs.findById(id).orElseThrow(() -> new NotFound("This run"));
    }

    private RunView view(RunEntity run) {
        return views.of(run, trial(run));
    }
}
