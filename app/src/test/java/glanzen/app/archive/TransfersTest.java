package glanzen.app.archive;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import glanzen.app.archive.Transfers.Stage;
import glanzen.app.archive.Transfers.Transfer;
import glanzen.app.web.Conflict;
import org.junit.jupiter.api.Test;

/** How far a workshop is on its way, and what becomes of one that is given up. */
class TransfersTest {

    private final Transfers transfers = new Transfers();

    @Test
    void theLatestIsTold() {
        assertEquals(new Stage("", 0, 0), transfers.now());
        Transfer first = transfers.begin();
        first.stage("Keeping pulls", 20);
        first.done(7);
        assertEquals(new Stage("Keeping pulls", 7, 20), transfers.now());
        Transfer second = transfers.begin();
        first.close();
        assertEquals("Beginning", transfers.now().stage(), "the first says nothing any more");
        second.close();
        assertEquals("", transfers.now().stage());
    }

    @Test
    void whatIsGivenUpEndsAtItsNextStep() {
        transfers.cancel();
        try (Transfer transfer = transfers.begin()) {
            transfer.done(1);
            transfers.cancel();
            assertThrows(Conflict.class, () -> transfer.done(2));
            assertThrows(Conflict.class, () -> transfer.stage("Finishing", 0));
        }
    }
}
