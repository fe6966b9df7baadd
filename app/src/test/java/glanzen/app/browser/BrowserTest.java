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
}
