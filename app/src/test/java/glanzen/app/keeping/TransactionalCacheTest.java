package glanzen.app.keeping;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.sql.Connection;
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
    void whoChangesItKeepsWhatIsReadToItselfUntilTheNextChange() {
        get();
        begin();
        mind.changing();
        assertEquals(2, get());
        assertEquals(2, get());
        mind.changing();
        assertEquals(3, get());
        end();
        assertEquals(4, get(), "neither the old nor what was changed may stay");
        assertEquals(4, get());
    }

    @Test
    void whileSomebodyElseIsChangingItNothingIsKept() throws InterruptedException {
        begin();
        mind.changing();
        Thread other = new Thread(() -> {
            get();
            get();
        });
        other.start();
        other.join();
        assertEquals(2, reads, "neither the old nor the new may stay");
        end();
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

    @Test
    void whatWasReadAcrossAWholeChangeIsNotKept() {
        mind.get(() -> {
            int old = ++reads;
            begin();
            mind.changing();
            end();
            return old;
        });
        assertEquals(2, get(), "what was read before the change");
        assertEquals(2, get());
    }

    @Test
    void whoLooksAtOneMomentNeitherKeepsItNorIsGivenALaterOne() {
        get();
        TransactionSynchronizationManager.setCurrentTransactionIsolationLevel(Connection.TRANSACTION_REPEATABLE_READ);
        try {
            assertEquals(2, get());
        } finally {
            TransactionSynchronizationManager.setCurrentTransactionIsolationLevel(null);
        }
        assertEquals(1, get());
    }
}
