package glanzen.diagnosis;

import glanzen.forecast.Forecast;
import glanzen.forecast.RigEnsemble;
import glanzen.learning.Fault;
import glanzen.measure.Apportionment;
import glanzen.pull.PullModel;
import glanzen.route.Route;
import glanzen.route.Standard;
import glanzen.setup.SetUp;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Why a pull came out so, and what to do next.
 *
 * @param causes likeliest first, as shares
 * @param asking the question that would tell most; nothing where none tells much
 * @param nexts what every change comes to that there is on the route
 * @param best the change for the likeliest cause that most raises the chance that the next pull is good
 * @param telling the change that tells most about the cause
 */
public record Diagnosis(List<Likely> causes, @Nullable Asking asking, List<Next> nexts, Next best, Next telling) {

    private static final double WORTH_ASKING = 0.05;
    private static final double LEAST_GOOD = 0.5;
    /** A person who sees a sign ticks it so often; and ticks one that means nothing so often. */
    private static final double NOTICED = 0.75;

    /** Where all is good, it is so much likelier that nothing is wrong. */
    private static final double GOOD = 10;

    /** Where a person says that something is wrong, it is so much less likely that nothing is. */
    private static final double WRONG = 0.3;

    /** A pull with too much only was given too little only so often, against what its signs say; and the other way round. */
    private static final double CONTRARY = 0.02;

    private static final double BY_THE_WAY = 0.01;
    private static final long SEED = 20;

    public Diagnosis {
        causes = List.copyOf(causes);
        nexts = List.copyOf(nexts);
    }

    /** The likeliest cause. */
    public Cause likeliest() {
        return causes.get(0).cause();
    }

    /** Returns the chances of a change that exists on every route. */
    Next next(Remedy remedy) {
        return nexts.stream().filter(n -> n.remedy == remedy).findFirst().orElseThrow();
    }

    /**
     * Causes in twenty such pulls, likeliest first, summing to twenty.
     *
     * @param cause a cause that is left with at least one
     */
    public record InTwenty(Cause cause, int pulls) {}

    /** How many of twenty such pulls each cause has made; those with none left out. */
    public List<InTwenty> ofTwenty() {
        int[] pulls =
                Apportionment.of(20, causes.stream().mapToDouble(Likely::share).toArray());
        return IntStream.range(0, pulls.length)
                .filter(i -> pulls[i] > 0)
                .mapToObj(i -> new InTwenty(causes.get(i).cause(), pulls[i]))
                .toList();
    }

    /**
     * A cause.
     *
     * @param share 0…1
     */
    public record Likely(Cause cause, double share) {}

    /**
     * A change.
     *
     * @param good chance that the next pull is good after it, 0…1
     * @param tells how much its outcome tells of the cause, bits
     * @param ifGood the cause to believe in if the next pull is good
     * @param ifBad the cause to believe in if it is not
     */
    public record Next(Remedy remedy, double good, double tells, Cause ifGood, Cause ifBad) {}

    /**
     * What was pulled.
     *
     * @param expected what was forecast of it
     */
    public record Case(SetUp setUp, PullModel model, RigEnsemble ensemble, Forecast expected) {}

    /**
     * What is known of how it came out.
     *
     * @param answers what was asked already
     * @param lesson what a change made for this pull has told; nothing where none was made
     * @param kept whether the pull is one to keep, by its verdict: then nothing was wrong that matters
     */
    public record Evidence(
            Look look,
            Map<Asking, Boolean> answers,
            @Nullable Lesson lesson,
            boolean kept) {

        /** Where nothing was changed for this pull, and no verdict given. */
        public Evidence(Look look, Map<Asking, Boolean> answers) {
            this(look, answers, null, false);
        }
    }

