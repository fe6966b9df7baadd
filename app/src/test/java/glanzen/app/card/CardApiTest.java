package glanzen.app.card;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import java.util.TreeSet;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(Server.class)
class CardApiTest {

    private final Caller caller;

    CardApiTest(Caller caller) {
        this.caller = caller;
    }

    private JsonNode saved(String name) {
        for (JsonNode job : caller.get("/api/jobs").json()) {
            if (job.path("job").path("name").asString().equals(name)) {
                return job;
            }
        }
        throw new AssertionError(name);
    }

    private static String text(Reply reply) {
        return new String(reply.bytes(), StandardCharsets.UTF_8);
    }

    private JsonNode look(JsonNode job) {
        Reply reply = caller.post("/api/cards/look", job);
        assertEquals(200, reply.status(), text(reply));
        return reply.json();
    }

    @Test
    void everyJobOfTheShowHasACardThatNothingStops() {
        Set<String> ways = new TreeSet<>();
        Set<String> folds = new TreeSet<>();
        boolean shaker = false;
        for (JsonNode card : caller.get("/api/cards").json()) {
            JsonNode job = saved(card.path("name").asString()).path("job");
            JsonNode look = look(job);
            assertTrue(look.path("fits").asBoolean(), card.path("name") + " " + look.path("findings"));
            look.path("pieces").forEach(p -> ways.add(p.path("way").asString()));
            folds.add(card.path("card").path("base").path("fold").asString());
            for (JsonNode m : card.path("card").path("mounted")) {
                shaker |= m.path("fillingMm").asDouble() > 0;
            }
        }
        assertEquals(6, caller.get("/api/cards").json().size());
        assertTrue(ways.containsAll(Set.of("FLAT", "RAISED", "BEHIND", "INTO_OPENING")), ways.toString());
        assertTrue(folds.contains("GATE") && shaker);
    }

    @Test
    void piecesTakeTheSizesTheirBaseGivesThemAndTheJobKeepsThem() {
        JsonNode job = saved("Prize cards").path("job");
        ObjectNode changed = (ObjectNode) job.deepCopy();
        ((ObjectNode) changed.path("card").path("base")).put("widthMm", 140).put("heightMm", 100);
        changed.put("name", "Smaller prize cards");
        JsonNode kept = caller.post("/api/jobs", changed).json();
        JsonNode ground = kept.path("job").path("pieces").get(1);
        assertEquals(128, ground.path("widthMm").asDouble());
        assertEquals(88, ground.path("heightMm").asDouble());
        String id = kept.path("id").asString();
        JsonNode card = caller.get("/api/cards/" + id).json();
        ObjectNode wider = (ObjectNode) card.path("card").deepCopy();
        ((ObjectNode) wider.path("mounted").get(0)).put("showingMm", 10);
        String at = "/api/cards/" + id + "?version=" + card.path("version").asLong();
        assertEquals(200, caller.put(at, wider).status());
        assertEquals(409, caller.put(at, wider).status(), "somebody changed it meanwhile");
        for (JsonNode now : caller.get("/api/jobs").json()) {
            if (now.path("id").asString().equals(id)) {
                assertEquals(
                        120,
                        now.path("job").path("pieces").get(1).path("widthMm").asDouble());
                assertEquals(
                        204,
                        caller.delete("/api/jobs/" + id + "?version="
                                        + now.path("version").asLong())
                                .status());
            }
        }
    }

    @Test
    void aPieceIsPlacedInWordsAndMovedAndItsEnvelopeRefusesIt() {
        ObjectNode card =
                (ObjectNode) saved("Prize cards").path("job").path("card").deepCopy();
        JsonNode placed = caller.post("/api/cards/placed?key=Rosette&words=12%20mm%20from%20the%20left", card)
                .json();
        JsonNode rosette = placed.path("mounted").get(2);
        assertEquals("FROM_LOW", rosette.path("across").path("kind").asString());
        JsonNode moved = caller.post("/api/cards/moved?key=Rosette&rightMm=3&upMm=-2", placed)
                .json();
        assertEquals(15, moved.path("mounted").get(2).path("across").path("mm").asDouble());
        Reply nonsense = caller.post("/api/cards/placed?key=Rosette&words=somewhere", card);
        assertEquals(422, nonsense.status());
        assertTrue(text(nonsense).contains("words"), text(nonsense));
        ObjectNode job = (ObjectNode) saved("Prize cards").path("job").deepCopy();
        ((ObjectNode) job.path("card").path("mounted").get(2)).put("foamMm", 6);
        JsonNode look = look(job);
        assertFalse(look.path("fits").asBoolean());
        JsonNode thick = look.path("findings").get(0);
        assertEquals("envelope-thick", thick.path("rule").asString());
        JsonNode mended = job.deepCopy();
        ((ObjectNode) mended).set("card", thick.path("mend").path("card"));
        assertTrue(look(mended).path("thickestMm").asDouble()
                < look.path("thickestMm").asDouble());
    }

