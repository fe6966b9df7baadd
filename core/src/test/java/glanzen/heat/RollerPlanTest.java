package glanzen.heat;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Crafts;
import glanzen.heat.HeatTrace.Phase;
import glanzen.kit.StackItem;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RollerPlanTest {

    private static final double ROLLER_C = 128;
    private static final double ROOM_C = 21;
    private static final List<StackItem> SHEET = List.of(Crafts.CARRIER, Crafts.CARD, Crafts.CARRIER);

    private static RollerPlan plan(double nipSeconds, int passes, double coolSeconds) {
        return new RollerPlan(ROLLER_C, ROOM_C, SHEET, 2, nipSeconds, passes, Cooling.ON_MAT, coolSeconds);
    }

    private static double hottest(HeatRun run, int nip) {
        return run.nips().get(nip).last();
    }

    @Test
    void itComesToTheRollersTemperatureAndNeverBeyond() {
        HeatRun run = plan(30, 1, 1).solve(1, 0);
        assertEquals(ROLLER_C, hottest(run, 0), 0.5);
        run.traces().forEach(t -> {
            for (double c : t.celsius()) {
                assertTrue(c <= ROLLER_C + 1e-6 && c >= ROOM_C - 1e-6, c + " in " + t.phase());
            }
        });
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.2, 0.5, 1, 2})
    void slowerIsHotterAndSoIsBetterContact(double seconds) {
        double once = hottest(plan(seconds, 1, 1).solve(1, 0), 0);
        assertTrue(hottest(plan(1.4 * seconds, 1, 1).solve(1, 0), 0) > once);
        assertTrue(hottest(plan(seconds, 1, 1).solve(0.5, 0), 0) < once);
        assertEquals(
                (once - ROOM_C) * (ROLLER_C + 6 - ROOM_C) / (ROLLER_C - ROOM_C) + ROOM_C,
                hottest(plan(seconds, 1, 1).solve(1, 6), 0),
                0.05,
                "heat is linear in the rollers' temperature");
    }

    @Test
    void theSecondPassStartsWarm() {
        HeatRun run = plan(0.6, 2, 1).solve(1, 0);
        assertEquals(2, run.nips().size());
        assertTrue(hottest(run, 1) > hottest(run, 0));
        assertTrue(run.nips().get(1).celsius()[0] > ROOM_C + 10);
        assertEquals(
                List.of(Phase.NIP, Phase.BETWEEN, Phase.NIP, Phase.COOL),
                run.traces().stream().map(HeatTrace::phase).toList());
    }

    @Test
    void itCoolsToTheRoom() {
        assertTrue(plan(1, 1, 2).solve(1, 0).peelC() > ROOM_C + 20);
        assertEquals(ROOM_C, plan(1, 1, 600).solve(1, 0).peelC(), 1);
    }

    @Test
    void coldIsAsWarmAsTheRoomThroughout() {
        HeatRun cold = new RoomHeat(ROOM_C, 0.8, 3).solve(0.7, 9);
        assertEquals(3, cold.nips().size());
        assertEquals(ROOM_C, cold.peelC());
        assertEquals(ROOM_C, hottest(cold, 2));
    }
}
