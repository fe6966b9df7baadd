package glanzen.app.device;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import glanzen.kit.HeatedRollers;
import glanzen.kit.Machine;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.pull.PullOutcome;
import glanzen.setup.SetUp;
import glanzen.simulate.HiddenRig;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class SimulatedDevicesTest {

    private static final Instant START = Instant.parse("2026-11-24T10:00:00Z");
    private static final Platform A5 =
            new Platform("a5", "A5", 9, 150, 210, 900, 0.6, 150, List.of(new Platform.Level("low", 112)), 20);

    private SimulatedPlatform.State platform;
    private SimulatedFeeder.State press;

    @BeforeEach
    void coldBench() {
        platform = SimulatedPlatform.State.cold(START);
        press = SimulatedFeeder.State.IDLE;
    }

    private SimulatedPlatform platformAt(double minutes) {
        return new SimulatedPlatform(A5, platform, START.plusMillis((long) (minutes * 60_000)), s -> platform = s);
    }

    private final HiddenRig rig = mock(HiddenRig.class);

    /** A stack that takes so much force on the hidden rig, N; the press bears 2600. */
    private Feeder.Fed fed(double forceN) {
        SetUp setUp = mock(SetUp.class);
        when(setUp.machine())
                .thenReturn(new Press("p", "Press", Press.Kind.CRANK, 14, 2200, 15, 155, 2600, 0.1, 4, 8, 14));
        when(rig.pull(setUp, 7)).thenReturn(new PullOutcome(2, 1, 0, forceN, false, false));
        return new Feeder.Fed(setUp, 7);
    }

    private SimulatedFeeder pressAt(double seconds) {
        return new SimulatedFeeder(rig, press, START.plusMillis((long) (seconds * 1000)), s -> press = s);
    }

    @Test
    void itHeatsUntilItsReadyLightComesOn() {
        platformAt(0).switchOn(112);
        assertFalse(platformAt(2).read().ready());
        assertTrue(platformAt(2).read().celsius() > 30);
        assertTrue(platformAt(14).read().ready());
        assertEquals(112, platformAt(18).read().celsius(), 1);
    }

    @Test
    void itSwitchesItselfOffAndCools() {
        platformAt(0).switchOn(112);
        Heater.PlatformReading off = platformAt(60).read();
        assertTrue(off.switchedItselfOff());
        assertFalse(off.on() || off.ready());
        assertTrue(off.celsius() < 60, "after forty minutes without power: " + off.celsius());
        platformAt(60).switchOn(112);
        assertFalse(platformAt(61).read().switchedItselfOff());
    }

    @Test
    void outOfItsDockItOnlyCools() {
        platformAt(0).switchOn(112);
        platformAt(15).dock(false);
        double before = platformAt(15).read().celsius();
        Heater.PlatformReading out = platformAt(18).read();
        assertTrue(out.celsius() < before - 5);
        assertFalse(out.ready());
    }

    @Test
    void aPassTakesItsTime() {
        pressAt(0).feed(fed(1000), 10);
        assertEquals(0.5, pressAt(5).read().share(), 1e-9);
        assertEquals(Feeder.State.THROUGH, pressAt(11).read().state());
        pressAt(11).clear();
        assertEquals(Feeder.State.IDLE, pressAt(12).read().state());
    }

    @Test
    void aStackItRefusesStallsHalfWayAndStaysThere() {
        pressAt(0).feed(fed(9000), 10);
        assertEquals(Feeder.State.FEEDING, pressAt(2).read().state());
        assertEquals(Feeder.State.STALLED, pressAt(60).read().state());
    }

    @Test
    void benchTimeGoesOnWhereItWasWhenItsSpeedChanges() {
        BenchClockRepository kept = mock(BenchClockRepository.class);
        Clock wall = mock(Clock.class);
        BenchClockEntity entity = new BenchClockEntity();
        when(kept.findById(BenchClockEntity.ONLY)).thenReturn(Optional.of(entity));
        BenchClock clock = new BenchClock(kept, wall, true);

        when(wall.instant()).thenReturn(START);
        clock.speed(60);
        when(wall.instant()).thenReturn(START.plusSeconds(10));
        assertEquals(START.plusSeconds(600), clock.now());
        clock.speed(1);
        when(wall.instant()).thenReturn(START.plusSeconds(15));
        assertEquals(START.plusSeconds(605), clock.now());
        assertEquals(1, clock.speed());
    }

    @Test
    void rollersWarmInTheirTimeAndALaminatorsLightIsEarly() {
        for (Machine.Kind kind : List.of(Machine.Kind.ROLLER_MACHINE, Machine.Kind.LAMINATOR)) {
            SimulatedRollers.State[] kept = {SimulatedRollers.State.cold(START)};
            HeatedRollers machine = new HeatedRollers(
                    "r", "R", kind, 230, 0.9, 0.2, 8, List.of(new Platform.Level("one", 118)), 1800, 0.1, 5, 9, 15);
            rollersAt(machine, kept, 0).switchOn(118);
            assertEquals(
                    kind == Machine.Kind.LAMINATOR,
                    rollersAt(machine, kept, 10).read().ready());
            assertTrue(rollersAt(machine, kept, 10).read().celsius() < 110, "ten minutes are not half an hour");
            assertTrue(rollersAt(machine, kept, 30).read().ready());
            assertEquals(116, rollersAt(machine, kept, 30).read().celsius(), 1);
        }
    }

    private static SimulatedRollers rollersAt(HeatedRollers machine, SimulatedRollers.State[] kept, double minutes) {
        return new SimulatedRollers(machine, kept[0], START.plusMillis((long) (minutes * 60_000)), s -> kept[0] = s);
    }
}
