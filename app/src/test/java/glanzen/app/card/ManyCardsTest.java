package glanzen.app.card;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.measure.BadInput;
import java.util.Collections;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

/** Many cards are worked out by many hands, and none is let through that cannot be. */
class ManyCardsTest {

    private final AtomicInteger done = new AtomicInteger();

    @Test
    void allAreDoneOnceItIsFinished() {
        try (ManyCards cards = new ManyCards(Collections.nCopies(500, done::incrementAndGet))) {
            cards.finish();
        }
        assertEquals(500, done.get());
    }

    @Test
    void oneThatCannotBeWorkedOutIsSaidWhoeverHasIt() {
        Runnable broken = () -> {
            throw new BadInput("card.base", "is as wide as nothing", "a base");
        };
        try (ManyCards cards = new ManyCards(Collections.nCopies(50, broken))) {
            BadInput said = assertThrows(BadInput.class, cards::finish);
            assertEquals("card.base", said.problems().get(0).field());
        }
    }

    @Test
    void whatIsNoLongerWantedIsNotBegun() throws InterruptedException {
        CountDownLatch closed = new CountDownLatch(1);
        Runnable waiting = () -> {
            try {
                closed.await();
            } catch (InterruptedException ended) {
                Thread.currentThread().interrupt();
            }
            done.incrementAndGet();
        };
        ManyCards cards = new ManyCards(Collections.nCopies(500, waiting));
        cards.close();
        closed.countDown();
        cards.finish();
        assertTrue(done.get() < 500, "only those in hand were finished");
    }
}
