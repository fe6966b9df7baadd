package glanzen.advice;

import glanzen.advice.Screening.Judged;
import glanzen.finding.Finding;
import glanzen.finding.RuleId;
import glanzen.finding.Weight;
import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.Press;
import glanzen.pull.PullModels;
import glanzen.pull.Rig;
import glanzen.rules.Rules;
import glanzen.setup.Difference;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.stack.Stack;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Searches set-ups a person could make with what they own: which shims, how many, on which side; soak, cover, heat
 * level, pace and passes. Every candidate is judged on the middle rig first; the most promising on the whole ensemble.
 */
public final class Advisor {

    /** Forgiving the fault a person would rather have is worth this share of a clean pull. */
    static final double FORGIVEN = 0.15;

    private static final int SHORTLIST = 40;
    private static final int FINALISTS = 8;
    /** Rigs that the shortlist is tried on; the finalists are tried on all. */
    private static final int FEW_RIGS = 32;

    private static final int PROPOSED = 3;
    /** A pull that is expected to tell less than this of the rig, in bits, is no lesson. */
    private static final double LESSON_BITS = 0.12;
    /** A lesson may cost so much of the chance of a clean pull. */
    private static final double LESSON_COST = 0.25;

    /** The cheapest single change within this share of the best is proposed. */
    private static final double NEARLY_AS_GOOD = 0.05;

    private static final double HOPELESS = 0.05;
    /** What the rough sum puts so far behind the best is not looked at again. */
    private static final double HOPELESS_MERIT = 0.3;
    /** Half a mark of the twenty that a forecast is drawn as. */
    private static final double WORTH_A_CHANGE = 0.025;

    private static final double FORCE_RESERVE = 0.95;
    /** Rules whose breaking no shim, soak or pace can cure. */
    private static final Set<RuleId> INCURABLE = EnumSet.of(
            RuleId.HEAT_PROOF,
            RuleId.PROTECTIVE_FILM,
            RuleId.MEDIUM_WET,
            RuleId.TOO_WIDE,
            RuleId.BOWED,
            RuleId.GEL_WET,
            RuleId.FILM_KIND,
            RuleId.SENSOR);

    private final Forecaster forecaster;
    private final Inventory shop;

    /**
     * @param forecaster what forecasts
     * @param shop what the person owns
     */
    public Advisor(Forecaster forecaster, Inventory shop) {
        this.forecaster = forecaster;
        this.shop = shop;
    }

    /**
     * Proposes set-ups.
     *
     * @param present the set-up to be bettered
     * @param ensemble what is known of the rig
     * @param bias which fault the person would rather have
     */
    public Advice advise(SetUp present, RigEnsemble ensemble, ErrorBias bias) {
        return bias != ErrorBias.BY_CONTRAST
                ? advised(present, ensemble, bias)
                : advised(present, ensemble, shown(present));
    }

    private static ErrorBias shown(SetUp s) {
        return s.stack().first(Film.class).isPresent() ? Contrast.of(s).bias() : ErrorBias.EVEN;
    }

    private Advice advised(SetUp present, RigEnsemble ensemble, ErrorBias bias) {
        List<String> incurable = incurable(present);
        if (!incurable.isEmpty()) {
            return new Advice(List.of(), null, null, incurable, List.of(), 0);
        }
        Forecast now = forecaster.forecast(present, ensemble);
        ShimChoices choices = new ShimChoices(present, shop.boards());
        List<Judged> judged =
                new Screening(forecaster, ensemble, bias, spread(now)).of(present, choices.stacks(), this::bearable);
        Roughly roughly = new Roughly(forecaster, ensemble, FEW_RIGS);
        List<Proposal> finalists = finalists(judged, roughly, bias).stream()
                .map(s -> proposal(present, now, s, ensemble))
                .filter(p -> pullable(p.setUp()))
                .sorted(Comparator.comparingDouble((Proposal p) -> -merit(p, bias)))
                .toList();
        Proposal cheapest = cheapest(present, now, choices.shims(), ensemble, roughly, bias);
        List<Proposal> better =
                finalists.stream().filter(p -> better(p.forecast(), now, bias)).toList();
        List<Proposal> best = different(Practised.first(better, bias), cheapest);
        List<String> refusals =
                best.isEmpty() && cheapest == null && now.clean() < HOPELESS ? Reasons.hopeless(finalists) : List.of();
        Proposal lesson = lesson(present, now, finalists, ensemble, roughly);
        Advice advice = new Advice(
                best, cheapest, lesson, refusals, wishes(present, now, finalists, cheapest, roughly), judged.size());
        boolean said = lesson != null
                && advice.proposals().stream().anyMatch(p -> p.changes().equals(lesson.changes()));
        return said ? advice.withoutLesson() : advice;
    }

