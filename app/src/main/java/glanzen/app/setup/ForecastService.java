package glanzen.app.setup;

import glanzen.advice.Advice;
import glanzen.advice.Advisor;
import glanzen.advice.ErrorBias;
import glanzen.advice.FirstStack;
import glanzen.advice.LongerSoak;
import glanzen.advice.Proposal;
import glanzen.advice.Schools;
import glanzen.advice.ScrapTest;
import glanzen.app.kit.KitService;
import glanzen.app.rig.RigService;
import glanzen.app.setup.SetUpReport.AdviceView;
import glanzen.app.setup.SetUpReport.Expected;
import glanzen.app.setup.SetUpReport.FoundView;
import glanzen.app.setup.SetUpReport.GelView;
import glanzen.app.setup.SetUpReport.HeatView;
import glanzen.app.setup.SetUpReport.MendView;
import glanzen.app.setup.SetUpReport.PlaceView;
import glanzen.app.setup.SetUpReport.ProposalView;
import glanzen.app.setup.SetUpReport.RigView;
import glanzen.app.setup.SetUpReport.SchoolView;
import glanzen.app.setup.SetUpReport.Tick;
import glanzen.app.setup.SetUpReport.TwentyView;
import glanzen.app.setup.SetUpReport.WayView;
import glanzen.app.setup.SetUpReport.WindowView;
import glanzen.app.web.Turns;
import glanzen.artwork.ArtworkShelf;
import glanzen.finding.Finding;
import glanzen.finding.Finding.Mend;
import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.heat.HeatTrace;
import glanzen.kit.Kit;
import glanzen.kit.Press;
import glanzen.learning.Observation;
import glanzen.learning.RigReport;
import glanzen.measure.BadInput;
import glanzen.picture.Picture;
import glanzen.pull.OnceARig;
import glanzen.pull.PullModel;
import glanzen.pull.Rig;
import glanzen.rules.Rules;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.start.LayerPlace;
import glanzen.steps.RunSheet;
import glanzen.transfer.Transfer;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Asks the core about set-ups and puts its answers into the shape in which they are drawn. */
@Service
public class ForecastService {

    private static final int HEAT_POINTS = 40;
    private static final long STOCK_TEXTURE = 7;

    private final KitService kit;
    private final RigService rigs;
    private final Forecaster forecaster;
    private final ArtworkShelf artworks;
    private final PastPulls past;

    /** Forecasts somebody waits for, some milliseconds each: one after another, so that what is logged is not kept waiting. */
    private final Turns turns = new Turns();

    ForecastService(KitService kit, RigService rigs, Forecaster forecaster, ArtworkShelf artworks, PastPulls past) {
        this.kit = kit;
        this.rigs = rigs;
        this.forecaster = forecaster;
        this.artworks = artworks;
        this.past = past;
    }

    /** The set-up a draft means, with the kit as it is. */
    public SetUp setUp(Draft draft) {
        return Drafts.setUp(draft, kit.kit());
    }

    /** What the core may draw on. */
    public Inventory inventory() {
        Kit things = kit.inUse();
        return new Inventory(things.boards(), artworks, things.machines());
    }

    SetUpReport answer(Draft draft) {
        SetUp setUp = setUp(draft);
        return turns.take(() -> answer(setUp, inventory(), ensemble(setUp)));
    }

    /**
     * What was expected of a pull that is told of.
     *
     * @throws BadInput if it is none that can have been made
     */
    public Told told(SetUp setUp) {
        if (!Rules.computable(setUp)) {
            throw new BadInput("draft.layers", "are not a stack that was pulled", Rules.asksFor(setUp.route()));
        }
        return turns.take(() -> {
            OnceARig model = forecaster.onceARig(setUp);
            return new Told(setUp, model, forecaster.forecast(setUp, model, ensemble(setUp)));
        });
    }

    /** What would be expected of the same pull by now. */
    public Forecast again(Told told) {
        return forecaster.forecast(told.setUp(), told.model(), ensemble(told.setUp()));
    }

