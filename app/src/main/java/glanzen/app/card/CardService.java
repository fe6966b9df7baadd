package glanzen.app.card;

import glanzen.app.card.CardView.CardFinding;
import glanzen.app.card.CardView.CutThrough;
import glanzen.app.card.CardView.DecorView;
import glanzen.app.card.CardView.FoamToCut;
import glanzen.app.card.CardView.MountedView;
import glanzen.app.card.CardView.OpenBase;
import glanzen.app.card.CardView.ThicknessMap;
import glanzen.app.job.JobService;
import glanzen.app.job.SavedJob;
import glanzen.app.kit.KitService;
import glanzen.app.preferences.PreferencesService;
import glanzen.app.setup.ForecastService;
import glanzen.app.web.NotFound;
import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.PathText;
import glanzen.card.Assembly;
import glanzen.card.Base;
import glanzen.card.CardPlan;
import glanzen.card.CutLine;
import glanzen.card.Heights;
import glanzen.card.Laid;
import glanzen.card.Raster;
import glanzen.finding.Finding;
import glanzen.finding.Weight;
import glanzen.gluing.Building.CardStep;
import glanzen.gluing.CardLook;
import glanzen.gluing.CardRules;
import glanzen.gluing.Foam;
import glanzen.gluing.FoamShelf;
import glanzen.kit.Envelope;
import glanzen.kit.FoamSheet;
import glanzen.kit.Kit;
import glanzen.kit.Stock;
import glanzen.measure.BadInput;
import glanzen.plan.FirstCard;
import glanzen.plan.Job;
import glanzen.plan.JobSheets;
import glanzen.plan.ThroughBoth;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks at cards before they are glued. */
@Service
@Transactional(readOnly = true)
public class CardService {

    /** Squares of the map are so many cells wide. */
    private static final int MAP_CELLS = 4;

    private final JobService jobs;
    private final KitService kit;
    private final ForecastService forecasts;
    private final PreferencesService preferences;

    /** A hand that slides a cut asks for the same card many times a second. */
    private final AtomicReference<@Nullable Answer> last = new AtomicReference<>();

    CardService(JobService jobs, KitService kit, ForecastService forecasts, PreferencesService preferences) {
        this.jobs = jobs;
        this.kit = kit;
        this.forecasts = forecasts;
        this.preferences = preferences;
    }

    /** A card and the job whose pieces it is made of. */
    record SavedCard(String jobId, String name, int cards, CardPlan card, long version) {}

    List<SavedCard> all() {
        return jobs.all().stream().flatMap(j -> saved(j).stream()).toList();
    }

    SavedCard get(String jobId) {
        return saved(jobs.get(jobId)).orElseThrow(() -> new NotFound("The card of this job"));
    }

    @Transactional
    public SavedCard change(String jobId, CardPlan card, long version) {
        Job job = jobs.get(jobId).job().mounting(card);
        if (CardRules.ring(card).isEmpty()) {
            assembled(question(job));
        }
        return saved(jobs.change(jobId, job, version)).orElseThrow();
    }

    private static Optional<SavedCard> saved(SavedJob job) {
        return Optional.ofNullable(job.job().card())
                .map(card -> new SavedCard(job.id(), job.job().name(), job.job().cards(), card, job.version()));
    }

    CardPlan first(Job job) {
        return FirstCard.of(job, first(Stock.Kind.CARD), kit.envelopes());
    }

    Job insidePanel(Job job) {
        return FirstCard.insidePanel(job, first(Stock.Kind.CARD));
    }

    private String first(Stock.Kind kind) {
        return kit.kit().stocks().stream()
                .filter(s -> s.kind() == kind)
                .findFirst()
                .map(Stock::id)
                .orElseThrow(() -> new BadInput("card.base.stockId", "is nothing yet", kind.label() + " in your kit"));
    }

    CardPlan placed(CardPlan card, String key, String words) {
        return card.placed(key, words, preferences.get().length());
    }

    /** A card of a job, worked out. */
    CardLook look(String jobId) {
        return looked(question(jobs.get(jobId).job()));
    }

    /** All that a card is worked out from. */
    private record Question(
            Job job, Map<String, SetUp> setUps, Kit kit, List<FoamSheet> foams, List<Envelope> envelopes) {}

    private record Answer(Question question, CardLook look) {}

    private Question question(Job job) {
        return question(job, jobs.named(List.of(job)));
    }

    private Question question(Job job, Map<String, SetUp> setUps) {
        return new Question(job, setUps, kit.kit(), kit.foams(), kit.envelopes());
    }

    private CardLook looked(Question question) {
        Answer known = last.get();
        if (known != null && known.question.equals(question)) {
            return known.look;
        }
        CardLook look = new CardLook(assembled(question), new FoamShelf(question.foams), question.envelopes);
        last.set(new Answer(question, look));
        return look;
    }

    private Assembly assembled(Question q) {
        CardPlan card = plan(q.job);
        Stock stock = q.kit.stock(card.base().stockId())
                .orElseThrow(() -> new BadInput(
                        "card.base.stockId",
                        "is not in your kit: " + card.base().stockId(),
                        "stock of your kit"));
        return new Assembly(card, stock, JobSheets.of(q.job, q.setUps, q.kit, shelf()));
    }

