package glanzen.app.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Asked;
import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Many at the same moment: whoever comes second is told so, and nothing is there twice. */
@ExtendWith(Server.class)
class AtOnceTest {

    private final Caller caller;

    AtOnceTest(Caller caller) {
        this.caller = caller;
    }

    private static List<Reply> atOnce(int many, IntFunction<Reply> call) {
        ExecutorService threads = Executors.newFixedThreadPool(many);
        try {
            List<Callable<Reply>> calls = IntStream.range(0, many)
                    .mapToObj(n -> (Callable<Reply>) () -> call.apply(n))
                    .toList();
            List<Reply> replies = new ArrayList<>();
            for (Future<Reply> reply : threads.invokeAll(calls)) {
                replies.add(reply.get());
            }
            return replies;
        } catch (InterruptedException | ExecutionException broken) {
            throw new IllegalStateException(broken);
        } finally {
            threads.shutdown();
        }
    }

    private static long with(List<Reply> replies, int status) {
        return replies.stream().filter(r -> r.status() == status).count();
    }

    private ObjectNode entry(int n) {
        ObjectNode entry = JsonNodeFactory.instance.objectNode();
        entry.put("title", "Pull " + n)
                .put("outcome", "UNDER")
                .put("amount", "A_LITTLE")
                .put("note", "");
        entry.putArray("faults").add("MIDDLE");
        entry.set("draft", Asked.setUp(caller, "Prize card, First").path("draft"));
        return entry;
    }

    @Test
    void aMachineHasOneOpenRun() {
        String id = Asked.setUp(caller, "Rosette, cut").path("id").asString();
        List<Reply> begun = atOnce(10, n -> caller.post("/api/runs?setUpId=" + id, ""));
        assertEquals(1, with(begun, 201));
        assertEquals(9, with(begun, 409));
    }

    @Test
    void twentyLogAtOnceAndEachHasANumberOfItsOwn() {
        List<ObjectNode> entries = IntStream.range(0, 20).mapToObj(this::entry).toList();
        List<Reply> logged = atOnce(20, n -> caller.post("/api/pulls", entries.get(n)));
        assertEquals(
                20,
                with(logged, 201),
                logged.stream().map(Reply::status).toList().toString());
        assertEquals(
                20,
                logged.stream()
                        .map(r -> r.json().path("number").asInt())
                        .distinct()
                        .count());
    }

    @Test
    void thereIsOneRecipeHoweverManyMakeIt() {
        Reply pull = caller.post("/api/pulls", entry(0));
        String at = "/api/pulls/" + pull.json().path("id").asString();
        List<Reply> proven = atOnce(
                8,
                n -> caller.post(
                        at + "/proven?version="
                                + caller.get(at).json().path("version").asLong(),
                        ""));
        proven.forEach(r -> assertTrue(r.status() < 300 || r.status() == 409, r.status() + ""));
        JsonNode made = Asked.setUp(caller, "Prize card, First").path("draft").path("layers");
        long recipes = 0;
        for (JsonNode s : caller.get("/api/bench").json().path("setUps")) {
            recipes +=
                    s.path("proven").asBoolean() && sameThings(s.path("draft").path("layers"), made) ? 1 : 0;
        }
        assertEquals(1, recipes);
    }

    private static boolean sameThings(JsonNode some, JsonNode others) {
        return things(some).equals(things(others));
    }

    private static List<String> things(JsonNode layers) {
        List<String> things = new ArrayList<>();
        layers.forEach(l -> {
            if (!List.of("BOARD", "PLATFORM").contains(l.path("kind").asString())) {
                things.add(l.path("id").asString());
            }
        });
        return things.stream().sorted().toList();
    }

    @Test
    void whoWritesWhileAWorkshopIsTakenInWaitsOrIsTold() {
        byte[] workshop = caller.get("/api/workshop").bytes();
        List<ObjectNode> entries = IntStream.range(0, 12).mapToObj(this::entry).toList();
        List<Reply> replies = atOnce(
                12,
                n -> n % 4 == 0
                        ? caller.upload("/api/workshop", "file", workshop)
                        : caller.post("/api/pulls", entries.get(n)));
        replies.forEach(r -> assertTrue(r.status() < 500, r.status() + " " + r.detail()));
        assertEquals(
                3,
                with(replies, 200),
                replies.stream().map(Reply::status).toList().toString());
    }
}
