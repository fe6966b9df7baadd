package glanzen.app.pull;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Asked;
import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What the logbook tells over many pulls. */
@ExtendWith(Server.class)
class PullStoriesApiTest {

    private static final String READ = """
            {"verdict": "%s", "shares": {"DUST": %s, "AS_SET": 0.1, "TOO_LITTLE": 0.2},
             "onRight": {"value": -0.12, "give": 0.02}, "inMiddle": {"value": 0.01, "give": 0.02},
             "placing": [0.005, 0, 0.1, 0, -0.005, 0.9, 0, 0, 1], "lesson": ""}""";

    private final Caller caller;

    PullStoriesApiTest(Caller caller) {
        this.caller = caller;
    }

    private Reply log(String outcome, double coverage, String read, String next) {
        JsonNode draft = Asked.setUp(caller, "Prize card, bee").path("draft");
        return caller.post("/api/pulls", """
                        {"title": "Story", "draft": %s, "outcome": "%s", "amount": "A_LITTLE", "coverage": %s,
                         "coverageGive": 0.004, "spillMm": 0.04, "spillGiveMm": 0.02, "faults": [], "note": "",
                         "read": %s, "next": %s, "keepFoil": false}""".formatted(draft, outcome, coverage, read, next));
    }

    private long total(String query) {
        return caller.get("/api/pulls?" + query).json().path("total").asLong();
    }

    @Test
    void whatWasReadStaysWithThePullAndCanBeLookedFor() {
        long kept = total("verdict=KEEP");
        Reply logged = log("UNDER", 0.93, READ.formatted("OVER_AGAIN", 0.7), "\"BRUSH\"");
        assertEquals(201, logged.status(), logged.json().toString());
        JsonNode read = logged.json().path("read");
        assertEquals(
                "dust or a fingerprint under the film", read.path("causeLabel").asString());
        assertEquals("brush both faces once more", read.path("next").asString());
        assertEquals(
                201, log("CLEAN", 0.99, READ.formatted("KEEP", 0.05), "null").status());
        assertEquals(kept + 1, total("verdict=KEEP"));
        assertTrue(total("cause=DUST&route=HOT_PLATE") >= 1);
        assertEquals(0, total("cause=DUST&route=THIN_CUT"));
        assertEquals(0, total("machineId=nobody"));
        assertEquals(0, total("since=2999-01-01"));
        assertTrue(total("route=HOT_PLATE&since=2020-01-01") > 2);
        JsonNode looking = caller.get("/api/pulls/looking").json();
        assertEquals(6, looking.path("verdicts").size());
        assertFalse(looking.toString().contains("%s"));
    }

    @Test
    void aRecipeIsSeenOverTime() {
        String id = "";
        for (int n = 0; n < 8; n++) {
            id = log("UNDER", 0.96 - 0.02 * n, "null", "null").json().path("id").asString();
        }
        JsonNode trend = caller.get("/api/pulls/" + id + "/trend").json();
        JsonNode points = trend.path("points");
        assertTrue(points.size() >= 8);
        assertEquals(id, points.get(points.size() - 1).path("id").asString(), "oldest first");
        assertTrue(
                trend.path("says").asString().startsWith("It loses"),
                trend.path("says").asString());
    }

    @Test
    void withoutAPictureAPullIsNotSeenStraightAndANextChangeIsStillWrittenDown() {
        String id = log("UNDER", 0.9, "null", "null").json().path("id").asString();
        assertEquals(409, caller.get("/api/pulls/" + id + "/straight").status());
        Reply next = caller.put(
                "/api/pulls/" + id + "/next",
                "{\"remedy\": \"MORE\", \"shares\": {\"TOO_LITTLE\": 0.8, \"DUST\": 0.2}}");
        assertEquals(200, next.status(), next.json().toString());
        assertEquals("TOO_LITTLE", next.json().path("read").path("cause").asString());
        assertTrue(next.json().path("read").path("verdict").isMissingNode()
                || next.json().path("read").path("verdict").isNull());
        assertEquals(
                422,
                caller.put("/api/pulls/" + id + "/next", "{\"remedy\": \"MORE\", \"shares\": {}}")
                        .status());
        Reply bad = log("UNDER", 0.9, READ.formatted("KEEP", 0.1).replace("0.005, 0, 0.1, ", ""), "null");
        assertEquals(422, bad.status());
        assertEquals("read.placing", bad.fields());
    }
}
