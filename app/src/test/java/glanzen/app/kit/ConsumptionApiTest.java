package glanzen.app.kit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Asked;
import glanzen.app.Caller;
import glanzen.app.Server;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What a logged pull uses up, on a real database. */
@ExtendWith(Server.class)
class ConsumptionApiTest {

    private final Caller caller;

    ConsumptionApiTest(Caller caller) {
        this.caller = caller;
    }

    private JsonNode item(String shelf, String id) {
        for (JsonNode kept : caller.get("/api/kit").json().path(shelf)) {
            if (kept.path("item").path("id").asString().equals(id)) {
                return kept.path("item");
            }
        }
        throw new AssertionError(id);
    }

    private List<String> leftovers() {
        List<String> names = new ArrayList<>();
        caller.get("/api/kit")
                .json()
                .path("leftovers")
                .forEach(k -> names.add(k.path("item").path("name").asString()));
        return names;
    }

    private void log(String setUp, String more) {
        JsonNode draft = Asked.setUp(caller, setUp).path("draft");
        assertEquals(201, caller.post("/api/pulls", """
                        {"title": "Used", "draft": %s, "outcome": "CLEAN", "amount": "A_LITTLE", "faults": [], "note": ""%s}""".formatted(draft, more)).status());
    }

    @Test
    void boardsWearFoilIsSpentAndAQuarterOfASheetGoes() {
        int passes = item("boards", "spacer").path("passes").asInt();
        double foil = item("films", "copper").path("leftCm2").asDouble();
        double sheets = item("stocks", "ivory-300").path("left").asDouble();
        log("Prize card, First", ", \"keepFoil\": false");
        assertEquals(passes + 1, item("boards", "spacer").path("passes").asInt());
        double bee = (46 + 8) * (40 + 8) / 100.0;
        double first = (48 + 8) * (20 + 8) / 100.0;
        assertEquals(foil - bee - first, item("films", "copper").path("leftCm2").asDouble(), 0.01);
        assertEquals(sheets - 0.25, item("stocks", "ivory-300").path("left").asDouble(), 0.001);
    }

    @Test
    void boardsWearByThePassNotByThePull() {
        int passes = item("boards", "spacer").path("passes").asInt();
        int each =
                Asked.setUp(caller, "Jar ribbon").path("draft").path("passes").asInt();
        assertTrue(each > 1);
        log("Jar ribbon", "");
        assertEquals(passes + each, item("boards", "spacer").path("passes").asInt());
    }

    @Test
    void foilThatIsWorthItIsKeptWithWhatItGave() {
        int before = leftovers().size();
        log("Prize card, bee", "");
        assertEquals(before + 1, leftovers().size());
        assertTrue(leftovers().contains("Copper foil, Bee taken"));
        log("Prize card, bee", ", \"keepFoil\": false");
        assertEquals(before + 1, leftovers().size());
    }

    @Test
    void aSolidLeavesNothingToKeep() {
        int before = leftovers().size();
        log("Patron's certificate band", "");
        assertEquals(before, leftovers().size());
    }

    @Test
    void aLengthOfRibbonIsAPartOfTheRoll() {
        double rolls = item("stocks", "ribbon-25").path("left").asDouble();
        log("Jar ribbon", "");
        assertEquals(rolls - 1 / 15.0, item("stocks", "ribbon-25").path("left").asDouble(), 0.001);
    }

    @Test
    void aTurnedBoardIsNoLongerRefused() {
        JsonNode care = caller.get("/api/kit/boards/care").json();
        assertTrue(care.path("care").toString().contains("refused until it is turned"));
        assertFalse(care.path("comparisons").isEmpty());
        long version = -1;
        for (JsonNode kept : caller.get("/api/kit").json().path("boards")) {
            version = kept.path("item").path("id").asString().equals("outer-3")
                    ? kept.path("version").asLong()
                    : version;
        }
        JsonNode turned = caller.post("/api/kit/boards/outer-3/turn?version=" + version, "")
                .json();
        assertEquals(-6.4, turned.path("item").path("bowMm").asDouble(), 1e-9);
        assertEquals(1, turned.path("item").path("turns").asInt());
        assertFalse(caller.get("/api/kit/boards/care")
                .json()
                .path("care")
                .toString()
                .contains("refused until"));
        assertEquals(
                409,
                caller.post("/api/kit/boards/outer-3/turn?version=" + version, "")
                        .status());
        assertEquals(
                404, caller.post("/api/kit/boards/nothing/turn?version=0", "").status());
    }
}
