package glanzen.steps;

import glanzen.setup.SetUp;
import glanzen.steps.BenchReading.HeaterReading;
import java.util.ArrayList;
import java.util.List;

/**
 * Something that a person with busy hands forgets.
 *
 * @param kind what it is about
 * @param text what to do
 */
public record Reminder(Kind kind, String text) {

    /** What it is about. */
    public enum Kind {
        START_SOAK,
        SWITCHED_OFF,
        REDOCK,
        STALLED,
        OVERDUE,
        NEVER_READY
    }

    private static final double SOAK_FORGOTTEN = 20;
    private static final double REDOCK_FORGOTTEN = 6;
    private static final double OVERDUE = 8;
    /** So many times its usual warm-up is too long, and never less than this much longer, s. */
    private static final double MUCH_LONGER = 1.6;

    private static final double LONGER_SECONDS = 120;

    static List<Reminder> of(SetUp setUp, Step step, BenchReading bench) {
        List<Reminder> reminders = new ArrayList<>();
        Step.Kind kind = step.kind();
        if (bench.heater() != null) {
            heated(kind, bench.elapsedSeconds(), bench.heater(), reminders);
        }
        if (bench.stalled()) {
            reminders.add(
                    new Reminder(
                            Kind.STALLED,
                            "The press won't take the stack. Reverse it out, never force it; then take the thickest shim out."));
        }
        double usual = setUp.heat().warmUpSeconds(setUp.roomC());
        if (kind == Step.Kind.HEAT_UP
                && bench.elapsedSeconds() > Math.max(MUCH_LONGER * usual, usual + LONGER_SECONDS)) {
            reminders.add(new Reminder(
                    Kind.NEVER_READY,
                    "It takes much longer than usual. Is it plugged in, switched on and in its dock? Never leave it "
                            + "heating alone; if it stays cold, unplug it."));
        }
        boolean timed = kind == Step.Kind.SOAK || kind == Step.Kind.HOLD;
        if (timed && bench.elapsedSeconds() > step.seconds() + OVERDUE) {
            reminders.add(new Reminder(Kind.OVERDUE, "Over time: every second adds heat. Go on."));
        }
        return reminders;
    }

    private static void heated(Step.Kind kind, double elapsed, HeaterReading heater, List<Reminder> reminders) {
        boolean afterwards = kind.ordinal() >= Step.Kind.REDOCK.ordinal();
        if (heater.switchedItselfOff() && kind != Step.Kind.PREPARE && !afterwards) {
            reminders.add(new Reminder(
                    Kind.SWITCHED_OFF,
                    "The platform has switched itself off. Switch it off and on again, and wait for its ready light."));
        }
        if (kind == Step.Kind.PLACE && elapsed > SOAK_FORGOTTEN) {
            reminders.add(new Reminder(Kind.START_SOAK, "Is the plate on? The soak timer has not been started."));
        }
        if (afterwards && !heater.docked() && elapsed > REDOCK_FORGOTTEN) {
            reminders.add(new Reminder(Kind.REDOCK, "The platform is still out: put it back in its dock."));
        }
    }
}
