package glanzen.steps;

import static org.junit.jupiter.api.Assertions.assertEquals;

import glanzen.Bench;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import glanzen.steps.BenchReading.HeaterReading;
import glanzen.steps.Reminder.Kind;
import java.util.List;
import org.junit.jupiter.api.Test;

class ReminderTest {

    private static final HeaterReading HOT = new HeaterReading(true, 112.0, false, 60);
    private static final HeaterReading OUT = new HeaterReading(false, null, false, 60);
    private static final HeaterReading OFF = new HeaterReading(true, 60.0, true, 0);

    private static final SetUp WORDS = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30);

    private static List<Kind> reminded(Step.Kind kind, double elapsed, HeaterReading heater, boolean stalled) {
        Step step = new Step(kind, "", "", kind == Step.Kind.SOAK ? 30 : 0, List.of(), List.of());
        return Reminder.of(WORDS, step, new BenchReading(elapsed, false, heater, stalled)).stream()
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

    @Test
    void aPlatformThatIsNeverReadyIsLookedAfter() {
        double usual = WORDS.heat().warmUpSeconds(WORDS.roomC());
        assertEquals(List.of(), reminded(Step.Kind.HEAT_UP, usual, HOT, false));
        assertEquals(List.of(Kind.NEVER_READY), reminded(Step.Kind.HEAT_UP, 2 * usual + 120, HOT, false));
    }
}
