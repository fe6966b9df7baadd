package glanzen.app.pull;

import glanzen.app.keeping.Json;
import glanzen.app.keeping.Numbers;
import glanzen.app.keeping.TriedAgain;
import glanzen.app.kit.Consumption;
import glanzen.app.pull.PullView.ReadSummary;
import glanzen.app.rig.RigService;
import glanzen.app.run.Pulled;
import glanzen.app.run.RunService;
import glanzen.app.setup.ForecastService;
import glanzen.app.setup.SavedSetUp;
import glanzen.app.setup.SetUpService;
import glanzen.app.setup.Snapshot;
import glanzen.app.setup.Told;
import glanzen.app.web.Conflict;
import glanzen.app.web.NotFound;
import glanzen.inspect.Figure;
import glanzen.kit.Film;
import glanzen.learning.Fault;
import glanzen.learning.Observation.Outcome;
import glanzen.measure.Checks;
import glanzen.setup.Difference;
import glanzen.setup.SetUp;
import glanzen.steps.Cut;
import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the logbook. */
@Service
@Transactional
public class PullService {

    private static final int MOST_PER_PAGE = 200;
    private static final String ON_SCRAP = ", on scrap";

    private final PullRepository pulls;
    private final PullStories stories;
    private final RunService runs;
    private final SetUpService setUps;
    private final ForecastService forecasts;
    private final RigService rigs;
    private final Consumption usage;
    private final Json json;
    private final Numbers numbers;
    private final EntityManager entities;

    PullService(
            PullRepository pulls,
            PullStories stories,
            RunService runs,
            SetUpService setUps,
            ForecastService forecasts,
            RigService rigs,
            Consumption usage,
            Json json,
            Numbers numbers,
            EntityManager entities) {
        this.pulls = pulls;
        this.stories = stories;
        this.runs = runs;
        this.setUps = setUps;
        this.forecasts = forecasts;
        this.rigs = rigs;
        this.usage = usage;
        this.json = json;
        this.numbers = numbers;
        this.entities = entities;
    }

    /** A page of the logbook. */
    public record PullPage(List<PullView> pulls, long total) {}

    /** Two pulls beside each other. */
    public record Comparison(PullView left, PullView right, List<Difference> differences) {}

    /**
     * Logs a pull as of some time: freezes its set-up, learns from it, and counts what was used. To be called in turn.
     *
     * @param before what it was pulled with as it was told of; a run knows better which of its pulls is next
     */
    @TriedAgain
    PullView log(LogEntry entry, Told before, Instant at) {
        Pulled pulled = pulled(entry, before.setUp());
        SetUp setUp = pulled.setUp();
        Told told = setUp.equals(before.setUp()) ? before : forecasts.told(setUp);
        PullEntity pull = new PullEntity();
        pull.id = "pull-" + UUID.randomUUID().toString().substring(0, 8);
        pull.number = numbers.nextPull();
        pull.loggedAt = at;
        pull.runId = entry.runId();
        pull.title = pulled.title();
        pull.cut = json.write(pulled.cut().stream().map(Cut::says).toList());
        write(pull, entry);
        pull.freeze(setUp, json.write(Snapshot.of(setUp)));
        pull.expectedUnder = told.expected().under();
        pull.expectedClean = told.expected().clean();
        pull.expectedOver = told.expected().over();
        boolean telling = entry.telling() && pulled.cut().stream().noneMatch(Cut::untold);
        if (telling) {
            rigs.learn(setUp, told.model(), entry.seen(setUp.route().standard()));
            learnGive(setUp, entry);
        } else if (told.expected().refused() > 0) {
            // What dust or a wrong side spoiled went through all the same, where that was in doubt.
            rigs.wentThrough(setUp, told.model());
        }
        pull.position = forecasts.position(setUp, forecasts.again(told));
        entities.persist(pull);
        usage.count(setUp, pull.id, !Boolean.FALSE.equals(entry.keepFoil()), pulled.scrap());
        return view(pull);
    }

    /** A middle that is weak with one board only tells of the board, not of the rollers. */
    private void learnGive(SetUp setUp, LogEntry entry) {
        Figure inMiddle = entry.read() == null ? null : entry.read().inMiddle();
        if (entry.coverage() == null
                || inMiddle == null
                || stories.bowed(setUp.machine().id())) {
            return;
        }
        rigs.learnGive(setUp, entry.coverage(), inMiddle);
    }

    private Pulled pulled(LogEntry entry, SetUp toldOf) {
        String title = entry.title().trim();
        if (entry.runId() == null) {
            return new Pulled(toldOf, title, false, List.of());
        }
        boolean first = pulls.findAllByRunIdOrderByNumber(entry.runId()).isEmpty();
        Pulled of = runs.logged(entry.runId(), entry.outcome() == Outcome.CLEAN);
        // A leftover's foil is spent by the first pull; those after it take theirs from the roll.
        SetUp setUp =
                first ? of.setUp() : of.setUp().withLayout(of.setUp().layout().fromTheRoll());
        return new Pulled(setUp, of.scrap() ? title + ON_SCRAP : title, of.scrap(), of.cut());
    }

