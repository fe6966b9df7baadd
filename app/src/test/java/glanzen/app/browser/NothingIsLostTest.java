package glanzen.app.browser;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Asked;
import glanzen.app.Caller;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import tools.jackson.databind.JsonNode;

/** What a person typed, and where they came from, stays: however quick the hand, and whatever the server does. */
class NothingIsLostTest extends BrowserTest {

    NothingIsLostTest(Caller caller) {
        super(caller);
    }

    private static void retype(WebElement field, String text) {
        field.sendKeys(Keys.chord(Keys.CONTROL, "a"), text);
    }

    @Test
    void whatIsTypedIsKeptThoughItsFieldWasNeverLeft() {
        browser.open("/kit/boards");
        browser.press("button", "Add a board");
        browser.see("dialog[open] input[name=name]").sendKeys("Quick shim");
        retype(browser.see("dialog[open] input[name=thicknessMm]"), "3/16 in");
        browser.script("[...document.querySelectorAll('dialog[open] button')]"
                + ".find(b => b.textContent.trim() === 'Save').click()");
        browser.see("strong", "Quick shim");
        assertEquals(4.7625, board("Quick shim").path("thicknessMm").asDouble(), 1e-9);
    }

    @Test
    void whatCannotBeReadIsNotKeptAsSomethingElse() {
        browser.open("/kit/boards");
        browser.press("button", "Add a board");
        browser.see("dialog[open] input[name=name]").sendKeys("Doubtful shim");
        retype(browser.see("dialog[open] input[name=thicknessMm]"), "rather thin");
        browser.press("button", "Save");
        browser.see("p", "One of the entries can't be read");
        assertTrue(board("Doubtful shim").isMissingNode());
    }

    private JsonNode board(String name) {
        for (JsonNode kept : caller.get("/api/kit").json().path("boards")) {
            if (kept.path("item").path("name").asString().equals(name)) {
                return kept.path("item");
            }
        }
        return tools.jackson.databind.node.MissingNode.getInstance();
    }

    @Test
    void anEditIsKeptThroughAReloadAndWhileNobodyAnswers() {
        String id = Asked.fresh(caller, "Kept through").path("id").asString();
        browser.open("/stack/" + id);
        browser.see("input[name=soakSeconds]");
        double before = soak(id);
        browser.press("button[aria-label*=longer]");
        browser.reload();
        browser.until(() -> soak(id) == before + 5);
        browser.see("input[name=soakSeconds]");
        browser.offline(true);
        browser.press("button[aria-label*=longer]");
        browser.see("span", "Not saved yet");
        browser.offline(false);
        browser.until(() -> soak(id) == before + 10);
        browser.until(() -> browser.all("header [role=status]").isEmpty());
    }

    @Test
    void aQuantityTypedWhileNobodyAnswersIsReadOnceSomebodyDoes() {
        String id = Asked.fresh(caller, "Typed alone").path("id").asString();
        browser.open("/stack/" + id);
        browser.see("input[name=soakSeconds]");
        browser.offline(true);
        retype(browser.see("input[name=soakSeconds]"), "45 s" + Keys.TAB);
        browser.see("p", "does not answer");
        assertEquals("45 s", browser.see("input[name=soakSeconds]").getAttribute("value"));
        browser.offline(false);
        browser.until(() -> soak(id) == 45);
    }

    @Test
    void escapeDoesNotThrowAwayAFilledForm() {
        browser.open("/kit/boards");
        browser.press("button", "Add a board");
        browser.see("dialog[open] input[name=name]").sendKeys("Half typed");
        browser.keys(Keys.ESCAPE);
        browser.see("[role=alertdialog]");
        browser.press("button", "Keep editing");
        assertEquals("Half typed", browser.see("dialog[open] input[name=name]").getAttribute("value"));
        browser.keys(Keys.ESCAPE);
        browser.press("button", "Discard");
        browser.gone("dialog[open]");
    }

    private double soak(String id) {
        return caller.get("/api/set-ups/" + id)
                .json()
                .path("draft")
                .path("onPlatform")
                .path("soakSeconds")
                .asDouble();
    }

    @Test
    void backGoesWhereOneCameFromAndABadAddressSaysSo() {
        browser.open("/bench");
        browser.see("h2", "Set-ups");
        for (int twice = 0; twice < 2; twice++) {
            browser.keys("n");
            browser.see("h3", "New set-up");
            browser.keys(Keys.ESCAPE);
            browser.until(() -> browser.all("dialog[open]").isEmpty());
        }
        browser.press("a[href='#/stack']");
        browser.until(() -> browser.place().startsWith("/stack/setup-"));
        browser.back();
        browser.until(() -> browser.place().equals("/bench"));
        browser.open("/stack/setup-nowhere");
        browser.see("h1", "not in your workshop");
        browser.open("/nowhere");
        browser.see("h1", "Nothing is at this address");
    }

    @Test
    void theNextLogBeginsEmpty() {
        browser.open("/pulls");
        browser.see("h1", "Pulls");
        browser.press("button", "Log a pull by hand");
        browser.press("dialog[open] li button");
        browser.see("dialog[open] textarea").sendKeys("only this one");
        browser.see("dialog[open] input[name=coverage]").sendKeys("85 %");
        browser.press("button", "Log this pull");
        browser.see("dd", "only this one");
        browser.press("button", "Log a pull by hand");
        browser.press("dialog[open] li button");
        assertEquals("", browser.see("dialog[open] textarea").getAttribute("value"));
        assertEquals("", browser.see("dialog[open] input[name=coverage]").getAttribute("value"));
    }

    @Test
    void spaceGoesOnAfterATickWithThePointer() {
        JsonNode setUp = Asked.fresh(caller, "Ticked and on");
        String run = caller.post("/api/runs?setUpId=" + setUp.path("id").asString(), "")
                .json()
                .path("id")
                .asString();
        browser.open("/run/" + run);
        browser.press("fieldset input[type=checkbox]");
        browser.until(
                () -> browser.script("return document.activeElement.tagName").equals("BODY"));
        browser.keys(" ");
        browser.see("[data-testid=warning]");
        browser.keys(" ");
        browser.see("h1", "Switch the platform on");
        browser.press("button", "Stop this run");
        browser.see("h1", "Left");
    }

    @Test
    void aWorkshopIsReplacedOnlyWhenAsked() throws IOException {
        Path file = Files.createTempDirectory("glanzen-workshop").resolve("mine.zip");
        Files.write(file, caller.get("/api/workshop").bytes());
        Asked.fresh(caller, "Not in the file");
        browser.open("/bench");
        browser.press("button", "Preferences");
        browser.present("input[type=file][accept='.zip']").sendKeys(file.toString());
        browser.see("[role=alertdialog]");
        browser.press("button", "Cancel");
        Asked.setUp(caller, "Not in the file");
        browser.present("input[type=file][accept='.zip']").sendKeys(file.toString());
        browser.see("button", "Export what is here");
        browser.press("button", "Replace");
        browser.see("p", "Imported");
        browser.press("button", "Open the workshop");
        browser.see("h2", "Set-ups");
        assertTrue(!caller.get("/api/set-ups").json().toString().contains("Not in the file"));
    }
}
