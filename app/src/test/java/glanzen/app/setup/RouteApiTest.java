package glanzen.app.setup;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Asked;
import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import glanzen.route.Route;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Every route over HTTP, with the demo's kit. */
@ExtendWith(Server.class)
class RouteApiTest {

    private final Caller caller;

    RouteApiTest(Caller caller) {
        this.caller = caller;
    }

    private Reply start(String route, String machine, String tool, String film, String stock) {
        return caller.post(
                "/api/set-ups", """
                {"name": "Trial", "route": "%s", "machineId": "%s", "plateId": "%s", "filmId": %s, "stockId": "%s"}""".formatted(route, machine, tool, film == null ? null : '"' + film + '"', stock));
    }

    private ObjectNode started(String route, String machine, String tool, String film, String stock) {
        Reply reply = start(route, machine, tool, film, stock);
        assertEquals(201, reply.status(), () -> reply.json().toString());
        return (ObjectNode) reply.json().path("draft").deepCopy();
    }

    private JsonNode asked(JsonNode draft) {
        return caller.post("/api/forecasts", draft).json();
    }

    private static JsonNode found(JsonNode answer, String rule) {
        for (JsonNode f : answer.path("findings")) {
            if (f.path("rule").asString().equals(rule)) {
                return f;
            }
        }
        throw new AssertionError(rule + " is not among " + answer.path("findings"));
    }

    @Test
    void everyRouteSaysWhatItNeedsAndWaitsFor() {
        JsonNode routes = caller.get("/api/routes").json();
        assertEquals(Route.values().length, routes.size());
        routes.forEach(r -> {
            assertFalse(r.path("says").asString().isBlank());
            assertTrue(r.path("machines").size() > 0 && r.path("tools").size() > 0, r + "");
        });
    }

    @Test
    void everySetUpOfTheShowIsForecastDrawnAndCompared() {
        for (JsonNode saved : caller.get("/api/set-ups").json()) {
            JsonNode draft = saved.path("draft");
            JsonNode answer = asked(draft);
            String name = saved.path("name").asString();
            if (name.startsWith("Trial") || !answer.path("pullable").asBoolean()) {
                continue;
            }
            int twenty = 0;
            for (String side : List.of("under", "clean", "over", "refused")) {
                twenty += answer.path("expected").path("twenty").path(side).asInt();
            }
            assertEquals(20, twenty, name);
            assertEquals(
                    200, caller.post("/api/pictures?width=120&height=80", draft).status(), name);
            caller.post("/api/schools", draft).json().forEach(school -> {
                assertTrue(school.path("ways").size() >= 1, name + school);
                school.path("ways")
                        .forEach(way ->
                                assertTrue(way.path("twenty").path("clean").isInt(), name + way));
            });
        }
    }

    @ParameterizedTest
    @CsvSource({
        "FLOCK, roller-foiler, bee-stencil, flock-brown, white-350, machineId",
        "TONER, old-iron, comb-print, leaf-gold, toner-comb, machineId",
        "TONER, roller-foiler, comb-print, , toner-comb, filmId",
        "TONER, nothing, comb-print, leaf-gold, toner-comb, machineId",
        "THIN_CUT, old-iron, nothing, , white-350, plateId"
    })
    void whatCannotBeDoneIsRefusedWhereItStands(
            String route, String machine, String tool, String film, String stock, String field) {
        Reply refused = start(route, machine, tool, film, stock);
        assertEquals(422, refused.status());
        assertEquals(field, refused.fields());
        assertNotEquals(
                "", refused.json().path("errors").get(0).path("accepted").asString());
    }

