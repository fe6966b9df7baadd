package glanzen.app.keeping;

import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Something read from the database and kept until it changes. While anyone is changing it nothing is kept for others, since what
 * is read then may be neither the old nor the new; the transaction that changes it keeps what it reads to itself, until it
 * changes it again.
 */
public final class TransactionalCache<T> {

    private final AtomicInteger changing = new AtomicInteger();
    /** Counts beginnings and ends of changes: whatever was read across one is not kept. */
    private final AtomicInteger turns = new AtomicInteger();

    private volatile @Nullable T kept;

    /** What the transaction that is changing it has read since. */
    private static final class Own {
        private @Nullable Object read;
    }

    /** What is kept, or else read now. */
    @SuppressWarnings("unchecked")
    public T get(Supplier<T> read) {
        if (TransactionSynchronizationManager.getResource(this) instanceof Own own) {
            T mine = own.read == null ? read.get() : (T) own.read;
            own.read = mine;
            return mine;
        }
        if (TransactionSynchronizationManager.getCurrentTransactionIsolationLevel() != null) {
            // It looks at one moment, which may be an earlier one than now.
            return read.get();
        }
        T known = kept;
        if (known != null) {
            return known;
        }
        int turn = turns.get();
        T fresh = read.get();
        if (still(turn)) {
            kept = fresh;
            // A change may have begun between the asking and the keeping.
            if (!still(turn)) {
                kept = null;
            }
        }
        return fresh;
    }

    private boolean still(int turn) {
        return changing.get() == 0 && turns.get() == turn;
    }

    /** Whether the transaction that asks is changing it: what it reads may never come to be. */
    public boolean mine() {
        return TransactionSynchronizationManager.hasResource(this);
    }

    /** To be called inside the transaction that changes it, before each change. */
    public void changing() {
        if (TransactionSynchronizationManager.getResource(this) instanceof Own own) {
            own.read = null;
            return;
        }
        TransactionSynchronizationManager.bindResource(this, new Own());
        changing.incrementAndGet();
        turns.incrementAndGet();
        kept = null;
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                TransactionSynchronizationManager.unbindResourceIfPossible(TransactionalCache.this);
                turns.incrementAndGet();
                kept = null;
                changing.decrementAndGet();
            }
        });
    }
}
