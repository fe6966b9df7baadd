package glanzen.app.device;

import glanzen.kit.Press;
import glanzen.simulate.HiddenRig;
import java.time.Duration;
import java.time.Instant;
import java.util.function.Consumer;

/** Stands in for a press: takes its time, and stalls half-way on a stack it refuses. */
final class SimulatedFeeder implements Feeder {

    private static final double STALLS_AT = 0.35;

    /** What is remembered of it. */
    record State(boolean feeding, Instant since, double seconds, boolean refuses) {
        static final State IDLE = new State(false, Instant.EPOCH, 1, false);
    }

    private final HiddenRig rig;
    private final Instant now;
    private final Consumer<State> keep;
    private State state;

    SimulatedFeeder(HiddenRig rig, State state, Instant now, Consumer<State> keep) {
        this.rig = rig;
        this.state = state;
        this.now = now;
        this.keep = keep;
    }

    @Override
    public PressReading read() {
        if (!state.feeding) {
            return new PressReading(Feeder.State.IDLE, 0);
        }
        double share = Duration.between(state.since, now).toMillis() / 1000.0 / state.seconds;
        if (state.refuses && share >= STALLS_AT) {
            return new PressReading(Feeder.State.STALLED, STALLS_AT);
        }
        return share >= 1
                ? new PressReading(Feeder.State.THROUGH, 1)
                : new PressReading(Feeder.State.FEEDING, Math.max(0, share));
    }

    @Override
    public void feed(Fed stack, double seconds) {
        boolean refuses = stack.setUp().machine() instanceof Press press
                && rig.pull(stack.setUp(), stack.luck()).forceN() > press.maxForceN();
        set(new State(true, now, Math.max(0.5, seconds), refuses));
    }

    @Override
    public void clear() {
        set(State.IDLE);
    }

    private void set(State changed) {
        state = changed;
        keep.accept(changed);
    }
}
