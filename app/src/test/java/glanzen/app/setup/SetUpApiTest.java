package glanzen.app.setup;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Asked;
import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(Server.class)
class SetUpApiTest {

    private final Caller caller;

    SetUpApiTest(Caller caller) {
        this.caller = caller;
    }

    private ObjectNode draft() {
        return (ObjectNode)
                Asked.setUp(caller, "Prize card, First").path("draft").deepCopy();
    }

    @Test
    void aDraftIsAnsweredInOneGo() {
        JsonNode answer = caller.post("/api/forecasts", draft()).json();
        JsonNode expected = answer.path("expected");
        int twenty = 0;
        for (String side : List.of("under", "clean", "over", "refused")) {
            twenty += expected.path("twenty").path(side).asInt();
        }
        assertEquals(20, twenty);
        assertTrue(answer.path("pullable").asBoolean());
        assertEquals(0.452, answer.path("overfillMm").asDouble(), 1e-6);
        assertTrue(expected.path("heat").size() >= 4);
        assertTrue(expected.path("window").path("ticks").size() > 0);
        assertTrue(answer.path("cautions").size() > 0);
        assertTrue(answer.path("rig").path("pulls").asInt() > 20);
    }

    @Test
    void aMendComesAsADraftThatCanBeUsed() {
        ObjectNode draft = draft();
        ((ObjectNode) draft.path("layers").get(2)).put("facing", "UP");
        JsonNode found =
                caller.post("/api/forecasts", draft).json().path("findings").get(0);
        assertEquals("film-face", found.path("rule").asString());
        assertEquals(2, found.path("layer").asInt());
        JsonNode mended =
                caller.post("/api/forecasts", found.path("mend").path("draft")).json();
        assertTrue(mended.path("pullable").asBoolean());
    }

    @Test
    void twoToolsAreAFindingAndNoForecast() {
        ObjectNode draft = draft();
        ArrayNode layers = (ArrayNode) draft.path("layers");
        layers.insert(2, layers.get(1).deepCopy());
        JsonNode answer = caller.post("/api/forecasts", draft).json();
        assertFalse(answer.path("pullable").asBoolean());
        assertTrue(answer.path("expected").isMissingNode());
        assertEquals(
                "too-many-layers", answer.path("findings").get(0).path("rule").asString());
        assertEquals(422, caller.post("/api/advice", draft).status());
    }

    @Test
    void somethingNotInTheKitIsNamedWhereItStands() {
        ObjectNode draft = draft();
        ((ObjectNode) draft.path("layers").get(3)).put("id", "velvet");
        Reply refused = caller.post("/api/forecasts", draft);
        assertEquals(422, refused.status());
        assertEquals("layers[3]", refused.fields());
    }

    @Test
    void absurdFiguresAreRefused() {
        Reply refused = caller.post("/api/forecasts", Asked.soaking(draft(), 1e9));
        assertEquals("onPlatform.soakSeconds", refused.fields());
        assertEquals(
                422,
                caller.post("/api/forecasts", Asked.with(draft(), "machineId", null))
                        .status());
    }

    @Test
    void adviceIsBetterThanWhatItWasAskedAbout() {
        JsonNode plain = Asked.with(Asked.fresh(caller, "Not advised yet").path("draft"), "pace", "BRISK");
        JsonNode now = caller.post("/api/forecasts", plain).json().path("expected");
        JsonNode advice = caller.post("/api/advice", plain).json();
        assertTrue(advice.path("considered").asInt() > 1000);
        JsonNode best = Asked.proposed(advice);
        assertTrue(best.path("expected").path("clean").asDouble()
                > now.path("clean").asDouble());
        JsonNode used = caller.post("/api/forecasts", best.path("draft")).json().path("expected");
        assertEquals(
                best.path("expected").path("clean").asDouble(),
                used.path("clean").asDouble(),
                1e-9);
    }

    @Test
    void whereSchoolsDifferEachWayIsReckoned() {
        JsonNode schools = caller.post("/api/schools", draft()).json();
        assertEquals(9, schools.size());
        schools.forEach(school -> {
            int present = 0;
            for (JsonNode way : school.path("ways")) {
                present += way.path("present").asBoolean() ? 1 : 0;
                assertTrue(way.path("twenty").path("clean").isInt());
                assertTrue(way.path("seconds").asDouble() > 0);
            }
            assertEquals(1, present, school.path("question").asString());
        });
    }

    @Test
    void aPlaceOnTheWindowIsReachedByOneChange() {
        JsonNode offers =
                caller.post("/api/advice/toward?position=0.5", draft()).json();
        assertEquals(1, offers.size());
        assertEquals(1, offers.get(0).path("changes").size());
        assertEquals(422, caller.post("/api/advice/toward?position=77", draft()).status());
    }

    @Test
    void thePullIsDrawn() throws IOException {
        Reply picture = caller.post("/api/pictures?width=300&height=200", draft());
        assertEquals(
                300, ImageIO.read(new ByteArrayInputStream(picture.bytes())).getWidth());
        assertEquals(
                422, caller.post("/api/pictures?width=99999&height=2", draft()).status());
    }

    @Test
    void aSetUpIsStartedRenamedAndThrownAway() {
        JsonNode started = Asked.fresh(caller, "Started");
        String path = "/api/set-ups/" + started.path("id").asString();
        String body = "{\"name\": \"Renamed\", \"draft\": %s}".formatted(started.path("draft"));
        JsonNode renamed = caller.put(
                        path + "?version=" + started.path("version").asLong(), body)
                .json();
        assertEquals("Renamed", caller.get(path).json().path("name").asString());
        assertEquals(
                204,
                caller.delete(path + "?version=" + renamed.path("version").asLong())
                        .status());
        assertEquals(404, caller.get(path).status());
    }

    @Test
    void anOlderWritingNeverReplacesANewer() {
        JsonNode started = Asked.fresh(caller, "Two tabs");
        String path = "/api/set-ups/" + started.path("id").asString() + "?version="
                + started.path("version").asLong();
        JsonNode slower = Asked.with(started.path("draft"), "pace", "BRISK");
        assertEquals(
                200,
                caller.put(path, "{\"name\": \"A\", \"draft\": %s}".formatted(slower))
                        .status());
        Reply second = caller.put(path, "{\"name\": \"B\", \"draft\": %s}".formatted(started.path("draft")));
        assertEquals(409, second.status());
        String id = "/api/set-ups/" + started.path("id").asString();
        assertEquals("BRISK", caller.get(id).json().path("draft").path("pace").asString());
        caller.delete(id + "?version=" + caller.get(id).json().path("version").asLong());
    }

    @Test
    void aBadDraftIsNotKept() {
        JsonNode started = Asked.fresh(caller, "Stays good");
        String path = "/api/set-ups/" + started.path("id").asString();
        JsonNode bad = Asked.with(started.path("draft"), "passes", -2);
        Reply refused = caller.put(
                path + "?version=" + started.path("version").asLong(),
                "{\"name\": \"x\", \"draft\": %s}".formatted(bad));
        assertEquals("passes", refused.fields());
        assertEquals("Stays good", caller.get(path).json().path("name").asString());
        caller.delete(path + "?version=" + started.path("version").asLong());
    }
}
