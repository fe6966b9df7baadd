package glanzen.app.run;

import static org.junit.jupiter.api.Assertions.assertEquals;

import glanzen.app.device.Feeder.PressReading;
import glanzen.app.device.Feeder.State;
import glanzen.app.device.Heater.PlatformReading;
import glanzen.app.run.RunView.Reminder.Kind;
import glanzen.steps.Step;
import java.util.List;
import org.junit.jupiter.api.Test;

class RemindersTest {

    private static final PlatformReading HOT = new PlatformReading(true, true, 112, true, false);
    private static final PlatformReading OUT = new PlatformReading(true, false, 100, false, false);
    private static final PlatformReading OFF = new PlatformReading(false, true, 60, false, true);
    private static final PressReading IDLE = new PressReading(State.IDLE, 0);

    private static List<Kind> reminded(Step.Kind kind, double elapsed, PlatformReading platform, PressReading press) {
        Step step = new Step(kind, "", "", kind == Step.Kind.SOAK ? 30 : 0, List.of(), List.of());
        return Reminders.of(step, elapsed, platform, press).stream()
                .map(RunView.Reminder::kind)
                .toList();
    }

    @Test
    void theSoakTimerIsNotForgotten() {
        assertEquals(List.of(), reminded(Step.Kind.PLACE, 5, HOT, IDLE));
        assertEquals(List.of(Kind.START_SOAK), reminded(Step.Kind.PLACE, 25, HOT, IDLE));
        assertEquals(List.of(Kind.OVERDUE), reminded(Step.Kind.SOAK, 45, HOT, IDLE));
    }

    @Test
    void aPlatformThatWentOffIsNoticedWhileItMatters() {
        assertEquals(List.of(Kind.SWITCHED_OFF), reminded(Step.Kind.SOAK, 5, OFF, IDLE));
        assertEquals(List.of(), reminded(Step.Kind.LOOK, 5, OFF, IDLE));
        assertEquals(List.of(), reminded(Step.Kind.PREPARE, 5, OFF, IDLE));
    }

    @Test
    void thePlatformGoesBackIntoItsDock() {
        assertEquals(List.of(), reminded(Step.Kind.REDOCK, 2, OUT, IDLE));
        assertEquals(List.of(Kind.REDOCK), reminded(Step.Kind.REDOCK, 10, OUT, IDLE));
        assertEquals(List.of(Kind.REDOCK), reminded(Step.Kind.PEEL, 10, OUT, IDLE));
    }

    @Test
    void aStalledPressIsReversed() {
        PressReading stalled = new PressReading(State.STALLED, 0.35);
        assertEquals(List.of(Kind.STALLED), reminded(Step.Kind.PASS, 9, OUT, stalled));
    }
}
