package glanzen.app.device;

import glanzen.heat.Lump;
import glanzen.kit.Platform;
import java.time.Duration;
import java.time.Instant;
import java.util.function.Consumer;

/** Stands in for a heated platform: the lump of the pull model, on bench time. */
final class SimulatedPlatform implements Heater {

    private static final double ROOM_C = 21;
    private static final double LONGEST_LOOK_BACK = 4 * 3600;

    /** What is remembered of it. */
    record State(
            boolean on,
            boolean docked,
            double setPointC,
            double celsius,
            Instant at,
            Instant onSince,
            boolean selfOff) {
        static State cold(Instant now) {
            return new State(false, true, ROOM_C, ROOM_C, now, now, false);
        }
    }

    private final Platform platform;
    private final Instant now;
    private final Consumer<State> keep;
    private State state;

    SimulatedPlatform(Platform platform, State before, Instant now, Consumer<State> keep) {
        this.platform = platform;
        this.now = now;
        this.keep = keep;
        this.state = advanced(before);
    }

    @Override
    public PlatformReading read() {
        boolean ready = state.on && state.docked && Math.abs(state.celsius - state.setPointC) < Lump.READY_WITHIN_K;
        double onSeconds = state.on ? Duration.between(state.onSince, now).toMillis() / 1000.0 : 0;
        return new PlatformReading(state.on, state.docked, state.celsius, ready, state.selfOff, onSeconds, 0);
    }

    @Override
    public void switchOn(double celsius) {
        set(new State(true, state.docked, celsius, state.celsius, now, now, false));
    }

    @Override
    public void switchOff() {
        set(new State(false, state.docked, state.setPointC, state.celsius, now, state.onSince, false));
    }

    @Override
    public void dock(boolean inDock) {
        set(new State(state.on, inDock, state.setPointC, state.celsius, now, state.onSince, state.selfOff));
    }

    private void set(State changed) {
        state = changed;
        keep.accept(changed);
    }

    /** Second by second until now; it switches itself off on the way if its time is up. */
    private State advanced(State s) {
        double seconds = Math.min(
                LONGEST_LOOK_BACK, Math.max(0, Duration.between(s.at, now).toMillis() / 1000.0));
        Instant off = s.onSince.plusMillis((long) (platform.offAfterMinutes() * 60_000));
        double heated =
                s.on ? Math.max(0, Math.min(seconds, Duration.between(s.at, off).toMillis() / 1000.0)) : 0;
        double celsius = cooled(s, s.celsius, heated, true);
        boolean selfOff = s.on && !now.isBefore(off);
        celsius = cooled(s, celsius, seconds - heated, false);
        return new State(s.on && !selfOff, s.docked, s.setPointC, celsius, now, s.onSince, s.selfOff || selfOff);
    }

    private double cooled(State s, double from, double seconds, boolean powered) {
        Lump lump = new Lump(
                platform.heatCapacityJPerK(), platform.lossWPerK(), platform.maxPowerW(), s.setPointC - ROOM_C);
        if (powered && s.docked) {
            return lump.docked(from - ROOM_C, seconds) + ROOM_C;
        }
        return ROOM_C + (from - ROOM_C) * Math.exp(-lump.lossWPerK() * seconds / lump.heatCapacityJPerK());
    }
}
