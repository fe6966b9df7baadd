package glanzen.app.browser;

import static org.junit.jupiter.api.Assertions.assertEquals;

import glanzen.app.OwnBench;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import tools.jackson.databind.JsonNode;

/** A journey in an empty workshop of a person's own; every press of a button and every Space counts as a click. */
abstract class OwnJourney {

    /** A heater is switched on and gets hot in less. */
    private static final Duration HOT_BY = Duration.ofMinutes(9);

    final OwnBench bench = new OwnBench();
    Browser browser;
    int clicks;

    @BeforeEach
    void open() {
        browser = new Browser(bench.caller().base());
    }

    @AfterEach
    void close() {
        browser.close();
        bench.close();
    }

    void press(String text) {
        browser.press("button", text);
        clicks++;
    }

    /** The page says the same once it is read again. */
    void steady() {
        assertEquals(List.of(), new Steadiness(browser).goneOnceReadAgain(), "in " + browser.place());
    }

    /** The key of what is open at a place. */
    String key(String place) {
        browser.until(() -> browser.place().startsWith(place + "/"));
        return browser.place().replace(place + "/", "").replaceAll("\\?.*", "");
    }

    JsonNode run() {
        return bench.caller().get("/api/runs/" + key("/run")).json();
    }

    /** The step that is on. */
    JsonNode step() {
        JsonNode run = run();
        return run.path("steps").get(run.path("step").asInt());
    }

    /** Lets pass what the step that is on wants, and goes on. */
    void onward() {
        JsonNode step = step();
        boolean heats = step.path("kind").asString().equals("HEAT_UP");
        bench.pass(
                heats
                        ? HOT_BY
                        : Duration.ofSeconds(
                                (long) Math.ceil(step.path("seconds").asDouble())));
        browser.onward(() -> {
            browser.keys(" ");
            clicks++;
        });
    }

    /** The form is put away before anything else is pressed: a Space would go to its button. */
    void logged() {
        press("Log this pull");
        browser.gone("dialog[open]");
    }
}
