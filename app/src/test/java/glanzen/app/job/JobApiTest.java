package glanzen.app.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(Server.class)
class JobApiTest {

    private static final String JOB = """
            {"name": "%s", "cards": %d, "pieces": [{"name": "Panel", "stockId": "%s", "perCard": 1, "widthMm": 105,
             "heightMm": 148, "operations": [{"kind": "CUT", "note": ""}, {"kind": "HOT_FOIL", "note": ""}]}]}""";

    private static final List<String> MACHINES =
            List.of("HOT_FOIL", "TONER_FOIL", "GEL_FOIL", "FLOCK", "CUT", "EMBOSS", "REACTIVE_FOIL");

    private final Caller caller;

    JobApiTest(Caller caller) {
        this.caller = caller;
    }

    private JsonNode job(String name) {
        for (JsonNode saved : caller.get("/api/jobs").json()) {
            if (saved.path("job").path("name").asString().equals(name)) {
                return saved;
            }
        }
        throw new AssertionError(name);
    }

    @Test
    void theShowsJobsAreThereAndInOrder() {
        JsonNode jobs = caller.get("/api/jobs").json();
        assertEquals(6, jobs.size());
        for (JsonNode saved : jobs) {
            JsonNode look = caller.post("/api/jobs/look", saved.path("job")).json();
            look.path("findings").forEach(f -> assertEquals(0, f.size(), saved.path("job") + " " + f));
        }
        JsonNode prize =
                caller.post("/api/jobs/look", job("Prize cards").path("job")).json();
        assertTrue(prize.path("machines").toString().contains("Old Iron"));
        assertTrue(prize.path("costPerCard").asDouble() > 0);
        assertTrue(prize.path("lines").size() >= 4);
    }

    @Test
    void everyOperationOfTheShowThatAMachineDoesCanBePulled() {
        int done = 0;
        for (JsonNode saved : caller.get("/api/jobs").json()) {
            for (JsonNode piece : saved.path("job").path("pieces")) {
                for (JsonNode operation : piece.path("operations")) {
                    if (MACHINES.contains(operation.path("kind").asString())) {
                        String setUp = operation.path("setUpId").asString();
                        JsonNode draft =
                                caller.get("/api/set-ups/" + setUp).json().path("draft");
                        assertTrue(
                                caller.post("/api/forecasts", draft)
                                        .json()
                                        .path("pullable")
                                        .asBoolean(),
                                saved.path("job").path("name") + ": " + operation);
                        done++;
                    }
                }
            }
        }
        assertTrue(done >= 15, done + "");
    }

    @Test
    void aJobIsKeptChangedAndTakenAwayAndTwoTabsAreTold() {
        Reply kept = caller.post("/api/jobs", JOB.formatted("Trial", 4, "ivory-300"));
        assertEquals(201, kept.status());
        String path = "/api/jobs/" + kept.json().path("id").asString() + "?version="
                + kept.json().path("version").asLong();
        Reply changed = caller.put(path, JOB.formatted("Trial", 8, "ivory-300"));
        assertEquals(8, changed.json().path("job").path("cards").asInt());
        assertEquals(
                409, caller.put(path, JOB.formatted("Trial", 9, "ivory-300")).status());
        assertEquals(
                204,
                caller.delete("/api/jobs/" + kept.json().path("id").asString() + "?version="
                                + changed.json().path("version").asLong())
                        .status());
    }

    @Test
    void theWrongOrderIsFoundWithItsMend() {
        JsonNode look = caller.post("/api/jobs/look", JOB.formatted("Trial", 4, "ivory-300"))
                .json();
        JsonNode finding = look.path("findings").get(0).get(0);
        assertEquals("foil-then-cut", finding.path("rule").asString());
        assertEquals(
                "HOT_FOIL",
                finding.path("mend").path("operations").get(0).path("kind").asString());
    }

    @Test
    void badJobsAreRefused() {
        assertEquals(
                "cards",
                caller.post("/api/jobs", JOB.formatted("Trial", 0, "ivory-300")).fields());
        assertEquals(
                "pieces.stockId",
                caller.post("/api/jobs", JOB.formatted("Trial", 1, "nothing")).fields());
    }

    @Test
    void suppliesComeAsCsv() {
        String id = job("Jar ribbons").path("id").asString();
        String csv = new String(caller.get("/api/jobs/" + id + "/supplies.csv").bytes(), StandardCharsets.UTF_8);
        assertTrue(csv.startsWith("What,Name,Needed,Unit,In stock,Missing,Cost\r\n"), csv);
        assertTrue(csv.contains("Gold foil") && csv.contains("Satin ribbon"));
    }
}
