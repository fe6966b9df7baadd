package glanzen.advice;

import glanzen.advice.Screening.Judged;
import glanzen.finding.Finding;
import glanzen.finding.RuleId;
import glanzen.finding.Weight;
import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Board;
import glanzen.kit.Press;
import glanzen.pull.PullModels;
import glanzen.pull.Rig;
import glanzen.rules.Rules;
import glanzen.setup.Difference;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Searches set-ups a person could make with what they own: which shims, how many, on which side; soak, cover, heat
 * level, pace and passes. Every candidate is judged on the middle rig first; the most promising on the whole ensemble.
 */
public final class Advisor {

    private static final int FINALISTS = 10;
    private static final int PROPOSED = 3;
    private static final double HOPELESS = 0.05;
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
        List<String> incurable = incurable(present);
        if (!incurable.isEmpty()) {
            return new Advice(List.of(), null, incurable, 0);
        }
        Forecast now = forecaster.forecast(present, ensemble);
        ShimChoices choices = new ShimChoices(present, shop.boards());
        List<Judged> judged =
                new Screening(forecaster, ensemble, bias, spread(now)).of(present, choices.stacks(), this::bearable);
        List<Proposal> finalists = finalists(judged).stream()
                .map(j -> proposal(present, now, j.setUp(), ensemble))
                .sorted(Comparator.comparingDouble((Proposal p) -> -merit(p, present, bias)))
                .toList();
        double merit = merit(now, bias);
        List<Proposal> best = different(finalists.stream()
                .filter(p -> p.forecast().clean() >= HOPELESS && merit(p.forecast(), bias) > merit + WORTH_A_CHANGE)
                .toList());
        List<String> refusals = best.isEmpty() && now.clean() < HOPELESS ? Reasons.hopeless(finalists) : List.of();
        return new Advice(best, cheapest(present, now, choices.shims(), ensemble, bias), refusals, judged.size());
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
        Rig middle = ensemble.middle(present.needKey());
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

    private boolean bearable(SetUp setUp) {
        if (!(setUp.machine() instanceof Press press)) {
            return true;
        }
        return Rules.greatestForceN(setUp, shop) <= FORCE_RESERVE * press.maxForceN();
    }

    private static List<Judged> finalists(List<Judged> judged) {
        List<Judged> sorted = new ArrayList<>(judged);
        sorted.sort(Comparator.comparingDouble(j -> -j.merit()));
        List<Judged> kept = new ArrayList<>();
        for (Judged candidate : sorted) {
            long alike = kept.stream()
                    .filter(k -> k.setUp().stack().equals(candidate.setUp().stack()))
                    .count();
            if (alike < 2) {
                kept.add(candidate);
            }
            if (kept.size() == FINALISTS) {
                break;
            }
        }
        return kept;
    }

    /** Proposals that differ from each other in the stack, best first. */
    private static List<Proposal> different(List<Proposal> sorted) {
        List<Proposal> chosen = new ArrayList<>();
        for (Proposal p : sorted) {
            boolean fresh = chosen.stream()
                    .noneMatch(c -> c.setUp().stack().equals(p.setUp().stack()));
            if (fresh && chosen.size() < PROPOSED) {
                chosen.add(p);
            }
        }
        return chosen;
    }

    private @Nullable Proposal cheapest(
            SetUp present, Forecast now, List<Board> shims, RigEnsemble ensemble, ErrorBias bias) {
        RigEnsemble few = ensemble.thinned(48);
        record Tried(SingleChanges.Change change, double merit) {}
        List<Tried> tried = SingleChanges.of(present, shims).stream()
                .filter(c -> bearable(c.setUp()))
                .map(c -> new Tried(c, merit(forecaster.forecast(c.setUp(), few), bias)))
                .toList();
        double most = tried.stream().mapToDouble(Tried::merit).max().orElse(0);
        if (most <= merit(now, bias) + WORTH_A_CHANGE) {
            return null;
        }
        return tried.stream()
                .filter(t -> t.merit >= most - 0.05)
                .min(Comparator.comparingDouble(t -> t.change.cost()))
                .map(t -> proposal(present, now, t.change.setUp(), ensemble))
                .filter(p -> merit(p.forecast(), bias) > merit(now, bias))
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

    private static double merit(Forecast f, ErrorBias bias) {
        double forgiven = bias == ErrorBias.OVER ? f.over() : bias == ErrorBias.UNDER ? f.under() : 0;
        return f.clean() + 0.15 * forgiven - f.refused();
    }

    private static double merit(Proposal p, SetUp present, ErrorBias bias) {
        return merit(p.forecast(), bias)
                - effort(p.setUp())
                - 0.002 * p.changes().size();
    }

    /** Layers and time count a little, so that of two equal chances the simpler wins. */
    static double effort(SetUp setUp) {
        long shims = setUp.stack().all(Board.class).stream()
                .filter(b -> b.kind().shim())
                .count();
        return 0.006 * shims + 0.008 * setUp.totalSeconds() / 60;
    }
}
