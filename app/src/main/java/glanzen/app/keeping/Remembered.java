package glanzen.app.keeping;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Things that are read from the database once, and again only where they change. What somebody is changing is read each time it
 * is asked for, since it may be the old or the new; the transaction that changes it sees it as changed and keeps that to itself.
 *
 * @param <T> a thing
 * @param <V> what is made of them all
 */
public final class Remembered<T, V> {

    /** How they are read. */
    public interface Reading<T, V> {

        /** Everything, by its key. */
        Map<String, T> everything();

        /**
         * One thing as it is now; nothing if it is gone.
         *
         * @param known as it was, to be answered if it still is that
         */
        Optional<T> again(String key, @Nullable T known);

        /** What is made of them. */
        V view(Collection<T> things);
    }

    /** What was read. Another one is another reading, even of the same things. */
    private record Known<T, V>(boolean read, Map<String, T> things, V view) {}

    /** What one transaction is changing, and what it has read since. */
    private static final class Own {
        private final Set<String> keys = new HashSet<>();
        private boolean everything;
        private @Nullable Object read;
    }

    private final Reading<T, V> reading;
    private final AtomicReference<Known<T, V>> known;

    /** What is being changed, and by how many. */
    private final Map<String, Integer> changing = new ConcurrentHashMap<>();

    private final AtomicInteger changingEverything = new AtomicInteger();

    /** What was changed since it was read, and in which turn. */
    private final Map<String, Long> changed = new ConcurrentHashMap<>();

    private final AtomicLong turns = new AtomicLong();

    public Remembered(Reading<T, V> reading) {
        this.reading = reading;
        known = new AtomicReference<>(nothing());
    }

    private Known<T, V> nothing() {
        return new Known<>(false, Map.of(), reading.view(Set.of()));
    }

    /** What is made of all things as they are. */
    @SuppressWarnings("unchecked")
    public V get() {
        if (TransactionSynchronizationManager.getResource(this) instanceof Own own) {
            V mine = own.read == null ? read(known.get()).view : (V) own.read;
            own.read = mine;
            return mine;
        }
        if (TransactionSynchronizationManager.getCurrentTransactionIsolationLevel() != null) {
            // It looks at one moment, which may be an earlier one than now.
            return reading.view(reading.everything().values());
        }
        Known<T, V> before = known.get();
        boolean settled = changingEverything.get() == 0;
        Map<String, Long> since = Map.copyOf(changed);
        Known<T, V> now = read(before);
        if (settled && known.compareAndSet(before, now)) {
            since.forEach(changed::remove);
        }
        return now.view;
    }

    private Known<T, V> read(Known<T, V> before) {
        if (!before.read || changingEverything.get() > 0) {
            Map<String, T> things = reading.everything();
            return new Known<>(true, things, reading.view(things.values()));
        }
        // What is being changed becomes what was changed, so it is asked for first.
        Set<String> stale = new HashSet<>(changing.keySet());
        stale.addAll(changed.keySet());
        Map<String, T> others = new HashMap<>();
        for (String key : stale) {
            T was = before.things.get(key);
            T is = reading.again(key, was).orElse(null);
            if (is != was) {
                others.put(key, is);
            }
        }
        return others.isEmpty() ? before : changed(before, others);
    }

    private Known<T, V> changed(Known<T, V> before, Map<String, @Nullable T> others) {
        Map<String, T> things = new HashMap<>(before.things);
        others.forEach((key, thing) -> {
            if (thing == null) {
                things.remove(key);
            } else {
                things.put(key, thing);
            }
        });
        return new Known<>(true, things, reading.view(things.values()));
    }

    /** To be called inside the transaction that changes a thing, before each change. */
    public void changing(String key) {
        Own own = own();
        if (own.keys.add(key)) {
            changing.merge(key, 1, Integer::sum);
        }
    }

    /** To be called inside the transaction that changes everything, before it does. */
    public void changingEverything() {
        Own own = own();
        if (!own.everything) {
            own.everything = true;
            changingEverything.incrementAndGet();
        }
    }

    private Own own() {
        if (TransactionSynchronizationManager.getResource(this) instanceof Own own) {
            own.read = null;
            return own;
        }
        Own fresh = new Own();
        TransactionSynchronizationManager.bindResource(this, fresh);
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                TransactionSynchronizationManager.unbindResourceIfPossible(Remembered.this);
                ended(fresh);
            }
        });
        return fresh;
    }

    private void ended(Own own) {
        long turn = turns.incrementAndGet();
        for (String key : own.keys) {
            changed.put(key, turn);
            changing.computeIfPresent(key, (k, many) -> many == 1 ? null : many - 1);
        }
        if (own.everything) {
            known.set(nothing());
            changingEverything.decrementAndGet();
        }
    }
}
