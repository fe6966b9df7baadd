package glanzen.app.rig;

import glanzen.app.keeping.OldWriting;
import glanzen.learning.Belief;
import glanzen.learning.Quantity;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Beliefs as they were written before there was one for all things: plausible rigs for each press with each platform. Their means and
 * covariances are taken over; where two of them speak of one thing, the one that was learned from more pulls.
 */
@Component
class OldBeliefs implements OldWriting {

    /** Knowledge is never surer than a hundredth of what was doubted at first. */
    private static final int LEAST = 100;

    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    private record Named(String thingId, Quantity quantity, ToDoubleFunction<JsonNode> of) {}

    @Override
    public Class<?> type() {
        return Belief.class;
    }

    @Override
    public List<Place> places() {
        // A table of its own: see PuttingTogether.
        return List.of();
    }

    @Override
    public void upgrade(ObjectNode belief) {
        // One for all things is as it is written now.
    }

    @Override
    public JsonNode present(JsonNode kept) {
        return kept instanceof ArrayNode beliefs
                ? together(beliefs.valueStream().toList())
                : kept;
    }

    /**
     * Puts old beliefs together.
     *
     * @param beliefs each with its machine, platform, pulls and rigs
     */
    static ObjectNode together(List<JsonNode> beliefs) {
        Believed all = new Believed();
        beliefs.stream()
                .sorted(Comparator.comparingInt(b -> -b.path("pulls").asInt()))
                .forEach(all::add);
        ObjectNode one = JSON.objectNode();
        one.set("known", JSON.arrayNode().addAll(all.known));
        one.set("pulled", all.pulled);
        return one;
    }

    private static final class Believed {
        private final List<ObjectNode> known = new ArrayList<>();
        private final Map<String, Integer> met = new HashMap<>();
        private final ArrayNode pulled = JSON.arrayNode();

        void add(JsonNode belief) {
            // Once every machine was called a press.
            String machineId = belief.has("machineId")
                    ? belief.path("machineId").asString()
                    : belief.path("pressId").asString();
            String platformId = belief.path("platformId").asString();
            String heaterId = platformId.isEmpty() ? machineId : platformId;
            if (belief.path("pulls").asInt() > 0) {
                pulled.add(JSON.objectNode()
                        .put("machineId", machineId)
                        .put("heaterId", heaterId)
                        .put("pulls", belief.path("pulls").asInt())
                        .put("strange", 0.0));
            }
            JsonNode rigs = belief.path("crowd").path("rigs");
            List<Named> traits = new ArrayList<>(List.of(
                    new Named(
                            heaterId,
                            Quantity.SET_POINT,
                            r -> r.path("setPointErrorK").asDouble()),
                    new Named(
                            machineId,
                            Quantity.OPENING,
                            r -> r.path("openingErrorMm").asDouble()),
                    new Named(
                            machineId,
                            Quantity.STIFFNESS,
                            r -> r.path("lnStiffness").asDouble()),
                    new Named(
                            heaterId, Quantity.CONTACT, r -> r.path("lnContact").asDouble())));
            rigs.path(0).path("lnNeeds").propertyNames().stream()
                    .sorted()
                    .forEach(film -> traits.add(new Named(
                            film,
                            Quantity.NEED,
                            r -> r.path("lnNeeds").path(film).asDouble())));
            traits.removeIf(trait -> met.containsKey(trait.quantity + trait.thingId));
            int from = known.size();
            for (Named trait : traits) {
                met.put(trait.quantity + trait.thingId, known.size());
                ArrayNode covariances = JSON.arrayNode();
                for (int j = 0; j < from; j++) {
                    covariances.add(0.0);
                }
                for (int j = from; j <= known.size(); j++) {
                    covariances.add(shared(rigs, trait, traits.get(j - from), j == known.size()));
                }
                ObjectNode one = JSON.objectNode();
                one.set(
                        "trait",
                        JSON.objectNode().put("thingId", trait.thingId).put("quantity", trait.quantity.name()));
                one.put("mean", mean(rigs, trait.of)).put("doubted", trait.quantity.strays());
                one.set("covariances", covariances);
                known.add(one);
            }
        }
    }

    private static double mean(JsonNode rigs, ToDoubleFunction<JsonNode> of) {
        double sum = 0;
        for (JsonNode rig : rigs) {
            sum += rig.path("weight").asDouble() * of.applyAsDouble(rig);
        }
        return sum;
    }

    private static double shared(JsonNode rigs, Named a, Named b, boolean itself) {
        double meanA = mean(rigs, a.of);
        double meanB = mean(rigs, b.of);
        double shared = mean(rigs, r -> (a.of.applyAsDouble(r) - meanA) * (b.of.applyAsDouble(r) - meanB));
        double least = a.quantity.strays() / LEAST;
        return itself ? shared + least * least : shared;
    }
}
