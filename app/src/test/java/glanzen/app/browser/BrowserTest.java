package glanzen.app.browser;

import glanzen.app.Caller;
import glanzen.app.Server;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A journey in a browser of its own, on the demo; a run that it leaves open is given up. */
@ExtendWith(Server.class)
abstract class BrowserTest {

    final Caller caller;
    Browser browser;

    BrowserTest(Caller caller) {
        this.caller = caller;
    }

    @BeforeEach
    void open() {
        browser = new Browser(caller.base());
    }

    @AfterEach
    void close() {
        for (JsonNode run : caller.get("/api/runs").json()) {
            String id = "/api/runs/" + run.path("id").asString();
            caller.put(id + "/speed?speed=1", "");
            caller.post(
                    id + "/actions?action=LEAVE&version=" + run.path("version").asLong(), "");
        }
        browser.close();
    }

    /** Lets hours pass on the bench, as long as a panel of gel is not sound. */
    void dry(String name) {
        while (!panel(name).path("state").asString().equals("SOUND")) {
            String before = caller.get("/api/bench").json().path("now").asString();
            browser.press("button", "skip an hour");
            browser.until(() ->
                    !caller.get("/api/bench").json().path("now").asString().equals(before));
        }
    }

    private JsonNode panel(String name) {
        for (JsonNode panel : caller.get("/api/dryings").json()) {
            if (panel.path("name").asString().equals(name)) {
                return panel;
            }
        }
        throw new AssertionError(name);
    }
}
