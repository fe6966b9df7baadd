package glanzen.app.parcel;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Asked;
import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A job or recipe is sent to somebody else, and made with what that person owns. */
@ExtendWith(Server.class)
class ParcelApiTest {

    private final Caller caller;

    ParcelApiTest(Caller caller) {
        this.caller = caller;
    }

    private static String arriving(JsonNode parcel, String answers) {
        return "{\"parcel\": " + parcel + ", \"answers\": " + answers + "}";
    }

    private JsonNode recipe(String name) {
        String id = Asked.setUp(caller, name).path("id").asString();
        return caller.get("/api/set-ups/" + id + "/parcel").json();
    }

    /** The key of its tool, in quotes. */
    private static String plate(JsonNode parcel) {
        return parcel.path("things").path("plates").get(0).path("id").toString();
    }

    private JsonNode needed(JsonNode view, String id) {
        for (JsonNode thing : view.path("things")) {
            if (thing.path("id").asString().equals(id)) {
                return thing;
            }
        }
        throw new AssertionError("no " + id + " in " + view);
    }

    @Test
    void aRecipeBringsJustWhatItNeedsAndFindsItAgainInTheSameKit() {
        JsonNode parcel = recipe("Rosette, cut");
        JsonNode view = caller.post("/api/parcels/look", arriving(parcel, "{}")).json();
        assertFalse(view.path("job").asBoolean());
        assertTrue(view.path("things").size()
                < caller.get("/api/kit").json().path("boards").size() + 5);
        view.path("things")
                .forEach(t -> assertEquals(t.path("id"), t.path("usual"), () -> t.path("name") + " is here already"));
    }

    @Test
    void anotherPressStandsInAndTheRestIsTakenOver() {
        JsonNode mine = recipe("Rosette, cut");
        String press =
                mine.path("setUps").get(0).path("draft").path("machineId").asString();
        String theirs = mine.toString()
                .replace(plate(mine), "\"their-rosette\"")
                .replace("\"" + press + "\"", "\"their-press\"")
                .replace("\"name\":\"Rosette, cut\"", "\"name\":\"Rosette from Hazel\"");
        JsonNode parcel = Asked.json(theirs);
        JsonNode view = caller.post("/api/parcels/look", arriving(parcel, "{}")).json();
        assertEquals(press, needed(view, "their-press").path("usual").asString());
        int plates = caller.get("/api/kit").json().path("plates").size();
        Reply taken = caller.post("/api/parcels", arriving(parcel, answers(view, "their-rosette")));
        assertEquals(201, taken.status(), () -> taken.json().toString());
        JsonNode kept = Asked.setUp(caller, "Rosette from Hazel");
        assertEquals(press, kept.path("draft").path("machineId").asString());
        assertFalse(kept.path("proven").asBoolean(), "what is proven elsewhere is not proven here");
        assertEquals(plates + 1, caller.get("/api/kit").json().path("plates").size());
        assertFalse(kept.toString().contains("their-"));
    }

    /** All as usual, but one thing that is taken over. */
    private static String answers(JsonNode view, String taken) {
        StringBuilder answers = new StringBuilder("{");
        view.path("things").forEach(t -> {
            String usual =
                    t.path("id").asString().equals(taken) ? "" : t.path("usual").asString();
            answers.append(answers.length() > 1 ? "," : "")
                    .append(t.path("id"))
                    .append(":\"")
                    .append(usual)
                    .append('"');
        });
        return answers.append('}').toString();
    }

    @Test
    void aJobComesWithItsSetUps() {
        JsonNode job = caller.get("/api/jobs").json().get(0);
        JsonNode parcel =
                caller.get("/api/jobs/" + job.path("id").asString() + "/parcel").json();
        JsonNode view = caller.post("/api/parcels/look", arriving(parcel, "{}")).json();
        Reply taken = caller.post("/api/parcels", arriving(parcel, answers(view, "")));
        assertEquals(201, taken.status(), () -> taken.json().toString());
        String id = taken.json().path("jobId").asString();
        assertNotEquals(job.path("id").asString(), id);
        JsonNode kept = Asked.job(caller, id);
        assertEquals(job.path("job").path("pieces").size(), kept.path("pieces").size());
        assertEquals(parcel.path("setUps").size(), taken.json().path("setUpIds").size());
        kept.path("pieces")
                .forEach(p -> p.path("operations").forEach(o -> {
                    if (o.path("setUpId").isString()) {
                        assertTrue(taken.json()
                                .path("setUpIds")
                                .toString()
                                .contains(o.path("setUpId").toString()));
                    }
                }));
    }

    @Test
    void whatIsNotWholeIsRefusedAndNothingStays() {
        JsonNode parcel = recipe("Rosette, cut");
        String before = caller.get("/api/kit").json().toString();
        String lost = parcel.toString().replaceFirst("\"id\":" + plate(parcel) + ",\"name", "\"id\":\"lost\",\"name");
        assertRefused(caller.post("/api/parcels", arriving(Asked.json(lost), "{}")), "layers");
        assertRefused(
                caller.post("/api/parcels", arriving(parcel, "{" + plate(parcel) + ": \"old-iron\"}")), "answers.");
        String other = parcel.toString().replace("glanzen-parcel", "notes");
        assertRefused(caller.post("/api/parcels/look", arriving(Asked.json(other), "{}")), "format");
        assertEquals(
                400,
                caller.post("/api/parcels/look", "{\"parcel\": [1], \"answers\": {}}")
                        .status());
        assertEquals(before, caller.get("/api/kit").json().toString());
    }

    private static void assertRefused(Reply reply, String field) {
        assertEquals(422, reply.status(), () -> reply.json().toString());
        assertTrue(reply.fields().contains(field), reply.fields());
    }
}
