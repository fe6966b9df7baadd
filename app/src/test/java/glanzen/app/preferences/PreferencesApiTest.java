package glanzen.app.preferences;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Asked;
import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(Server.class)
class PreferencesApiTest {

    private final Caller caller;

    PreferencesApiTest(Caller caller) {
        this.caller = caller;
    }

    @AfterEach
    void backToMillimetres() {
        caller.put("/api/preferences", Asked.with(caller.get("/api/preferences").json(), "length", "MM"));
    }

    private Reply read(String kind, String text) {
        return caller.post(
                "/api/quantities", "{\"kind\": \"%s\", \"field\": \"width\", \"text\": \"%s\"}".formatted(kind, text));
    }

    @Test
    void quantitiesAreReadInThePersonsUnits() {
        assertEquals(4, read("LENGTH", "4").json().path("value").asDouble());
        JsonNode now = caller.get("/api/preferences").json();
        assertEquals(
                200,
                caller.put("/api/preferences", Asked.with(now, "length", "IN")).status());
        assertEquals(101.6, read("LENGTH", "4").json().path("value").asDouble(), 1e-9);
        assertEquals(107.95, read("LENGTH", "4 1/4").json().path("value").asDouble(), 1e-9);
    }

    @Test
    void whatCannotBeReadIsNamedWithWhatCan() {
        Reply refused = read("WEIGHT", "heavy");
        assertEquals(422, refused.status());
        assertEquals("width", refused.fields());
        assertTrue(
                refused.json().path("errors").get(0).path("accepted").asString().contains("110 lb cover"));
    }

    @Test
    void anOldTabCannotOverwriteANewer() {
        JsonNode old = caller.get("/api/preferences").json();
        assertEquals(
                200,
                caller.put("/api/preferences", Asked.with(old, "length", "IN")).status());
        assertEquals(
                409,
                caller.put("/api/preferences", Asked.with(old, "theme", "DARK")).status());
    }

    @Test
    void anAbsurdRoomIsRefused() {
        Reply refused = caller.put(
                "/api/preferences", Asked.with(caller.get("/api/preferences").json(), "roomC", 90));
        assertEquals("roomC", refused.fields());
    }
}
