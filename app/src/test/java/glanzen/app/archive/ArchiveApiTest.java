package glanzen.app.archive;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Asked;
import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import glanzen.app.Zips;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(Server.class)
class ArchiveApiTest {

    private final Caller caller;

    ArchiveApiTest(Caller caller) {
        this.caller = caller;
    }

    private Reply take(byte[] file) {
        return caller.upload("/api/workshop", "file", file);
    }

    @Test
    void whatGoesOutComesBackAndGoesOutAgainByteForByte() {
        caller.put("/api/preferences", caller.get("/api/preferences").json());
        String run = "/api/runs?setUpId="
                + Asked.setUp(caller, "Rosette, cut").path("id").asString();
        assertEquals(201, caller.post(run, "").status());
        byte[] first = caller.get("/api/workshop").bytes();
        assertEquals(200, take(first).status());
        byte[] second = caller.get("/api/workshop").bytes();
        assertEquals(-1, Arrays.mismatch(first, second));
        assertEquals(200, caller.stream("/api/workshop", second).status());
        assertEquals(-1, Arrays.mismatch(first, caller.get("/api/workshop").bytes()));
        assertEquals(
                "", caller.get("/api/workshop/transfer").json().path("stage").asString(), "all have come");
        assertEquals(1, caller.get("/api/bench").json().path("runs").size(), "the run goes on");
    }

    @Test
    void aWorkshopGoesOutAndComesBackTheSame() throws IOException {
        byte[] out = caller.get("/api/workshop").bytes();
        String before = caller.get("/api/pulls?size=200").json().toString();
        JsonNode draft = Asked.setUp(caller, "Prize card, First").path("draft");
        String answer = caller.post("/api/forecasts", draft)
                .json()
                .path("expected")
                .path("clean")
                .toString();
        Reply taken = take(out);
        assertEquals(200, taken.status(), new String(taken.bytes(), StandardCharsets.UTF_8));
        assertTrue(taken.json().path("pulls").asInt() >= 40);
        String again = caller.get("/api/pulls?size=200").json().toString();
        assertEquals(before.replaceAll("\"version\":\\d+", ""), again.replaceAll("\"version\":\\d+", ""));
        assertEquals(
                answer,
                caller.post("/api/forecasts", draft)
                        .json()
                        .path("expected")
                        .path("clean")
                        .toString());
    }

    @Test
    void aBadFileChangesNothingAndSaysWhatIsWrong() throws IOException {
        // Without its pictures, so that only what is changed below is wrong.
        String good =
                Zips.document(caller.get("/api/workshop").bytes()).replace("\"pictured\":true", "\"pictured\":false");
        String before = caller.get("/api/set-ups").json().toString()
                + caller.get("/api/kit").json();
        assertRefused(take("no zip".getBytes()), "file");
        assertRefused(take(Zips.of("notes.txt", "hello".getBytes(StandardCharsets.UTF_8))), "file");
        assertRefused(take(Zips.of("../../etc/passwd", "x".getBytes(StandardCharsets.UTF_8))), "file");
        assertRefused(take(Zips.workshop("{")), "workshop.json");
        assertRefused(take(Zips.workshop(good.replace("glanzen-workshop", "something-else"))), "format");
        // A set-up that names a plate which is not in the kit of the file.
        String missing = good.replaceFirst("\"id\":\"rosette\"", "\"id\":\"rosette-lost\"");
        Reply refused = take(Zips.workshop(missing));
        assertRefused(refused, "layers");
        assertTrue(refused.detail().contains("not in your kit"), refused.detail());
        assertRefused(
                take(Zips.workshop(good.replaceFirst("\"thicknessMm\":3.0", "\"thicknessMm\":-3.0"))), "thickness");
        assertEquals(
                before,
                caller.get("/api/set-ups").json().toString()
                        + caller.get("/api/kit").json());
    }

    /** Each of these was once taken in, and broke a page for good. */
    @Test
    void whatWouldBreakAPageIsRefusedWhole() throws IOException {
        String good =
                Zips.document(caller.get("/api/workshop").bytes()).replace("\"pictured\":true", "\"pictured\":false");
        String kit = caller.get("/api/kit").json().toString();
        String far = "\"+1000000000-12-31T23:59:59Z\"";
        for (String when : new String[] {"spreadAt", "loggedAt", "touchedAt"}) {
            String file = good.replaceFirst("\"" + when + "\":\"[^\"]*\"", "\"" + when + "\":" + far);
            assertRefused(take(Zips.workshop(file)), when);
        }
        assertRefused(
                take(Zips.workshop(good.replaceFirst("\"covariances\":\\[", "\"covariances\":[9,"))), "covariances");
        assertRefused(
                take(Zips.workshop(good.replaceFirst("\"covariances\":\\[", "\"covariances\":[-"))), "covariances");
        assertRefused(
                take(Zips.workshop(good.replaceFirst("(?s)(\"trait\":\\{\\s*\"thingId\":)\"[^\"]*\"", "$1\"gone\""))),
                "belief");
        assertRefused(take(Zips.workshop(good.replaceFirst("\"item\":", "\"item\":null,\"was\":"))), "item");
        assertRefused(take(Zips.workshop(good.replaceFirst("\"pulls\":\\[", "\"pulls\":[null,"))), "pulls");
        assertRefused(take(Zips.workshop(good.replaceFirst("\"theme\":\"LIGHT\"", "\"theme\":null"))), "theme");
        String vast = "{\"kind\": \"OUTLINE\", \"text\": \"\", \"outline\": \"M0 0L9000000 0L9000000 9000000Z\"}";
        assertRefused(
                take(Zips.workshop(good.replaceFirst("(?s)\"motif\":\\{.*?\\}", "\"motif\":" + vast))), "outline");
        assertEquals(kit, caller.get("/api/kit").json().toString());
    }