    private ArtworkShelf shelf() {
        return forecasts.inventory().artworks();
    }

    /** How one card of a job is put together, step by step; nothing where nobody has thought of it, or where it cannot be. */
    public List<CardStep> steps(Job job) {
        if (job.card() == null || CardRules.ring(job.card()).isPresent()) {
            return List.of();
        }
        return looked(question(job)).steps();
    }

    /** Begins to work every card out, as its page would. */
    public ManyCards workOut(List<Job> all) {
        Map<String, SetUp> setUps = jobs.named(all);
        return new ManyCards(all.stream()
                .filter(job -> job.card() != null && CardRules.ring(job.card()).isEmpty())
                .map(job -> question(job, setUps))
                .<Runnable>map(q -> () -> new CardLook(assembled(q), new FoamShelf(q.foams), q.envelopes).steps())
                .toList());
    }

    private static CardPlan plan(Job job) {
        if (job.card() == null) {
            throw new BadInput("card", "is missing", "a base and what is mounted on it");
        }
        return job.card();
    }

    /** A card cut through along any line. */
    CutThrough cut(Job job, CutLine line) {
        Job lying = CardRules.ring(plan(job)).isPresent() ? bare(job) : job;
        return cut(looked(question(lying)), line);
    }

    private static CutThrough cut(CardLook look, CutLine line) {
        return new CutThrough(line, line.lengthMm(), look.cutThrough(line));
    }

    /** The same with nothing mounted on it. */
    private static Job bare(Job job) {
        CardPlan plan = plan(job);
        return job.mounting(new CardPlan(plan.base(), plan.envelope(), List.of()));
    }

    CardView look(Job job) {
        Optional<Finding<CardPlan>> ring = CardRules.ring(plan(job));
        if (ring.isPresent()) {
            Job without = bare(job);
            return view(looked(question(without)), without, List.of(ring.get()));
        }
        Question question = question(job);
        CardLook look = looked(question);
        List<Finding<CardPlan>> findings = new ArrayList<>(look.findings());
        findings.addAll(ThroughBoth.check(job, look.assembly(), question.setUps, forecasts.inventory()));
        findings.sort(Comparator.comparing(Finding::weight));
        return view(look, job, findings);
    }

    private CardView view(CardLook look, Job job, List<Finding<CardPlan>> findings) {
        Heights heights = look.heights();
        Assembly card = look.assembly();
        Raster raster = heights.raster();
        boolean stopped = findings.stream().anyMatch(f -> f.weight() == Weight.STOP);
        return new CardView(
                look.says(),
                base(card, job.cards()),
                heights.thickestMm(),
                heights.apartMm(),
                !stopped,
                card.pieces().stream().map(p -> view(look, p)).toList(),
                new ThicknessMap(
                        raster.leftMm(),
                        raster.bottomMm(),
                        MAP_CELLS * raster.cellMm(),
                        (raster.columns() + MAP_CELLS - 1) / MAP_CELLS,
                        (raster.rows() + MAP_CELLS - 1) / MAP_CELLS,
                        heights.coarse(MAP_CELLS)),
                cut(look, CutLine.middle(card)),
                look.steps(),
                look.foamCuts(job.cards()).stream().map(FoamToCut::of).toList(),
                findings.stream().map(CardFinding::of).toList(),
                look.ideas(),
                look.fallsOut(job.cards()),
                look.foams().heightsMm());
    }

    private static OpenBase base(Assembly card, int cards) {
        Base base = card.plan().base();
        Stock stock = card.baseStock();
        Base.Size open = base.open(stock.thicknessMm());
        return new OpenBase(
                open.widthMm(),
                open.heightMm(),
                base.scores(stock.thicknessMm()),
                base.scoredUpright(),
                base.sheets(stock, cards),
                stock.thicknessMm(),
                stock.colour(),
                base.scoring(stock.thicknessMm()),
                PathText.write(card.baseShape()),
                card.baseSheet().stream()
                        .flatMap(sheet -> sheet.decor().stream())
                        .map(d -> DecorView.of(d, d.shape(), stock, 0))
                        .toList());
    }

    private static MountedView view(CardLook look, Laid p) {
        org.locationtech.jts.geom.Envelope box = p.shape().getEnvelopeInternal();
        Foam foam = look.joined().foam().get(p.key());
        return new MountedView(
                p.key(),
                p.name(),
                p.mounted().way(),
                PathText.write(p.shape()),
                p.sheet().stock().colour(),
                p.sheet().clear(),
                p.inside(),
                box.getMinX(),
                box.getMinY(),
                box.getWidth(),
                box.getHeight(),
                look.heights().bottomMm(p.key()),
                look.heights().topMm(p.key()),
                look.sight().seen(p.key()),
                look.holds(p),
                look.assembly().plan().said(p.mounted()),
                foam == null ? "" : PathText.write(foam.shape()),
                look.sight().decors().stream()
                        .filter(d -> d.key().equals(p.key()))
                        .map(d -> DecorView.of(
                                d.decor(),
                                p.placing().transform(d.decor().shape()),
                                p.sheet().stock(),
                                d.covered()))
                        .toList());
    }
}
