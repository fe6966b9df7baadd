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
        T known = kept;
        if (known != null) {
            return known;
        }
        T fresh = read.get();
        if (changing.get() == 0) {
            kept = fresh;
            // A change may have begun between the reading and the keeping.
            if (changing.get() != 0) {
                kept = null;
            }
        }
        return fresh;
    }

    /** To be called inside the transaction that changes it, before each change. */
    public void changing() {
        if (TransactionSynchronizationManager.getResource(this) instanceof Own own) {
            own.read = null;
            return;
        }
        TransactionSynchronizationManager.bindResource(this, new Own());
        changing.incrementAndGet();
        kept = null;
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                TransactionSynchronizationManager.unbindResourceIfPossible(TransactionalCache.this);
                kept = null;
                changing.decrementAndGet();
            }
        });
    }
}