    /** The whole demo as it was exported before drafts said what heats them; forecasts are those of a set-up laid out now. */
    @Test
    void aWorkshopOfFormat1IsTakenIn() throws IOException {
        byte[] now = caller.get("/api/workshop").bytes();
        byte[] old;
        try (InputStream file = getClass().getResourceAsStream("/workshop-format-1.zip")) {
            old = file.readAllBytes();
        }
        Reply taken = take(old);
        assertEquals(200, taken.status(), new String(taken.bytes(), StandardCharsets.UTF_8));
        assertEquals(27, taken.json().path("setUps").asInt());
        assertEquals(40, taken.json().path("pulls").asInt());
        JsonNode toner = Asked.setUp(caller, "Comb ground in toner").path("draft");
        assertEquals("roller-foiler", toner.path("machineId").asString());
        assertTrue(toner.path("hotRollers").path("onSeconds").asDouble() > 60);
        assertTrue(toner.path("onPlatform").isMissingNode());
        JsonNode words = Asked.setUp(caller, "Prize card, First").path("draft");
        assertEquals("COVERED", words.path("onPlatform").path("heating").asString());
        for (JsonNode saved : caller.get("/api/set-ups").json()) {
            Reply answer = caller.post("/api/forecasts", saved.path("draft"));
            assertTrue(answer.json().path("computable").asBoolean(), saved.path("name") + "");
        }
        caller.get("/api/pulls?size=200")
                .json()
                .path("pulls")
                .forEach(pull -> assertEquals(
                        200,
                        caller.get("/api/pulls/" + pull.path("id").asString() + "/picture?width=60&height=40")
                                .status()));
        Reply again = take(now);
        assertEquals(200, again.status(), () -> again.json().toString());
    }

    /** A page that was open while a workshop was taken in must not save over it. */
    @Test
    void versionsOnlyGrow() throws IOException {
        byte[] now = caller.get("/api/workshop").bytes();
        JsonNode open = Asked.setUp(caller, "Prize card, First");
        String path = "/api/set-ups/" + open.path("id").asString() + "?version="
                + open.path("version").asLong();
        assertEquals(200, take(now).status());
        assertEquals(
                409,
                caller.put(path, "{\"name\": \"Mine\", \"draft\": " + open.path("draft") + "}")
                        .status());
        assertEquals(200, take(now).status());
        JsonNode later = Asked.setUp(caller, "Prize card, First");
        assertTrue(later.path("version").asLong() > open.path("version").asLong());
    }

    private static void assertRefused(Reply reply, String field) {
        assertEquals(422, reply.status(), new String(reply.bytes(), StandardCharsets.UTF_8));
        assertTrue(reply.fields().contains(field), reply.fields());
    }

    @Test
    void leftoversJobsAndGelGoOutAndComeBack() {
        JsonNode kitBefore = caller.get("/api/kit").json().path("leftovers");
        String jobs = caller.get("/api/jobs").json().toString();
        int drying = caller.get("/api/dryings").json().size();
        assertTrue(kitBefore.size() >= 14 && drying >= 2);
        assertEquals(200, take(caller.get("/api/workshop").bytes()).status());
        assertEquals(
                kitBefore.size(),
                caller.get("/api/kit").json().path("leftovers").size());
        assertEquals(
                jobs.replaceAll("\"version\":\\d+", ""),
                caller.get("/api/jobs").json().toString().replaceAll("\"version\":\\d+", ""));
        assertEquals(drying, caller.get("/api/dryings").json().size());
    }

    /** As it was written before there were leftovers, layouts, prices, jobs and gel. */
    @Test
    void aWorkshopFromEarlierDaysIsStillTakenIn() throws IOException {
        byte[] now = caller.get("/api/workshop").bytes();
        ObjectNode old = (ObjectNode) JsonMapper.builder().build().readTree(Zips.document(now));
        old.remove("jobs");
        old.remove("dryings");
        ((ObjectNode) old.path("kit")).remove("leftovers");
        for (String shelf : new String[] {"boards", "stocks", "films", "plates"}) {
            old.path("kit").path(shelf).forEach(kept -> {
                ObjectNode item = (ObjectNode) kept.path("item");
                item.remove("price");
                item.remove("turns");
                item.remove("set");
            });
        }
        old.path("setUps").forEach(s -> ((ObjectNode) s.path("draft")).remove("layout"));
        assertEquals(200, take(Zips.workshop(old.toString())).status());
        assertEquals(0, caller.get("/api/jobs").json().size());
        assertEquals(0, caller.get("/api/kit").json().path("leftovers").size());
        JsonNode draft = Asked.setUp(caller, "Prize card, bee").path("draft");
        assertTrue(caller.post("/api/forecasts", draft)
                        .json()
                        .path("expected")
                        .path("clean")
                        .asDouble()
                >= 0);
        Reply again = take(now);
        assertEquals(200, again.status(), () -> again.json().toString());
    }

    @Test
    void aJobOfStockThatIsNotInTheFileChangesNothing() throws IOException {
        byte[] now = caller.get("/api/workshop").bytes();
        String lost = Zips.document(now).replace("\"stockId\":\"slate-270\"", "\"stockId\":\"nowhere\"");
        int before = caller.get("/api/jobs").json().size();
        assertEquals(422, take(Zips.workshop(lost)).status());
        assertEquals(before, caller.get("/api/jobs").json().size());
    }
}
