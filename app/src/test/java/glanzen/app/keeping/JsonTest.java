package glanzen.app.keeping;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** What is the same is written the same, whatever the order it was held in. */
class JsonTest {

    private final Json json = new Json(JsonMapper.builder().build(), List.of());

    record Shelf(Map<String, Integer> films, Set<String> tags, List<Integer> widths) {}

    @Test
    void namesAndSetsAreWrittenInOrderAndListsAsTheyAre() {
        Map<String, Integer> films = new LinkedHashMap<>();
        films.put("silver", 2);
        films.put("gold", 1);
        Shelf shelf = new Shelf(films, new LinkedHashSet<>(List.of("dry", "deckle")), List.of(3, 1, 2));
        assertEquals(
                "{\"films\":{\"gold\":1,\"silver\":2},\"tags\":[\"deckle\",\"dry\"],\"widths\":[3,1,2]}",
                json.write(shelf));
    }

    @Test
    void inAFileEachThingOfAListHasALine() {
        Map<String, Object> file =
                Map.of("kit", Map.of("films", List.of(Map.of("id", "gold"), Map.of("id", "silver"))));
        assertEquals(
                "{\n\"kit\":{\n\"films\":[\n{\"id\":\"gold\"},\n{\"id\":\"silver\"}\n]\n}\n}",
                new String(json.writeFile(file), StandardCharsets.UTF_8));
    }
}
