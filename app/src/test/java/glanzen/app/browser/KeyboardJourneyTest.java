package glanzen.app.browser;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Asked;
import glanzen.app.Caller;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import tools.jackson.databind.JsonNode;

/** Every main task without a mouse: nothing here is clicked, and the focus is seen wherever it goes. Drills have a test of their own. */
class KeyboardJourneyTest extends BrowserTest {

    KeyboardJourneyTest(Caller caller) {
        super(caller);
    }

    private String setUp(String name) {
        return Asked.setUp(caller, name).path("id").asString();
    }

    private String draft(String id) {
        return caller.get("/api/set-ups/" + id).json().path("draft").toString();
    }

    @Test
    void aDesignIsLaidOut() {
        String id = setUp("Prize card, First");
        String before = draft(id);
        browser.open("/layout/" + id);
        browser.see("[data-plate=first]");
        browser.reach("[data-plate=first]");
        browser.keys(Keys.ARROW_UP);
        browser.until(() -> !draft(id).equals(before));
        String nudged = draft(id);
        browser.reach("#words");
        browser.keys("25 mm from the top, centred", Keys.ENTER);
        browser.until(() -> !draft(id).equals(nudged));
        browser.chord(Keys.CONTROL, "z");
    }

    @Test
    void aStackIsChanged() {
        String id = setUp("Prize card, Second");
        String before = draft(id);
        browser.open("/stack/" + id);
        browser.see("[data-testid=twenty]");
        browser.reach("[data-layer]");
        browser.keys(Keys.DELETE);
        browser.until(() -> !draft(id).equals(before));
        browser.reach("button", "Undo");
        browser.keys(Keys.ENTER);
        browser.until(() -> draft(id).equals(before));
        browser.reach("input[name=soakSeconds]");
        browser.chord(Keys.CONTROL, "a");
        browser.keys("80 s", Keys.TAB);
        browser.until(() -> draft(id).contains("\"soakSeconds\":80"));
    }

    @Test
    void aPullIsRunAndLogged() {
        int logged = caller.get("/api/pulls").json().path("total").asInt();
        browser.open("/stack/" + setUp("Prize card, bee"));
        browser.see("[data-testid=twenty]");
        browser.reach("button", "Run it");
        browser.keys(Keys.ENTER);
        browser.see("h1", "Get everything ready");
        browser.reach("button", "60×");
        browser.keys(Keys.ENTER);
        while (!browser.see("h1").getText().startsWith("Look at the pull")) {
            browser.onward(() -> {
                browser.reach("section[aria-label=Now] button.press-strong");
                browser.keys(Keys.ENTER);
            });
        }
        browser.keys("l");
        browser.see("dialog[open] input[type=radio]");
        browser.reach("dialog input[type=radio]");
        browser.keys(Keys.SPACE);
        browser.reach("dialog button", "Log this pull");
        browser.keys(Keys.ENTER);
        browser.until(() -> browser.place().startsWith("/pulls/pull-"));
        assertEquals(logged + 1, caller.get("/api/pulls").json().path("total").asInt());
    }

    @Test
    void aCardIsArranged() {
        JsonNode job = caller.get("/api/jobs").json().get(0);
        String path = "/api/cards/" + job.path("id").asString();
        String before = caller.get(path).json().path("card").toString();
        browser.open("/card/" + job.path("id").asString());
        browser.see("[role=button][aria-label^='Rosette']");
        browser.reach("[role=button][aria-label^='Rosette']");
        browser.keys(Keys.ARROW_RIGHT);
        browser.until(() -> !caller.get(path).json().path("card").toString().equals(before));
        browser.reach("input[type=range]");
        String apart = String.valueOf(browser.see("input[type=range]").getDomProperty("value"));
        browser.keys(Keys.ARROW_LEFT);
        assertNotEquals(apart, browser.see("input[type=range]").getDomProperty("value"));
    }

    @Test
    void anEveningIsPlanned() {
        browser.open("/bench");
        browser.see("button", "Delete plan");
        browser.reach("button", "Delete plan");
        browser.keys(Keys.ENTER);
        browser.see("button", "Plan an evening");
        browser.reach("button", "Plan an evening");
        browser.keys(Keys.ENTER);
        browser.see("legend", "When you are at the bench");
        browser.reach("dialog button", "Make the plan");
        browser.keys(Keys.ENTER);
        browser.see("svg[aria-label^='The plan of']");
        assertTrue(caller.get("/api/bench").json().path("eveningId").isString());
    }
}
