package glanzen.diagnosis;

import java.util.EnumMap;
import java.util.Map;
import java.util.function.ToDoubleFunction;

/** Shares of causes. */
final class Shares {

    private Shares() {}

    static Map<Cause, Double> summingToOne(Map<Cause, Double> weights) {
        double sum = weights.values().stream().mapToDouble(Double::doubleValue).sum();
        Map<Cause, Double> shares = new EnumMap<>(Cause.class);
        weights.forEach((cause, weight) -> shares.put(cause, sum <= 0 ? 1.0 / weights.size() : weight / sum));
        return shares;
    }

    /** Mutual information of the cause and something that happens or not, bits. */
    static double told(Map<Cause, Double> shares, ToDoubleFunction<Cause> chance) {
        double all = shares.entrySet().stream()
                .mapToDouble(e -> e.getValue() * chance.applyAsDouble(e.getKey()))
                .sum();
        double left = shares.entrySet().stream()
                .mapToDouble(e -> e.getValue() * bits(chance.applyAsDouble(e.getKey())))
                .sum();
        return bits(all) - left;
    }

    private static double bits(double p) {
        return p <= 0 || p >= 1 ? 0 : -(p * Math.log(p) + (1 - p) * Math.log(1 - p)) / Math.log(2);
    }
}