    @Test
    void twoExclusiveBoardsAndAMatUnderAFolderAreFoundAndMended() {
        ObjectNode draft = started("FLAT_FOLDER", "old-iron", "comb-folder", null, "white-350");
        ArrayNode layers = (ArrayNode) draft.path("layers");
        ObjectNode mat = (ObjectNode) layers.get(0).deepCopy();
        mat.put("id", "mat");
        layers.insert(1, mat);
        JsonNode answer = asked(draft);
        assertFalse(answer.path("pullable").asBoolean());
        JsonNode mended = found(answer, "folder-mat").path("mend").path("draft");
        assertTrue(asked(mended).path("pullable").asBoolean());

        ObjectNode cut = started("THIN_CUT", "old-iron", "lace", null, "white-350");
        ArrayNode all = (ArrayNode) cut.path("layers");
        for (String id : new String[] {"mat", "magnetic"}) {
            ObjectNode board = mat.deepCopy();
            board.put("id", id);
            all.insert(1, board);
        }
        assertFalse(asked(cut).path("pullable").asBoolean());
        assertEquals("STOP", found(asked(cut), "mat-and-magnet").path("weight").asString());
    }

    @Test
    void acetateThatIsNotRatedForHeatIsStopped() {
        JsonNode window = Asked.setUp(caller, "Stall sign window").path("draft");
        ObjectNode draft = (ObjectNode) window.deepCopy();
        draft.path("layers").forEach(l -> {
            if (l.path("kind").asString().equals("STOCK")) {
                ((ObjectNode) l).put("id", "acetate-plain");
            }
        });
        assertFalse(asked(draft).path("pullable").asBoolean());
        JsonNode mended = found(asked(draft), "heat-proof").path("mend");
        assertTrue(mended.isMissingNode() || asked(mended.path("draft")).has("expected"));
    }

    @Test
    void wetGelIsStoppedAndDriedGelIsNot() {
        ObjectNode draft = started("FLOCK", "old-iron", "bee-stencil", "flock-brown", "white-350");
        JsonNode drying = asked(draft).path("drying");
        assertTrue(drying.path("dryness").asDouble() > 0.99);
        assertTrue(drying.path("clearSeconds").asDouble()
                < drying.path("soundSeconds").asDouble());
        ObjectNode gel = (ObjectNode) draft.path("gel");
        gel.put("driedSeconds", 0);
        JsonNode wet = asked(draft);
        assertFalse(wet.path("pullable").asBoolean());
        JsonNode mend = found(wet, "gel-wet").path("mend").path("draft");
        assertTrue(asked(mend).path("pullable").asBoolean());
        gel.put("driedSeconds", -60);
        Reply refused = caller.post("/api/forecasts", draft);
        assertEquals(422, refused.status());
        assertEquals("gel.driedSeconds", refused.fields());
    }

    @Test
    void adviceForACutIsBetterThanAPoorStack() {
        ObjectNode draft = started("THIN_CUT", "old-iron", "lace", null, "white-350");
        ArrayNode layers = (ArrayNode) draft.path("layers");
        for (int i = layers.size() - 1; i >= 0; i--) {
            if (layers.get(i).path("id").asString().matches("card-.*|metal.*|plastic.*|paper.*|tissue.*")) {
                layers.remove(i);
            }
        }
        JsonNode now = asked(draft).path("expected");
        assertTrue(now.path("strips").size() > 4, "a cut is told across the throat");
        JsonNode advice = caller.post("/api/advice", draft).json();
        assertTrue(advice.path("considered").asInt() > 20);
        JsonNode best = Asked.proposed(advice).path("expected");
        assertTrue(best.path("clean").asDouble() > now.path("clean").asDouble(), best + " after " + now);
    }

    @Test
    void aSecondPassTurnedAQuarterIsReckonedOtherwise() {
        ObjectNode draft = started("INTRICATE_CUT", "old-iron", "lace", null, "honey-216");
        draft.put("passes", 2).put("turned", true);
        JsonNode turned = asked(draft).path("expected");
        JsonNode lying = asked(draft.deepCopy().put("turned", false)).path("expected");
        assertNotEquals(
                turned.path("window").path("middle").asDouble(),
                lying.path("window").path("middle").asDouble(),
                "turned, the middle gets its share");
    }
}
