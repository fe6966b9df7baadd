package glanzen.steps;

import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * A run of a set-up as a state machine: an action goes in, the next state and what devices are to do come out. It remembers
 * nothing and asks nothing; what clock and devices say is handed in.
 */
public final class Run {

    private final SetUp setUp;

    /** @param setUp what is pulled, as it is meant to be */
    public Run(SetUp setUp) {
        this.setUp = setUp;
    }

    /** The instructions of the round that is on. */
    public List<Step> steps(RunState now) {
        return RoundSteps.of(setUp, now);
    }

    /** The instruction that is on. */
    public Step step(RunState now) {
        List<Step> steps = steps(now);
        return steps.get(Math.min(now.step(), steps.size() - 1));
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
            case NEXT -> next(now, bench, commands);
            case BACK -> entered(now.at(Math.max(0, now.step() - 1)), now.step(), commands);
            case REVERSE_OUT -> {
                if (step(now).kind() != Step.Kind.PASS || !(bench.stalled() || bench.byHand())) {
                    throw new RunRefused("Nothing is stuck in the press, so there is nothing to reverse out.");
                }
                commands.add(new DeviceCommand.Clear());
                commands.add(new DeviceCommand.Dock(true));
                yield entered(now.at(firstOf(now, Step.Kind.LAY)), now.step(), commands);
            }
            case RELIGHT -> relit(now, commands);
            case PAUSE -> {
                commands.add(new DeviceCommand.Clear());
                commands.add(new DeviceCommand.Dock(true));
                commands.add(new DeviceCommand.SwitchOff());
                yield now.round(true);
            }
            case RESUME -> now;
            case LEAVE -> {
                commands.add(new DeviceCommand.Dock(true));
                yield now.givenUp();
            }
        };
        return new Moved(next, List.copyOf(commands));
    }

    /** A step that is cut short is left the second time it is asked for: the first time it is said what that does. */
    private RunState next(RunState now, BenchReading bench, List<DeviceCommand> commands) {
        Optional<Shortcut> cut = Shortcut.of(setUp, step(now), bench);
        if (cut.isPresent() && !now.warned()) {
            return now.warning();
        }
        RunState left = left(now, bench, commands);
        return onward(cut.map(c -> left.cutting(c.kept())).orElse(left), commands);
    }

    /** Returns what leaving the present step would cut short, once that was asked for; empty where it would not, or not any more. */
    public Optional<Shortcut> shortcut(RunState now, BenchReading bench) {
        return now.warned() ? Shortcut.of(setUp, step(now), bench) : Optional.empty();
    }

    /** Returns what was cut short for the oldest pull that is not logged yet. */
    public List<Cut> cut(RunState state) {
        List<Cut> cut =
                state.pressed().isEmpty() ? state.cut() : state.pressed().get(0).cut();
        return cut == null ? List.of() : cut;
    }

    /** What follows a step that is done: the next one, or the next round. */
    private RunState onward(RunState now, List<DeviceCommand> commands) {
        int last = steps(now).size() - 1;
        if (now.step() < last) {
            return entered(now.at(now.step() + 1), now.step(), commands);
        }
        // A look at a pull lasts until the pull is logged.
        boolean looked = step(now).kind() != Step.Kind.LOOK || now.pressed().isEmpty() && !now.done();
        return looked && now.batch() ? begun(now, commands) : now.at(last);
    }

    private RunState begun(RunState now, List<DeviceCommand> commands) {
        return entered(now.round(false), -1, commands);
    }

    /** A round that does not warm up has no step for it: it is begun anew, from cold. */
    private RunState relit(RunState now, List<DeviceCommand> commands) {
        RunState cold = now.warming() ? now : now.round(true);
        return entered(cold.at(firstOf(cold, Step.Kind.HEAT_UP)), -1, commands);
    }

    /**
     * What follows when the oldest pull that is not logged yet is.
     *
     * @param good whether it is one of those wanted
     * @throws RunRefused if there is none: of several, what was not pressed yet would be taken for made
     */
    public Moved logged(RunState now, boolean good) {
        if (now.pressed().isEmpty() && (now.out() || now.batch())) {
            throw new RunRefused("Every pull that went through is logged. Make the next one first.");
        }
        List<DeviceCommand> commands = new ArrayList<>();
        RunState next = now.logged(good);
        boolean looked = step(now).kind() == Step.Kind.LOOK && next.pressed().isEmpty();
        if (!next.done() && (looked || next.step() >= steps(next).size())) {
            next = begun(next, commands);
        }
        return new Moved(next, List.copyOf(commands));
    }

    /** What leaving a step settles: how long it really was warmed, and what devices are done with. */
    private RunState left(RunState now, BenchReading bench, List<DeviceCommand> commands) {
        Step.Kind kind = step(now).kind();
        BenchReading.HeaterReading heater = bench.heater();
        // Sped-up time is for trying things out; a click late there would be minutes of heat.
        if (kind == Step.Kind.SOAK && !bench.sped()) {
            return now.warmed((double) Math.round(bench.elapsedSeconds()));
        }
        if (kind == Step.Kind.HEAT_UP && heater != null && setUp.heat() instanceof Heat.HotRollers hot) {
            double on = heater.celsius() == null
                    ? heater.onSeconds()
                    : hot.rollers().onSeconds(hot.setting(), heater.celsius(), setUp.roomC());
            return now.warmed((double) Math.round(on));
        }
        if (kind == Step.Kind.REDOCK) {
            commands.add(new DeviceCommand.Dock(true));
        } else if (kind == Step.Kind.PASS) {
            if (bench.stalled()) {
                throw new RunRefused("The press won't take the stack. Reverse it out first.");
            }
            commands.add(new DeviceCommand.Clear());
            return lastPass(now) ? now.wentThrough() : now;
        }
        return now;
    }

    private boolean lastPass(RunState now) {
        return steps(now).subList(now.step() + 1, steps(now).size()).stream()
                .noneMatch(s -> s.kind() == Step.Kind.PASS);
    }

    private RunState entered(RunState now, int from, List<DeviceCommand> commands) {
        if (now.step() == from) {
            return now;
        }
        Step step = step(now);
        switch (step.kind()) {
            case HEAT_UP ->
                commands.add(new DeviceCommand.SwitchOn(
                        setUp.heat().levels().get(setUp.heat().level()).celsius()));
            case HOLD -> commands.add(new DeviceCommand.Dock(false));
            case PASS -> commands.add(new DeviceCommand.Feed(step.seconds()));
            default -> {
                // Done by hand alone.
            }
        }
        return now;
    }

    private int firstOf(RunState now, Step.Kind kind) {
        return Math.max(0, RoundSteps.first(steps(now), kind));
    }

    /** The set-up of the oldest pull that is not logged yet, warmed as long as it was, not as long as was meant. */
    public SetUp pulled(RunState state) {
        Double warmed = state.pressed().isEmpty()
                ? state.warmedSeconds()
                : state.pressed().get(0).warmedSeconds();
        SetUp behind = cut(state).stream()
                .map(Cut::behindK)
                .filter(Objects::nonNull)
                .findFirst()
                .map(k -> setUp.withHeat(setUp.onPlatform().behind(k)))
                .orElse(setUp);
        if (warmed == null) {
            return behind;
        }
        double seconds = Math.min(Heat.LONGEST_SECONDS, warmed);
        return setUp.heat() instanceof Heat.HotRollers hot ? setUp.withHeat(hot.on(seconds)) : behind.withSoak(seconds);
    }

    /** What is being forgotten at a step. */
    public List<Reminder> reminders(RunState state, BenchReading bench) {
        return Reminder.of(setUp, step(state), bench);
    }
}
