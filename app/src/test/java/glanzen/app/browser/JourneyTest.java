package glanzen.app.browser;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Caller;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.Select;
import tools.jackson.databind.JsonNode;

/** What a person does with the demo data, in a real browser. */
class JourneyTest extends BrowserTest {

    JourneyTest(Caller caller) {
        super(caller);
    }

    private void startSetUp(String plate, String foil, String stock, String name) {
        browser.open("/bench");
        browser.see("h2", "Set-ups");
        browser.keys("n");
        browser.press("label", plate);
        browser.press("label", foil);
        browser.press("label", stock);
        WebElement field = browser.see("dialog[open] input[name=name]");
        field.clear();
        field.sendKeys(name);
        browser.press("button", "Build the stack");
    }

    @Test
    void theWholeThreadFromKitToLogbookAndBack() {
        startSetUp("Honey Show", "Rose foil", "White card", "Journey sign");
        String usual = browser.text("[data-testid=twenty]");
        assertTrue(usual.contains("of 20 should come out"), usual);

        browser.script("document.querySelector('[data-layer=plastic-05]').focus()");
        browser.keys(Keys.DELETE);
        browser.see("p", "The rollers do not grip");
        browser.see("[data-testid=stopped]");
        assertEquals(List.of(), browser.all("[data-testid=twenty]"), "what cannot be pressed has no forecast");
        browser.press("[data-testid=advice] li button");
        String advised = browser.text("[data-testid=twenty]");
        assertTrue(clean(advised) > 0, advised);

        browser.press("button", "Run it");
        browser.see("h1", "Get everything ready");
        browser.press("label", "Foil cut a little larger");
        browser.press("button", "60×");
        String run = browser.place();
        browser.reload();
        browser.see("legend", "still to do");
        assertEquals(run, browser.place());
        while (!browser.see("h1").getText().startsWith("Look at the pull")) {
            browser.onward(() -> browser.press("section[aria-label=Now] button.press-strong"));
        }
        browser.press("button", "Log the pull");
        browser.press("button", "Read it with the simulated scanner");
        browser.until(() -> !browser.see("dialog[open] input[inputmode=decimal]")
                .getAttribute("value")
                .isEmpty());
        browser.press("button", "Log this pull");
        browser.see("h2", "Journey sign");
        assertTrue(browser.place().startsWith("/pulls/pull-"));

        browser.press("button", "Use this set-up again");
        browser.until(() -> browser.place().startsWith("/stack/"));
        browser.see("h3", "Learned from");
        String taught = browser.text("[data-testid=twenty]");
        assertEquals(clean(taught) > 0, true, "The forecast of what was pulled goes on from what was seen: " + taught);
        Object exported = browser.script(
                "return fetch('/api/workshop').then(r => r.arrayBuffer()).then(b => new Uint8Array(b)[0] * 256 + new Uint8Array(b)[1])");
        assertEquals(0x504B, ((Number) exported).intValue(), "a ZIP begins with PK");
    }

    private static int clean(String sentence) {
        return Integer.parseInt(sentence.replaceAll("(\\d+) of 20 .*", "$1"));
    }

    @Test
    void theStackIsWorkedByKeyboardAlone() {
        startSetUp("Third", "Gold foil", "Ivory card", "By keyboard");
        browser.see("[data-testid=twenty]");
        browser.script("document.querySelector('[data-layer=gold]').focus()");
        browser.keys("f");
        browser.see("p", "The foil lies colour face up");
        assertTrue(browser.see("button", "Run it").getDomAttribute("aria-disabled") != null);
        browser.press("button", "Turn it over");
        browser.until(() -> browser.all("[data-rule=film-face]").isEmpty());

        browser.script("document.querySelector('[data-layer=spacer]').focus()");
        browser.chord(Keys.ALT, Keys.ARROW_DOWN);
        browser.see("[data-rule=spacer-top], [data-rule=rollers]");
        browser.chord(Keys.CONTROL, "z");
        browser.until(() -> browser.all("[data-rule=spacer-top]").isEmpty());

        browser.script("document.querySelector('[data-layer=plastic-05]').focus()");
        browser.keys(Keys.DELETE);
        browser.see("p", "The rollers do not grip");
        browser.chord(Keys.CONTROL, "z");
        browser.until(() -> browser.text("[data-testid=squeeze]").contains("0.45 mm squeeze"));

        new Select(browser.see("#add-layer")).selectByValue("BOARD:metal-04");
        browser.until(() -> browser.text("[data-testid=squeeze]").contains("0.85 mm squeeze"));
        browser.script("document.activeElement.blur()");
        browser.keys("6");
        browser.until(() -> browser.place().equals("/pulls"));
    }

