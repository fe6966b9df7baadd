package glanzen.app.job;

import glanzen.app.job.JobLook.ArtView;
import glanzen.app.job.JobLook.LineView;
import glanzen.app.job.JobLook.OrderView;
import glanzen.app.job.JobLook.WorkView;
import glanzen.app.keeping.Json;
import glanzen.app.kit.KitService;
import glanzen.app.preferences.PreferencesService;
import glanzen.app.run.Rounds;
import glanzen.app.setup.Drafts;
import glanzen.app.setup.ForecastService;
import glanzen.app.setup.SavedSetUp;
import glanzen.app.setup.SetUpService;
import glanzen.app.web.Conflict;
import glanzen.app.web.NotFound;
import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.PathText;
import glanzen.kit.Kit;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.layout.Arrangement;
import glanzen.layout.Layout;
import glanzen.measure.BadInput;
import glanzen.plan.Job;
import glanzen.plan.JobPiece;
import glanzen.plan.JobSheets;
import glanzen.plan.OffcutFit;
import glanzen.plan.Operation;
import glanzen.plan.OrderCheck;
import glanzen.plan.Supplies;
import glanzen.rules.Rules;
import glanzen.setup.SetUp;
import jakarta.persistence.EntityManager;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps jobs and says what each takes. */
@Service
@Transactional
public class JobService {

    private final JobRepository jobs;
    private final KitService kit;
    private final SetUpService setUps;
    private final ForecastService forecasts;
    private final Rounds rounds;
    private final PreferencesService preferences;
    private final Json json;
    private final EntityManager entities;

    JobService(
            JobRepository jobs,
            KitService kit,
            SetUpService setUps,
            ForecastService forecasts,
            Rounds rounds,
            PreferencesService preferences,
            Json json,
            EntityManager entities) {
        this.jobs = jobs;
        this.kit = kit;
        this.setUps = setUps;
        this.forecasts = forecasts;
        this.rounds = rounds;
        this.preferences = preferences;
        this.json = json;
        this.entities = entities;
    }

    /** All jobs in the order in which they were begun. */
    @Transactional(readOnly = true)
    public List<SavedJob> all() {
        return jobs.findAllByOrderByPlace().stream().map(this::view).toList();
    }

    /** Keeps a new job. */
    public SavedJob keep(Job job) {
        checkStock(job);
        JobEntity entity = new JobEntity();
        entity.id = "job-" + UUID.randomUUID().toString().substring(0, 8);
        entity.place = (int) jobs.count();
        return write(entity, job);
    }

    /** Changes a job on the version it was read as. */
    public SavedJob change(String id, Job job, long version) {
        JobEntity entity = find(id);
        Conflict.unlessSame(version, entity.version);
        checkStock(job);
        return write(entity, job);
    }

    void remove(String id, long version) {
        JobEntity entity = find(id);
        Conflict.unlessSame(version, entity.version);
        jobs.delete(entity);
    }

    /**
     * Replaces all of them; the kit must be there already.
     *
     * @param version the version everything gets
     */
    public void replace(List<SavedJob> all, long version) {
        jobs.deleteAllInBatch();
        int place = 0;
        for (SavedJob saved : all) {
            checkStock(saved.job());
            JobEntity entity = new JobEntity();
            entity.id = saved.id();
            entity.place = place++;
            entity.body = json.write(saved.job());
            entity.version = version;
            entities.persist(entity);
        }
    }

    private void checkStock(Job job) {
        Kit things = kit.kit();
        for (JobPiece piece : job.pieces()) {
            if (things.stock(piece.stockId()).isEmpty()) {
                throw new BadInput("pieces.stockId", "is not in your kit: " + piece.stockId(), "stock of your kit");
            }
        }
    }

    private Supplies supplies(Job job, Map<String, SetUp> all, Kit things) {
        return Supplies.of(job, all, things, kit.leftovers(), preferences.get().thumb());
    }

    /** What a job takes. */
    @Transactional(readOnly = true)
    public Supplies supplies(Job job) {
        Kit things = kit.kit();
        return supplies(job, setUps(List.of(job), things), things);
    }

    /** What there is to say of a job, saved or not. */
    @Transactional(readOnly = true)
    JobLook look(Job job) {
        Kit things = kit.kit();
        Map<String, SetUp> all = setUps(List.of(job), things);
        Supplies supplies = supplies(job, all, things);
        return new JobLook(
                job.pieces().stream()
                        .map(p -> OrderCheck.of(p, filmed(p, things)).stream()
                                .map(OrderView::of)
                                .toList())
                        .toList(),
                works(job, all),
                supplies.machines(),
                supplies.tools(),
                supplies.lines().stream().map(JobService::view).toList(),
                supplies.costPerCard(),
                supplies.unpriced(),
                OffcutFit.of(
                        JobSheets.of(job, all, things, forecasts.inventory().artworks()), kit.offcuts()));
    }

