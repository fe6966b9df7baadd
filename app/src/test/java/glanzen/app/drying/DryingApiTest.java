package glanzen.app.drying;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(Server.class)
class DryingApiTest {

    private final Caller caller;

    DryingApiTest(Caller caller) {
        this.caller = caller;
    }

    private Reply spread(String name, double coatMm, String stock, Instant at) {
        return caller.post("/api/dryings", """
                {"name": "%s", "stockId": "%s", "coatMm": %s, "humidity": 0.5, "stencilled": true, "stencilId": null, "spreadAt": "%s"}""".formatted(name, stock, coatMm, at));
    }

    /** Bench time may be ahead of the wall clock: other tests let it run faster. */
    private Instant benchNow() {
        return Instant.parse(caller.get("/api/bench").json().path("now").asString());
    }

    @Test
    void aPanelTellsWhenItIsClearSoundAndTooOld() {
        Instant now = benchNow();
        JsonNode wet = spread("Drip card", 0.15, "ivory-300", now).json();
        assertEquals("WET", wet.path("state").asString());
        Instant spread = Instant.parse(wet.path("spreadAt").asString());
        Duration sound =
                Duration.between(spread, Instant.parse(wet.path("soundAt").asString()));
        assertEquals(2.2, sound.toMinutes() / 60.0, 0.1);
        assertTrue(wet.path("says").toString().contains("stencil"));
        assertEquals(
                "SOUND",
                spread("Yesterday", 0.15, "ivory-300", now.minus(Duration.ofHours(20)))
                        .json()
                        .path("state")
                        .asString());
        assertEquals(
                "TOO_LATE",
                spread("Old", 0.15, "ivory-300", now.minus(Duration.ofDays(9)))
                        .json()
                        .path("state")
                        .asString());
        JsonNode thin = spread("Thin paper", 0.15, "text-160", now).json();
        assertTrue(thin.path("says").toString().contains("curl"));
    }

    @Test
    void gelCannotBeDryBeforeItWasSpreadAndEarlyIsToldOf() {
        Instant spread = benchNow().minus(Duration.ofHours(1));
        JsonNode panel = spread("Thick", 0.5, "ivory-300", spread).json();
        String path = "/api/dryings/" + panel.path("id").asString() + "/dry?version="
                + panel.path("version").asLong();
        Reply before = caller.put(path + "&at=" + spread.minusSeconds(600), "");
        assertEquals(422, before.status());
        assertEquals("at", before.fields());
        JsonNode early = caller.put(path, "").json();
        assertTrue(early.path("says").get(0).asString().contains("clear is not sound"));
        assertEquals(409, caller.put(path, "").status());
    }

    @Test
    void badPanelsAreRefused() {
        assertEquals("coatMm", spread("Nothing", 0, "ivory-300", benchNow()).fields());
        assertEquals("stockId", spread("Lost", 0.2, "nobody", benchNow()).fields());
        assertEquals(
                "spreadAt",
                spread("Tomorrow", 0.2, "ivory-300", benchNow().plus(Duration.ofDays(1)))
                        .fields());
    }

    private static final String THROUGH = """
            {"name": "Through bee", "stockId": "white-350", "coatMm": 0.25, "humidity": 0.4, "stencilled": false,
             "stencilId": "%s"}""";

    @Test
    void aPanelRemembersItsStencilAndWhatItLiesOn() {
        JsonNode panel =
                caller.post("/api/dryings", THROUGH.formatted("bee-stencil")).json();
        assertEquals("bee-stencil", panel.path("stencilId").asString());
        assertEquals("white-350", panel.path("stockId").asString());
        assertEquals(0.4, panel.path("humidity").asDouble(), 1e-9);
        assertTrue(panel.path("driedSeconds").asDouble() < 60);
        assertTrue(panel.path("says").toString().contains("Clean the stencil"), "named, it was through one");
        caller.post("/api/bench/skip?seconds=3600", "");
        for (JsonNode later : caller.get("/api/dryings").json()) {
            if (later.path("id").equals(panel.path("id"))) {
                assertEquals(3600, later.path("driedSeconds").asDouble(), 30);
                assertTrue(
                        later.path("dryness").asDouble() > panel.path("dryness").asDouble());
            }
        }
        assertEquals(
                "stencilId",
                caller.post("/api/dryings", THROUGH.formatted("nobody")).fields());
        assertEquals(
                204,
                caller.delete("/api/dryings/" + panel.path("id").asString() + "?version="
                                + panel.path("version").asLong())
                        .status());
    }
}
