package glanzen.app.rig;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Measuring a press with strips, and forgetting what was learned of it. */
@ExtendWith(Server.class)
class RigApiTest {

    private static final String STRIPS = "/api/rigs/presses/old-iron/strips";

    private final Caller caller;

    RigApiTest(Caller caller) {
        this.caller = caller;
    }

    private JsonNode kept(String kind, String id) {
        for (JsonNode kept : caller.get("/api/kit").json().path(kind)) {
            if (kept.path("item").path("id").asString().equals(id)) {
                return kept;
            }
        }
        throw new AssertionError("No " + id);
    }

    /** The outer plates of the demo, the first of which lies twice: 11.95 mm with nothing on them. */
    private static String boards() {
        return "\"outer-1\", \"outer-2\", \"outer-3\", \"outer-1\"";
    }

    /** One trial, told as a page tells it. */
    private String strips(String stripMm, String left, String middle, String right) {
        return """
                {"boardIds": [%s], "trials": [{"stripMm": %s, "left": "%s", "middle": "%s", "right": "%s"}]}""".formatted(boards(), stripMm, left, middle, right);
    }

    @Test
    void beforeAStripIsPulledTheLabelHolds() {
        JsonNode measured =
                caller.post(STRIPS, "{\"boardIds\": [%s]}".formatted(boards())).json();
        double label =
                kept("presses", "old-iron").path("item").path("openingMm").asDouble();
        assertEquals(label, measured.path("openingMm").asDouble(), 0.02);
        assertTrue(measured.path("openingSdMm").asDouble() > 0);
    }

    @Test
    void weighingChangesNothing() {
        String before = caller.get("/api/kit").json().toString();
        Reply weighed = caller.post(STRIPS, strips("2.1", "DRAGS", "SLIPS", "DRAGS"));
        assertEquals(200, weighed.status());
        assertEquals(before, caller.get("/api/kit").json().toString());
    }

    @Test
    void keepingLetsThePressRememberHowItsRollersGive() {
        JsonNode before = kept("presses", "old-iron");
        String told = strips("2.1", "TEARS", "SLIPS", "TEARS");
        Reply kept = caller.put(STRIPS + "?version=" + before.path("version").asLong(), told);
        assertEquals(200, kept.status(), () -> kept.json().toString());
        double crown = before.path("item").path("crown").asDouble();
        double now = kept("presses", "old-iron").path("item").path("crown").asDouble();
        assertEquals(kept.json().path("crown").asDouble(), now, 0.0006);
        assertNotEquals(crown, now);
        double openingMm =
                kept("presses", "old-iron").path("item").path("openingMm").asDouble();
        assertEquals(kept.json().path("openingMm").asDouble(), openingMm, 0.006, "what is measured replaces the label");
        Reply late = caller.put(STRIPS + "?version=" + before.path("version").asLong(), told);
        assertEquals(409, late.status());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"boardIds\": [\"nothing\"], \"trials\": []}|boardIds",
                "{\"trials\": [{\"stripMm\": 9, \"left\": \"SLIPS\", \"middle\": \"SLIPS\", \"right\": \"SLIPS\"}]}|stripMm",
                "{\"trials\": [{\"stripMm\": 0.3, \"middle\": \"SLIPS\", \"right\": \"SLIPS\"}]}|left"
            })
    void whatCannotBeIsToldWhereItIs(String strips, String field) {
        Reply reply = caller.post(STRIPS, strips);
        assertEquals(422, reply.status());
        assertTrue(reply.fields().endsWith(field), reply.fields());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"{\"boardIds\": [null], \"trials\": []}|boardIds", "{\"boardIds\": [], \"trials\": [null]}|trials"
            })
    void aGapInAListIsToldWhereItIs(String strips, String field) {
        Reply reply = caller.post(STRIPS, strips);
        assertEquals(400, reply.status());
        assertTrue(reply.fields().startsWith(field), reply.fields());
    }

    @Test
    void keepingNothingIsRefused() {
        Reply reply = caller.put(STRIPS + "?version=0", "{\"boardIds\": [], \"trials\": []}");
        assertEquals(422, reply.status());
        assertEquals("trials", reply.fields());
    }

    @Test
    void aRigThatIsForgottenStartsFromItsLabel() {
        JsonNode known = caller.get("/api/rigs").json();
        assertTrue(known.size() > 0);
        JsonNode first = known.get(0);
        assertTrue(first.path("pulls").asInt() > 0);
        String rig = first.path("machineId").asString() + "/"
                + first.path("platformId").asString();
        assertEquals(204, caller.delete("/api/rigs/" + rig).status());
        for (JsonNode left : caller.get("/api/rigs").json()) {
            assertNotEquals(
                    rig,
                    left.path("machineId").asString() + "/"
                            + left.path("platformId").asString());
        }
    }
}
