package glanzen.app.kit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(Server.class)
class LeftoverApiTest {

    private static final String LEFTOVER = """
            {"id": "", "name": "%s", "filmId": "copper", "widthMm": %s, "heightMm": %s, "outline": "%s", "spent": []}""";

    private final Caller caller;

    LeftoverApiTest(Caller caller) {
        this.caller = caller;
    }

    @Test
    void aLeftoverIsAddedChangedRetiredAndDrawn() {
        JsonNode added = caller.post("/api/kit/leftovers", LEFTOVER.formatted("Corner", 60, 40, "M0 0L60 0L0 40Z"))
                .json();
        String id = added.path("item").path("id").asString();
        JsonNode drawn = null;
        for (JsonNode view : caller.get("/api/layouts/leftovers").json()) {
            drawn = view.path("id").asString().equals(id) ? view : drawn;
        }
        assertTrue(drawn != null);
        assertEquals(12, drawn.path("freeCm2").asDouble(), 1e-6);
        Reply changed = caller.put(
                "/api/kit/leftovers/" + id + "?version=" + added.path("version").asLong(),
                LEFTOVER.formatted("Corner, trimmed", 50, 40, "M0 0L50 0L0 40Z"));
        assertEquals("Corner, trimmed", changed.json().path("item").path("name").asString());
        assertEquals(
                200,
                caller.put(
                                "/api/kit/leftovers/" + id + "/retired?version="
                                        + changed.json().path("version").asLong() + "&retired=true",
                                "")
                        .status());
        caller.get("/api/layouts/leftovers")
                .json()
                .forEach(view -> assertTrue(!view.path("id").asString().equals(id), "retired ones are not offered"));
    }

    @Test
    void blackTonerTakesWhatTheFirstDesignLeft() {
        JsonNode started =
                caller.post("/api/layouts/leftovers/leaf-square/negative", "").json();
        JsonNode draft = started.path("draft");
        assertEquals("TONER", draft.path("route").asString());
        assertTrue(draft.path("layers").toString().contains("toner-black"), draft + "");
        JsonNode answer = caller.post("/api/forecasts", draft).json();
        assertTrue(answer.path("expected").path("clean").asDouble() > 0.1, answer + "");
        String design = draft.path("designId").asString();
        assertTrue(caller.get("/api/kit").json().path("plates").toString().contains(design), "it joins the kit");
        assertEquals(
                404, caller.post("/api/layouts/leftovers/nothing/negative", "").status());
        for (String none : new String[] {"copper-end", "black-strip"}) {
            Reply refused = caller.post("/api/layouts/leftovers/" + none + "/negative", "");
            assertEquals(422, refused.status());
            assertEquals("leftover", refused.fields());
        }
    }

    @ParameterizedTest
    @CsvSource({
        "1, 40, '', widthMm",
        "60, 9999, '', heightMm",
        "60, 40, 'scribble', outline",
        "20, 20, 'M0 0L60 0L0 40Z', outline"
    })
    void whatIsNoPieceOfFoilIsRefused(double width, double height, String outline, String field) {
        assertEquals(
                field,
                caller.post("/api/kit/leftovers", LEFTOVER.formatted("Bad", width, height, outline))
                        .fields());
    }

    @Test
    void undoOfNothingLeavesItAsItIs() {
        JsonNode added = caller.post("/api/kit/leftovers", LEFTOVER.formatted("Fresh", 60, 40, ""))
                .json();
        String path = "/api/kit/leftovers/" + added.path("item").path("id").asString() + "/undo?version="
                + added.path("version").asLong();
        assertEquals(0, caller.post(path, "").json().path("item").path("spent").size());
        assertEquals(
                404, caller.post("/api/kit/leftovers/none/undo?version=0", "").status());
    }

    @Test
    void dieSetsAreCountedAndKept() {
        String die = """
                {"id": "", "name": "Hexagon 31", "kind": "THIN_DIE", "material": "STEEL", "thicknessMm": 1.1, "widthMm": 36,
                 "heightMm": 29, "motif": {"kind": "HEXAGON", "text": "", "outline": ""}, "set": "Hexagons"}""";
        assertEquals(201, caller.post("/api/kit/plates", die).status());
        int hexagons = 0;
        for (JsonNode kept : caller.get("/api/kit").json().path("plates")) {
            hexagons += kept.path("item").path("set").asString().equals("Hexagons") ? 1 : 0;
        }
        assertEquals(8, hexagons);
        assertEquals(
                "motif.outline",
                caller.post("/api/kit/plates", die.replace("HEXAGON", "OUTLINE"))
                        .fields());
    }
}