    private void write(PullEntity pull, LogEntry entry) {
        pull.outcome = entry.outcome();
        pull.amount = entry.amount();
        pull.coverage = entry.coverage();
        pull.spillMm = entry.spillMm();
        pull.faults = json.write(entry.faults());
        pull.note = entry.note();
        pull.take(entry.read(), json);
        pull.next = entry.next();
    }

    /** A page of the logbook, newest first. */
    @Transactional(readOnly = true)
    PullPage page(PullFilter filter, int page, int size) {
        new Checks()
                .figure("page", page, 0, 1_000_000, "")
                .figure("size", size, 1, MOST_PER_PAGE, "pulls")
                .done();
        Page<PullEntity> found = pulls.findAll(
                filter.where(), PageRequest.of(page, size, Sort.by("number").descending()));
        return new PullPage(found.map(this::view).toList(), found.getTotalElements());
    }

    /** The whole logbook, oldest first; read as it is gone through. */
    Stream<PullView> everything() {
        return Stream.iterate(after(0), page -> !page.isEmpty(), page -> after(page.get(page.size() - 1).number))
                .flatMap(List::stream)
                .map(this::view);
    }

    private List<PullEntity> after(int number) {
        return pulls.findByNumberGreaterThanOrderByNumber(number, Limit.of(MOST_PER_PAGE));
    }

    @Transactional(readOnly = true)
    public PullView get(String id) {
        return view(find(id));
    }

    @Transactional(readOnly = true)
    public List<PullView> latest() {
        return pulls.findTop8ByOrderByNumberDesc().stream().map(this::view).toList();
    }

    /** What two pulls do not share. */
    @Transactional(readOnly = true)
    public Comparison compare(String leftId, String rightId) {
        PullEntity left = find(leftId);
        PullEntity right = find(rightId);
        return new Comparison(view(left), view(right), Difference.between(setUp(left), setUp(right)));
    }

    /** The set-up of a pull, as it was. */
    @Transactional(readOnly = true)
    public SetUp setUpOf(String id) {
        return setUp(find(id));
    }

    /** Opens a pull's set-up again, as a new one. */
    public SavedSetUp again(String id) {
        PullEntity pull = find(id);
        return setUps.keep(pull.title, json.read(pull.snapshot, Snapshot.class).draft(), false);
    }

    /** Makes a pull's set-up the recipe for its plate, film and stock. */
    @TriedAgain
    public SavedSetUp prove(String id, long version) {
        PullEntity pull = find(id);
        Conflict.unlessSame(version, pull.version);
        pulls.findByPlateIdAndFilmIdAndStockIdAndProvenTrue(pull.plateId, pull.filmId, pull.stockId)
                .forEach(p -> p.proven = false);
        pull.proven = true;
        return setUps.keep(
                pull.title + ", recipe",
                json.read(pull.snapshot, Snapshot.class).draft(),
                true);
    }

    /** What the latest pulls that did not come out were set up as. */
    @Transactional(readOnly = true)
    public List<SetUp> worst(int most) {
        return pulls.findByOutcomeNotOrderByNumberDesc(Outcome.CLEAN, Limit.of(most)).stream()
                .map(this::setUp)
                .toList();
    }

    private PullEntity find(String id) {
        return pulls.findById(id).orElseThrow(() -> new NotFound("This pull"));
    }

    private SetUp setUp(PullEntity pull) {
        return json.read(pull.snapshot, Snapshot.class).setUp();
    }

    private PullView view(PullEntity p) {
        Snapshot snapshot = json.read(p.snapshot, Snapshot.class);
        return new PullView(
                p.id,
                p.number,
                p.loggedAt,
                p.title,
                snapshot.draft().route(),
                snapshot.kit().plates().get(0).name(),
                snapshot.kit().stocks().get(0).name(),
                snapshot.kit().films().stream().map(Film::name).findFirst().orElse(""),
                snapshot.kit().machines().get(0).name(),
                p.outcome,
                p.amount,
                p.coverage,
                p.spillMm,
                Arrays.asList(json.read(p.faults, Fault[].class)),
                p.note,
                Arrays.asList(json.read(p.cut, String[].class)),
                p.expectedUnder,
                p.expectedClean,
                p.expectedOver,
                p.proven,
                p.pictured,
                ReadSummary.of(
                        p.readOff == null ? null : json.read(p.readOff, LogRead.class),
                        p.next,
                        snapshot.draft().route()),
                p.version);
    }
}
