package glanzen.app.keeping;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

class TransactionalCacheTest {

    private final TransactionalCache<Integer> mind = new TransactionalCache<>();
    private int reads;

    private int get() {
        return mind.get(() -> ++reads);
    }

    private static void begin() {
        TransactionSynchronizationManager.initSynchronization();
    }

    private static void end() {
        TransactionSynchronizationManager.getSynchronizations()
                .forEach(s -> s.afterCompletion(TransactionSynchronization.STATUS_COMMITTED));
        TransactionSynchronizationManager.clearSynchronization();
    }

    @AfterEach
    void clear() {
        if (TransactionSynchronizationManager.isSynchronizationActive()) {
            TransactionSynchronizationManager.clearSynchronization();
        }
    }

    @Test
    void whatWasReadIsNotReadAgain() {
        assertEquals(1, get());
        assertEquals(1, get());
        assertEquals(1, reads);
    }

    @Test
    void whileItIsChangingNothingIsKept() {
        get();
        begin();
        mind.changing();
        assertEquals(2, get());
        assertEquals(3, get(), "neither the old nor the new may stay");
        end();
        assertEquals(4, get());
        assertEquals(4, get());
    }

    @Test
    void twoChangesInOneTransactionEndTogether() {
        begin();
        mind.changing();
        mind.changing();
        get();
        end();
        int settled = get();
        assertEquals(settled, get());
    }
}
