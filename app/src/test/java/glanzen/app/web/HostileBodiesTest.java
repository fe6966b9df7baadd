package glanzen.app.web;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Real things, put together in any way that the document of the interface allows: a piece behind an opening that is not there, a board as
 * thick as a hand. Nobody would, until somebody does. A longer round is in scripts/fuzz.
 */
@ExtendWith(Server.class)
class HostileBodiesTest {

    private static final JsonNodeFactory MAKE = JsonMapper.shared().getNodeFactory();
    private static final int ROUNDS = Integer.getInteger("fuzz.rounds", 150);
    private static final int MOST_KEPT = 300;
    private static final int DEEPEST = 10;
    private static final double[] FIGURES = {
        0, 1, 2, 3, 0.1, 0.3, 0.5, 1.6, 5, 7, 10, 12, 20, 25.4, 45, 60, 100, 105, 148, 210, 297, 400, 1000, -1, -20,
        1e-9
    };

    private final Caller caller;
    private final JsonNode api;
    /** Real things by the name of what they are, and texts by the name they go by. */
    private final Map<String, List<JsonNode>> things = new TreeMap<>();

    private final Map<String, List<JsonNode>> texts = new HashMap<>();
    private Random random = new Random(0);

    HostileBodiesTest(Caller caller) {
        this.caller = caller;
        this.api = caller.get("/api/openapi").json();
        for (Map.Entry<String, JsonNode> path : api.path("paths").properties()) {
            JsonNode schema = path.getValue().at("/get/responses/200/content/application~1json/schema");
            if (!path.getKey().contains("{") && !schema.isMissingNode()) {
                gather(schema, caller.get(path.getKey()).json(), 0);
            }
        }
    }

    private JsonNode named(JsonNode schema) {
        String name = name(schema);
        return name.isEmpty() ? schema : api.at("/components/schemas/" + name);
    }

    private static String name(JsonNode schema) {
        String reference = schema.path("$ref").asString();
        return reference.substring(reference.lastIndexOf('/') + 1);
    }

    private void gather(JsonNode schema, JsonNode thing, int depth) {
        List<JsonNode> alike = things.computeIfAbsent(name(schema), n -> new ArrayList<>());
        if (!name(schema).isEmpty() && alike.size() < MOST_KEPT) {
            alike.add(thing);
        }
        JsonNode meant = named(schema);
        for (JsonNode item : thing.isArray() ? thing : List.<JsonNode>of()) {
            gather(meant.path("items"), item, depth + 1);
        }
        for (Map.Entry<String, JsonNode> part : thing.properties()) {
            if (part.getValue().isString()) {
                texts.computeIfAbsent(part.getKey(), n -> new ArrayList<>()).add(part.getValue());
            }
            if (meant.path("properties").has(part.getKey()) && depth < DEEPEST) {
                gather(meant.path("properties").path(part.getKey()), part.getValue(), depth + 1);
            }
        }
    }

    private <T> T any(List<T> some) {
        return some.get(random.nextInt(some.size()));
    }

    private boolean once(int in) {
        return random.nextInt(in) == 0;
    }

    private JsonNode made(JsonNode schema, String name, int depth) {
        List<JsonNode> alike = things.getOrDefault(name(schema), List.of());
        if (!name(schema).isEmpty() && !alike.isEmpty() && !once(3)) {
            return any(alike).deepCopy();
        }
        JsonNode meant = named(schema);
        if (meant.has("enum")) {
            return meant.path("enum").get(random.nextInt(meant.path("enum").size()));
        }
        return switch (meant.path("type").asString()) {
            case "array" -> list(meant, depth);
            case "boolean" -> MAKE.booleanNode(random.nextBoolean());
            case "integer" -> MAKE.numberNode((int) FIGURES[random.nextInt(FIGURES.length)]);
            case "number" -> MAKE.numberNode(FIGURES[random.nextInt(FIGURES.length)]);
            case "string" -> text(name);
            default -> object(meant, depth);
        };
    }

