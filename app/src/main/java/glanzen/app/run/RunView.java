package glanzen.app.run;

import glanzen.app.device.Feeder;
import glanzen.app.device.Heater;
import glanzen.app.setup.Draft;
import glanzen.steps.Reminder;
import glanzen.steps.RunState;
import glanzen.steps.Step;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A run as it is now. Every event carries all of it, so that a page that missed one has missed nothing.
 *
 * @param id key
 * @param title what is being pulled
 * @param status open, paused, logged or left
 * @param version to be handed back with an action
 * @param preflight what must lie ready
 * @param steps all instructions of this round
 * @param step which one is on
 * @param answer what a person says who has done it
 * @param usualSeconds how long warming up usually takes, by what was told of it or else by its figures; absent at other steps
 * @param elapsedSeconds since it came on
 * @param speed bench seconds in one second
 * @param platform lights of what heats; absent where nothing does
 * @param press what the press is doing
 * @param reminders what is being forgotten
 * @param warning what going on now would cut short, once that was asked for; absent where it would not
 * @param cut what was cut short of the pull that is to be logged next, in sentences
 * @param draft the set-up being pulled
 * @param simulated whether stand-ins do it, as in the demo; otherwise a person does, and is asked
 * @param trial whether it is a walk-through, of which nothing is logged
 * @param scrap whether it is tried on scrap
 * @param batch how far it is
 */
public record RunView(
        String id,
        String title,
        Status status,
        long version,
        List<ListLine> preflight,
        List<Step> steps,
        int step,
        String answer,
        @Nullable Double usualSeconds,
        double elapsedSeconds,
        double speed,
        Heater.@Nullable PlatformReading platform,
        Feeder.PressReading press,
        List<Reminder> reminders,
        @Nullable Warning warning,
        List<String> cut,
        Draft draft,
        boolean simulated,
        boolean trial,
        boolean scrap,
        Batch batch) {

    /**
     * How far a run is.
     *
     * @param wanted good pulls it is to make
     * @param good logged as good
     * @param rejected logged as anything else
     * @param toLog through the machine, and not logged yet
     * @param pull which one is on, from 1
     */
    public record Batch(int wanted, int good, int rejected, int toLog, int pull) {
        static Batch of(RunState s) {
            return new Batch(s.wanted(), s.good(), s.rejected(), s.pressed().size(), s.pull());
        }
    }

    /** As a page that counts seconds by itself shows it: two that are equal need not be told apart. */
    RunView asShown() {
        Heater.PlatformReading heat = platform == null
                ? null
                : new Heater.PlatformReading(
                        platform.on(),
                        platform.docked(),
                        platform.celsius() == null ? null : (double) Math.round(platform.celsius()),
                        platform.ready(),
                        platform.switchedItselfOff(),
                        0,
                        0);
        Feeder.PressReading fed = new Feeder.PressReading(press.state(), Math.round(press.share() * 20) / 20.0);
        return new RunView(
                id,
                title,
                status,
                version,
                preflight,
                steps,
                step,
                answer,
                usualSeconds,
                0,
                speed,
                heat,
                fed,
                reminders,
                warning,
                cut,
                draft,
                simulated,
                trial,
                scrap,
                batch);
    }

    /**
     * A step that would be left before it is done.
     *
     * @param text what of it is done
     * @param good how many of twenty come out then; absent where that cannot be told
     */
    public record Warning(String text, @Nullable Integer good) {}

    /** Where a run stands. */
    public enum Status {
        OPEN,
        PAUSED,
        LOGGED,
        LEFT
    }

    /** One line of the pre-flight list. */
    public record ListLine(String text, boolean done) {}
}
