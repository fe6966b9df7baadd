package glanzen.app.browser;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Caller;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import tools.jackson.databind.JsonNode;

/** Somebody's own bench: nothing is simulated, and nothing is there at first. */
class OwnBenchTest extends OwnJourney {

    private static final int FORECAST_CLICKS = 0;
    /** One more than the fourteen wished for: a list that is not ticked is asked about. */
    private static final int LOGGED_CLICKS = 15;

    /** Goes on with Space until an instruction comes; every Space counts. */
    private void until(String instruction) {
        for (int i = 0; i < 14; i++) {
            if (browser.text("h1").contains(instruction)) {
                return;
            }
            onward();
        }
        throw new AssertionError("never came to: " + instruction);
    }

    @Test
    void fromNothingToALoggedPull() {
        browser.open("/");
        browser.see("h1", "Choose what looks like yours");
        browser.see("p", "would come out clean, untried");
        assertTrue(clicks <= FORECAST_CLICKS, "a forecast after " + clicks + " clicks");
        assertEquals(List.of(), browser.serious());
        press("Heated platform");
        press("Heated platform, large");
        browser.see("p", "throat");
        press("Heated platform, large");
        press("Heated platform");
        browser.see("p", "would come out clean, untried");

        // Trying other machines was a detour.
        clicks = 0;
        press("See the first pull");
        browser.see("[data-testid=twenty]");
        press("Run it");
        browser.see("h1", "Get everything ready");
        assertFalse(run().path("simulated").asBoolean());
        assertTrue(run().path("platform").path("celsius").isMissingNode(), "nobody reads it");
        until("Look at the pull");
        assertEquals(List.of(), browser.serious());
        press("Log the pull");
        logged();
        browser.until(() -> browser.place().startsWith("/pulls/"));
        assertTrue(clicks <= LOGGED_CLICKS, clicks + " clicks to a logged pull");
        JsonNode pulls = bench.caller().get("/api/pulls").json();
        assertEquals(1, pulls.path("total").asInt());
        assertFalse(pulls.path("pulls").get(0).path("pictured").asBoolean());
    }

    @Test
    void aBatchOfSixWithARejectAndANightBetween() {
        Caller caller = bench.caller();
        String id = caller.post(
                        "/api/beginnings?keep=true",
                        "{\"kinds\": [\"crank-narrow\", \"platform-a5\", \"outer-plates\", \"plastic-shim\", \"spacer\","
                                + " \"card-shims\", \"paper-shims\", \"foil-gold\", \"card-white\", \"plate-words\"]}")
                .json()
                .path("setUpId")
                .asString();
        browser.open("/stack/" + id);
        browser.see("[data-testid=twenty]");
        browser.fill("input[name=wanted]", "6");
        browser.keys(Keys.TAB);
        press("Run 6");
        browser.see("h1", "Get everything ready");
        until("Put the platform back");
        browser.keys(" ");
        browser.see("h1", "The plate lies there");
        browser.keys("l");
        logged();
        browser.see("section", "1 of 6");
        until("Put the platform back");
        browser.keys(" ");
        browser.see("h1", "The plate lies there");
        browser.keys("s");
        browser.see("section", "2 of 6");
        press("Its ready light is back");
        browser.until(() -> {
            String platform =
                    run().path("draft").path("onPlatform").path("platformId").asString();
            JsonNode told = bench.caller().get("/api/runs/told/" + platform).json();
            return told.path("againSeconds").asDouble() > 0;
        });

        press("Pause for now");
        browser.see("h1", "Paused");
        browser.see("div", "still switched on, and hot");
        press("It is off, and in its place");
        browser.until(() -> !run().path("platform").path("on").asBoolean());
        bench.restart();
        browser.reload();
        browser.see("h1", "Paused");
        press("Go on");
        browser.see("h1", "Get everything ready");
        until("Put the platform back");
        browser.keys(" ");
        browser.see("h1", "The plate lies there");
        browser.keys("l");
        browser.press("label", "under");
        logged();
        browser.see("section", "1 rejected");
        for (int good = 3; good <= 5; good++) {
            until("Put the platform back");
            browser.keys(" ");
            browser.see("h1", "The plate lies there");
            browser.keys("l");
            logged();
            browser.see("section", good + " of 6");
        }
        until("Look at the pull");
        browser.keys(" ");
        logged();
        browser.see("h1", "Logged");
        JsonNode run = run();
        assertEquals("LOGGED", run.path("status").asString());
        assertEquals(6, run.path("batch").path("good").asInt());
        JsonNode made = bench.caller()
                .get("/api/pulls/of-run/" + run.path("id").asString())
                .json();
        assertEquals(7, made.path("pulls").size());
    }
}
