package glanzen.steps;

import static org.junit.jupiter.api.Assertions.assertEquals;

import glanzen.steps.BenchReading.HeaterReading;
import glanzen.steps.Reminder.Kind;
import java.util.List;
import org.junit.jupiter.api.Test;

class ReminderTest {

    private static final HeaterReading HOT = new HeaterReading(true, 112, false);
    private static final HeaterReading OUT = new HeaterReading(false, 100, false);
    private static final HeaterReading OFF = new HeaterReading(true, 60, true);

    private static List<Kind> reminded(Step.Kind kind, double elapsed, HeaterReading heater, boolean stalled) {
        Step step = new Step(kind, "", "", kind == Step.Kind.SOAK ? 30 : 0, List.of(), List.of());
        return Reminder.of(step, new BenchReading(elapsed, false, heater, stalled)).stream()
                .map(Reminder::kind)
                .toList();
    }

    @Test
    void theSoakTimerIsNotForgotten() {
        assertEquals(List.of(), reminded(Step.Kind.PLACE, 5, HOT, false));
        assertEquals(List.of(Kind.START_SOAK), reminded(Step.Kind.PLACE, 25, HOT, false));
        assertEquals(List.of(Kind.OVERDUE), reminded(Step.Kind.SOAK, 45, HOT, false));
    }

    @Test
    void aPlatformThatWentOffIsNoticedWhileItMatters() {
        assertEquals(List.of(Kind.SWITCHED_OFF), reminded(Step.Kind.SOAK, 5, OFF, false));
        assertEquals(List.of(), reminded(Step.Kind.LOOK, 5, OFF, false));
        assertEquals(List.of(), reminded(Step.Kind.PREPARE, 5, OFF, false));
    }

    @Test
    void thePlatformGoesBackIntoItsDock() {
        assertEquals(List.of(), reminded(Step.Kind.REDOCK, 2, OUT, false));
        assertEquals(List.of(Kind.REDOCK), reminded(Step.Kind.REDOCK, 10, OUT, false));
        assertEquals(List.of(Kind.REDOCK), reminded(Step.Kind.PEEL, 10, OUT, false));
    }

    @Test
    void aStalledPressIsReversed() {
        assertEquals(List.of(Kind.STALLED), reminded(Step.Kind.PASS, 9, OUT, true));
    }
}
