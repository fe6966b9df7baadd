package glanzen.pull;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.heat.Lump;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A platform that is used again and again. */
class RecoveryTest {

    private static final SetUp WORDS = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30);

    @Test
    void theTenthPullIsNotTheFirst() {
        List<Double> behind = Recovery.of(WORDS, 10, 10).behindK();
        assertEquals(0, behind.get(0));
        assertTrue(behind.get(1) > 0.3, behind + "");
        assertEquals(behind.get(8), behind.get(9), 0.2, "it settles");
    }

    @Test
    void whoWaitsHasAHotPlatform() {
        Recovery quick = Recovery.of(WORDS, 0, 10);
        Recovery patient = Recovery.of(WORDS, quick.waitSeconds() + 5, 10);
        assertTrue(patient.settledK() <= Lump.READY_WITHIN_K, "" + patient.settledK());
        assertTrue(quick.settledK() > patient.settledK());
    }

    @Test
    void readinessIsReckonedAsItIsFollowed() {
        Lump lump = new Lump(900, 0.6, 150, 91);
        double seconds = lump.secondsToReady(0);
        assertEquals(89, lump.docked(0, seconds), 0.3);
        assertEquals(Double.POSITIVE_INFINITY, new Lump(900, 0.6, 40, 91).secondsToReady(0));
        assertEquals(0, lump.secondsToReady(90));
    }
}
