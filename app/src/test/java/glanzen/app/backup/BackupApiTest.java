package glanzen.app.backup;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Asked;
import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(Server.class)
class BackupApiTest {

    private final Caller caller;

    BackupApiTest(Caller caller) {
        this.caller = caller;
    }

    @Test
    void aCopyBringsBackWhatWasThere() {
        Reply made = caller.post("/api/backups", "");
        assertEquals(201, made.status());
        String id = made.json().path("id").asString();
        JsonNode setUp = Asked.setUp(caller, "Rosette panel");
        String gone = "/api/set-ups/" + setUp.path("id").asString() + "?version="
                + setUp.path("version").asLong();
        assertEquals(204, caller.delete(gone).status());
        int setUps = caller.get("/api/bench").json().path("setUps").size();
        assertEquals(200, caller.post("/api/backups/" + id + "/restore", "").status());
        assertEquals(setUps + 1, caller.get("/api/bench").json().path("setUps").size());
        JsonNode backups = caller.get("/api/backups").json();
        assertEquals("", backups.path("setAside").asString());
        JsonNode youngest = backups.path("backups").get(0);
        assertEquals("BEFORE", youngest.path("kind").asString());
        assertTrue(youngest.path("bytes").asLong() > 10_000);
        assertEquals(404, caller.post("/api/backups/none/restore", "").status());
    }

    @Test
    void aWorkshopThatIsTakenInLeavesACopyOfTheOneBefore() {
        int before = caller.get("/api/backups").json().path("backups").size();
        byte[] workshop = caller.get("/api/workshop").bytes();
        assertEquals(200, caller.upload("/api/workshop", "file", workshop).status());
        assertTrue(caller.get("/api/backups").json().path("backups").size() > before || before >= 5);
    }
}
