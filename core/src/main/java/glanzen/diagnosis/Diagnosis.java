package glanzen.diagnosis;

import glanzen.forecast.Forecast;
import glanzen.forecast.RigEnsemble;
import glanzen.pull.TransferModel;
import glanzen.setup.SetUp;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Why a pull came out so, and what to do next.
 *
 * @param causes likeliest first, as shares
 * @param asking the question that would tell most; nothing where none tells much
 * @param best the change that most raises the chance that the next pull is good
 * @param telling the change that tells most about the cause
 */
public record Diagnosis(List<Likely> causes, @Nullable Asking asking, Next best, Next telling) {

    private static final double WORTH_ASKING = 0.05;
    private static final double LEAST_GOOD = 0.5;
    private static final long SEED = 20;

    public Diagnosis {
        causes = List.copyOf(causes);
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
     * @param expected what was forecast of the set-up
     * @param answers what was asked already
     */
    public static Diagnosis of(
            Signs seen,
            SetUp setUp,
            TransferModel model,
            RigEnsemble ensemble,
            Forecast expected,
            Map<Asking, Boolean> answers) {
        CauseModel simulated = new CauseModel(setUp, model, ensemble);
        Map<Cause, Double> usual = simulated.usual(expected.under(), expected.over());
        Map<Cause, List<Signs>> pulls = simulated.simulate(SEED);
        Map<Cause, Double> weights = new EnumMap<>(Cause.class);
        for (Cause cause : Cause.values()) {
            double likely = pulls.get(cause).stream()
                    .mapToDouble(seen::likely)
                    .average()
                    .orElse(0);
            weights.put(cause, usual.getOrDefault(cause, 0.01) * (likely + 1e-9));
        }
        Map<Cause, Double> shares = Shares.summingToOne(weights);
        for (Map.Entry<Asking, Boolean> answer : answers.entrySet()) {
            shares = answer.getKey().answered(shares, answer.getValue());
        }
        return of(shares, answers);
    }

    static Diagnosis of(Map<Cause, Double> shares, Map<Asking, Boolean> answers) {
        List<Likely> causes = shares.entrySet().stream()
                .map(e -> new Likely(e.getKey(), e.getValue()))
                .sorted(Comparator.comparingDouble(Likely::share).reversed())
                .toList();
        Asking asking = Arrays.stream(Asking.values())
                .filter(a -> !answers.containsKey(a) && a.tells(shares) > WORTH_ASKING)
                .max(Comparator.comparingDouble(a -> a.tells(shares)))
                .orElse(null);
        List<Next> all = Arrays.stream(Remedy.values())
                .map(remedy -> next(remedy, shares))
                .toList();
        // Between two that help alike, what costs less is done first.
        Next best = all.stream()
                .max(Comparator.comparingDouble(n -> n.good - 0.01 * n.remedy.minutes()))
                .orElseThrow();
        // A lesson that hardly ever ends in a good pull is too dear.
        Next telling = all.stream()
                .filter(n -> n.good > LEAST_GOOD * best.good)
                .max(Comparator.comparingDouble(n -> n.tells - 0.01 * n.remedy.minutes()))
                .orElseThrow();
        return new Diagnosis(causes, asking, best, telling);
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
