package glanzen.app.browser;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Asked;
import glanzen.app.Caller;
import glanzen.app.Server;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.Keys;

/** Axe on every place, light and dark; no place wider than the screen it is read on, and every quantity in words. */
@ExtendWith(Server.class)
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class AccessibilityTest {

    private final Caller caller;
    private Browser browser;

    AccessibilityTest(Caller caller) {
        this.caller = caller;
    }

    @BeforeAll
    void open() {
        browser = new Browser(caller.base());
    }

    @AfterAll
    void close() {
        browser.close();
    }

    private void theme(String theme) {
        caller.put("/api/preferences", Asked.with(caller.get("/api/preferences").json(), "theme", theme));
        browser.reload();
    }

    private void go(String place, String sign) {
        boolean ofSetUp = place.equals("/stack") || place.equals("/layout");
        String path = ofSetUp
                ? place + "/"
                        + Asked.setUp(caller, "Prize card, First").path("id").asString()
                : place;
        browser.open(path);
        browser.see(sign);
    }

    @ParameterizedTest(name = "{0} {2}")
    @CsvSource({
        "/bench, main h2, LIGHT",
        "/bench, main h2, DARK",
        "/stack, [data-testid=advice][aria-busy=false], LIGHT",
        "/stack, [data-testid=advice][aria-busy=false], DARK",
        "/job, aside li, LIGHT",
        "/job, aside li, DARK",
        "/card, aside li, LIGHT",
        "/card, aside li, DARK",
        "/layout, [data-plate=bee], LIGHT",
        "/layout, [data-plate=bee], DARK",
        "/drills, [data-digits] section h2, LIGHT",
        "/drills, [data-digits] section h2, DARK",
        "/run, h1, LIGHT",
        "/pulls, main li img, LIGHT",
        "/pulls, main li img, DARK",
        "/kit/boards, main li, LIGHT",
        "/kit/leftovers, main li svg, LIGHT",
        "/kit/presses, main li, DARK",
        "/bench?new, dialog, LIGHT"
    })
    void axeFindsNothingSerious(String place, String sign, String theme) {
        browser.size(1280, 800);
        theme(theme);
        go(place, sign);
        try {
            assertEquals(List.of(), browser.serious());
            assertEquals(List.of(), browser.unsaid());
        } finally {
            theme("LIGHT");
        }
    }

    @Test
    void aRunIsSoundAtEveryStepThatLooksDifferent() {
        String id = Asked.setUp(caller, "Prize card, Second").path("id").asString();
        String run =
                caller.post("/api/runs?setUpId=" + id, "").json().path("id").asString();
        browser.size(1280, 800);
        browser.open("/run/" + run);
        browser.see("fieldset");
        assertEquals(List.of(), browser.serious());
        for (String step : List.of("Switch the platform", "Plate on the platform", "Let the plate soak")) {
            browser.onward(() -> browser.press("section[aria-label=Now] button.press-strong"));
            browser.see("h1", step);
        }
        browser.see("[role=timer]");
        assertEquals(List.of(), browser.serious());
        assertEquals(List.of(), browser.unsaid());
        caller.post(
                "/api/runs/" + run + "/actions?action=LEAVE&version="
                        + caller.get("/api/runs/" + run).json().path("version").asLong(),
                "");
    }

    @ParameterizedTest(name = "{0} at {2}")
    @CsvSource({
        "/drills, [data-digits] section h2, 390",
        "/bench, main h2, 390",
        "/stack, [data-testid=advice][aria-busy=false], 390",
        "/job, aside li, 390",
        "/job, aside li, 1024",
        "/card, aside li, 390",
        "/card, aside li, 1024",
        "/layout, [data-plate=bee], 390",
        "/layout, [data-plate=bee], 1024",
        "/run, h1, 390",
        "/pulls, main li img, 390",
        "/kit/boards, main li, 390",
        "/bench, main h2, 1024",
        "/stack, [data-testid=advice][aria-busy=false], 1024",
        "/pulls, main li img, 1024",
        "/kit/plates, main li, 1024"
    })
    void nothingRunsOffTheScreen(String place, String sign, int width) {
        browser.size(width, width == 390 ? 844 : 768);
        go(place, sign);
        Number scroll = (Number) browser.script("return document.documentElement.scrollWidth");
        assertTrue(scroll.intValue() <= width, place + " is " + scroll + " wide");
        assertEquals(List.of(), width == 390 ? browser.tooSmallForAFinger() : List.of());
    }

    @Test
    void aWordIsFoundByItsLettersAndExplained() {
        browser.size(1280, 800);
        go("/stack", "[data-testid=advice][aria-busy=false]");
        browser.press("button[aria-label='Soak: what it means']");
        browser.see("div", "How long a plate heats");
        browser.keys(Keys.ESCAPE);
        browser.chord(Keys.CONTROL, "k");
        browser.see("input[role=combobox]").sendKeys("squeez");
        browser.see("[role=option][aria-selected=true]");
        assertEquals(List.of(), browser.serious());
        browser.keys(Keys.ENTER);
        browser.see("dialog//dt", "squeeze");
        assertEquals(List.of(), browser.serious());
        browser.keys(Keys.ESCAPE);
        browser.gone("dialog[open]");
    }
}
