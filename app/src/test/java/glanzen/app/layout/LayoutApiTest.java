package glanzen.app.layout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Asked;
import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(Server.class)
class LayoutApiTest {

    private final Caller caller;

    LayoutApiTest(Caller caller) {
        this.caller = caller;
    }

    private JsonNode draft(String name) {
        return Asked.setUp(caller, name).path("draft");
    }

    private static JsonNode plate(JsonNode view, String key) {
        for (JsonNode plate : view.path("plates")) {
            if (plate.path("key").asString().equals(key)) {
                return plate;
            }
        }
        throw new AssertionError(key);
    }

    @Test
    void aMoveOnThePlatformIsAMoveTheOtherWayOnThePiece() {
        JsonNode draft = draft("Prize card, First");
        JsonNode before = Asked.look(caller, draft, "").json();
        JsonNode after = Asked.look(
                        caller,
                        draft,
                        "{\"kind\": \"MOVE\", \"keys\": [\"first\"], \"rightMm\": 6, \"upMm\": 2, \"drawing\": \"PLATFORM\"}")
                .json();
        double moved = plate(after, "first").path("design").path("left").asDouble()
                - plate(before, "first").path("design").path("left").asDouble();
        assertEquals(-6, moved, 0.02, "left and right swap");
        double bee = plate(after, "bee").path("design").path("left").asDouble()
                - plate(before, "bee").path("design").path("left").asDouble();
        assertEquals(-6, bee, 0.02, "what is in line comes along");
    }

    @Test
    void wordsAreReadInThePersonsUnitsOrSayWhatTheyTake() {
        JsonNode draft = draft("Prize card, First");
        String step = "{\"kind\": \"PLACE\", \"keys\": [\"first\"], \"text\": \"%s\"}";
        JsonNode placed = Asked.look(caller, draft, step.formatted("baseline 1 3/8 in from the bottom, centred"))
                .json();
        assertEquals(34.925, plate(placed, "first").path("baselineMm").asDouble(), 0.01);
        Reply bad = Asked.look(caller, draft, step.formatted("somewhere nice"));
        assertEquals(422, bad.status());
        assertEquals("words", bad.fields());
    }

    @Test
    void theForecastFollowsWhereAPlateLies() {
        JsonNode draft = draft("Prize card, Second");
        ObjectNode aside = (ObjectNode) draft.deepCopy();
        ((ObjectNode) aside.path("layout").path("bed")).put("rightMm", 22);
        double middle = caller.post("/api/forecasts", draft)
                .json()
                .path("expected")
                .path("window")
                .path("middle")
                .asDouble();
        double side = caller.post("/api/forecasts", aside)
                .json()
                .path("expected")
                .path("window")
                .path("middle")
                .asDouble();
        assertTrue(side > middle, "rollers press harder at the sides: " + side + " after " + middle);
    }

    @Test
    void overlappingPlatesStopTheRunWithAReason() {
        ObjectNode draft = (ObjectNode) draft("Prize card, First").deepCopy();
        JsonNode view = Asked.look(
                        caller, draft, "{\"kind\": \"PLACE\", \"keys\": [\"bee\"], \"text\": \"1 mm above First\"}")
                .json();
        draft.set("layout", view.path("layout"));
        JsonNode answer = caller.post("/api/forecasts", draft).json();
        assertFalse(answer.path("pullable").asBoolean());
        assertEquals(
                "plates-overlap", answer.path("findings").get(0).path("rule").asString());
    }

    @Test
    void aPlateIsAddedTakenOffAndARowIsSpaced() {
        JsonNode draft = draft("Prize card, First");
        JsonNode three = Asked.look(caller, draft, "{\"kind\": \"ADD\", \"keys\": [], \"plateId\": \"second\"}")
                .json();
        assertEquals(3, three.path("plates").size());
        ObjectNode more = (ObjectNode) draft.deepCopy();
        more.set("layout", three.path("layout"));
        JsonNode spaced = Asked.look(
                        caller, more, "{\"kind\": \"SAME_GAPS\", \"keys\": [\"second\", \"first\", \"bee\"]}")
                .json();
        double lower = plate(spaced, "first").path("design").path("bottom").asDouble()
                - plate(spaced, "second").path("design").path("top").asDouble();
        double upper = plate(spaced, "bee").path("design").path("bottom").asDouble()
                - plate(spaced, "first").path("design").path("top").asDouble();
        assertEquals(lower, upper, 0.02);
        assertEquals(
                2,
                Asked.look(caller, more, "{\"kind\": \"REMOVE\", \"keys\": [\"first\"]}")
                        .json()
                        .path("plates")
                        .size());
    }

    @Test
    void cutsArePlannedForABatch() {
        JsonNode plan = caller.post("/api/layouts/cuts?cards=36&turnable=true", draft("Prize card, First"))
                .json();
        assertEquals(36, plan.path("lines").get(0).path("count").asInt());
        assertEquals(9, plan.path("stock").path("sheets").asInt());
        assertTrue(plan.path("stock").path("fill").asDouble() > 0.99);
        assertEquals(
                "cards",
                caller.post("/api/layouts/cuts?cards=0&turnable=true", draft("Prize card, First"))
                        .fields());
    }

