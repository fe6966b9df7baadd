package glanzen.app.web;

import static org.junit.jupiter.api.Assertions.assertAll;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.function.Executable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Every door of the application is knocked at with nonsense: it says no, in plain words, and nothing is changed. */
@ExtendWith(Server.class)
class NonsenseTest {

    /** It takes no body: whoever calls it means it. */
    private static final String SKIP = "/api/bench/skip";

    private final Caller caller;

    NonsenseTest(Caller caller) {
        this.caller = caller;
    }

    private record Door(String method, String path) {}

    /** All that can be asked for, from the application's own description of itself. */
    private List<Door> doors() {
        JsonNode paths = caller.get("/api/openapi").json().path("paths");
        List<Door> doors = new ArrayList<>();
        for (Map.Entry<String, JsonNode> path : paths.properties()) {
            for (Map.Entry<String, JsonNode> asked : path.getValue().properties()) {
                if (!path.getKey().equals(SKIP)) {
                    doors.add(new Door(asked.getKey(), filled(path.getKey(), asked.getValue())));
                }
            }
        }
        assertTrue(doors.size() > 60, () -> "only " + doors.size() + " doors");
        return doors;
    }

    /** The path with someone who does not exist, and each thing it wants to be told. */
    private static String filled(String path, JsonNode asked) {
        List<String> query = new ArrayList<>();
        for (JsonNode parameter : asked.path("parameters")) {
            if (parameter.path("in").asString().equals("query")) {
                String type = parameter.path("schema").path("type").asString();
                query.add(parameter.path("name").asString() + "=" + value(type));
            }
        }
        String known = path.replace("{line}", "0").replaceAll("\\{[^}]*}", "nobody");
        return query.isEmpty() ? known : known + query.stream().collect(Collectors.joining("&", "?", ""));
    }

    private static String value(String type) {
        return switch (type) {
            case "integer", "number" -> "-7";
            case "boolean" -> "true";
            default -> "nonsense";
        };
    }

    private Reply knock(Door door, String body) {
        return switch (door.method) {
            case "post" -> caller.post(door.path, body);
            case "put" -> caller.put(door.path, body);
            case "delete" -> caller.delete(door.path);
            default -> caller.get(door.path);
        };
    }

    private String kept() {
        return caller.get("/api/kit").json()
                + caller.get("/api/set-ups").json().toString()
                + caller.get("/api/jobs").json()
                + caller.get("/api/preferences").json()
                + caller.get("/api/rigs").json()
                + caller.get("/api/pulls").json().path("total");
    }

    private static void isPlain(String asked, Reply reply) {
        assertTrue(reply.status() < 500, () -> asked + " gave " + reply.status());
        if (reply.status() >= 400) {
            String type = String.join(" ", reply.headers().getOrDefault("content-type", List.of()));
            assertEquals("application/problem+json", type, asked);
            String said = new String(reply.bytes(), StandardCharsets.UTF_8);
            assertFalse(reply.detail().isBlank(), () -> asked + " says nothing: " + said);
            for (String leak : List.of("Exception", "glanzen.", "java.", "org.", "\tat ", "SELECT")) {
                assertFalse(said.contains(leak), () -> asked + " lets out " + leak + ": " + said);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{}",
                "[]",
                "null",
                "7",
                "\"x\"",
                "{\"draft\": {}, \"steps\": [{}]}",
                "{\"draft\": null}",
                "{\"name\": \"x\", \"widthMm\": 1e400}",
                "{\"layers\": [null], \"pieces\": [null], \"levels\": [null], \"trials\": [null]}",
                "{\"route\": \"NONSENSE\", \"kind\": \"NONSENSE\"}",
                "{\"name\": ",
                ""
            })
    void aDoorKnockedAtWithNonsenseSaysNo(String body) {
        String before = kept();
        assertAll(doors().stream().map(door -> (Executable) () -> isPlain(door + " with " + body, knock(door, body))));
        assertEquals(before, kept());
    }

    @Test
    void aDoorThatIsNotThereSaysSo() {
        Reply reply = caller.get("/api/nothing/here");
        assertEquals(404, reply.status());
        isPlain("/api/nothing/here", reply);
    }

    @Test
    void deepNestingIsRefused() {
        String deep = "{\"draft\":".repeat(3000) + "1" + "}".repeat(3000);
        for (String path : List.of("/api/forecasts", "/api/layouts", "/api/jobs/look", "/api/kit/plates")) {
            Reply reply = caller.post(path, deep);
            assertEquals(400, reply.status(), path);
            isPlain(path, reply);
        }
    }
}