    private List<WorkView> works(Job job, Map<String, SetUp> all) {
        Map<String, Integer> pulls = new LinkedHashMap<>();
        for (JobPiece piece : job.pieces()) {
            piece.operations().stream()
                    .map(Operation::setUpId)
                    .filter(id -> id != null && all.containsKey(id))
                    .forEach(id -> pulls.merge(id, job.cards() * piece.perCard(), Integer::sum));
        }
        return pulls.entrySet().stream()
                .map(e -> work(e.getKey(), all.get(e.getKey()), e.getValue()))
                .toList();
    }

    private WorkView work(String id, SetUp setUp, int pulls) {
        boolean pullable = Rules.pullable(Rules.check(setUp, forecasts.inventory()));
        return new WorkView(
                id,
                setUp.route(),
                Arrays.stream(Operation.Kind.values())
                        .filter(k -> k.doneBy(setUp.route()))
                        .toList(),
                pullable,
                pullable ? forecasts.twenty(setUp) : null,
                rounds.of(setUp).seconds(pulls),
                setUp.layout().sized() ? setUp.layout().piece().widthMm() : null,
                setUp.layout().sized() ? setUp.layout().piece().heightMm() : null,
                art(setUp));
    }

    private ArtView art(SetUp setUp) {
        ArtworkShelf shelf = forecasts.inventory().artworks();
        String colour = setUp.route().film().isPresent() ? setUp.film().colour() : "";
        Layout layout = setUp.layout();
        if (!layout.laid()) {
            Plate tool = setUp.plate();
            String path = PathText.write(
                    shelf.of(tool.motif(), tool.widthMm(), tool.heightMm()).shape());
            return new ArtView(path, tool.widthMm(), tool.heightMm(), false, colour);
        }
        String path = new Arrangement(layout, shelf)
                .plates().stream().map(plate -> PathText.write(plate.shape())).collect(Collectors.joining(" "));
        return new ArtView(path, layout.piece().widthMm(), layout.piece().heightMm(), true, colour);
    }

    /** A job by its key. */
    @Transactional(readOnly = true)
    public SavedJob get(String id) {
        return view(find(id));
    }

    /** The set-ups that jobs name and that can still be read, by their keys. */
    @Transactional(readOnly = true)
    public Map<String, SetUp> named(List<Job> some) {
        return setUps(some, kit.kit());
    }

    private static boolean filmed(JobPiece piece, Kit things) {
        return things.stock(piece.stockId()).filter(Stock::protectiveFilm).isPresent();
    }

    /** One whose things are gone counts for nothing. */
    private Map<String, SetUp> setUps(List<Job> some, Kit things) {
        Set<String> named = some.stream()
                .flatMap(job -> job.pieces().stream())
                .flatMap(p -> p.operations().stream())
                .map(Operation::setUpId)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
        Map<String, SetUp> found = new HashMap<>();
        for (SavedSetUp saved : setUps.those(named)) {
            try {
                SetUp setUp = Drafts.setUp(saved.draft(), things);
                if (Rules.computable(setUp)) {
                    found.put(saved.id(), setUp);
                }
            } catch (BadInput gone) {
                // It says so where it is opened.
            }
        }
        return found;
    }

    private static LineView view(Supplies.Line l) {
        return new LineView(
                l.what(),
                l.name(),
                l.needed(),
                l.unit(),
                l.have(),
                l.missing(),
                l.cost(),
                l.cheaper(),
                l.saving(),
                l.instead(),
                l.leftoverCm2());
    }

    /** The supplies of a saved job as rows of a table. */
    @Transactional(readOnly = true)
    List<List<?>> supplyRows(String id) {
        return look(view(find(id)).job()).lines().stream()
                .<List<?>>map(l -> Arrays.asList(
                        l.what(),
                        l.name(),
                        l.needed(),
                        l.unit(),
                        l.have(),
                        l.missing() ? l.needed() - l.have() : null,
                        l.cost()))
                .toList();
    }

    private SavedJob write(JobEntity entity, Job job) {
        entity.body = json.write(job);
        return view(jobs.saveAndFlush(entity));
    }

    private JobEntity find(String id) {
        return jobs.findById(id).orElseThrow(() -> new NotFound("This job"));
    }

    private SavedJob view(JobEntity e) {
        return new SavedJob(e.id, json.read(e.body, Job.class), e.version);
    }
}
