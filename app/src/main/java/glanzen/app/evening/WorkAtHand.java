package glanzen.app.evening;

import glanzen.app.card.CardService;
import glanzen.app.drying.DryingPanel;
import glanzen.app.drying.DryingService;
import glanzen.app.evening.Kept.Lack;
import glanzen.app.evening.Kept.Why;
import glanzen.app.job.JobService;
import glanzen.app.job.SavedJob;
import glanzen.app.kit.KitService;
import glanzen.app.rig.RigService;
import glanzen.app.run.Rounds;
import glanzen.app.run.ToldService;
import glanzen.app.setup.ForecastService;
import glanzen.app.setup.SavedSetUp;
import glanzen.app.setup.SetUpService;
import glanzen.evening.EveningWork;
import glanzen.evening.OwnPace;
import glanzen.evening.Times;
import glanzen.evening.Together;
import glanzen.evening.Wanted;
import glanzen.evening.Wanted.GelOnBench;
import glanzen.evening.WarmUps;
import glanzen.finding.Finding;
import glanzen.finding.Weight;
import glanzen.forecast.Forecaster;
import glanzen.kit.Kit;
import glanzen.kit.Platform;
import glanzen.kit.Stock;
import glanzen.plan.Job;
import glanzen.plan.JobPiece;
import glanzen.plan.Operation;
import glanzen.plan.OrderCheck;
import glanzen.plan.Supplies;
import glanzen.rules.Rules;
import glanzen.setup.GelPanel;
import glanzen.setup.SetUp;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Gathers what an evening's jobs are made of: set-ups, cards, gel on the bench, and what is missing for them. */
@Component
class WorkAtHand {

    private final JobService jobs;
    private final SetUpService setUps;
    private final CardService cards;
    private final DryingService dryings;
    private final KitService kit;
    private final ToldService told;
    private final Rounds rounds;
    private final RigService rigs;
    private final Forecaster forecaster;
    private final ForecastService forecasts;

    WorkAtHand(
            JobService jobs,
            SetUpService setUps,
            CardService cards,
            DryingService dryings,
            KitService kit,
            ToldService told,
            Rounds rounds,
            RigService rigs,
            Forecaster forecaster,
            ForecastService forecasts) {
        this.jobs = jobs;
        this.setUps = setUps;
        this.cards = cards;
        this.dryings = dryings;
        this.kit = kit;
        this.told = told;
        this.rounds = rounds;
        this.rigs = rigs;
        this.forecaster = forecaster;
        this.forecasts = forecasts;
    }

    /** The jobs as work: everything by itself, and if anything can, with what goes through at once. */
    List<EveningWork> ways(EveningRequest asked, OwnPace pace, Instant now) {
        List<DryingPanel> gel = new ArrayList<>(dryings.all());
        List<Wanted> wanted =
                asked.soonestDueFirst().stream().map(id -> wanted(id, gel, now)).toList();
        WarmUps warmUps = new WarmUps(
                heater -> told.fromColdSeconds(heater).map(OptionalDouble::of).orElse(OptionalDouble.empty()));
        Together together = Together.of(wanted, forecaster.shelf(), this::clean);
        Times times = new Times(warmUps, pace, rounds, asked.people());
        EveningWork apart = EveningWork.of(wanted, times);
        return together.groups().isEmpty() ? List.of(apart) : List.of(EveningWork.of(wanted, times, together), apart);
    }

    /** Whether a job is still there. */
    boolean knows(String jobId) {
        return jobs.all().stream().anyMatch(j -> j.id().equals(jobId));
    }

    private double clean(SetUp s) {
        return forecaster.forecast(s, rigs.ensemble(s)).clean();
    }

    private Wanted wanted(String jobId, List<DryingPanel> gel, Instant now) {
        SavedJob saved = jobs.get(jobId);
        Map<String, SetUp> named = new HashMap<>(jobs.named(List.of(saved.job())));
        named.values().removeIf(s -> stop(s).isPresent());
        return new Wanted(
                jobId,
                saved.job(),
                named,
                setUps.those(named.keySet()).stream()
                        .filter(SavedSetUp::proven)
                        .map(SavedSetUp::id)
                        .collect(Collectors.toSet()),
                cards.steps(saved.job()),
                onBench(saved, named, gel, now));
    }

