package glanzen.app.device;

import glanzen.kit.HeatedRollers;
import glanzen.kit.Machine;
import java.time.Duration;
import java.time.Instant;
import java.util.function.Consumer;

/**
 * Stands in for a machine with heated rollers, on bench time: it warms up as its kit entry says and cools twice as slowly.
 * A household laminator lights its ready light long before it is warm through.
 */
final class SimulatedRollers implements Heater {

    private static final double ROOM_C = 21;
    private static final double READY_WITHIN_K = 3;
    private static final double EARLY_LIGHT = 0.2;
    private static final double LN_STILL_MISSING = Math.log(0.02);

    /** What is remembered of it. */
    record State(boolean on, double setPointC, double celsius, Instant at, Instant onSince) {
        static State cold(Instant now) {
            return new State(false, ROOM_C, ROOM_C, now, now);
        }
    }

    private final HeatedRollers rollers;
    private final Instant now;
    private final Consumer<State> keep;
    private State state;

    SimulatedRollers(HeatedRollers rollers, State before, Instant now, Consumer<State> keep) {
        this.rollers = rollers;
        this.now = now;
        this.keep = keep;
        double target = before.on ? before.setPointC : ROOM_C;
        double share = seconds(before.at) / rollers.warmUpSeconds() * (before.on ? 1 : 0.5);
        double missing = Math.exp(LN_STILL_MISSING * share);
        double celsius = target + (before.celsius - target) * missing;
        this.state = new State(before.on, before.setPointC, celsius, now, before.onSince);
    }

    private double seconds(Instant since) {
        return Math.max(0, Duration.between(since, now).toMillis() / 1000.0);
    }

    @Override
    public PlatformReading read() {
        boolean warm = state.celsius > state.setPointC - READY_WITHIN_K;
        boolean early = rollers.machine() == Machine.Kind.LAMINATOR
                && seconds(state.onSince) > EARLY_LIGHT * rollers.warmUpSeconds();
        return new PlatformReading(
                state.on,
                true,
                state.celsius,
                state.on && (warm || early),
                false,
                state.on ? seconds(state.onSince) : 0,
                0);
    }

    @Override
    public void switchOn(double celsius) {
        Instant since = state.on ? state.onSince : now;
        state = new State(true, celsius, state.celsius, now, since);
        keep.accept(state);
    }

    @Override
    public void switchOff() {
        state = new State(false, state.setPointC, state.celsius, now, state.onSince);
        keep.accept(state);
    }

    @Override
    public void dock(boolean inDock) {
        // Its rollers never leave it.
    }
}
