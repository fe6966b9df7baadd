package glanzen.app.rig;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import glanzen.app.keeping.Json;
import glanzen.app.kit.KitService;
import glanzen.artwork.ArtworkShelf;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import jakarta.persistence.EntityManager;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;

/** What a rig service does where nothing is known, and that it does not read what it has read. */
@ExtendWith(MockitoExtension.class)
class RigServiceTest {

    @Mock
    private BeliefRepository beliefs;

    @Mock
    private KitService kit;

    @Mock
    private Json json;

    @Mock
    private EntityManager entities;

    private RigService rigs;

    @BeforeEach
    void service() {
        rigs = new RigService(beliefs, kit, new Forecaster(new ArtworkShelf()), json, entities);
    }

    private static BeliefEntity belief(String text) {
        BeliefEntity entity = new BeliefEntity();
        entity.id = "iron+a5";
        entity.crowd = text;
        entity.pulls = 3;
        return entity;
    }

    @Test
    void aRigNotMetIsAsItsLabelSays() {
        when(beliefs.findById("iron+a5")).thenReturn(Optional.empty());
        assertEquals(RigEnsemble.fresh(), rigs.ensemble("iron", "a5"));
        assertEquals(0, rigs.pulls("iron", "a5"));
    }

    @Test
    void aBeliefIsParsedOnceForEachWriting() {
        RigEnsemble learned = RigEnsemble.fresh().thinned(32);
        when(beliefs.findById("iron+a5")).thenReturn(Optional.of(belief("one")));
        when(json.read("one", RigEnsemble.class)).thenReturn(learned);
        assertEquals(learned, rigs.ensemble("iron", "a5"));
        assertEquals(learned, rigs.ensemble("iron", "a5"));
        verify(json).read("one", RigEnsemble.class);

        RigEnsemble newer = RigEnsemble.fresh().thinned(64);
        when(beliefs.findById("iron+a5")).thenReturn(Optional.of(belief("two")));
        when(json.read("two", RigEnsemble.class)).thenReturn(newer);
        assertNotEquals(learned, rigs.ensemble("iron", "a5"));
    }

    @Test
    void forgettingWhatIsNotKnownDoesNothing() {
        when(beliefs.findById(anyString())).thenReturn(Optional.empty());
        rigs.forget("iron", "a5");
        verify(beliefs, never()).delete(any());
    }

    @Test
    void forgettingTakesTheBeliefAway() {
        BeliefEntity known = belief("one");
        when(beliefs.findById("iron+a5")).thenReturn(Optional.of(known));
        rigs.forget("iron", "a5");
        verify(beliefs).delete(known);
    }
}