    /** The same for a set-up that is made of something else than the kit. */
    public SetUpReport answer(SetUp setUp, Inventory shop, RigEnsemble ensemble) {
        List<Finding<SetUp>> findings = Rules.check(setUp, shop);
        boolean computable = Rules.computable(setUp);
        boolean pullable = Rules.pullable(findings);
        // What cannot be pulled comes out in no way.
        Forecast forecast = computable && pullable ? forecaster.forecast(setUp, ensemble) : null;
        Expected expected = forecast == null ? null : expected(setUp, forecast);
        return new SetUpReport(
                setUp.stack().thicknessMm(),
                setUp.machine() instanceof Press press ? press.openingMm() : 0,
                setUp.overfillMm(),
                computable ? setUp.totalSeconds() : 0,
                computable,
                pullable,
                findings.stream().map(ForecastService::view).toList(),
                computable ? cautions(setUp) : List.of(),
                expected,
                forecast == null ? null : scrapTest(setUp, forecast, Objects.requireNonNull(expected)),
                setUp.shimPlace(),
                LayerPlace.of(setUp).stream().map(PlaceView::of).toList(),
                GelView.of(setUp),
                rig(setUp, forecast != null, ensemble));
    }

    private RigView rig(SetUp setUp, boolean pullable, RigEnsemble ensemble) {
        RigService.PullsLearned from = rigs.learnedFrom(setUp.machine().id(), setUp.platformId());
        List<RigReport.Remark> said =
                rigs.remarks(setUp.machine(), setUp.platform().orElse(null), setUp.needing());
        return new RigView(
                from.here(),
                from.elsewhere(),
                from.here() + from.elsewhere() > 0 && pullable
                        ? RigReport.with(said, forecaster.onceARig(setUp), ensemble, rigs.first(setUp))
                        : said);
    }

    /** Twenty pulls of a set-up that can be pulled, once what was learned of its machine and heat is forgotten. */
    TwentyView forgotten(Draft draft) {
        SetUp setUp = computable(draft);
        return TwentyView.of(forecaster.forecast(setUp, rigs.first(setUp)).twenty());
    }

    private static @Nullable String scrapTest(SetUp setUp, Forecast forecast, Expected expected) {
        boolean pulled = !expected.window().ticks().isEmpty();
        return ScrapTest.why(setUp, forecast, pulled).orElse(null);
    }

    /** Returns twenty pulls of a set-up that can be computed. */
    public TwentyView twenty(SetUp setUp) {
        return TwentyView.of(forecaster.forecast(setUp, ensemble(setUp)).twenty());
    }

    /** The set-up that a person begins with, where a route's usual one is this. */
    public SetUp first(SetUp usual, Inventory shop, RigEnsemble ensemble) {
        return FirstStack.of(usual, forecaster, shop, ensemble);
    }

    /** Share of good pulls of a set-up that can be computed, 0…1. */
    public double clean(SetUp setUp) {
        return forecaster.forecast(setUp, ensemble(setUp)).clean();
    }

    /** How much longer a plate soaks on a platform that is behind, to come out like the first; s. */
    public double soakLonger(SetUp first, SetUp behind) {
        return LongerSoak.seconds(forecaster, ensemble(first), first, behind);
    }

    AdviceView advise(Draft draft, ErrorBias bias) {
        SetUp setUp = computable(draft);
        Advice advice = new Advisor(forecaster, inventory()).advise(setUp, ensemble(setUp), bias);
        return new AdviceView(
                advice.best().stream().map(this::view).toList(),
                advice.cheapest() == null ? null : view(advice.cheapest()),
                advice.lesson() == null ? null : view(advice.lesson()),
                advice.refusals(),
                advice.wishes(),
                advice.considered());
    }

    /** The cheapest single change that brings the pull near a place on the scale. */
    Optional<ProposalView> toward(Draft draft, double position) {
        SetUp setUp = computable(draft);
        RigEnsemble ensemble = ensemble(setUp);
        double dose =
                WindowScale.of(forecaster.forecast(setUp, ensemble).window()).dose(position);
        return new Advisor(forecaster, inventory())
                .toward(setUp, ensemble, dose)
                .map(this::view);
    }