    private List<Wish> wishes(
            SetUp present, Forecast now, List<Proposal> finalists, @Nullable Proposal cheapest, Roughly roughly) {
        List<Proposal> others =
                Stream.concat(finalists.stream(), Stream.ofNullable(cheapest)).toList();
        int clean = Stream.concat(Stream.of(now), others.stream().map(Proposal::forecast))
                .mapToInt(f -> f.twenty().clean())
                .max()
                .orElse(0);
        List<SetUp> found = Stream.concat(Stream.of(present), others.stream().map(Proposal::setUp))
                .toList();
        return new Beyond(roughly, shop, this::bearable).wishes(found, clean);
    }

    /**
     * While the rig is unknown: the pull, nearly as good as the best and no worse than what lies there, whose outcome would tell most
     * of it.
     */
    private @Nullable Proposal lesson(
            SetUp present, Forecast now, List<Proposal> finalists, RigEnsemble ensemble, Roughly roughly) {
        double best =
                finalists.stream().mapToDouble(p -> p.forecast().clean()).max().orElse(0);
        record Lesson(SetUp setUp, double bits) {}
        List<SetUp> tried =
                new ArrayList<>(finalists.stream().map(Proposal::setUp).toList());
        SingleChanges.of(present, List.of()).stream()
                .map(SingleChanges.Change::setUp)
                .filter(this::bearable)
                .forEach(tried::add);
        return tried.stream()
                .map(s -> new Lesson(s, roughly.tells(s)))
                .filter(l -> l.bits >= LESSON_BITS)
                .filter(l -> roughly.forecast(l.setUp).clean() >= best - LESSON_COST)
                .sorted(Comparator.comparingDouble(l -> -l.bits))
                .limit(FINALISTS)
                .map(l -> proposal(present, now, l.setUp, ensemble))
                .filter(p -> p.forecast().twenty().clean() >= now.twenty().clean())
                .filter(p -> pullable(p.setUp()))
                .findFirst()
                .orElse(null);
    }

    /**
     * The cheapest single change that brings the dose near a target.
     *
     * @param dose where on the window the person wants to be
     */
    public Optional<Proposal> toward(SetUp present, RigEnsemble ensemble, double dose) {
        if (!incurable(present).isEmpty()) {
            return Optional.empty();
        }
        Rig middle = ensemble.middle();
        List<Board> shims = new ShimChoices(present, shop.boards()).shims();
        return SingleChanges.of(present, shims).stream()
                .filter(c -> bearable(c.setUp()))
                .min(Comparator.comparingDouble(c -> {
                    double reached = PullModels.forOne(c.setUp(), forecaster.shelf(), middle)
                            .pull(middle)
                            .dose();
                    return Math.abs(Math.log(reached / dose)) + 0.04 * c.cost();
                }))
                .map(c -> proposal(present, forecaster.forecast(present, ensemble), c.setUp(), ensemble));
    }

    private List<String> incurable(SetUp present) {
        List<Finding<SetUp>> findings = Rules.check(present, shop);
        return findings.stream()
                .filter(f -> f.weight() == Weight.STOP)
                .filter(f -> !Rules.computable(present) || INCURABLE.contains(f.rule()))
                .map(f -> f.what() + ". " + f.why())
                .toList();
    }

    /**
     * Whether a proposal is worth making: more of twenty come out good, as a person sees it, and not for a fault that this person
     * minds more.
     */
    private static boolean better(Forecast proposed, Forecast now, ErrorBias bias) {
        return proposed.clean() >= HOPELESS
                && proposed.twenty().clean() > now.twenty().clean()
                && merit(proposed, bias) > merit(now, bias) + WORTH_A_CHANGE;
    }

    /** Whether no rule stops a set-up, so that it may be proposed. */
    private boolean pullable(SetUp proposed) {
        return Rules.pullable(Rules.check(proposed, shop));
    }

    private boolean bearable(SetUp setUp) {
        if (!(setUp.machine() instanceof Press press)) {
            return true;
        }
        return Rules.greatestForceN(setUp, shop) <= FORCE_RESERVE * press.maxForceN();
    }

