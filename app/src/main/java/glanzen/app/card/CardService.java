package glanzen.app.card;

import glanzen.app.card.CardView.CardFinding;
import glanzen.app.card.CardView.CutThrough;
import glanzen.app.card.CardView.DecorView;
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
import glanzen.card.Heights;
import glanzen.card.Laid;
import glanzen.card.Raster;
import glanzen.finding.Finding;
import glanzen.finding.Weight;
import glanzen.gluing.CardLook;
import glanzen.gluing.CardRules;
import glanzen.gluing.Foam;
import glanzen.kit.Stock;
import glanzen.measure.BadInput;
import glanzen.plan.FirstCard;
import glanzen.plan.Job;
import glanzen.plan.JobSheets;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Envelope;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks at cards before they are glued. */
@Service
@Transactional(readOnly = true)
class CardService {

    /** Squares of the map are so many cells wide. */
    private static final int MAP_CELLS = 4;

    private final JobService jobs;
    private final KitService kit;
    private final ForecastService forecasts;
    private final PreferencesService preferences;

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
            assembled(job);
        }
        return saved(jobs.change(jobId, job, version)).orElseThrow();
    }

    private static Optional<SavedCard> saved(SavedJob job) {
        return Optional.ofNullable(job.job().card())
                .map(card -> new SavedCard(job.id(), job.job().name(), job.job().cards(), card, job.version()));
    }

    CardPlan first(Job job) {
        return FirstCard.of(
                job,
                kit.kit().stocks().stream()
                        .filter(s -> s.kind() == Stock.Kind.CARD)
                        .findFirst()
                        .map(Stock::id)
                        .orElseThrow(() -> new BadInput("card.base.stockId", "is nothing yet", "card in your kit")));
    }

    CardPlan placed(CardPlan card, String key, String words) {
        return card.placed(key, words, preferences.get().length());
    }

    /** A card of a job, worked out. */
    CardLook look(String jobId) {
        return new CardLook(assembled(jobs.get(jobId).job()));
    }

    private Assembly assembled(Job job) {
        CardPlan card = plan(job);
        Stock stock = kit.kit()
                .stock(card.base().stockId())
                .orElseThrow(() -> new BadInput(
                        "card.base.stockId",
                        "is not in your kit: " + card.base().stockId(),
                        "stock of your kit"));
        return new Assembly(card, stock, JobSheets.of(job, jobs.named(job), kit.kit(), shelf()));
    }

    private ArtworkShelf shelf() {
        return forecasts.inventory().artworks();
    }

    private static CardPlan plan(Job job) {
        if (job.card() == null) {
            throw new BadInput("card", "is missing", "a base and what is mounted on it");
        }
        return job.card();
    }

    /**
     * @param cutMm where it is cut through, from the foot, mm; in its middle where nothing is said
     */
    CardView look(Job job, @Nullable Double cutMm) {
        CardPlan plan = plan(job);
        Optional<Finding<CardPlan>> ring = CardRules.ring(plan);
        if (ring.isPresent()) {
            Job without = job.mounting(new CardPlan(plan.base(), plan.envelope(), List.of()));
            return view(new CardLook(assembled(without)), without, cutMm, List.of(ring.get()));
        }
        CardLook look = new CardLook(assembled(job));
        return view(look, job, cutMm, look.findings());
    }

    private CardView view(CardLook look, Job job, @Nullable Double cutMm, List<Finding<CardPlan>> findings) {
        Heights heights = look.heights();
        Assembly card = look.assembly();
        double at = cutMm == null ? card.plan().base().heightMm() / 2 : cutMm;
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
                new CutThrough(at, look.cutThrough(at)),
                look.steps(),
                look.foamCuts(job.cards()),
                findings.stream().map(CardFinding::of).toList(),
                look.ideas());
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
                        .map(d -> new DecorView(d.name(), PathText.write(d.shape()), d.colour(), 0))
                        .toList());
    }

    private static MountedView view(CardLook look, Laid p) {
        Envelope box = p.shape().getEnvelopeInternal();
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
                        .map(d -> new DecorView(
                                d.decor().name(),
                                PathText.write(p.placing().transform(d.decor().shape())),
                                d.decor().colour(),
                                d.covered()))
                        .toList());
    }
}
