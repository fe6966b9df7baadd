package glanzen.app;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Things tests ask for again and again. */
public final class Asked {

    private Asked() {}

    /** A saved set-up of the demo by name. */
    public static JsonNode setUp(Caller caller, String name) {
        for (JsonNode saved : caller.get("/api/set-ups").json()) {
            if (saved.path("name").asString().equals(name)) {
                return saved;
            }
        }
        throw new AssertionError("No set-up called " + name);
    }

    /** A job by its key. */
    public static JsonNode job(Caller caller, String id) {
        for (JsonNode saved : caller.get("/api/jobs").json()) {
            if (saved.path("id").asString().equals(id)) {
                return saved.path("job");
            }
        }
        throw new AssertionError("No job " + id);
    }

    /** A text as JSON. */
    public static JsonNode json(String text) {
        return JsonMapper.shared().readTree(text);
    }

    /** A thing of the kit. */
    public static JsonNode item(Caller caller, String shelf, String id) {
        for (JsonNode kept : caller.get("/api/kit").json().path(shelf)) {
            if (kept.path("item").path("id").asString().equals(id)) {
                return kept.path("item");
            }
        }
        throw new AssertionError("No " + id + " among the " + shelf);
    }

    /** A draft's layout after some steps. */
    public static Caller.Reply look(Caller caller, JsonNode draft, String steps) {
        return caller.post("/api/layouts", "{\"draft\": %s, \"steps\": [%s]}".formatted(draft, steps));
    }

    /** Returns the first proposal: the best there is, or the cheapest change where that is as good. */
    public static JsonNode proposed(JsonNode advice) {
        return advice.path("best").isEmpty()
                ? advice.path("cheapest")
                : advice.path("best").get(0);
    }

    /** A new set-up, for tests that change one. */
    public static JsonNode fresh(Caller caller, String name) {
        return caller.post("/api/set-ups", """
                        {"name": "%s", "route": "HOT_PLATE", "machineId": "old-iron", "platformId": "a5-platform",
                         "plateId": "show", "filmId": "silver", "stockId": "ivory-300"}""".formatted(name)).json();
    }

    /** A draft that soaks otherwise on its platform, s. */
    public static ObjectNode soaking(JsonNode draft, double seconds) {
        ObjectNode changed = (ObjectNode) draft.deepCopy();
        ((ObjectNode) changed.path("onPlatform")).put("soakSeconds", seconds);
        return changed;
    }

    /** A draft with one member changed. */
    public static ObjectNode with(JsonNode draft, String member, Object value) {
        ObjectNode changed = (ObjectNode) draft.deepCopy();
        changed.putPOJO(member, value);
        return changed;
    }
}