    /** Why a pull came out as it did. */
    public static Diagnosis of(Case of, Evidence seen) {
        Route route = of.setUp().route();
        CauseModel simulated = new CauseModel(of.setUp(), of.model(), of.ensemble());
        Map<Cause, Double> usual = Usual.of(of, simulated.ensemble());
        if (seen.lesson != null) {
            usual = seen.lesson.onwards(usual);
        }
        Map<Cause, Double> before = usual;
        Map<Cause, List<Signs>> pulls = simulated.simulate(Cause.on(route), SEED);
        Map<Cause, Double> weights = new EnumMap<>(Cause.class);
        pulls.forEach((cause, alike) -> {
            double likely =
                    alike.stream().mapToDouble(seen.look::likely).average().orElse(0);
            weights.put(cause, before.get(cause) * (likely + 1e-9) * ticking(cause, route, seen.look.ticked()));
        });
        Standard standard = route.standard().counting(of.model().artwork().counterMm());
        boolean lacks = seen.look.lacks(standard);
        boolean exceeds = seen.look.exceeds(standard);
        if (lacks != exceeds) {
            weights.computeIfPresent(lacks ? Cause.TOO_MUCH : Cause.TOO_LITTLE, (cause, w) -> w * CONTRARY);
        }
        if (seen.look.good(standard)) {
            weights.merge(Cause.AS_SET, GOOD, (a, b) -> a * b);
        } else if (seen.look.ticked().isPresent()) {
            weights.merge(Cause.AS_SET, WRONG, (a, b) -> a * b);
        }
        if (seen.kept) {
            // As likely as everything else together: what is kept was pulled as it should be.
            double others = weights.entrySet().stream()
                    .filter(e -> e.getKey() != Cause.AS_SET)
                    .mapToDouble(Map.Entry::getValue)
                    .sum();
            weights.merge(Cause.AS_SET, others, Math::max);
        }
        Map<Cause, Double> shares = Shares.summingToOne(weights);
        for (Map.Entry<Asking, Boolean> answer : seen.answers.entrySet()) {
            shares = answer.getKey().answered(shares, answer.getValue());
        }
        return of(route, shares, seen.answers);
    }

    /** How likely a person ticks what was ticked if that was the cause. */
    private static double ticking(Cause cause, Route route, Optional<Set<Fault>> ticked) {
        if (ticked.isEmpty()) {
            return 1;
        }
        // A sign that there is not on this route cannot be missed.
        Optional<Fault> sign = cause.sign().filter(s -> s.routes().contains(route));
        boolean seen = sign.filter(ticked.get()::contains).isPresent();
        double others = Math.pow(BY_THE_WAY, ticked.get().size() - (seen ? 1 : 0));
        return others * (sign.isEmpty() ? 1 : seen ? NOTICED : 1 - NOTICED);
    }

    /** Shares of the causes. */
    public Map<Cause, Double> shares() {
        return causes.stream().collect(Collectors.toMap(Likely::cause, Likely::share));
    }

    static Diagnosis of(Route route, Map<Cause, Double> shares, Map<Asking, Boolean> answers) {
        List<Likely> causes = shares.entrySet().stream()
                .map(e -> new Likely(e.getKey(), e.getValue()))
                .sorted(Comparator.comparingDouble(Likely::share).reversed())
                .toList();
        Asking asking = Arrays.stream(Asking.values())
                .filter(a -> a.fits(route) && !answers.containsKey(a) && a.tells(shares) > WORTH_ASKING)
                .max(Comparator.comparingDouble(a -> a.tells(shares)))
                .orElse(null);
        List<Next> all = Arrays.stream(Remedy.values())
                .filter(remedy -> remedy.fits(route))
                .map(remedy -> next(remedy, shares))
                .toList();
        // The likeliest cause decides; between two that help alike, what costs less is done first.
        Cause likeliest = causes.get(0).cause();
        boolean curable = all.stream().anyMatch(n -> n.remedy.cures(likeliest));
        Next best = all.stream()
                .filter(n -> !curable || n.remedy.cures(likeliest))
                .max(Comparator.comparingDouble(n -> n.good - 0.01 * n.remedy.minutes()))
                .orElseThrow();
        // A lesson that hardly ever ends in a good pull is too dear.
        Next telling = all.stream()
                .filter(n -> n.good > LEAST_GOOD * best.good)
                .max(Comparator.comparingDouble(n -> n.tells - 0.01 * n.remedy.minutes()))
                .orElseThrow();
        return new Diagnosis(causes, asking, all, best, telling);
    }

    private static Next next(Remedy remedy, Map<Cause, Double> shares) {
        double good = shares.entrySet().stream()
                .mapToDouble(e -> e.getValue() * remedy.good(e.getKey()))
                .sum();
        return new Next(
                remedy,
                good,
                Shares.told(shares, remedy::good),
                likeliest(shares, remedy, true),
                likeliest(shares, remedy, false));
    }

    private static Cause likeliest(Map<Cause, Double> shares, Remedy remedy, boolean good) {
        return shares.entrySet().stream()
                .max(Comparator.comparingDouble(
                        e -> e.getValue() * (good ? remedy.good(e.getKey()) : 1 - remedy.good(e.getKey()))))
                .map(Map.Entry::getKey)
                .orElseThrow();
    }
}