    /** Panels that are for a job's pieces; none counts for two. */
    private static List<GelOnBench> onBench(
            SavedJob saved, Map<String, SetUp> named, List<DryingPanel> gel, Instant now) {
        List<GelOnBench> found = new ArrayList<>();
        for (int n = 0; n < saved.job().pieces().size(); n++) {
            JobPiece piece = saved.job().pieces().get(n);
            int place = n;
            List<DryingPanel> fits = gel.stream()
                    .filter(panel -> panel.state() != GelPanel.State.TOO_LATE && fits(panel, piece, named))
                    .sorted(Comparator.comparing(DryingPanel::soundAt))
                    .limit((long) saved.job().cards() * piece.perCard())
                    .toList();
            gel.removeAll(fits);
            fits.forEach(p -> found.add(new GelOnBench(place, seconds(now, p.soundAt()), seconds(now, p.useBy()))));
        }
        return found;
    }

    private static boolean fits(DryingPanel panel, JobPiece piece, Map<String, SetUp> named) {
        return piece.stockId().equals(panel.stockId())
                && piece.operations().stream().anyMatch(o -> o.kind() == Operation.Kind.GEL)
                && piece.operations().stream()
                        .flatMap(o -> Optional.ofNullable(named.get(Objects.toString(o.setUpId(), ""))).stream())
                        .filter(s -> s.gel() != null)
                        .anyMatch(s -> panel.stencilId() == null
                                || s.design() != null
                                        && panel.stencilId().equals(s.design().id()));
    }

    private static int seconds(Instant from, Instant to) {
        return (int) Math.max(0, Duration.between(from, to).toSeconds());
    }

    /** What there is not enough of for some jobs one after another. */
    List<Lack> missing(EveningRequest asked) {
        List<Lack> missing = new ArrayList<>();
        List<Job> wanted = asked.jobIds().stream().map(id -> jobs.get(id).job()).toList();
        List<Supplies> needs = wanted.stream().map(jobs::supplies).toList();
        Supplies.missing(needs).forEach(l -> missing.add(new Lack(Why.SHORT, l.name(), l.shortBy(), l.unit())));
        dryings.all().stream()
                .filter(p -> p.state() == GelPanel.State.TOO_LATE)
                .forEach(p -> missing.add(new Lack(Why.STALE, p.name(), 0, "")));
        wanted.forEach(job -> missing.addAll(disorder(job)));
        asked.jobIds().forEach(id -> missing.addAll(unset(jobs.get(id))));
        missing.addAll(retired(wanted));
        return missing;
    }

    /** Operations that cannot be planned: no set-up does them, or something stops it. */
    private List<Lack> unset(SavedJob saved) {
        List<Lack> unset = new ArrayList<>();
        Map<String, SetUp> named = jobs.named(List.of(saved.job()));
        for (JobPiece piece : saved.job().pieces()) {
            for (Operation operation : piece.operations()) {
                if (!operation.kind().wantsSetUp()) {
                    continue;
                }
                String what = saved.job().name() + ", " + piece.name() + ": "
                        + operation.kind().label();
                SetUp setUp = named.get(Objects.toString(operation.setUpId(), ""));
                if (setUp == null) {
                    unset.add(new Lack(Why.NO_SET_UP, what, 0, "", saved.id(), operation.setUpId()));
                } else {
                    stop(setUp)
                            .ifPresent(f -> unset.add(new Lack(
                                    Why.STOPPED,
                                    what + " can't be pressed: " + f.what(),
                                    0,
                                    "",
                                    saved.id(),
                                    operation.setUpId())));
                }
            }
        }
        return unset;
    }

    private Optional<Finding<SetUp>> stop(SetUp setUp) {
        return Rules.check(setUp, forecasts.inventory()).stream()
                .filter(f -> f.weight() == Weight.STOP)
                .findFirst();
    }

    /** The order is the person's own; what does not work in it is said, by the same table as in the job. */
    private List<Lack> disorder(Job job) {
        Kit things = kit.kit();
        return job.pieces().stream()
                .flatMap(piece ->
                        OrderCheck.of(
                                        piece,
                                        things.stock(piece.stockId())
                                                .filter(Stock::protectiveFilm)
                                                .isPresent())
                                .stream()
                                .filter(f -> f.weight() == Weight.STOP || f.weight() == Weight.WARN)
                                .map(f ->
                                        new Lack(Why.ORDER, job.name() + ", " + piece.name() + ": " + f.what(), 0, "")))
                .toList();
    }

    private List<Lack> retired(List<Job> wanted) {
        Kit inUse = kit.inUse();
        return jobs.named(wanted).values().stream()
                .flatMap(s -> Stream.of(
                        inUse.machine(s.machine().id()).isEmpty() ? s.machine().name() : "",
                        s.platform()
                                .filter(p -> inUse.platform(p.id()).isEmpty())
                                .map(Platform::name)
                                .orElse("")))
                .filter(name -> !name.isEmpty())
                .distinct()
                .map(name -> new Lack(Why.RETIRED, name, 0, ""))
                .toList();
    }
}
