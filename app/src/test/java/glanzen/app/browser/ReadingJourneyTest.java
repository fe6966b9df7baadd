package glanzen.app.browser;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Asked;
import glanzen.app.Caller;
import glanzen.diagnosis.Cause;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A pull that came out badly, read off a picture; the change that is proposed, taken; a better one. */
class ReadingJourneyTest extends BrowserTest {

    ReadingJourneyTest(Caller caller) {
        super(caller);
    }

    @Test
    void aPullIsReadItsNextChangeTakenAndTheSecondIsBetter() {
        JsonNode start = Asked.fresh(caller, "Read me");
        String draft = Asked.soaking(start.path("draft"), 5).toString();
        String id = start.path("id").asString();
        caller.put(
                "/api/set-ups/" + id + "?version=" + start.path("version").asLong(),
                "{\"name\": \"Read me\", \"draft\": %s}".formatted(draft));

        double first = read(pulled(id));
        assertTrue(first < 97, "five seconds are too few: " + first);
        browser.see("li", "too little heat, time or pressure");
        assertEquals(List.of(), browser.serious());
        browser.press("button", "Log this one and change the set-up");
        browser.until(() -> browser.place().startsWith("/stack/"));
        String next = browser.place().replace("/stack/", "");
        JsonNode logged = caller.get("/api/pulls?size=1").json().path("pulls").get(0);
        assertNotEquals("CLEAN", logged.path("outcome").asString());
        assertEquals(first, 100 * logged.path("coverage").asDouble(), 0.6);
        assertTrue(logged.path("pictured").asBoolean());
        // Each run has luck of its own; now and then what is bare is strewn as if the stock were rough. More heat mends
        // both.
        Cause cause = Cause.valueOf(logged.path("read").path("cause").asString());
        assertTrue(Set.of(Cause.TOO_LITTLE, Cause.TEXTURE).contains(cause), cause.toString());
        assertEquals(
                200,
                caller.get("/api/pulls/" + logged.path("id").asString() + "/straight")
                        .status());

        double second = read(pulled(next));
        assertTrue(second > first, second + " after " + first);
        browser.see("p", "After “use more heat, time or pressure” it came out");
    }

    /** The run of a set-up, quickly done, up to where it is looked at. */
    private String pulled(String setUpId) {
        JsonNode run = caller.post("/api/runs?setUpId=" + setUpId, "").json();
        String id = run.path("id").asString();
        caller.put("/api/runs/" + id + "/speed?speed=240", "");
        for (int line = 0; line < run.path("preflight").size(); line++) {
            caller.put("/api/runs/" + id + "/preflight/" + line + "?done=true", "");
        }
        browser.until(() -> {
            JsonNode now = caller.get("/api/runs/" + id).json();
            boolean made = now.path("batch").path("toLog").asInt() > 0;
            if (!made) {
                caller.post(
                        "/api/runs/" + id + "/actions?action=NEXT&version="
                                + now.path("version").asLong(),
                        "");
            }
            return made;
        });
        return id;
    }

    /** Per cent that the page says are covered. */
    private double read(String runId) {
        browser.open("/pulls/read?run=" + runId);
        browser.press("button", "Take it with the simulated camera");
        assertTrue(
                browser.within(Duration.ofSeconds(25), () -> browser.text("h1").contains("% of ")),
                () -> browser.text("#main"));
        return Double.parseDouble(browser.text("h1").replaceAll(".*?([\\d.]+) % of .*", "$1"));
    }
}