    @ParameterizedTest
    @ValueSource(strings = {"PLATE", "FILM", "STOCK"})
    void aLayoutWithoutOneOfItsLayersIsAskedForIt(String kind) {
        ObjectNode draft = (ObjectNode) draft("Prize card, First").deepCopy();
        ArrayNode layers = (ArrayNode) draft.path("layers");
        layers.removeIf(layer -> layer.path("kind").asString().equals(kind));
        for (String question : List.of("cuts?cards=2&turnable=true", "leftovers?key=first")) {
            Reply reply = caller.post("/api/layouts/" + question, draft);
            assertEquals(422, reply.status(), question);
            assertEquals("layers", reply.fields());
        }
    }

    @Test
    void aLeftoverIsFoundUsedByAPullAndGivenBack() {
        ObjectNode draft = (ObjectNode) draft("Prize card, First").deepCopy();
        JsonNode found = caller.post("/api/layouts/leftovers?key=first", draft)
                .json()
                .path("found")
                .get(0);
        String id = found.path("leftover").path("id").asString();
        assertEquals("copper-offcut", id);
        draft.set("layout", found.path("layout"));
        int before = leftover(id).path("item").path("spent").size();
        Reply logged = caller.post("/api/pulls", """
                {"title": "Uses a leftover", "draft": %s, "outcome": "CLEAN", "amount": "A_LITTLE", "faults": [], "note": ""}""".formatted(draft));
        assertEquals(201, logged.status());
        JsonNode used = leftover(id);
        assertEquals(before + 1, used.path("item").path("spent").size());
        assertEquals(
                logged.json().path("id").asString(),
                used.path("item").path("spent").get(before).path("pullId").asString());
        Reply undone = caller.post(
                "/api/kit/leftovers/" + id + "/undo?version="
                        + used.path("version").asLong(),
                "");
        assertEquals(before, undone.json().path("item").path("spent").size());
        assertEquals(
                409,
                caller.post(
                                "/api/kit/leftovers/" + id + "/undo?version="
                                        + used.path("version").asLong(),
                                "")
                        .status());
    }

    private JsonNode leftover(String id) {
        for (JsonNode kept : caller.get("/api/kit").json().path("leftovers")) {
            if (kept.path("item").path("id").asString().equals(id)) {
                return kept;
            }
        }
        throw new AssertionError(id);
    }

    @Test
    void scrapsDiesPartialCutsAndMakeReadyAnswer() {
        JsonNode work = caller.post(
                        "/api/layouts/patchwork",
                        "{\"plateId\": \"\", \"widthMm\": 60, \"heightMm\": 40, \"leftoverIds\": []}")
                .json();
        assertTrue(work.path("coverage").asDouble() > 0.5);
        String dies = """
                {"draft": %s, "keys": ["bee"], "groundKeys": [], "set": "%s", "leastMm": 2, "mostMm": 9}""";
        JsonNode tried = caller.post("/api/layouts/dies", dies.formatted(draft("Prize card, First"), "Scallops"))
                .json();
        assertEquals(5, tried.size());
        assertEquals(1, tried.get(0).path("number").asInt());
        assertEquals(
                "set",
                caller.post("/api/layouts/dies", dies.formatted(draft("Prize card, First"), "Nothing"))
                        .fields());
        JsonNode part = caller.get("/api/layouts/partial-cut?dieId=tag-long&boardId=outer-1&stopMm=400")
                .json();
        assertEquals(2, part.path("cut").path("passes").size());
        JsonNode ready = caller.post("/api/layouts/make-ready?where=MIDDLE", draft("Prize card, First"))
                .json();
        assertEquals(3, ready.size());
        assertEquals(1, ready.get(0).path("layout").path("patches").size());
    }

    @Test
    void anSvgBecomesAPlateAndATextInItDoesNot() {
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' width='40mm' height='30mm' viewBox='0 0 40 30'>%s</svg>";
        JsonNode read = caller.upload(
                        "/api/artworks",
                        "svg",
                        svg.formatted("<path d='M5 5h30v20h-30z'/>").getBytes(StandardCharsets.UTF_8))
                .json();
        assertEquals(30, read.path("widthMm").asDouble(), 0.01);
        Reply kept =
                caller.post("/api/kit/plates", """
                {"id": "", "name": "From outside", "kind": "PLATE", "material": "BRASS", "thicknessMm": 1.6, "widthMm": 34,
                 "heightMm": 24, "motif": %s, "set": ""}""".formatted(read.path("plate").path("motif")));
        assertEquals(201, kept.status());
        String id = kept.json().path("item").path("id").asString();
        assertTrue(caller.get("/api/plates/" + id + "/outline")
                .json()
                .path("path")
                .asString()
                .startsWith("M"));
        Reply text = caller.upload(
                "/api/artworks", "svg", svg.formatted("<text>a</text>").getBytes(StandardCharsets.UTF_8));
        assertEquals(422, text.status());
        assertTrue(text.json().path("errors").get(0).path("message").asString().contains("outlines"));
    }
}
