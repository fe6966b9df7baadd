package glanzen.advice;

import glanzen.artwork.Artwork;
import glanzen.forecast.Crowd;
import glanzen.forecast.Doses;
import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.forecast.Pull;
import glanzen.forecast.PullModel;
import glanzen.forecast.Rig;
import glanzen.kit.Board;
import glanzen.kit.Pace;
import glanzen.press.Frame;
import glanzen.press.LoadPath;
import glanzen.press.Nip;
import glanzen.route.Difference;
import glanzen.route.Finding;
import glanzen.route.Finding.Severity;
import glanzen.route.Heating;
import glanzen.route.Peel;
import glanzen.route.Rules;
import glanzen.route.SetUp;
import glanzen.route.Workshop;
import glanzen.stack.Stack;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Searches set-ups a person could make with what they own: which shims, how many, on which side; soak, cover, heat
 * level, pace and passes. Every candidate is judged on the middle rig first; the most promising on the whole crowd.
 */
public final class Advisor {

    private static final double[] SOAK_FACTORS = {0.5, 1, 1.5, 2};
    private static final int FINALISTS = 10;
    private static final int PROPOSED = 3;
    private static final double SOLID_GROUND = 0.2;
    private static final double HOPELESS = 0.05;
    /** Half a mark of the twenty that a forecast is drawn as. */
    private static final double WORTH_A_CHANGE = 0.025;

    private static final double FORCE_RESERVE = 0.95;
    /** Doses beyond these are not worth a closer look. */
    private static final double FAR_UNDER = 0.7;

    private static final double FAR_OVER = 20;
    /** Rules whose breaking no shim, soak or pace can cure. */
    private static final List<String> INCURABLE =
            List.of("heat-proof", "protective-film", "medium-wet", "too-wide", "bowed");

    private final Forecaster forecaster;
    private final Workshop shop;

    /**
     * @param forecaster what forecasts
     * @param shop what the person owns
     */
    public Advisor(Forecaster forecaster, Workshop shop) {
        this.forecaster = forecaster;
        this.shop = shop;
    }

    /** A candidate and how likely it seems clean, tilted by bias. */
    private record Judged(SetUp setUp, double merit) {}

    /**
     * Proposes set-ups.
     *
     * @param present the set-up to be bettered
     * @param crowd what is known of the rig
     * @param bias which fault the person would rather have
     */
    public Advice advise(SetUp present, Crowd crowd, ErrorBias bias) {
        List<String> incurable = incurable(present);
        if (!incurable.isEmpty()) {
            return new Advice(List.of(), null, incurable, 0);
        }
        Crowd knowing = crowd.knowing(present.film().id());
        Forecast now = forecaster.forecast(present, knowing);
        ShimChoices choices = new ShimChoices(present, shop.boards());
        List<Judged> judged = screen(present, choices.stacks(), knowing, bias, spread(now));
        List<Proposal> finalists = finalists(judged).stream()
                .map(j -> proposal(present, now, j.setUp, knowing))
                .sorted(Comparator.comparingDouble((Proposal p) -> -merit(p, present, bias)))
                .toList();
        double merit = merit(now, bias);
        List<Proposal> best = different(finalists.stream()
                .filter(p -> p.forecast().clean() >= HOPELESS && merit(p.forecast(), bias) > merit + WORTH_A_CHANGE)
                .toList());
        List<String> refusals = best.isEmpty() && now.clean() < HOPELESS ? Reasons.hopeless(finalists) : List.of();
        return new Advice(best, cheapest(present, now, choices.shims(), knowing, bias), refusals, judged.size());
    }

    /**
     * The cheapest single change that brings the dose near a target.
     *
     * @param dose where on the window the person wants to be
     */
    public Optional<Proposal> toward(SetUp present, Crowd crowd, double dose) {
        if (!incurable(present).isEmpty()) {
            return Optional.empty();
        }
        Crowd knowing = crowd.knowing(present.film().id());
        Rig middle = knowing.middle(present.film().id());
        List<Board> shims = new ShimChoices(present, shop.boards()).shims();
        return SingleChanges.of(present, shims).stream()
                .filter(c -> bearable(c.setUp()))
                .min(Comparator.comparingDouble(c -> {
                    double reached = PullModel.forOne(c.setUp(), forecaster.artwork(c.setUp()), middle)
                            .pull(middle)
                            .dose();
                    return Math.abs(Math.log(reached / dose)) + 0.04 * c.cost();
                }))
                .map(c -> proposal(present, forecaster.forecast(present, knowing), c.setUp(), knowing));
    }

    private List<String> incurable(SetUp present) {
        List<Finding> findings = Rules.check(present, shop);
        return findings.stream()
                .filter(f -> f.severity() == Severity.STOP)
                .filter(f -> !Rules.computable(present) || INCURABLE.contains(f.rule()))
                .map(f -> f.what() + ". " + f.why())
                .toList();
    }

