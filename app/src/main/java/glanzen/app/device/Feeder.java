package glanzen.app.device;

/** A press, real or simulated. */
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
     * @param seconds how long that takes
     * @param refuses whether the stack is too thick for it
     */
    void feed(double seconds, boolean refuses);

    /** Lets go: reverses out what is stuck, or ends a pass. */
    void clear();
}
