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
import org.openqa.selenium.support.ui.Select;
import tools.jackson.databind.JsonNode;

/** What a person does around the pulls: jobs, gel, boards, the press itself. */
class WorkshopJourneyTest extends BrowserTest {

    WorkshopJourneyTest(Caller caller) {
        super(caller);
    }

    @Test
    void aJobIsPlannedPutInOrderAndCounted() {
        browser.open("/job");
        browser.see("aside li");
        browser.press("button", "New job");
        browser.until(() -> browser.place().startsWith("/job/job-"));
        browser.until(() -> browser.see("input[aria-label='Name of this job']")
                .getAttribute("value")
                .equals("New job"));
        browser.press("button", "Add a piece on top");
        Select operations = new Select(browser.see("#add-operation"));
        operations.selectByValue("CUT");
        new Select(browser.see("#add-operation")).selectByValue("HOT_FOIL");
        browser.see("[data-rule=foil-then-cut]");
        browser.press("button", "Mend the order");
        browser.until(() -> browser.all("[data-rule=foil-then-cut]").isEmpty());
        browser.press("button[aria-label='Do hot foil later']");
        browser.see("[data-rule=foil-then-cut]");
        browser.script("document.activeElement.blur()");
        browser.chord(Keys.CONTROL, "z");
        browser.until(() -> browser.all("[data-rule=foil-then-cut]").isEmpty());
        new Select(browser.see("select[aria-label='Set-up for hot foil']")).selectByVisibleText("Prize card, bee");
        browser.see("span", "Copper foil");
        String id = browser.place().replace("/job/", "").replaceAll("\\?.*", "");
        browser.until(() -> {
            for (JsonNode saved : caller.get("/api/jobs").json()) {
                if (saved.path("id").asString().equals(id)) {
                    return saved.path("job").toString().contains("setUpId");
                }
            }
            return false;
        });
    }

    @Test
    void gelIsSpreadDriesAndIsTakenOff() {
        browser.open("/bench");
        browser.see("h2", "Drying");
        browser.press("button", "Gel spread");
        browser.see("dialog[open] input").sendKeys("Trial drip");
        browser.press("button", "Start drying");
        browser.see("strong", "Trial drip");
        browser.see("p", "Clean the stencil now");
        dry("Trial drip");
        browser.until(
                () -> browser.text("section[aria-labelledby=drying-title]").contains("sound: foil or flock it"));
        browser.press("button[aria-label='Remove Trial drip from the bench']");
        browser.until(
                () -> !browser.text("section[aria-labelledby=drying-title]").contains("Trial drip"));
    }

    @Test
    void aBoardIsTurnedAndAPressIsMeasured() {
        browser.open("/kit/boards");
        browser.press("button[aria-label='Turned over: Outer plate, clear']");
        browser.press("li/button", "Outer plate, clear");
        browser.see("span", "turned on its bow");
        browser.open("/kit/presses");
        browser.press("li/button", "Old Iron");
        browser.press("button[aria-label='Measure Old Iron']");
        for (String[] board : new String[][] {
            {"Outer plate, clear", "2"}, {"Outer plate, new", "2"}, {"Metal shim", "1"}, {"Plastic shim", "2"}
        }) {
            WebElement count = browser.see("input[aria-label='How many: " + board[0] + "']");
            count.sendKeys(Keys.chord(Keys.CONTROL, "a"), board[1], Keys.TAB);
        }
        browser.see("strong", "13.70 mm");
        browser.press("button", "Add this trial");
        browser.see("h3", "one trial tells");
        browser.press("button", "Save for this press");
        browser.until(() -> browser.all("dialog[open]").isEmpty());
        JsonNode iron = caller.get("/api/kit").json().path("presses").get(0).path("item");
        assertTrue(iron.path("crown").asDouble() != 0.10, iron + "");
    }

    @Test
    void anotherSchoolIsTakenAndUndone() {
        String id = Asked.setUp(caller, "Prize card, Second").path("id").asString();
        browser.open("/stack/" + id);
        browser.see("[data-testid=schools] button");
        browser.press("button", "When does the sheet go on?");
        browser.press("button", "taped to the sheet");
        browser.until(() -> caller.get("/api/set-ups/" + id)
                .json()
                .path("draft")
                .path("layout")
                .path("method")
                .asString()
                .equals("TAPED"));
        browser.until(() -> browser.see("[data-testid=schools] button[aria-pressed=true]")
                .getText()
                .startsWith("taped"));
        browser.script("document.activeElement.blur()");
        browser.chord(Keys.CONTROL, "z");
        browser.until(() -> caller.get("/api/set-ups/" + id)
                .json()
                .path("draft")
                .path("layout")
                .path("method")
                .asString()
                .equals("LOOSE"));
    }

    @Test
    void aPlateComesFromAnSvgFileAndABadOneSaysWhy() throws IOException {
        Path folder = Files.createTempDirectory("glanzen-svg");
        Path text = folder.resolve("text.svg");
        Files.writeString(text, "<svg xmlns='http://www.w3.org/2000/svg'><text>First</text></svg>");
        Path star = folder.resolve("star.svg");
        Files.writeString(
                star,
                "<svg xmlns='http://www.w3.org/2000/svg' width='40mm' height='40mm' viewBox='0 0 40 40'>"
                        + "<path d='M20 2L25 15L38 15L28 23L32 37L20 28L8 37L12 23L2 15L15 15Z'/></svg>");
        browser.open("/kit/plates");
        browser.press("button", "Add a tool");
        browser.see("input[name=name]").sendKeys("Star");
        WebElement file = browser.present("input[type=file][accept*=svg]");
        file.sendKeys(text.toString());
        browser.see("p", "turn it into outlines first");
        file.sendKeys(star.toString());
        browser.see("p", "Read: 36 mm");
        browser.press("button", "Save");
        browser.see("strong", "Star");
        assertEquals("OUTLINE", last("plates").path("motif").path("kind").asString(), "the outline is the plate's own");
    }

    private JsonNode last(String shelf) {
        JsonNode all = caller.get("/api/kit").json().path(shelf);
        return all.get(all.size() - 1).path("item");
    }

    @Test
    void aLeftoverIsAddedAndFoundOnTheLayout() {
        browser.open("/kit/leftovers");
        browser.press("button", "Add a leftover");
        browser.see("input[name=name]").sendKeys("Silver trial");
        new Select(browser.see("select[name=filmId]")).selectByVisibleText("Silver foil");
        browser.press("button", "Save");
        browser.see("strong", "Silver trial");
        String id = Asked.setUp(caller, "Prize card, Second").path("id").asString();
        browser.open("/layout/" + id);
        browser.see("[data-plate=second]");
        browser.press("button", "Leftovers");
        browser.see("h2", "leftovers cover Second");
        browser.press("button[aria-label='Use Silver trial']");
        browser.see("button", "Cut a fresh piece instead");
    }
}