    /** Presses every stack, heats every soak, and judges each pressing with each heat at each feed. */
    private List<Judged> screen(SetUp present, List<Stack> stacks, Crowd crowd, ErrorBias bias, double spread) {
        Artwork artwork = forecaster.artwork(present);
        Rig middle = crowd.middle(present.film().id());
        SetUp slow = present.withPeel(artwork.solidShare() > SOLID_GROUND ? Peel.COLD : present.peel())
                .withFeed(Pace.SLOW, 2);
        List<SetUp> heats = heats(slow);
        List<PullModel> heated =
                heats.stream().map(s -> PullModel.forOne(s, artwork, middle)).toList();
        List<Judged> judged = new ArrayList<>();
        for (Stack stack : stacks) {
            if (!bearable(slow.withStack(stack))) {
                continue;
            }
            PullModel pressed = PullModel.forOne(slow.withStack(stack), artwork, middle);
            for (int i = 0; i < heats.size(); i++) {
                SetUp setUp = heats.get(i).withStack(stack);
                judgeFeeds(setUp, pressed.heatedLike(heated.get(i)), middle, bias, spread, judged);
            }
        }
        return judged;
    }

    private static List<SetUp> heats(SetUp present) {
        List<SetUp> heats = new ArrayList<>();
        for (Heating heating : heatings(present)) {
            for (double soak : soaks(present)) {
                for (int level = 0; level < present.platform().levels().size(); level++) {
                    heats.add(present.withSoak(heating, soak).withLevel(level));
                }
            }
        }
        return heats;
    }

    private static void judgeFeeds(
            SetUp heated, PullModel model, Rig middle, ErrorBias bias, double spread, List<Judged> judged) {
        for (Pace pace : Pace.values()) {
            for (int passes = 1; passes <= 2; passes++) {
                Doses doses = model.doses(middle, heated.press().speedMmPerS(pace), passes);
                SetUp fed = heated.withFeed(pace, passes);
                judged.add(new Judged(fed, roughMerit(doses, bias, spread) - effort(fed)));
            }
        }
    }

    /** Chance of clean if ln dose scatters normally around the middle rig's: fifths of the scatter, by their middles. */
    private static double roughMerit(Doses doses, ErrorBias bias, double spread) {
        double dose = doses.pull(1).dose();
        if (dose < FAR_UNDER || dose > FAR_OVER) {
            return 0;
        }
        double merit = 0;
        for (double z : new double[] {-1.28, -0.52, 0, 0.52, 1.28}) {
            Pull pull = doses.pull(Math.exp(spread * z));
            boolean forgiven = pull.under() ? bias == ErrorBias.UNDER : bias == ErrorBias.OVER;
            merit += pull.clean() ? 1 : forgiven ? 0.15 : 0;
        }
        return merit / 5;
    }

    private static List<Heating> heatings(SetUp present) {
        return present.route().taped() ? List.of(Heating.TOGETHER) : List.of(Heating.COVERED, Heating.ALONE);
    }

    private static List<Double> soaks(SetUp present) {
        return Arrays.stream(SOAK_FACTORS)
                .map(f -> SingleChanges.rounded(f * present.route().soakSeconds()))
                .boxed()
                .toList();
    }

    private boolean bearable(SetUp setUp) {
        double widest = forecaster.artwork(setUp).bands().stream()
                .mapToDouble(b -> b.widthMm())
                .max()
                .orElse(1);
        double force = Nip.solve(Frame.of(setUp.press()), LoadPath.of(setUp.stack()), setUp.overfillMm(), widest)
                .forceN();
        return force <= FORCE_RESERVE * setUp.press().maxForceN();
    }

    private static List<Judged> finalists(List<Judged> judged) {
        List<Judged> sorted = new ArrayList<>(judged);
        sorted.sort(Comparator.comparingDouble(j -> -j.merit));
        List<Judged> kept = new ArrayList<>();
        for (Judged candidate : sorted) {
            long alike = kept.stream()
                    .filter(k -> k.setUp.stack().equals(candidate.setUp.stack()))
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

    private @Nullable Proposal cheapest(SetUp present, Forecast now, List<Board> shims, Crowd crowd, ErrorBias bias) {
        Crowd few = crowd.thinned(48);
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
                .map(t -> proposal(present, now, t.change.setUp(), crowd))
                .filter(p -> merit(p.forecast(), bias) > merit(now, bias))
                .orElse(null);
    }

    private Proposal proposal(SetUp present, Forecast now, SetUp setUp, Crowd crowd) {
        Forecast forecast = forecaster.forecast(setUp, crowd);
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
    private static double effort(SetUp setUp) {
        long shims = setUp.stack().all(Board.class).stream()
                .filter(b -> b.kind().shim())
                .count();
        return 0.006 * shims + 0.008 * setUp.totalSeconds() / 60;
    }
}
