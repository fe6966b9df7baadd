package glanzen.app.keeping;

import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Something read from the database and kept until it changes. While anyone is changing it nothing is kept, since what is
 * read then may be neither the old nor the new.
 */
public final class TransactionalCache<T> {

    private final AtomicInteger changing = new AtomicInteger();
    private volatile @Nullable T kept;

    /** What is kept, or else read now. */
    public T get(Supplier<T> read) {
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

    /** To be called inside the transaction that changes it. */
    public void changing() {
        changing.incrementAndGet();
        kept = null;
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                kept = null;
                changing.decrementAndGet();
            }
        });
    }
}
