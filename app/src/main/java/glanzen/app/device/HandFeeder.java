package glanzen.app.device;

/** A press that a person turns: the person says when it is through, or that it refuses. */
final class HandFeeder implements Feeder {

    @Override
    public PressReading read() {
        return new PressReading(State.IDLE, 0);
    }

    @Override
    public void feed(Fed stack, double seconds) {
        // The person feeds.
    }

    @Override
    public void clear() {
        // The person clears.
    }
}
