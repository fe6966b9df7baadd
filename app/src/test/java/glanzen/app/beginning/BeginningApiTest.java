package glanzen.app.beginning;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Caller;
import glanzen.app.Server;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(Server.class)
class BeginningApiTest {

    private static final List<String> FOILED = List.of("foil-gold", "card-white", "plate-words");

    private final Caller caller;

    BeginningApiTest(Caller caller) {
        this.caller = caller;
    }

    /** Kinds with all that comes with them. */
    private List<String> with(String... ids) {
        List<String> all = new ArrayList<>(Arrays.asList(ids));
        for (JsonNode group : caller.get("/api/beginnings").json()) {
            for (JsonNode kind : group.path("kinds")) {
                if (Arrays.asList(ids).contains(kind.path("id").asString())) {
                    kind.path("brings").forEach(b -> all.add(b.asString()));
                }
            }
        }
        return all;
    }

    private Caller.Reply begin(List<String> kinds, String more, boolean keep) {
        String ids = kinds.stream().map(k -> '"' + k + '"').collect(Collectors.joining(","));
        return caller.post("/api/beginnings?keep=" + keep, "{\"kinds\":[" + ids + "]" + more + "}");
    }

    private static List<String> and(List<String> some, List<String> more) {
        List<String> all = new ArrayList<>(some);
        all.addAll(more);
        return all;
    }

    /** A beginner's kit makes what the anchors of practice say, a little less surely: nothing of it was measured. */
    @ParameterizedTest
    @CsvSource({
        "crank-narrow,platform-a5,HOT_PLATE",
        "crank-wide,platform-a5,HOT_PLATE",
        "motor,platform-a5,HOT_PLATE",
        "motor-seeing,platform-small,HOT_PLATE",
        "crank-wide,platform-large,HOT_PLATE",
        "roller-foiler,roller-foiler,TONER",
        "laminator,laminator,TONER",
        "heated-press,heated-press,TONER"
    })
    void everyMachineBeginsWell(String machine, String heat, String route) {
        JsonNode begun = begin(and(with(machine, heat), FOILED), "", false).json();
        assertEquals(route, begun.path("draft").path("route").asString());
        JsonNode report = begun.path("report");
        assertTrue(report.path("pullable").asBoolean(), report.toString());
        assertTrue(
                report.path("expected").path("twenty").path("clean").asInt() >= 14,
                report.path("expected").path("twenty").toString());
    }

    @Test
    void everyKindSaysWhereItsFiguresComeFrom() {
        caller.get("/api/beginnings")
                .json()
                .forEach(group -> group.path("kinds")
                        .forEach(kind -> assertTrue(kind.path("why").asString().length() > 15, kind.toString())));
    }

    @Test
    void whatWasNotMeasuredIsLessSure() {
        List<String> kinds = and(with("crank-narrow", "platform-a5"), FOILED);
        JsonNode begun = begin(kinds, ",\"words\":\"Zwölf Gläser\"", true).json();
        JsonNode plate = begun.path("kit").path("plates").get(0);
        assertEquals("Zwölf Gläser", plate.path("name").asString());
        assertTrue(plate.path("widthMm").asDouble() > 60);
        JsonNode draft = begun.path("draft");
        String rig = draft.path("machineId").asString() + "/"
                + draft.path("onPlatform").path("platformId").asString();
        double unsure = clean(draft);
        assertEquals(begun.path("report").path("expected").path("clean").asDouble(), unsure, 1e-9);
        caller.delete("/api/rigs/" + rig);
        assertEquals(unsure, clean(draft), 1e-9, "what is forgotten is as unsure as it was at first");
    }

    private double clean(JsonNode draft) {
        return caller.post("/api/forecasts", draft)
                .json()
                .path("expected")
                .path("clean")
                .asDouble();
    }

    @Test
    void aPreviewKeepsNothing() {
        JsonNode before = caller.get("/api/kit").json();
        begin(and(with("crank-narrow", "platform-a5"), FOILED), "", false);
        assertEquals(before, caller.get("/api/kit").json());
    }

    @Test
    void whatDoesNotGoTogetherIsSaidAtOnce() {
        JsonNode begun = begin(and(with("crank-narrow", "platform-large"), FOILED), "", false)
                .json();
        assertFalse(begun.path("report").path("pullable").asBoolean());
        assertTrue(begun.path("report").path("findings").toString().contains("throat"));
        JsonNode missing = begin(List.of("platform-a5", "foil-gold", "card-white", "plate-words"), "", false)
                .json()
                .path("missing");
        assertEquals("a crank press or a motor press", missing.get(0).asString());
    }

    @Test
    void whatIsNotAKindIsRefusedWithoutHarm() {
        assertEquals(422, begin(List.of("nothing"), "", true).status());
        Caller.Reply letters = begin(List.of("plate-words"), ",\"words\":\"雪\"", true);
        assertEquals(422, letters.status());
        assertTrue(
                letters.json().path("errors").get(0).path("message").asString().contains("雪"));
    }
}
