package glanzen.steps;

import glanzen.kit.HeatedRollers;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A run of a set-up as a state machine: an action goes in, the next state and what devices are to do come out. It remembers
 * nothing and asks nothing; what clock and devices say is handed in.
 */
public final class Run {

    private final SetUp setUp;
    private final List<Step> steps;

    /** @param setUp what is pulled, as it is meant to be */
    public Run(SetUp setUp) {
        this.setUp = setUp;
        this.steps = RunSheet.steps(setUp);
    }

    /** Its instructions. */
    public List<Step> steps() {
        return steps;
    }

    /** The next state, and what devices are to do. */
    public record Moved(RunState state, List<DeviceCommand> commands) {}

    /**
     * Does something.
     *
     * @throws RunRefused if it cannot be done now
     */
    public Moved act(RunState now, RunAction action, BenchReading bench) {
        if (now.left()) {
            throw new RunRefused("This run is over.");
        }
        List<DeviceCommand> commands = new ArrayList<>();
        RunState next = switch (action) {
            case NEXT -> {
                Double warmed = leave(now, bench, commands);
                yield entered(now.step(), Math.min(steps.size() - 1, now.step() + 1), warmed, commands);
            }
            case BACK -> entered(now.step(), Math.max(0, now.step() - 1), now.warmedSeconds(), commands);
            case REVERSE_OUT -> {
                commands.add(new DeviceCommand.Clear());
                commands.add(new DeviceCommand.Dock(true));
                yield entered(now.step(), firstOf(Step.Kind.LAY), now.warmedSeconds(), commands);
            }
            case RELIGHT -> entered(now.step(), firstOf(Step.Kind.HEAT_UP), now.warmedSeconds(), commands);
            case LEAVE -> {
                commands.add(new DeviceCommand.Dock(true));
                yield new RunState(now.step(), true, now.warmedSeconds());
            }
        };
        return new Moved(next, List.copyOf(commands));
    }

    /** What leaving a step settles: how long it really was warmed, and what devices are done with. */
    private @Nullable Double leave(RunState now, BenchReading bench, List<DeviceCommand> commands) {
        Step.Kind kind = steps.get(now.step()).kind();
        BenchReading.HeaterReading heater = bench.heater();
        // Sped-up time is for trying things out; a click late there would be minutes of heat.
        if (kind == Step.Kind.SOAK && !bench.sped()) {
            return (double) Math.round(bench.elapsedSeconds());
        }
        if (kind == Step.Kind.HEAT_UP && heater != null && setUp.heat() instanceof Heat.HotRollers hot) {
            HeatedRollers rollers = hot.rollers();
            return (double) Math.round(rollers.onSeconds(hot.setting(), heater.celsius(), setUp.roomC()));
        }
        if (kind == Step.Kind.REDOCK) {
            commands.add(new DeviceCommand.Dock(true));
        } else if (kind == Step.Kind.PASS) {
            if (bench.stalled()) {
                throw new RunRefused("The press refuses the stack. Reverse it out first.");
            }
            commands.add(new DeviceCommand.Clear());
        }
        return now.warmedSeconds();
    }

    private RunState entered(int from, int step, @Nullable Double warmed, List<DeviceCommand> commands) {
        switch (steps.get(step).kind()) {
            case HEAT_UP ->
                commands.add(new DeviceCommand.SwitchOn(
                        setUp.heat().levels().get(setUp.heat().level()).celsius()));
            case HOLD -> commands.add(new DeviceCommand.Dock(false));
            case PASS -> commands.add(new DeviceCommand.Feed(steps.get(step).seconds()));
            default -> {
                // Done by hand alone.
            }
        }
        return new RunState(step, false, warmed);
    }

    private int firstOf(Step.Kind kind) {
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).kind() == kind) {
                return i;
            }
        }
        return 0;
    }

    /** The set-up as it was really pulled: warmed as long as it was, not as long as was meant. */
    public SetUp pulled(RunState state) {
        Double warmed = state.warmedSeconds();
        if (warmed == null) {
            return setUp;
        }
        double seconds = Math.min(Heat.LONGEST_SECONDS, warmed);
        return setUp.heat() instanceof Heat.HotRollers hot ? setUp.withHeat(hot.on(seconds)) : setUp.withSoak(seconds);
    }

    /** What is being forgotten at a step. */
    public List<Reminder> reminders(RunState state, BenchReading bench) {
        return Reminder.of(steps.get(state.step()), bench);
    }
}