    private JsonNode text(String name) {
        List<JsonNode> known = texts.getOrDefault(once(4) ? "id" : name, List.of());
        return known.isEmpty() || once(10) ? MAKE.stringNode(once(2) ? "" : "Ωμέγα") : any(known);
    }

    private ArrayNode list(JsonNode meant, int depth) {
        ArrayNode list = MAKE.arrayNode();
        for (int n = depth < DEEPEST ? random.nextInt(4) : 0; n > 0; n--) {
            list.add(made(meant.path("items"), "", depth + 1));
        }
        return list;
    }

    private ObjectNode object(JsonNode meant, int depth) {
        ObjectNode object = MAKE.objectNode();
        List<String> required = StreamSupport.stream(meant.path("required").spliterator(), false)
                .map(JsonNode::asString)
                .toList();
        for (Map.Entry<String, JsonNode> part : meant.path("properties").properties()) {
            if (depth < DEEPEST && (required.contains(part.getKey()) || once(2))) {
                object.set(part.getKey(), made(part.getValue(), part.getKey(), depth + 1));
            }
        }
        return object;
    }

    /** One part of it made anew. */
    private JsonNode changed(JsonNode schema, JsonNode thing) {
        JsonNode meant = named(schema);
        if (thing instanceof ArrayNode list && !list.isEmpty()) {
            int at = random.nextInt(list.size());
            switch (random.nextInt(4)) {
                case 0 -> list.remove(at);
                case 1 ->
                    list.insert(random.nextInt(list.size() + 1), list.get(at).deepCopy());
                default -> list.set(at, changed(meant.path("items"), list.get(at)));
            }
            return list;
        }
        if (thing instanceof ObjectNode object && !meant.path("properties").isEmpty() && !once(12)) {
            String part = any(new ArrayList<>(meant.path("properties").propertyNames()));
            JsonNode kind = meant.path("properties").path(part);
            boolean inside = object.path(part).isContainer();
            return object.set(part, inside ? changed(kind, object.path(part)) : made(kind, part, 0));
        }
        return made(schema, "", 0);
    }

    private String asked(String path, JsonNode parameters) {
        List<String> query = new ArrayList<>();
        for (JsonNode parameter : parameters) {
            String name = parameter.path("name").asString();
            String value = made(parameter.path("schema"), name, 0).asString();
            query.add(name + "=" + URLEncoder.encode(value, StandardCharsets.UTF_8));
        }
        return path + (query.isEmpty() ? "" : "?" + String.join("&", query));
    }

    @Test
    void whateverIsPutTogetherIsWorkedOutOrRefused() {
        List<Map.Entry<String, JsonNode>> doors = api.path("paths").properties().stream()
                .filter(path -> !path.getKey().contains("{"))
                .filter(path -> path.getValue().at("/post/requestBody/content").has("application/json"))
                .toList();
        assertTrue(doors.size() > 30, "doors: " + doors.size());
        for (int n = 0; n < ROUNDS; n++) {
            random = new Random(n);
            Map.Entry<String, JsonNode> door = any(doors);
            JsonNode schema = door.getValue().at("/post/requestBody/content/application~1json/schema");
            JsonNode body = made(schema, "", 0);
            for (int changes = random.nextInt(5); changes > 0; changes--) {
                body = changed(schema, body);
            }
            String path = asked(door.getKey(), door.getValue().at("/post/parameters"));
            Reply reply = caller.post(path, body);
            String said = new String(reply.bytes(), StandardCharsets.UTF_8);
            String what = n + ": " + path + " " + body + " → " + said;
            assertTrue(reply.status() < 500, what);
            assertFalse(said.matches("(?s).*\"(NaN|-?Infinity)\".*"), what);
            assertTrue(reply.status() < 400 || said.contains("\"detail\""), what);
        }
    }
}
