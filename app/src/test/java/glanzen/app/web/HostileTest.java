package glanzen.app.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Asked;
import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import glanzen.app.Zips;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Whatever comes in is taken or refused in our own words, and no page breaks by it. A longer round is in scripts/fuzz. */
@ExtendWith(Server.class)
class HostileTest {

    private static final JsonMapper JSON = new JsonMapper();
    private static final int ROUNDS = Integer.getInteger("fuzz.rounds", 150);
    /** The first seed of workshop files, so that several may look in turns. */
    private static final int FROM = Integer.getInteger("fuzz.from", 1000);

    private static final List<String> PAGES = List.of(
            "/api/bench", "/api/kit", "/api/jobs", "/api/pulls", "/api/dryings", "/api/preferences", "/api/backups");

    private final Caller caller;

    HostileTest(Caller caller) {
        this.caller = caller;
    }

    private static void inOurWords(Reply reply, String what) {
        String said = new String(reply.bytes(), StandardCharsets.UTF_8);
        assertTrue(reply.status() < 500, what + " " + reply.status() + " " + said);
        if (reply.status() >= 400) {
            assertTrue(said.contains("\"detail\""), said);
            assertFalse(said.matches("(?s).*(java\\.|glanzen\\.|Exception|tools\\.jackson).*"), said);
        }
    }

    private void noPageIsBroken(String what) {
        PAGES.forEach(page -> assertEquals(200, caller.get(page).status(), what + ": " + page));
        JsonNode evening = caller.get("/api/bench").json().path("eveningId");
        if (evening.isString()) {
            assertEquals(200, caller.get("/api/evenings/" + evening.asString()).status(), what);
        }
    }

    /** Some values anywhere in a document changed to what nobody expects there. */
    private static JsonNode changed(JsonNode whole, Random random) {
        JsonNode copy = whole.deepCopy();
        for (int n = 1 + random.nextInt(3); n > 0; n--) {
            List<JsonNode> parents = new ArrayList<>();
            gather(copy, parents);
            if (parents.isEmpty()) {
                return copy;
            }
            JsonNode parent = parents.get(random.nextInt(parents.size()));
            if (parent instanceof ObjectNode object && !object.isEmpty()) {
                List<String> names = new ArrayList<>(object.propertyNames());
                String name = names.get(random.nextInt(names.size()));
                if (random.nextInt(5) == 0) {
                    object.remove(name);
                } else {
                    object.set(name, odd(random));
                }
            } else if (parent instanceof ArrayNode array && !array.isEmpty()) {
                int at = random.nextInt(array.size());
                if (random.nextBoolean()) {
                    array.add(array.get(at).deepCopy());
                } else {
                    array.set(at, odd(random));
                }
            }
        }
        return copy;
    }

    private static void gather(JsonNode node, List<JsonNode> parents) {
        if (node.isContainer() && !node.isEmpty()) {
            parents.add(node);
        }
        node.forEach(child -> gather(child, parents));
    }

    private static JsonNode odd(Random random) {
        String[] values = {
            "null",
            "-1",
            "1e300",
            "0",
            "\"\"",
            "\"x\"",
            "[]",
            "{}",
            "true",
            "\"2026-01-01T00:00:00Z\"",
            "999999999999",
            "0.0000001",
            "\"\\u0000\"",
            "[[[[]]]]",
            "\"M0 0L1e9 0L4 3Z\"",
            "\"-999999999-01-01T00:00:00Z\""
        };
        return JSON.readTree(values[random.nextInt(values.length)]);
    }

    @Test
    void bodiesOfAnySortAreTakenOrRefused() {
        JsonNode draft = Asked.setUp(caller, "Prize card, First").path("draft");
        ObjectNode setUp = JSON.createObjectNode().put("name", "odd");
        setUp.set("draft", draft);
        JsonNode job = caller.get("/api/jobs").json().get(0).path("job");
        JsonNode plate = caller.get("/api/kit").json().path("plates").get(0).path("item");
        for (int n = 0; n < ROUNDS; n++) {
            Random random = new Random(n);
            inOurWords(caller.post("/api/set-ups", changed(setUp, random)), "set-up " + n);
            inOurWords(caller.post("/api/jobs", changed(job, random)), "job " + n);
            inOurWords(caller.post("/api/kit/plates", changed(plate, random)), "plate " + n);
            inOurWords(caller.post("/api/forecasts", changed(draft, random)), "forecast " + n);
        }
        noPageIsBroken("bodies");
    }

    @Test
    void whatIsLongerThanAnythingAskedForIsNotRead() {
        String long2 = "{\"name\":\"" + "x".repeat(3_000_000) + "\"}";
        assertEquals(413, caller.post("/api/jobs", long2).status());
        inOurWords(caller.post("/api/jobs", "[".repeat(50_000)), "nested");
        inOurWords(caller.post("/api/jobs", "{\"cards\":" + "9".repeat(5000) + "}"), "digits");
        ObjectNode job =
                (ObjectNode) caller.get("/api/jobs").json().get(0).path("job").deepCopy();
        job.put("name", "up\u202edown");
        assertEquals(422, caller.post("/api/jobs", job).status());
    }

    /** Of everything that there is much of a few, so that a file is soon taken in. */
    private static JsonNode thinned(JsonNode whole) {
        Map.of("pulls", 3, "jobs", 2, "evenings", 1, "drills", 3)
                .forEach((name, few) -> cut((ArrayNode) whole.path(name), few));
        cut((ArrayNode) whole.at("/belief/known"), 2);
        return whole;
    }

    private static void cut(ArrayNode all, int few) {
        while (all.size() > few) {
            all.remove(all.size() - 1);
        }
    }

    /** Each part is changed as often as the others, however much is in it. */
    private static JsonNode changedInOnePart(JsonNode whole, Random random) {
        List<String> parts = new ArrayList<>(whole.propertyNames());
        String part = parts.get(random.nextInt(parts.size()));
        if (!whole.path(part).isContainer()) {
            return changed(whole, random);
        }
        ObjectNode copy = (ObjectNode) whole.deepCopy();
        copy.set(part, changed(whole.path(part), random));
        return copy;
    }

    @Test
    void workshopFilesOfAnySortAreTakenOrRefusedWhole() {
        byte[] good = caller.get("/api/workshop").bytes();
        JsonNode whole = thinned(JSON.readTree(Zips.document(good)));
        for (int n = 0; n < ROUNDS / 5; n++) {
            Random random = new Random(FROM + n);
            Reply taken = caller.upload(
                    "/api/workshop",
                    "file",
                    Zips.workshop(changedInOnePart(whole, random).toString()));
            inOurWords(taken, "workshop " + (FROM + n));
            if (taken.status() == 200) {
                noPageIsBroken("workshop " + (FROM + n));
            }
        }
        for (int n = 0; n < ROUNDS / 5; n++) {
            byte[] cut = good.clone();
            Random random = new Random(FROM + n);
            for (int i = 0; i < 3; i++) {
                cut[random.nextInt(cut.length)] ^= (byte) (1 << random.nextInt(8));
            }
            inOurWords(caller.upload("/api/workshop", "file", cut), "bits " + (FROM + n));
        }
        inOurWords(
                caller.upload("/api/workshop", "file", Zips.of("pictures/none.jpg", new byte[30_000_000])), "a bomb");
        noPageIsBroken("at the end");
        assertEquals(200, caller.upload("/api/workshop", "file", good).status());
    }
}
