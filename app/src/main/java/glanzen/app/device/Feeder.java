package glanzen.app.device;

import glanzen.setup.SetUp;

/** What feeds a stack, real or simulated. */
public interface Feeder {

    /** What it is doing. */
    enum State {
        IDLE,
        FEEDING,
        THROUGH,
        STALLED
    }

    /**
     * How far it is.
     *
     * @param state what it is doing
     * @param share of the stack that is through, 0…1
     */
    record PressReading(State state, double share) {}

    PressReading read();

    /**
     * Feeds a stack.
     *
     * @param stack what is fed
     * @param seconds how long that takes
     */
    void feed(Fed stack, double seconds);

    /**
     * What goes through.
     *
     * @param setUp as it is meant to be
     * @param luck tells one pull of it from the next
     */
    record Fed(SetUp setUp, long luck) {}

    /** Lets go: reverses out what is stuck, or ends a pass. */
    void clear();
}
