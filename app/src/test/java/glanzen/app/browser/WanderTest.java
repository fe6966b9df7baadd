package glanzen.app.browser;

import static org.junit.jupiter.api.Assertions.assertEquals;

import glanzen.app.Caller;
import glanzen.app.OwnBench;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Whatever is pressed in whatever order, nothing breaks. More steps and another seed: {@code scripts/wander SEED STEPS}. */
class WanderTest extends BrowserTest {

    private static final long SEED = Long.getLong("wander.seed", 29);
    private static final int STEPS = Integer.getInteger("wander.steps", 150);

    /** How fast a page answers decides where the next step leads; so a check is red for what breaks only, and prints the rest. */
    private static final boolean BY_HAND = System.getProperty("wander.steps") != null;

    private static final Pattern BREAKS =
            Pattern.compile("^(error|console|rejected|5\\d\\d|raw placeholder|no value|a window)");

    WanderTest(Caller caller) {
        super(caller);
    }

    @Test
    void nothingBreaksInTheDemo() {
        wander(browser);
    }

    private static void wander(Browser where) {
        List<String> found = new Wanderer(where, SEED).go(STEPS / 2);
        found.forEach(System.out::println);
        assertEquals(
                List.of(),
                found.stream().filter(f -> BY_HAND || BREAKS.matcher(f).find()).toList(),
                "seed " + SEED);
    }

    @Test
    void nothingBreaksInAWorkshopOfOnesOwn() {
        try (OwnBench own = new OwnBench();
                Browser there = new Browser(own.caller().base())) {
            wander(there);
        }
    }
}
