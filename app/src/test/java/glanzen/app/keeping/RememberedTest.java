package glanzen.app.keeping;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.sql.Connection;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

class RememberedTest {

    /** What is kept, and what was asked of it. */
    private final Map<String, String> kept = new TreeMap<>(Map.of("a", "a1", "b", "b1"));

    private final List<String> asked = new ArrayList<>();
    private Runnable meanwhile = () -> {};
    private final Remembered<String, String> mind = new Remembered<>(new Remembered.Reading<>() {
        @Override
        public Map<String, String> everything() {
            asked.add("everything");
            Map<String, String> read = Map.copyOf(kept);
            meanwhile.run();
            return read;
        }

        @Override
        public Optional<String> again(String key, @Nullable String known) {
            asked.add(key);
            String is = kept.get(key);
            Optional<String> read = is != null && is.equals(known) ? Optional.of(known) : Optional.ofNullable(is);
            meanwhile.run();
            return read;
        }

        @Override
        public String view(Collection<String> things) {
            return String.join(" ", things.stream().sorted().toList());
        }
    });

    private static void begin() {
        TransactionSynchronizationManager.initSynchronization();
    }

    private void change(String key, @Nullable String changed) {
        mind.changing(key);
        if (changed == null) {
            kept.remove(key);
        } else {
            kept.put(key, changed);
        }
    }

    private static void end() {
        TransactionSynchronizationManager.getSynchronizations()
                .forEach(s -> s.afterCompletion(TransactionSynchronization.STATUS_COMMITTED));
        TransactionSynchronizationManager.clearSynchronization();
    }

    private void changed(String key, @Nullable String changed) {
        begin();
        change(key, changed);
        end();
    }

    /** Somebody else, with a transaction of their own. */
    private static void elsewhere(Runnable what) {
        CompletableFuture.runAsync(what).join();
    }

    @AfterEach
    void clear() {
        if (TransactionSynchronizationManager.isSynchronizationActive()) {
            TransactionSynchronizationManager.clearSynchronization();
        }
    }

    @Test
    void whatWasReadIsReadAgainOnlyWhereItChanged() {
        assertEquals("a1 b1", mind.get());
        assertEquals("a1 b1", mind.get());
        changed("a", "a2");
        changed("c", "c1");
        changed("b", null);
        assertEquals("a2 c1", mind.get());
        assertEquals("a2 c1", mind.get());
        assertEquals(
                List.of("everything", "a", "b", "c"),
                asked.stream().sorted(this::everythingFirst).toList());
    }

    private int everythingFirst(String one, String other) {
        return one.length() == other.length() ? one.compareTo(other) : other.length() - one.length();
    }

    @Test
    void whoChangesAThingKeepsItToItselfUntilItIsSo() {
        mind.get();
        begin();
        change("a", "a2");
        assertEquals("a2 b1", mind.get());
        kept.put("a", "a1");
        assertEquals("a2 b1", mind.get(), "read once until the next change");
        elsewhere(() -> assertEquals("a1 b1", mind.get(), "what is kept for everybody"));
        change("b", "b2");
        assertEquals("a1 b2", mind.get());
        end();
        assertEquals("a1 b2", mind.get());
    }

    @Test
    void whatSomebodyIsChangingIsReadEachTime() {
        mind.get();
        begin();
        mind.changing("a");
        elsewhere(() -> assertEquals("a1 b1", mind.get()));
        kept.put("a", "a2");
        elsewhere(() -> assertEquals("a2 b1", mind.get(), "it may be so already"));
        end();
        asked.clear();
        assertEquals("a2 b1", mind.get());
        assertEquals("a2 b1", mind.get());
        assertEquals(List.of("a"), asked, "once more, and not again");
    }

    @Test
    void whatChangedWhileItWasReadIsReadOnceMore() {
        mind.get();
        changed("a", "a2");
        meanwhile = () -> {
            meanwhile = () -> {};
            elsewhere(() -> changed("a", "a3"));
        };
        assertEquals("a2 b1", mind.get(), "as it was when it was asked for");
        assertEquals("a3 b1", mind.get());
    }

    @Test
    void whatWasReadAcrossAChangeOfEverythingIsForgotten() {
        meanwhile = () -> {
            meanwhile = () -> {};
            elsewhere(() -> {
                begin();
                mind.changingEverything();
                kept.clear();
                kept.put("z", "z1");
                end();
            });
        };
        assertEquals("a1 b1", mind.get(), "as it was when it was asked for");
        assertEquals("z1", mind.get());
    }

    @Test
    void whileEverythingIsChangedAllOfItIsReadEachTime() {
        mind.get();
        begin();
        mind.changingEverything();
        elsewhere(() -> assertEquals("a1 b1", mind.get()));
        kept.remove("a");
        elsewhere(() -> assertEquals("b1", mind.get()));
        assertEquals("b1", mind.get());
        end();
        assertEquals("b1", mind.get());
    }

    @Test
    void whoLooksAtOneMomentNeitherKeepsItNorIsGivenALaterOne() {
        mind.get();
        kept.put("a", "a0");
        TransactionSynchronizationManager.setCurrentTransactionIsolationLevel(Connection.TRANSACTION_REPEATABLE_READ);
        try {
            assertEquals("a0 b1", mind.get());
        } finally {
            TransactionSynchronizationManager.setCurrentTransactionIsolationLevel(null);
        }
        assertEquals("a1 b1", mind.get());
    }
}
