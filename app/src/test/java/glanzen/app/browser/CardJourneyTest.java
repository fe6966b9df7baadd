package glanzen.app.browser;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Caller;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.Select;
import tools.jackson.databind.JsonNode;

/** A card is put together on the screen before anything is glued. */
class CardJourneyTest extends BrowserTest {

    private static final String JOB = """
            {"name": "Trial card", "cards": 2, "pieces": [
              {"name": "Base", "stockId": "white-350", "perCard": 1, "widthMm": 148, "heightMm": 105,
               "operations": [{"kind": "FOLD", "note": ""}]},
              {"name": "Panel", "stockId": "ivory-300", "perCard": 1, "widthMm": 80, "heightMm": 60, "operations": []},
              {"name": "Seal", "stockId": "white-350", "perCard": 1, "widthMm": 40, "heightMm": 40, "operations": []}]}""";

    CardJourneyTest(Caller caller) {
        super(caller);
    }

    private JsonNode kept(String id) {
        for (JsonNode job : caller.get("/api/jobs").json()) {
            if (job.path("id").asString().equals(id)) {
                return job;
            }
        }
        throw new AssertionError(id);
    }

    @Test
    void aRaisedPieceIsTooThickForItsEnvelopeUntilItsFoamIsThinner() {
        String id = caller.post("/api/jobs", JOB).json().path("id").asString();
        browser.open("/card/" + id);
        browser.press("button", "Arrange the pieces");
        browser.press("[role=button][aria-label^='Panel']");
        browser.fill("input[name='mounted.showingMm']", "6 mm" + Keys.TAB);
        browser.until(
                () -> kept(id).path("job").path("pieces").get(1).path("widthMm").asDouble() == 136);
        WebElement seal = browser.see("[role=button][aria-label^='Seal']");
        seal.sendKeys(Keys.ENTER);
        browser.see("h2", "Seal");
        new Select(browser.see("select[name='mounted.foamMm']")).selectByVisibleText("6 mm");
        browser.see("[data-rule=envelope-thick]");
        browser.press("button", "Seal on");
        browser.press("button", "Seal on");
        browser.press("button", "Seal on");
        browser.until(() -> browser.all("[data-rule=envelope-thick]").isEmpty());
        browser.see("[role=button][aria-label^='Seal']").sendKeys(Keys.ARROW_RIGHT);
        browser.see("p", "1 mm right of the centre line");
        JsonNode card = caller.get("/api/cards/" + id).json();
        assertEquals(
                136, kept(id).path("job").path("pieces").get(1).path("widthMm").asDouble());
        browser.until(() -> caller.get("/api/cards/" + id).json().toString().contains("\"mm\":1.0"));
        assertEquals(
                "Cream C6", card.path("card").path("envelope").path("name").asString(), "the kit's own comes first");
        browser.press("button", "Turn it over");
        browser.see("svg[aria-label='The card from outside, turned over']");
        browser.press("button", "Face up again");
        String across =
                String.valueOf(browser.see("svg[aria-label^='Cut through']").getDomAttribute("aria-label"));
        browser.see("circle[aria-label^='Where the cut begins']").sendKeys(Keys.ARROW_UP);
        browser.see("button", "Through the middle again");
        assertTrue(across.contains("at its thickest"), across);
        browser.press("button", "Guide me step by step");
        browser.see("h2", "Score and fold the base");
        browser.script("document.activeElement.blur()");
        browser.keys(" ");
        browser.see("h2", "Panel on the base");
        browser.press("button", "Stop");
        browser.open("/kit/foams");
        browser.see("h1", "Kit");
        browser.open("/card/" + id);
        browser.press("button", "Guide me step by step");
        browser.see("h2", "Panel on the base");
        String link = browser.see("a[href*='paper.pdf?kind=ASSEMBLY']").getDomAttribute("href");
        assertTrue(caller.get(String.valueOf(link)).bytes().length > 1000);
    }
}
