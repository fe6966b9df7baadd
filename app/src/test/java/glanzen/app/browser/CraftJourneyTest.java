package glanzen.app.browser;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Asked;
import glanzen.app.Caller;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.Select;
import tools.jackson.databind.JsonNode;

/** What a person does without a heated platform, in a browser. */
class CraftJourneyTest extends BrowserTest {

    private static final String PANEL = "section[@aria-labelledby='drying-title']//li[.//strong='Trial badge']";

    CraftJourneyTest(Caller caller) {
        super(caller);
    }

    private void startSetUp(String route, String name, String... picked) {
        browser.open("/bench");
        browser.see("h2", "Set-ups");
        browser.keys("n");
        new Select(browser.see("dialog[open] select")).selectByVisibleText(route);
        for (String thing : picked) {
            browser.press("dialog//label", thing);
        }
        WebElement field = browser.see("dialog[open] input[name=name]");
        field.sendKeys(Keys.chord(Keys.CONTROL, "a"), name);
        browser.press("button", "Build the stack");
        browser.until(() -> browser.place().startsWith("/stack/"));
        browser.see("[data-testid=twenty]");
    }

    /** Ticks nothing off, but goes through every step, and logs it clean. */
    private JsonNode runAndLog(String look) {
        browser.press("button", "Run it");
        browser.see("h1", "Get everything ready");
        browser.press("button", "60×");
        while (!browser.see("h1").getText().startsWith(look)) {
            browser.onward(() -> browser.press("section[aria-label=Now] button.press-strong"));
        }
        browser.press("button", "Log the pull");
        browser.press("button", "Log this pull");
        browser.until(() -> browser.place().startsWith("/pulls/pull-"));
        return caller.get("/api" + browser.place()).json();
    }

    @Test
    void aFlockedBadgeFromStencilToCutOut() {
        startSetUp("gel flock", "Trial badge", "Bee stencil", "Brown flock", "White card");
        browser.press("button", "Spread it now");
        browser.see("button", "Take Trial badge from the Bench");

        browser.open("/bench");
        browser.see("p", "Clean the stencil now");
        browser.press(PANEL + "//button", "Trial badge");
        browser.see("p", "squashed to a blob");
        assertTrue(browser.see("button", "Run it").getDomAttribute("aria-disabled") != null);

        browser.open("/bench");
        dry("Trial badge");
        browser.see(PANEL + "//p", "Press it:");
        browser.press(PANEL + "//button", "Trial badge");
        browser.see("p", ": sound.");
        JsonNode flocked = runAndLog("Look at the pull");
        assertEquals("FLOCK", flocked.path("route").asString());
        assertTrue(
                caller.get("/api/kit").json().path("leftovers").toString().contains("Brown flock, Bee stencil taken"),
                "the negative is kept");

        startSetUp("thin die cut", "Trial badge, cut out", "Scallop 76", "White card");
        browser.see("h3", "Across the throat");
        JsonNode cut = runAndLog("Lift a corner");
        assertEquals("THIN_CUT", cut.path("route").asString());
        assertEquals(List.of(), browser.serious());
    }

    @Test
    void lookingAtStacksOfAllKindsChangesNothing() {
        for (String name :
                List.of("Comb ground in toner", "Honeycomb lace", "Drip card, negative", "Raffle label from scraps")) {
            JsonNode saved = Asked.setUp(caller, name);
            browser.open("/stack/" + saved.path("id").asString());
            browser.until(() -> browser.text("header").contains(name));
            browser.see("[data-testid=twenty]");
            browser.see("[data-testid=schools] button");
            assertEquals(List.of(), browser.serious(), name);
            browser.open("/bench");
            browser.see("h2", "Set-ups");
            assertEquals(saved, Asked.setUp(caller, name));
        }
    }
}
