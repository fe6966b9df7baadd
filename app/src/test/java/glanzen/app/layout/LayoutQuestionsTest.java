package glanzen.app.layout;

import static glanzen.app.Asked.look;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Asked;
import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Questions a page may ask of a layout, good and bad. */
@ExtendWith(Server.class)
class LayoutQuestionsTest {

    private final Caller caller;

    LayoutQuestionsTest(Caller caller) {
        this.caller = caller;
    }

    private ObjectNode draft(String name) {
        return (ObjectNode) Asked.setUp(caller, name).path("draft").deepCopy();
    }

    private static ObjectNode part(ObjectNode draft, String member) {
        return (ObjectNode) draft.path("layout").path(member);
    }

    @Test
    void aQuestionWithoutStepsIsOnlyALook() {
        Reply reply = caller.post("/api/layouts", "{\"draft\": %s}".formatted(draft("Prize card, First")));
        assertEquals(200, reply.status());
        assertEquals(2, reply.json().path("plates").size());
    }

    @Test
    void aDraftThatWasNeverLaidOutBeginsInTheMiddle() {
        ObjectNode draft = draft("Prize card, bee");
        draft.remove("layout");
        JsonNode view = look(caller, draft, "").json();
        assertEquals(1, view.path("plates").size());
        assertEquals(
                "centred across",
                view.path("plates").get(0).path("words").get(0).asString());
        // An A4 sheet is halved once to go on the demo platform.
        assertEquals(148.5, view.path("layout").path("piece").path("widthMm").asDouble());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"kind\": \"ADD\", \"keys\": [], \"plateId\": \"nothing\"}|plateId",
                "{\"kind\": \"PLACE\", \"keys\": [\"nobody\"], \"text\": \"centred\"}|keys",
                "{\"kind\": \"PLACE\", \"keys\": [\"first\"], \"text\": \"5 mm below Nobody\"}|words",
                "{\"kind\": \"PLACE\", \"keys\": [\"first\"], \"text\": \"same gap\"}|words",
                "{\"kind\": \"PLACE\", \"keys\": [\"first\"], \"text\": \"5 mm above Bee\"}|hold"
            })
    void aStepThatCannotBeDoneSaysWhy(String step, String field) {
        Reply reply = look(caller, draft("Prize card, First"), step);
        assertEquals(422, reply.status());
        assertEquals(field, reply.fields());
        assertFalse(
                reply.json().path("errors").get(0).path("accepted").asString().isBlank());
    }

    @Test
    void aPlateIsTurnedByQuarters() {
        ObjectNode draft = draft("Prize card, bee");
        JsonNode before = look(caller, draft, "").json().path("plates").get(0).path("design");
        JsonNode after = look(caller, draft, "{\"kind\": \"TURN\", \"keys\": [\"bee\"]}")
                .json()
                .path("plates")
                .get(0)
                .path("design");
        double width = before.path("right").asDouble() - before.path("left").asDouble();
        double height = after.path("top").asDouble() - after.path("bottom").asDouble();
        assertEquals(width, height, 0.01);
    }

    @Test
    void plateAndDieAreToldApart() {
        ObjectNode draft = draft("Prize card, bee");
        JsonNode cut = look(caller, draft, "{\"kind\": \"ADD_CUT\", \"keys\": [\"bee\"], \"plateId\": \"hexagon-85\"}")
                .json();
        assertEquals(1, cut.path("plates").size());
        assertEquals("hexagon-85", cut.path("cuts").get(0).path("key").asString());
        assertEquals(
                "in line with Bee", cut.path("cuts").get(0).path("words").get(0).asString());
        ObjectNode more = draft.deepCopy();
        more.set("layout", cut.path("layout"));
        JsonNode other = look(caller, more, "{\"kind\": \"ADD_CUT\", \"keys\": [\"bee\"], \"plateId\": \"hexagon-76\"}")
                .json();
        assertEquals(1, other.path("cuts").size(), "a piece is cut out by one die");
    }

    @Test
    void theSamePlateMayLieTwice() {
        JsonNode view = Asked.look(
                        caller,
                        draft("Prize card, bee"),
                        "{\"kind\": \"ADD\", \"keys\": [], \"plateId\": \"bee\"}, {\"kind\": \"ONE_AXIS\", \"keys\": [\"bee\", \"bee-2\"]}")
                .json();
        assertEquals("bee-2", view.path("plates").get(1).path("key").asString());
        assertEquals(
                "in line with Bee",
                view.path("plates").get(1).path("words").get(0).asString());
    }

    @Test
    void snappingSaysWhatItWasDrawnTo() {
        JsonNode view = Asked.look(
                        caller,
                        draft("Prize card, First"),
                        "{\"kind\": \"MOVE\", \"keys\": [\"first\"], \"rightMm\": 1.2, \"upMm\": 0, \"drawing\": \"PIECE\", \"snapMm\": 2}")
                .json();
        assertEquals("centred across", view.path("guides").get(0).path("words").asString());
        assertEquals(52.5, view.path("guides").get(0).path("atMm").asDouble(), 0.01);
        assertTrue(view.path("guides").get(0).path("across").asBoolean());
    }

    @ParameterizedTest
    @ValueSource(strings = {"SIDEWAYS", "ENDWAYS"})
    void theMatrixTakesThePieceToThePlatform(String over) {
        ObjectNode draft = draft("Prize card, First");
        part(draft, "bed").put("over", over).put("rightMm", 10).put("upMm", -5);
        JsonNode m = look(caller, draft, "").json().path("toPlatform");
        double x =
                m.get(0).asDouble() * 52.5 + m.get(2).asDouble() * 74 + m.get(4).asDouble();
        double y =
                m.get(1).asDouble() * 52.5 + m.get(3).asDouble() * 74 + m.get(5).asDouble();
        assertEquals(10, x, 1e-9, "the piece's middle lies where the bed says");
        assertEquals(-5, y, 1e-9);
        double determinant = m.get(0).asDouble() * m.get(3).asDouble()
                - m.get(1).asDouble() * m.get(2).asDouble();
        assertEquals(-1, determinant, 1e-9, "face down means mirrored");
    }

    @Test
    void whatHangsOverIsMendedInOnePress() {
        ObjectNode draft = draft("Prize card, bee");
        part(draft, "bed").put("rightMm", 68);
        JsonNode view = look(caller, draft, "").json();
        JsonNode overhang = null;
        for (JsonNode remark : view.path("findings")) {
            overhang = remark.path("rule").asString().equals("overhang") ? remark : overhang;
        }
        assertTrue(overhang != null, view.path("findings").toString());
        draft.set("layout", overhang.path("mend").path("layout"));
        assertFalse(look(caller, draft, "").json().path("findings").toString().contains("overhang"));
    }

    @Test
    void absurdLayoutsAreRefusedByName() {
        ObjectNode draft = draft("Prize card, First");
        part(draft, "piece").put("widthMm", -4);
        assertEquals("piece.widthMm", look(caller, draft, "").fields());
        ObjectNode turned = draft("Prize card, First");
        part(turned, "bed").put("quarterTurns", 9);
        assertEquals("bed.quarterTurns", look(caller, turned, "").fields());
        ObjectNode lost = draft("Prize card, First");
        ((ObjectNode) lost.path("layout").path("plates").get(0)).put("plateId", "nothing");
        assertEquals("layout.plates.plateId", look(caller, lost, "").fields());
    }

    @Test
    void grainMayMakeAPieceUncuttable() {
        ObjectNode draft = draft("Stall sign");
        part(draft, "piece").put("widthMm", 280).put("heightMm", 100).put("trimMm", 0);
        assertEquals(
                200,
                caller.post("/api/layouts/cuts?cards=2&turnable=true", draft).status());
        Reply grain = caller.post("/api/layouts/cuts?cards=2&turnable=false", draft);
        assertEquals("sheet", grain.fields());
        assertTrue(grain.json().path("errors").get(0).path("message").asString().contains("grain"));
    }

    @Test
    void ribbonIsCutToLengthFromItsRoll() {
        JsonNode plan = caller.post("/api/layouts/cuts?cards=60&turnable=true", draft("Jar ribbon"))
                .json();
        assertEquals(60, plan.path("lines").get(0).path("count").asInt());
        assertTrue(plan.path("lines").get(1).path("trimmedShort").asBoolean());
        assertEquals(4, plan.path("stock").path("sheets").asInt(), "fifteen to a roll of four metres");
    }

    @Test
    void questionsAboutNothingAreAnsweredByName() {
        assertEquals(
                "key",
                caller.post("/api/layouts/leftovers?key=nobody", draft("Prize card, First"))
                        .fields());
        assertEquals(
                "dieId",
                caller.get("/api/layouts/partial-cut?dieId=bee&boardId=outer-1&stopMm=20")
                        .fields());
        assertEquals(
                "boardId",
                caller.get("/api/layouts/partial-cut?dieId=hexagon-94&boardId=tissue&stopMm=20")
                        .fields());
        assertEquals(
                "stopMm",
                caller.get("/api/layouts/partial-cut?dieId=hexagon-94&boardId=outer-1&stopMm=-3")
                        .fields());
        assertEquals(
                "leftoverIds",
                caller.post(
                                "/api/layouts/patchwork",
                                "{\"plateId\": \"bee\", \"widthMm\": 0, \"heightMm\": 0, \"leftoverIds\": [\"gone\"]}")
                        .fields());
        assertEquals(
                "widthMm",
                caller.post(
                                "/api/layouts/patchwork",
                                "{\"plateId\": \"\", \"widthMm\": 0, \"heightMm\": 20, \"leftoverIds\": []}")
                        .fields());
        assertEquals(404, caller.get("/api/plates/nothing/outline").status());
        assertEquals(
                404,
                caller.get("/api/set-ups/nothing/template.pdf?kind=TRACING&paper=A4")
                        .status());
        assertEquals(
                400,
                caller.get("/api/set-ups/nothing/template.pdf?kind=SCRIBBLE&paper=A4")
                        .status());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<!DOCTYPE svg [<!ENTITY x SYSTEM 'file:///etc/hostname'>]><svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0h&x;'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg'><rect width='99999' height='9'/></svg>",
                "<svg",
                "\u0000\u0001"
            })
    void hostileFilesAreRefusedWithAReasonAndNoTrace(String svg) {
        Reply reply = caller.upload("/api/artworks", "svg", svg.getBytes(StandardCharsets.UTF_8));
        assertEquals(422, reply.status());
        assertEquals("svg", reply.fields());
        assertFalse(new String(reply.bytes(), StandardCharsets.UTF_8).contains("Exception"));
    }

    @Test
    void makeReadyFollowsWhereItWasSeenToBeWeak() {
        JsonNode left = caller.post("/api/layouts/make-ready?where=LEFT", draft("Stall sign"))
                .json();
        JsonNode right = caller.post("/api/layouts/make-ready?where=RIGHT", draft("Stall sign"))
                .json();
        assertFalse(left.isEmpty() || right.isEmpty());
        assertFalse(left.get(0).path("outline").equals(right.get(0).path("outline")));
        ObjectNode patched = draft("Stall sign");
        patched.set("layout", left.get(0).path("layout"));
        assertEquals(
                left.get(0).path("expected").path("clean").asDouble(),
                caller.post("/api/forecasts", patched)
                        .json()
                        .path("expected")
                        .path("clean")
                        .asDouble(),
                1e-9,
                "what was promised is what is forecast");
        assertEquals(
                200, caller.post("/api/pictures?width=300&height=200", patched).status());
    }

    @Test
    void groundThroughAStencilRunsPastASmallCutAndShortOfALargeOne() {
        JsonNode tried = dies("\"oval-ground\"").json();
        assertTrue(tried.get(tried.size() - 1).path("bleed").path("past").asBoolean(), tried.toString());
        assertFalse(tried.get(0).path("bleed").path("past").asBoolean(), tried.toString());
        Reply plate = dies("\"bee\"");
        assertEquals(422, plate.status());
        assertEquals("stencilId", plate.fields());
    }

    private Reply dies(String stencil) {
        return caller.post("/api/layouts/dies", """
                {"draft": %s, "keys": ["bee"], "groundKeys": [], "stencilId": %s, "set": "Scallops",
                 "leastMm": 1, "mostMm": 20}""".formatted(draft("Prize card, First"), stencil));
    }

    @Test
    void aStencilIsNeverPressedHot() {
        Reply reply = look(
                caller, draft("Prize card, First"), "{\"kind\": \"ADD\", \"keys\": [], \"plateId\": \"oval-ground\"}");
        assertEquals(422, reply.status());
        assertEquals("plateId", reply.fields());
    }
}
