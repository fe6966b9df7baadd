package glanzen.diagnosis;

import glanzen.route.Route;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.Map;

/**
 * What a changed pull tells of the cause of the one before it.
 *
 * @param tried the change
 * @param good whether the pull after it was good
 * @param cause the likeliest cause now
 * @param share how likely, 0…1
 * @param shares of all causes now
 */
public record Lesson(Remedy tried, boolean good, Cause cause, double share, Map<Cause, Double> shares) {

    /** From here on a cause counts as found. */
    private static final double SURE = 0.6;

    public Lesson {
        shares = Map.copyOf(shares);
    }

    /**
     * @param before shares of the causes when the change was made
     * @param good whether the next pull was good
     */
    public static Lesson of(Map<Cause, Double> before, Remedy tried, boolean good) {
        Map<Cause, Double> weights = new EnumMap<>(Cause.class);
        before.forEach(
                (cause, share) -> weights.put(cause, share * (good ? tried.good(cause) : 1 - tried.good(cause))));
        Map<Cause, Double> shares = Shares.summingToOne(weights);
        Map.Entry<Cause, Double> most = shares.entrySet().stream()
                .max(Comparator.comparingDouble(Map.Entry::getValue))
                .orElseThrow();
        return new Lesson(tried, good, most.getKey(), most.getValue(), shares);
    }

    /** In a sentence. */
    public String says(Route route) {
        String after =
                "After “%s” it came out %s. ".formatted(tried.label(route), good ? "good" : "no better than before");
        String so = share > SURE ? "So it was this: " : "So it was likely this: ";
        return after + so + cause.label(route) + ".";
    }

    /** What to believe beforehand of the next pull's causes: those that stay are likelier, those that strike by chance are not. */
    Map<Cause, Double> onwards(Map<Cause, Double> usual) {
        Map<Cause, Double> weights = new EnumMap<>(Cause.class);
        usual.forEach((cause, share) -> {
            double stays = good || cause.chance() ? 0 : shares.getOrDefault(cause, 0.0);
            weights.put(cause, share + stays);
        });
        return Shares.summingToOne(weights);
    }
}
