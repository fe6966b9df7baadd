package glanzen.app.rig;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

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

/** What a rig service does where nothing is known. */
@ExtendWith(MockitoExtension.class)
class RigServiceTest {

    @Mock
    private BeliefRepository beliefs;

    @Mock
    private KitService kit;

    @Mock
    private Crowds crowds;

    @Mock
    private EntityManager entities;

    private RigService rigs;

    @BeforeEach
    void service() {
        rigs = new RigService(beliefs, kit, new Forecaster(new ArtworkShelf()), crowds, entities);
    }

    @Test
    void aRigNotMetIsAsItsLabelSays() {
        when(beliefs.findById("iron+a5")).thenReturn(Optional.empty());
        assertEquals(RigEnsemble.fresh(), rigs.ensemble("iron", "a5"));
        assertEquals(0, rigs.pulls("iron", "a5"));
    }

    @Test
    void forgettingWhatIsNotKnownDoesNothing() {
        when(beliefs.findById(anyString())).thenReturn(Optional.empty());
        rigs.forget("iron", "a5");
        verify(beliefs, never()).delete(any());
    }

    @Test
    void forgettingTakesTheBeliefAway() {
        BeliefEntity known = new BeliefEntity();
        known.crowdId = "one";
        when(beliefs.findById("iron+a5")).thenReturn(Optional.of(known));
        rigs.forget("iron", "a5");
        verify(beliefs).delete(known);
        verify(crowds).forget("one");
    }
}
