package glanzen.app.rig;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import glanzen.app.keeping.Json;
import glanzen.forecast.RigEnsemble;
import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.ArgumentCaptor;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(MockitoExtension.class)
class CrowdsTest {

    private static final Json JSON = new Json(JsonMapper.shared(), List.of());

    @Mock
    private EntityManager entities;

    private final BeliefEntity belief = new BeliefEntity();
    private final RigEnsemble fresh = RigEnsemble.fresh();
    private Crowds crowds;
    private CrowdEntity kept;

    @BeforeEach
    void keepACrowd() {
        crowds = new Crowds(entities, JSON);
        crowds.write(belief, fresh);
        ArgumentCaptor<CrowdEntity> written = ArgumentCaptor.forClass(CrowdEntity.class);
        verify(entities).persist(written.capture());
        kept = written.getValue();
        assertEquals(kept.id, belief.crowdId);
    }

    /** The same rigs, the last as plausible as the first was, and so on. */
    private static RigEnsemble otherwise(RigEnsemble crowd) {
        List<Double> weights = new ArrayList<>(crowd.weights());
        weights.set(0, weights.get(0) / 2);
        weights.set(1, weights.get(1) * 3 / 2);
        Collections.reverse(weights);
        return crowd.weighing(weights);
    }

    @Test
    void rigsThatAreOnlyMoreOrLessPlausibleAreNotWrittenAgain() {
        RigEnsemble learned = otherwise(fresh);
        crowds.write(belief, learned);
        verify(entities).persist(any());
        assertSame(learned, crowds.of(belief));

        when(entities.find(CrowdEntity.class, kept.id)).thenReturn(kept);
        assertEquals(learned, new Crowds(entities, JSON).of(belief), "after a start");
    }

    @Test
    void otherRigsTakeThePlaceOfThoseBefore() {
        when(entities.find(CrowdEntity.class, kept.id)).thenReturn(kept);
        RigEnsemble others = fresh.giving(0, 0.1);
        crowds.write(belief, others);
        assertNotEquals(kept.id, belief.crowdId);
        verify(entities).remove(kept);
        assertSame(others, crowds.of(belief));
    }

    @Test
    void rigsReplacedBetweenTwoQuestionsAreAskedForAgain() {
        BeliefEntity before = new BeliefEntity();
        before.crowdId = "gone";
        doAnswer(now -> {
                    before.crowdId = belief.crowdId;
                    before.weights = belief.weights;
                    return null;
                })
                .when(entities)
                .refresh(before);
        assertSame(fresh, crowds.of(before));
    }

    @Test
    void rigsWithoutWeightsAreAsPlausibleAsTheyAreWritten() {
        when(entities.find(CrowdEntity.class, kept.id)).thenReturn(kept);
        belief.weights = "";
        assertEquals(fresh, crowds.of(belief));
        assertSame(crowds.of(belief), crowds.of(belief), "read once");
        verify(entities, never()).remove(any());
    }
}