    @Test
    void itIsCutThroughAlongAnyLineAndNotAlongNone() {
        JsonNode job = saved("Prize cards").path("job");
        Reply slant = caller.post("/api/cards/cut", cutting(job, 0, 0, 148, 105));
        assertEquals(200, slant.status(), text(slant));
        assertEquals(Math.hypot(148, 105), slant.json().path("lengthMm").asDouble(), 1e-6);
        Set<String> cut = new TreeSet<>();
        slant.json().path("stretches").forEach(s -> cut.add(s.path("key").asString()));
        assertTrue(cut.contains("Bee and word"), cut.toString());
        Reply none = caller.post("/api/cards/cut", cutting(job, 10, 10, 10, 11));
        assertEquals(422, none.status());
        assertTrue(text(none).contains("line"), text(none));
    }

    private ObjectNode cutting(JsonNode job, double... ends) {
        ObjectNode asked = JsonNodeFactory.instance.objectNode();
        asked.set("draft", job);
        asked.putObject("line")
                .put("fromXMm", ends[0])
                .put("fromYMm", ends[1])
                .put("toXMm", ends[2])
                .put("toYMm", ends[3]);
        return asked;
    }

    @Test
    void whatFallsOutOfAWindowIsKeptAndTheNextJobFindsItBySizeAndShape() {
        JsonNode fallen =
                look(saved("Stall signs").path("job")).path("fallsOut").get(0);
        assertEquals(6, fallen.path("left").asInt());
        Reply kept = caller.post("/api/kit/offcuts", fallen);
        assertEquals(201, kept.status(), text(kept));
        String id = kept.json().path("item").path("id").asString();
        String small = """
                {"name": "Tags", "cards": 2, "pieces": [{"name": "Tag", "stockId": "slate-270", "perCard": 1,
                 "widthMm": %s, "heightMm": %s, "operations": []}]}""";
        JsonNode fits = caller.post("/api/jobs/look", small.formatted(60, 30)).json();
        assertEquals("Tag", fits.path("offcuts").get(0).path("piece").asString());
        JsonNode corners =
                caller.post("/api/jobs/look", small.formatted(80, 70)).json();
        corners.path("offcuts")
                .forEach(o -> assertFalse(
                        o.path("offcut").path("id").asString().equals(id),
                        "a rectangle does not fit into the hexagon"));
        assertEquals(
                200,
                caller.put("/api/kit/offcuts/" + id + "/retired?version=0&retired=true", "")
                        .status());
    }

    @Test
    void foamAndEnvelopesOfTheKitComeFirst() {
        JsonNode look = look(saved("Prize cards").path("job"));
        assertEquals(
                "Foam, 2 mm, an end",
                look.path("foam").get(1).path("from").get(0).asString());
        Reply wrong = caller.post("/api/kit/foams", """
                        {"id": "", "name": "Thick", "thicknessMm": 40, "widthMm": 100, "heightMm": 100, "left": 1}""");
        assertEquals(422, wrong.status());
        assertTrue(text(wrong).contains("thicknessMm"), text(wrong));
    }

    @Test
    void aRingAndWhatIsMissingAreSaid() {
        ObjectNode job = (ObjectNode) saved("Prize cards").path("job").deepCopy();
        ArrayNode mounted = (ArrayNode) job.path("card").path("mounted");
        ((ObjectNode) mounted.get(0)).put("on", "Bee and word");
        JsonNode look = look(job);
        assertEquals("lies-in-ring", look.path("findings").get(0).path("rule").asString());
        job.remove("card");
        Reply none = caller.post("/api/cards/look", job);
        assertEquals(422, none.status());
        assertTrue(text(none).contains("card"), text(none));
        JsonNode first = caller.post("/api/cards/first", job).json();
        assertEquals("Base, folded", first.path("base").path("piece").asString());
        assertEquals(3, first.path("mounted").size());
        assertEquals(404, caller.get("/api/cards/nobody").status());
    }

    @ParameterizedTest
    @ValueSource(strings = {"ASSEMBLY", "PLACES", "PLACES_INSIDE", "FOAM"})
    void papersAreReadByAReaderThatIsNotOurs(String kind) throws IOException {
        String id = saved("Prize cards").path("id").asString();
        Reply file = caller.get("/api/cards/" + id + "/paper.pdf?kind=" + kind + "&paper=A4");
        try (PDDocument pdf = Loader.loadPDF(file.bytes())) {
            String text = new PDFTextStripper().getText(pdf);
            assertTrue(text.contains("50 mm"), text);
            assertEquals(kind.equals("ASSEMBLY"), text.contains("Score and fold the base"), text);
        }
        Reply svg = caller.get("/api/cards/" + id + "/paper.svg?kind=" + kind);
        assertEquals(200, svg.status());
        assertTrue(text(svg).contains("mm\" viewBox"), text(svg));
    }
}
