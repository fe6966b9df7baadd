package glanzen.app.run;

import glanzen.app.device.Feeder;
import glanzen.app.device.Heater;
import glanzen.app.setup.Draft;
import glanzen.steps.Reminder;
import glanzen.steps.Step;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A run as it is now. Every event carries all of it, so that a page that missed one has missed nothing.
 *
 * @param id key
 * @param title what is being pulled
 * @param status open, logged or left
 * @param version to be handed back with an action
 * @param preflight what must lie ready
 * @param steps all instructions
 * @param step which one is on
 * @param elapsedSeconds since it came on, bench time
 * @param speed bench seconds in one second
 * @param platform lights of what heats; absent where nothing does
 * @param press what the press is doing
 * @param reminders what is being forgotten
 * @param draft the set-up being pulled
 * @param simulated whether the pull itself is made up, as in the demo; at a real bench nothing of it is
 */
public record RunView(
        String id,
        String title,
        Status status,
        long version,
        List<ListLine> preflight,
        List<Step> steps,
        int step,
        double elapsedSeconds,
        double speed,
        Heater.@Nullable PlatformReading platform,
        Feeder.PressReading press,
        List<Reminder> reminders,
        Draft draft,
        boolean simulated) {

    /** As a page that counts seconds by itself shows it: two that are equal need not be told apart. */
    RunView asShown() {
        Heater.PlatformReading heat = platform == null
                ? null
                : new Heater.PlatformReading(
                        platform.on(),
                        platform.docked(),
                        Math.round(platform.celsius()),
                        platform.ready(),
                        platform.switchedItselfOff());
        Feeder.PressReading fed = new Feeder.PressReading(press.state(), Math.round(press.share() * 20) / 20.0);
        return new RunView(
                id, title, status, version, preflight, steps, step, 0, speed, heat, fed, reminders, draft, simulated);
    }

    /** Where a run stands. */
    public enum Status {
        OPEN,
        LOGGED,
        LEFT
    }

    /** One line of the pre-flight list. */
    public record ListLine(String text, boolean done) {}
}