    /** Where practice differs on a draft. */
    List<SchoolView> schools(Draft draft) {
        SetUp setUp = computable(draft);
        return Schools.of(setUp, forecaster, ensemble(setUp), inventory()).stream()
                .map(s -> new SchoolView(
                        s.key(),
                        s.question(),
                        s.decides(),
                        s.ways().stream().map(ForecastService::view).toList()))
                .toList();
    }

    private static WayView view(Schools.Way way) {
        return new WayView(
                way.name(),
                way.says(),
                Drafts.draft(way.setUp()),
                way.present(),
                TwentyView.of(way.forecast().twenty()),
                way.setUp().totalSeconds());
    }

    BufferedImage picture(Draft draft, int width, int height) {
        SetUp setUp = computable(draft);
        Rig middle = ensemble(setUp).middle();
        return Picture.of(setUp, forecaster.model(setUp), middle, STOCK_TEXTURE).draw(width, height);
    }

    /** Where a pull of a set-up lies on the scale. */
    public double position(SetUp setUp, Forecast forecast) {
        return WindowScale.of(forecast.window()).position(forecast.dose().middle());
    }

    private SetUp computable(Draft draft) {
        return computable(setUp(draft));
    }

    /** The set-up, if it is one that can be pulled. */
    public SetUp computable(SetUp setUp) {
        if (!Rules.computable(setUp)) {
            throw new BadInput("layers", "are not a stack that can be pulled", Rules.asksFor(setUp.route()));
        }
        return setUp;
    }

    /** Plausible rigs under a set-up once a pull of it was seen, without learning from it for good. */
    public RigEnsemble after(SetUp setUp, PullModel model, Observation seen) {
        return rigs.after(setUp, model, seen);
    }

    /** What is known of the rig of a set-up. */
    public RigEnsemble ensemble(SetUp setUp) {
        return rigs.ensemble(setUp);
    }

    private static List<String> cautions(SetUp setUp) {
        return RunSheet.steps(setUp).stream()
                .flatMap(s -> s.cautions().stream())
                .distinct()
                .toList();
    }

    private static FoundView view(Finding<SetUp> f) {
        return new FoundView(f.rule().key(), f.weight(), f.concern().layer(), f.what(), f.why(), view(f.mend()));
    }

    private static @Nullable MendView view(@Nullable Mend<SetUp> mend) {
        return mend == null ? null : new MendView(mend.label(), Drafts.draft(mend.mended()));
    }

    private ProposalView view(Proposal p) {
        return new ProposalView(
                Drafts.draft(p.setUp()), expected(p.setUp(), p.forecast()), p.seconds(), p.changes(), p.why());
    }

    /** A forecast as it is drawn. */
    public Expected expected(SetUp setUp, Forecast f) {
        WindowScale scale = WindowScale.of(f.window());
        List<Tick> ticks =
                past.ticks(setUp.plate().id(), setUp.needKey(), setUp.stock().id());
        WindowView window = new WindowView(
                scale.position(f.dose().low()),
                scale.position(f.dose().middle()),
                scale.position(f.dose().high()),
                f.window().open(),
                Transfer.softnessMm(
                        setUp.stock().surface().spread(), setUp.stack().softBackingMm()),
                ticks);
        return new Expected(
                f.clean(),
                TwentyView.of(f.twenty()),
                f.coverage(),
                f.spillMm(),
                window,
                f.nip(),
                f.strips(),
                heat(f.heat()));
    }

    private static List<HeatView> heat(List<HeatTrace> traces) {
        List<HeatView> views = new ArrayList<>();
        double start = 0;
        for (HeatTrace trace : traces) {
            double from = start;
            views.add(new HeatView(
                    trace.phase(),
                    thinned(trace.seconds(), t -> from + t),
                    thinned(trace.celsius(), Function.identity())));
            start += trace.seconds()[trace.seconds().length - 1];
        }
        return views;
    }

    private static List<Double> thinned(double[] values, Function<Double, Double> shown) {
        int step = Math.max(1, values.length / HEAT_POINTS);
        List<Double> thin = new ArrayList<>();
        for (int i = 0; i < values.length; i++) {
            if (i % step == 0 || i == values.length - 1) {
                thin.add(Math.round(shown.apply(values[i]) * 100) / 100.0);
            }
        }
        return thin;
    }
}
