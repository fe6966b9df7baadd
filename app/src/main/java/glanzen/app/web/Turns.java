package glanzen.app.web;

import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;

/** One after another, in the order they came. */
public final class Turns {

    private final Lock turn = new ReentrantLock(true);

    /** Does something when its turn comes. */
    public <T> T take(Supplier<T> what) {
        turn.lock();
        try {
            return what.get();
        } finally {
            turn.unlock();
        }
    }
}