    /** Three words on a card, a leftover, a tracing sheet, and off to the platform. */
    @Test
    void wordsAreLaidOutByTypingAndDraggingAndTakenToThePlatform() {
        startSetUp("First", "Copper foil", "Ivory card", "Three words");
        browser.see("[data-testid=twenty]");
        String id = browser.place().replace("/stack/", "");
        browser.keys("3");
        browser.see("[data-plate=first]");
        for (String word : List.of("second", "third")) {
            new Select(browser.see("#add-plate")).selectByValue(word);
            browser.see("[data-plate=" + word + "]");
        }
        browser.press("aside li button");
        browser.see("#words").sendKeys("25 mm from the top, nowhere", Keys.ENTER);
        browser.see("#words-wrong");
        browser.see("#words").sendKeys(Keys.chord(Keys.CONTROL, "a"), "25 mm from the top, centred", Keys.ENTER);
        browser.see("button", "25 mm from the top");

        browser.until(() -> baseline(id, "first") == -25);
        double before = -25;
        browser.script("document.querySelector('[data-plate=first]').focus()");
        browser.keys(Keys.ARROW_UP, Keys.ARROW_UP);
        browser.until(() -> Math.abs(baseline(id, "first") - before - 1) < 0.05);
        browser.chord(Keys.CONTROL, "z");
        browser.chord(Keys.CONTROL, "z");
        browser.until(() -> Math.abs(baseline(id, "first") - before) < 0.05);

        WebElement onPlatform = browser.all("[data-plate=third]").get(1);
        browser.drag(onPlatform, 30, 0);
        browser.until(() -> !across(id, "third").equals("IN_LINE") || acrossMm(id, "third") < -2);

        browser.press("button", "Leftovers");
        browser.press("button[aria-label='Use Copper offcut']");
        browser.see("button", "In use");
        browser.press("button", "Print");
        String sheet = browser.see("a[aria-label='Tracing sheet as PDF']").getAttribute("href");
        byte[] pdf = caller.get(sheet.substring(sheet.indexOf("/api"))).bytes();
        assertEquals("%PDF", new String(pdf, 0, 4, StandardCharsets.US_ASCII));

        browser.press("a", "Open stack");
        browser.press("button", "Run it");
        browser.see("h1", "Get everything ready");
        browser.see("label", "Leftover of Copper foil for Third");
        for (String step : List.of("Switch the platform", "3 plates on the platform")) {
            browser.onward(() -> browser.press("section[aria-label=Now] button.press-strong"));
            browser.see("h1", step);
        }
        browser.see("dt", "Third");
        assertEquals(3, browser.all("section[aria-label=Now] [data-plate]").size());
    }

    private JsonNode placed(String id, String key) {
        for (JsonNode plate : caller.get("/api/set-ups/" + id)
                .json()
                .path("draft")
                .path("layout")
                .path("plates")) {
            if (plate.path("key").asString().equals(key)) {
                return plate;
            }
        }
        throw new AssertionError(key);
    }

    /** How far the first word stands up from where it is held; it is held from the top. */
    private double baseline(String id, String key) {
        return -placed(id, key).path("along").path("mm").asDouble();
    }

    private String across(String id, String key) {
        return placed(id, key).path("across").path("kind").asString();
    }

    private double acrossMm(String id, String key) {
        return placed(id, key).path("across").path("mm").asDouble();
    }

    @Test
    void aPlateIsGrabbedAtItsCentre() {
        startSetUp("First", "Copper foil", "Ivory card", "Grabbed");
        browser.see("[data-testid=twenty]");
        String id = browser.place().replace("/stack/", "");
        browser.keys("3");
        browser.drag(browser.see("[data-plate=first]"), 40, 0);
        browser.until(() -> acrossMm(id, "first") > 2);
        List<String> offered = browser.all("#add-plate option").stream()
                .map(WebElement::getText)
                .toList();
        assertTrue(offered.contains("Second") && !offered.contains("Hexagon 49"), offered + "");
    }

    @Test
    void unitsChangeEverywhereAtOnce() {
        startSetUp("First", "Copper foil", "Ivory card", "In inches");
        browser.until(() -> browser.text("[data-testid=squeeze]").contains("0.45 mm"));
        browser.press("button", "Preferences");
        browser.press("label", "inches");
        browser.press("label", "°F");
        browser.until(() -> browser.text("[data-testid=squeeze]").contains("0.018 in"));
        browser.press("label", "millimetres");
        browser.press("label", "°C");
        browser.until(() -> browser.text("[data-testid=squeeze]").contains("0.45 mm"));
    }

    @Test
    void aFieldThatCannotBeReadSaysWhatItTakes() {
        browser.open("/kit/boards");
        browser.press("button", "Add a board");
        WebElement thickness = browser.see("input[name=thicknessMm]");
        thickness.sendKeys(Keys.chord(Keys.CONTROL, "a"), "two thumbs", Keys.TAB);
        browser.see("p", "Accepted: 4 1/4");
        thickness.sendKeys(Keys.chord(Keys.CONTROL, "a"), "-3", Keys.TAB);
        browser.see("input[name=name]").sendKeys("Thin air");
        browser.press("button", "Save");
        browser.see("p", "is too little");
        thickness.sendKeys(Keys.chord(Keys.CONTROL, "a"), "1/16 in", Keys.TAB);
        browser.press("button", "Save");
        browser.see("strong", "Thin air");
    }

    @Test
    void twoTabsAreToldOfEachOther() {
        startSetUp("Second", "Silver foil", "Ivory card", "Two tabs");
        browser.see("[data-testid=twenty]");
        String id = browser.place().replace("/stack/", "");
        JsonNode saved = caller.get("/api/set-ups/" + id).json();
        caller.put(
                "/api/set-ups/" + id + "?version=" + saved.path("version").asLong(),
                "{\"name\": \"Other tab\", \"draft\": %s}".formatted(saved.path("draft")));
        browser.press("button[aria-label='Soak longer']");
        browser.see("h3", "changed in another tab");
        browser.press("button", "Keep this page's");
        browser.until(() -> caller.get("/api/set-ups/" + id)
                        .json()
                        .path("draft")
                        .path("onPlatform")
                        .path("soakSeconds")
                        .asDouble()
                == 35);
        browser.until(() -> browser.all("dialog[open]").isEmpty());
    }
}
