package glanzen.app.run;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
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
class RunApiTest {

    private final Caller caller;

    RunApiTest(Caller caller) {
        this.caller = caller;
    }

    @AfterEach
    void leaveWhatIsOpen() {
        JsonNode run = caller.get("/api/bench").json().path("run");
        if (!run.isMissingNode()) {
            act(run, "LEAVE");
        }
    }

    private JsonNode begin(String name) {
        String id = Asked.setUp(caller, name).path("id").asString();
        return caller.post("/api/runs?setUpId=" + id, "").json();
    }

    private Reply act(JsonNode run, String action) {
        return caller.post(
                "/api/runs/" + run.path("id").asString() + "/actions?action=" + action + "&version="
                        + run.path("version").asLong(),
                "");
    }

    private static String kind(JsonNode run) {
        return run.path("steps").get(run.path("step").asInt()).path("kind").asString();
    }

    private JsonNode upTo(JsonNode run, String kind) {
        JsonNode now = run;
        while (!kind(now).equals(kind)) {
            now = act(now, "NEXT").json();
        }
        return now;
    }

    @Test
    void devicesFollowTheHands() {
        JsonNode run = begin("Prize card, First");
        assertFalse(run.path("preflight").get(0).path("done").asBoolean());
        run = upTo(run, "HEAT_UP");
        assertTrue(run.path("platform").path("on").asBoolean());
        run = upTo(run, "HOLD");
        assertFalse(run.path("platform").path("docked").asBoolean());
        run = upTo(run, "PASS");
        assertEquals("FEEDING", run.path("press").path("state").asString());
        run = upTo(run, "COOL");
        assertTrue(run.path("platform").path("docked").asBoolean());
        assertEquals("IDLE", run.path("press").path("state").asString());
    }

    @Test
    void rollersAndAColdPressHaveStepsOfTheirOwn() {
        JsonNode hot = upTo(begin("Comb ground in toner"), "HEAT_UP");
        assertTrue(hot.path("platform").path("on").asBoolean());
        hot = upTo(hot, "PASS");
        assertEquals("FEEDING", hot.path("press").path("state").asString());
        upTo(hot, "PEEL");
        leaveWhatIsOpen();
        JsonNode ink = begin("Bee from scraps");
        assertEquals("KEY", kind(upTo(ink, "KEY")));
        leaveWhatIsOpen();
        JsonNode cold = begin("Steward’s badge, flock");
        assertTrue(
                cold.path("platform").isMissingNode() || cold.path("platform").isNull());
        assertFalse(cold.path("steps").toString().contains("HEAT_UP"));
        assertTrue(cold.path("preflight").toString().contains("Gel clear all over"));
        upTo(cold, "PEEL");
    }

    @Test
    void ticksAreKept() {
        JsonNode run = begin("Prize card, First");
        String path = "/api/runs/" + run.path("id").asString();
        assertTrue(caller.put(path + "/preflight/1?done=true", "")
                .json()
                .path("preflight")
                .get(1)
                .path("done")
                .asBoolean());
        assertTrue(caller.get(path).json().path("preflight").get(1).path("done").asBoolean());
        assertEquals(422, caller.put(path + "/preflight/99?done=true", "").status());
    }

    @Test
    void aStepIsTakenOnceEvenIfTwoTabsAsk() {
        JsonNode run = begin("Prize card, First");
        JsonNode moved = act(run, "NEXT").json();
        assertEquals(409, act(run, "NEXT").status());
        assertEquals(
                1,
                caller.get("/api/runs/" + run.path("id").asString())
                        .json()
                        .path("step")
                        .asInt());
        assertEquals(0, act(moved, "BACK").json().path("step").asInt());
    }

    @Test
    void oneRunAtATime() {
        begin("Prize card, First");
        String other = Asked.setUp(caller, "Jar ribbon").path("id").asString();
        Reply second = caller.post("/api/runs?setUpId=" + other, "");
        assertEquals(409, second.status());
        assertTrue(second.detail().contains("still open"));
    }

    @Test
    void whatIsStoppedIsNotRun() {
        JsonNode started = Asked.fresh(caller, "Wet");
        String path = "/api/set-ups/" + started.path("id").asString();
        JsonNode wet = Asked.with(started.path("draft"), "medium", "WET");
        JsonNode kept = caller.put(
                        path + "?version=" + started.path("version").asLong(),
                        "{\"name\": \"Wet\", \"draft\": %s}".formatted(wet))
                .json();
        Reply refused = caller.post("/api/runs?setUpId=" + started.path("id").asString(), "");
        assertEquals(422, refused.status());
        assertTrue(
                refused.json().path("errors").get(0).path("message").asString().contains("wet"));
        caller.delete(path + "?version=" + kept.path("version").asLong());
    }

    @Test
    void spedUpTimeHeatsAndSwitchesThePlatformOff() {
        JsonNode run = upTo(begin("Prize card, First"), "HEAT_UP");
        String path = "/api/runs/" + run.path("id").asString();
        caller.put(path + "/speed?speed=240", "");
        JsonNode later = caller.get(path).json();
        long giveUp = System.nanoTime() + 20_000_000_000L;
        while (!later.path("platform").path("switchedItselfOff").asBoolean() && System.nanoTime() < giveUp) {
            later = caller.get(path).json();
        }
        assertTrue(later.path("platform").path("switchedItselfOff").asBoolean());
        assertEquals("SWITCHED_OFF", later.path("reminders").get(0).path("kind").asString());
        assertTrue(act(later, "RELIGHT").json().path("platform").path("on").asBoolean());
        caller.put(path + "/speed?speed=1", "");
        assertEquals(422, caller.put(path + "/speed?speed=0", "").status());
    }

    @Test
    void theScannerReadsTheSimulatedPull() {
        JsonNode run = begin("Prize card, First");
        JsonNode scan =
                caller.get("/api/runs/" + run.path("id").asString() + "/scan").json();
        assertTrue(scan.path("coverage").asDouble() > 0.5);
        assertTrue(caller.get("/api/runs/" + run.path("id").asString() + "/scan.png")
                        .bytes()
                        .length
                > 1000);
    }
}