    /** The most promising by the rough sum are tried on a few rigs, so that the last choice is not among a handful. */
    private List<SetUp> finalists(List<Judged> judged, Roughly roughly, ErrorBias bias) {
        record Tried(SetUp setUp, double merit) {}
        return shortlist(judged).stream()
                .map(s -> new Tried(s, merit(roughly.forecast(s), bias) - effort(s)))
                .sorted(Comparator.comparingDouble(t -> -t.merit))
                .limit(FINALISTS)
                .map(Tried::setUp)
                .toList();
    }

    private static List<SetUp> shortlist(List<Judged> judged) {
        List<Judged> sorted = new ArrayList<>(judged);
        double least = judged.stream().mapToDouble(Judged::merit).max().orElse(0) - HOPELESS_MERIT;
        sorted.removeIf(j -> j.merit() < least);
        sorted.sort(Comparator.comparingDouble(j -> -j.merit()));
        Map<Stack, Integer> alike = new HashMap<>();
        return sorted.stream()
                .filter(j -> alike.merge(j.setUp().stack(), 1, Integer::sum) <= 3)
                .limit(SHORTLIST)
                .map(Judged::setUp)
                .toList();
    }

    /**
     * Proposals that differ from each other in the stack, and from the cheapest change in what they say, best first.
     *
     * @param cheapest what is proposed beside them
     */
    private static List<Proposal> different(List<Proposal> sorted, @Nullable Proposal cheapest) {
        List<Proposal> chosen = new ArrayList<>();
        for (Proposal p : sorted) {
            boolean fresh = chosen.stream()
                    .noneMatch(c -> c.setUp().stack().equals(p.setUp().stack())
                            || c.changes().equals(p.changes()));
            boolean beside = cheapest != null
                    && (cheapest.changes().equals(p.changes())
                            || cheapest.forecast().twenty().clean()
                                    >= p.forecast().twenty().clean());
            if (fresh && !beside && chosen.size() < PROPOSED) {
                chosen.add(p);
            }
        }
        return chosen;
    }

    private @Nullable Proposal cheapest(
            SetUp present, Forecast now, List<Board> shims, RigEnsemble ensemble, Roughly roughly, ErrorBias bias) {
        record Tried(SingleChanges.Change change, double merit) {}
        List<Tried> tried = SingleChanges.of(present, shims).stream()
                .filter(c -> bearable(c.setUp()))
                .map(c -> new Tried(c, merit(roughly.forecast(c.setUp()), bias) - effort(c.setUp())))
                .toList();
        double most = tried.stream().mapToDouble(Tried::merit).max().orElse(0);
        if (most <= merit(now, bias) - effort(present) + WORTH_A_CHANGE) {
            return null;
        }
        // A few rigs may flatter a change: the cheapest is taken that all of them find better.
        return tried.stream()
                .filter(t -> t.merit >= most - NEARLY_AS_GOOD)
                .sorted(Comparator.comparingDouble(t -> t.change.cost()))
                .limit(FINALISTS)
                .map(t -> proposal(present, now, t.change.setUp(), ensemble))
                .filter(p -> better(p.forecast(), now, bias))
                .filter(p -> pullable(p.setUp()))
                .findFirst()
                .orElse(null);
    }

    private Proposal proposal(SetUp present, Forecast now, SetUp setUp, RigEnsemble ensemble) {
        Forecast forecast = forecaster.forecast(setUp, ensemble);
        return new Proposal(
                setUp,
                forecast,
                setUp.totalSeconds(),
                Difference.between(present, setUp),
                Reasons.why(present, now, setUp, forecast));
    }

    private static double spread(Forecast now) {
        double low = Math.max(1e-6, now.dose().low());
        double spread = Math.log(Math.max(low, now.dose().high()) / low) / 2.563;
        return Math.max(0.25, Math.min(1.2, spread));
    }

    static double merit(Forecast f, ErrorBias bias) {
        double forgiven = bias == ErrorBias.OVER ? f.over() : bias == ErrorBias.UNDER ? f.under() : 0;
        return f.clean() + FORGIVEN * forgiven - f.refused();
    }

    static double merit(Proposal p, ErrorBias bias) {
        return merit(p.forecast(), bias)
                - effort(p.setUp())
                - 0.002 * p.changes().size();
    }

    /** Layers, time, heat and haste count a little, so that of two equal chances the simpler and the practised wins. */
    static double effort(SetUp setUp) {
        long shims = setUp.stack().all(Board.class).stream()
                .filter(b -> b.kind().shim())
                .count();
        int further = Math.max(0, setUp.passes() - setUp.route().passes());
        return 0.006 * shims
                + 0.008 * setUp.totalSeconds() / 60
                + 0.01 * further
                + (setUp.heated() ? Practised.left(setUp) : 0);
    }
}
