package glanzen.app.rig;

import glanzen.app.keeping.Json;
import glanzen.forecast.RigEnsemble;
import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/**
 * Keeps which rigs are plausible, and how plausible each is. The first is a hundred kilobytes and changes seldom, the second
 * changes with every pull; so they are kept apart, and what was read is remembered by what was written.
 */
@Component
class Crowds {

    private static final int MOST_REMEMBERED = 32;

    private record Written(String crowdId, String weights) {}

    private final EntityManager entities;
    private final Json json;
    private final Map<Written, RigEnsemble> read = new ConcurrentHashMap<>();

    Crowds(EntityManager entities, Json json) {
        this.entities = entities;
        this.json = json;
    }

    /** What is believed. */
    RigEnsemble of(BeliefEntity belief) {
        Written written = new Written(belief.crowdId, belief.weights);
        RigEnsemble known = read.get(written);
        if (known != null) {
            return known;
        }
        CrowdEntity crowd = entities.find(CrowdEntity.class, belief.crowdId);
        if (crowd == null) {
            // Others took its place between the two questions.
            entities.refresh(belief);
            return of(belief);
        }
        RigEnsemble rigs = json.read(crowd.rigs, RigEnsemble.class);
        return remember(
                written,
                belief.weights.isEmpty() ? rigs : rigs.weighing(List.of(json.read(belief.weights, Double[].class))));
    }

    /** Writes what is believed now; the belief is still to be saved. */
    void write(BeliefEntity belief, RigEnsemble learned) {
        String before = belief.crowdId;
        if (before.isEmpty() || !of(belief).sameRigs(learned)) {
            CrowdEntity crowd = new CrowdEntity();
            crowd.id = UUID.randomUUID().toString();
            crowd.rigs = json.write(learned);
            entities.persist(crowd);
            belief.crowdId = crowd.id;
            if (!before.isEmpty()) {
                forget(before);
            }
        }
        belief.weights = json.write(learned.weights());
        // It reads as it was written, to the last bit.
        remember(new Written(belief.crowdId, belief.weights), learned);
    }

    /** Takes a crowd away that nothing is believed of any more. */
    void forget(String crowdId) {
        CrowdEntity crowd = entities.find(CrowdEntity.class, crowdId);
        if (crowd != null) {
            entities.remove(crowd);
        }
    }

    /** Takes all of them away. */
    void forgetAll() {
        entities.createQuery("delete from CrowdEntity").executeUpdate();
    }

    private RigEnsemble remember(Written written, RigEnsemble crowd) {
        if (read.size() >= MOST_REMEMBERED) {
            read.clear();
        }
        read.put(written, crowd);
        return crowd;
    }
}
