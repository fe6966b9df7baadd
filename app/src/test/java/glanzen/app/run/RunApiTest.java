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
        caller.get("/api/runs").json().forEach(run -> act(run, "LEAVE"));
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

    private JsonNode ready(JsonNode run) {
        JsonNode now = run;
        for (int line = 0; line < run.path("preflight").size(); line++) {
            now = caller.put("/api/runs/" + run.path("id").asString() + "/preflight/" + line + "?done=true", "")
                    .json();
        }
        return now;
    }

    @Test
    void whatIsCutShortIsAskedAboutOnceAndKeptWithThePull() {
        JsonNode run = begin("Prize card, First");
        JsonNode asked = act(run, "NEXT").json();
        assertEquals("PREPARE", kind(asked), "six boxes are open");
        assertTrue(asked.path("warning").path("text").asString().contains("not ticked"), asked + "");
        run = upTo(act(asked, "NEXT").json(), "SOAK");
        JsonNode soak = act(run, "NEXT").json();
        assertEquals("SOAK", kind(soak));
        assertTrue(soak.path("warning").path("text").asString().contains("Soaked"), soak + "");
        assertTrue(soak.path("warning").path("good").asInt() < 18, soak.path("warning") + "");
        assertEquals(409, act(soak, "REVERSE_OUT").status(), "nothing stalled");
        assertEquals(409, act(soak, "RESUME").status(), "it is on");
        JsonNode pull = log(upTo(soak, "LOOK"), "UNDER");
        assertTrue(pull.path("cut").toString().contains("Soaked"), pull + "");
        assertTrue(caller.get("/api/pulls/" + pull.path("id").asString())
                .json()
                .path("cut")
                .toString()
                .contains("Soaked"));
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
        JsonNode ink = begin("Raffle label from scraps");
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
        JsonNode run = ready(begin("Prize card, First"));
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
    void oneRunAtATimeOnAMachine() {
        begin("Prize card, First");
        String other = Asked.setUp(caller, "Jar ribbon").path("id").asString();
        Reply second = caller.post("/api/runs?setUpId=" + other, "");
        assertEquals(409, second.status());
        assertTrue(second.detail().contains("still on"));
        JsonNode beside = begin("Comb ground in toner");
        assertEquals("OPEN", beside.path("status").asString());
        assertEquals(2, caller.get("/api/bench").json().path("runs").size());
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

    private JsonNode batch(String name, int wanted) {
        String id = Asked.setUp(caller, name).path("id").asString();
        return caller.post("/api/runs?setUpId=" + id + "&wanted=" + wanted, "").json();
    }

    private JsonNode log(JsonNode run, String outcome) {
        return caller.post(
                        "/api/pulls",
                        "{\"title\":\"Batch\",\"runId\":\"" + run.path("id").asString() + "\",\"outcome\":\"" + outcome
                                + "\",\"amount\":\"A_LITTLE\",\"faults\":[],\"note\":\"\"}")
                .json();
    }

    @Test
    void aBatchIsOneRun() {
        double sheets = Asked.item(caller, "stocks", "ivory-300").path("left").asDouble();
        JsonNode run = batch("Prize card, First", 3);
        String id = run.path("id").asString();
        assertEquals(409, caller.post("/api/pulls/of-run/" + id + "/same", "").status(), "there is no last one yet");
        run = act(upTo(run, "REDOCK"), "NEXT").json();
        assertEquals("PLACE", kind(run));
        assertEquals(1, run.path("batch").path("toLog").asInt());
        log(run, "CLEAN");
        run = act(upTo(caller.get("/api/runs/" + id).json(), "REDOCK"), "NEXT").json();
        assertEquals(201, caller.post("/api/pulls/of-run/" + id + "/same", "").status());
        assertEquals(409, caller.post("/api/pulls/of-run/" + id + "/same", "").status(), "pressed twice");
        run = caller.get("/api/runs/" + id).json();
        assertEquals(2, run.path("batch").path("good").asInt());
        run = upTo(run, "LOOK");
        log(run, "UNDER");
        run = caller.get("/api/runs/" + id).json();
        assertEquals(1, run.path("batch").path("rejected").asInt());
        run = act(run, "PAUSE").json();
        assertEquals("PAUSED", run.path("status").asString());
        assertFalse(run.path("platform").path("on").asBoolean());
        assertEquals(409, act(run, "BACK").status(), "a paused run is not gone on with by the way");
        run = act(run, "RESUME").json();
        run = upTo(run, "LOOK");
        log(run, "CLEAN");
        assertEquals(
                "LOGGED", caller.get("/api/runs/" + id).json().path("status").asString());
        assertEquals(
                4, caller.get("/api/pulls/of-run/" + id).json().path("pulls").size());
        double left = Asked.item(caller, "stocks", "ivory-300").path("left").asDouble();
        assertTrue(sheets - left > 0, "stock follows");
    }

    @Test
    void theTenthPullIsForecastToo() {
        JsonNode run = batch("Prize card, First", 12);
        JsonNode recovery = caller.get("/api/runs/" + run.path("id").asString() + "/recovery")
                .json();
        assertTrue(recovery.path("behindK").asDouble() > 0);
        JsonNode works = caller.post("/api/jobs/look", """
                        {"name": "Twelve", "cards": 12, "pieces": [{"name": "Panel", "stockId": "ivory-300", "perCard": 1,
                         "widthMm": 90, "heightMm": 60,
                         "operations": [{"kind": "HOT_FOIL", "note": "", "setUpId": "%s"}]}]}""".formatted(
                        Asked.setUp(caller, "Prize card, First").path("id").asString()))
                .json()
                .path("works");
        assertEquals(
                recovery.path("roundSeconds").asDouble(),
                works.get(0).path("seconds").asDouble(),
                1e-9,
                "a job says the same of a pull");
        assertTrue(recovery.path("later").path("clean").asInt()
                <= recovery.path("first").path("clean").asInt());
    }

    @Test
    void scrapTakesNoStock() {
        String id = Asked.setUp(caller, "Prize card, First").path("id").asString();
        double sheets = Asked.item(caller, "stocks", "ivory-300").path("left").asDouble();
        JsonNode run = caller.post("/api/runs?setUpId=" + id + "&scrap=true&wanted=5", "")
                .json();
        JsonNode pull = log(upTo(run, "LOOK"), "CLEAN");
        assertTrue(pull.path("title").asString().endsWith("on scrap"));
        assertEquals(
                sheets, Asked.item(caller, "stocks", "ivory-300").path("left").asDouble());
    }
}
