package glanzen.app.browser;

import static org.junit.jupiter.api.Assertions.assertEquals;

import glanzen.app.Caller;
import glanzen.app.OwnBench;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Whatever is pressed in whatever order, nothing breaks. More steps and another seed: {@code scripts/wander SEED STEPS}. */
class WanderTest extends BrowserTest {

    private static final long SEED = Long.getLong("wander.seed", 29);
    private static final int STEPS = Integer.getInteger("wander.steps", 150);

    WanderTest(Caller caller) {
        super(caller);
    }

    @Test
    void nothingBreaksInTheDemo() {
        assertEquals(List.of(), new Wanderer(browser, SEED).go(STEPS / 2), "seed " + SEED);
    }

    @Test
    void nothingBreaksInAWorkshopOfOnesOwn() {
        try (OwnBench own = new OwnBench();
                Browser there = new Browser(own.caller().base())) {
            assertEquals(List.of(), new Wanderer(there, SEED).go(STEPS / 2), "seed " + SEED);
        }
    }
}
