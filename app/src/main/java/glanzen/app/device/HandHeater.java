package glanzen.app.device;

import java.time.Duration;
import java.time.Instant;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/** A heater that a person works: all that is known of it is what was asked and said, and what the clock makes of that. */
final class HandHeater implements Heater {

    /** What was said of it. */
    record State(
            boolean on,
            boolean docked,
            Instant onSince,
            @Nullable Instant dockedSince) {
        static final State OFF = new State(false, true, Instant.EPOCH, null);
    }

    private final Duration offAfter;
    private final Instant now;
    private final Consumer<State> keep;
    private State state;

    /** @param offAfter how long it stays on by itself */
    HandHeater(Duration offAfter, State state, Instant now, Consumer<State> keep) {
        this.offAfter = offAfter;
        this.state = state;
        this.now = now;
        this.keep = keep;
    }

    @Override
    public PlatformReading read() {
        Duration been = Duration.between(state.onSince, now);
        boolean off = state.on && been.compareTo(offAfter) > 0;
        double seconds = state.on ? been.toMillis() / 1000.0 : 0;
        boolean back = state.docked && state.dockedSince != null;
        double docked = back ? Duration.between(state.dockedSince, now).toMillis() / 1000.0 : 0;
        return new PlatformReading(state.on && !off, state.docked, null, false, off, seconds, docked);
    }

    @Override
    public void switchOn(double celsius) {
        boolean goesOn = read().on();
        set(new State(true, state.docked, goesOn ? state.onSince : now, state.dockedSince));
    }

    @Override
    public void switchOff() {
        set(new State(false, state.docked, state.onSince, state.dockedSince));
    }

    @Override
    public void dock(boolean inDock) {
        Instant since = inDock && !state.docked ? now : state.dockedSince;
        set(new State(state.on, inDock, state.onSince, since));
    }

    private void set(State changed) {
        state = changed;
        keep.accept(changed);
    }
}
