package glanzen.app.run;

import glanzen.app.device.Feeder;
import glanzen.app.device.Heater;
import glanzen.app.run.RunView.Reminder;
import glanzen.app.run.RunView.Reminder.Kind;
import glanzen.steps.Step;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a person with busy hands forgets. */
final class Reminders {

    private static final double SOAK_FORGOTTEN = 20;
    private static final double REDOCK_FORGOTTEN = 6;
    private static final double OVERDUE = 8;

    private Reminders() {}

    static List<Reminder> of(
            Step step, double elapsed, Heater.@Nullable PlatformReading heater, Feeder.PressReading press) {
        List<Reminder> reminders = new ArrayList<>();
        Step.Kind kind = step.kind();
        if (heater != null) {
            heated(kind, elapsed, heater, reminders);
        }
        if (press.state() == Feeder.State.STALLED) {
            reminders.add(new Reminder(
                    Kind.STALLED,
                    "The press refuses the stack. Reverse it out, never force it; then take the thickest shim out."));
        }
        boolean timed = kind == Step.Kind.SOAK || kind == Step.Kind.HOLD;
        if (timed && elapsed > step.seconds() + OVERDUE) {
            reminders.add(new Reminder(Kind.OVERDUE, "Over time: every second adds heat. Go on."));
        }
        return reminders;
    }

    private static void heated(
            Step.Kind kind, double elapsed, Heater.PlatformReading heater, List<Reminder> reminders) {
        if (heater.switchedItselfOff() && kind != Step.Kind.PREPARE && kind.ordinal() < Step.Kind.REDOCK.ordinal()) {
            reminders.add(new Reminder(
                    Kind.SWITCHED_OFF,
                    "The platform has switched itself off. Switch it off and on again, and wait for its ready light."));
        }
        if (kind == Step.Kind.PLACE && elapsed > SOAK_FORGOTTEN) {
            reminders.add(new Reminder(Kind.START_SOAK, "Is the plate on? The soak timer has not been started."));
        }
        if (kind.ordinal() >= Step.Kind.REDOCK.ordinal() && !heater.docked() && elapsed > REDOCK_FORGOTTEN) {
            reminders.add(new Reminder(Kind.REDOCK, "The platform is still out: put it back in its dock."));
        }
    }
}
