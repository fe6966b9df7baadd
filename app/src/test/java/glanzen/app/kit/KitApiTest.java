package glanzen.app.kit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(Server.class)
class KitApiTest {

    private static final String BOARD = """
            {"id": "", "name": "%s", "kind": "PLASTIC_SHIM", "material": "POLYCARBONATE", "thicknessMm": %s,
             "widthMm": 150, "heightMm": 210, "owned": 1, "bowMm": 0, "passes": 0, "lifePasses": 300, "price": 0, "turns": 0, "opaque": false}""";

    private final Caller caller;

    KitApiTest(Caller caller) {
        this.caller = caller;
    }

    @Test
    void theDemoWorldIsThere() {
        JsonNode kit = caller.get("/api/kit").json();
        assertEquals(2, kit.path("presses").size());
        assertTrue(kit.path("boards").size() >= 12);
        assertTrue(kit.path("films").size() >= 8);
        assertEquals(
                "Old Iron", kit.path("presses").get(0).path("item").path("name").asString());
    }

    @Test
    void aBoardIsAddedChangedRetiredAndBroughtBack() {
        Reply added = caller.post("/api/kit/boards", BOARD.formatted("Test shim", "0.7"));
        assertEquals(201, added.status());
        String id = added.json().path("item").path("id").asString();
        long version = added.json().path("version").asLong();
        assertFalse(id.isEmpty());

        Reply changed =
                caller.put("/api/kit/boards/" + id + "?version=" + version, BOARD.formatted("Test shim", "0.72"));
        assertEquals(0.72, changed.json().path("item").path("thicknessMm").asDouble());
        assertEquals(id, changed.json().path("item").path("id").asString());

        long newer = changed.json().path("version").asLong();
        assertTrue(newer > version);
        Reply retired = caller.put("/api/kit/boards/" + id + "/retired?version=" + newer + "&retired=true", "");
        assertTrue(retired.json().path("retired").asBoolean());
        long newest = retired.json().path("version").asLong();
        Reply back = caller.put("/api/kit/boards/" + id + "/retired?version=" + newest + "&retired=false", "");
        assertFalse(back.json().path("retired").asBoolean());
    }

    @Test
    void twoTabsCannotOverwriteEachOther() {
        JsonNode added = caller.post("/api/kit/boards", BOARD.formatted("Two tabs", "0.7"))
                .json();
        String path = "/api/kit/boards/" + added.path("item").path("id").asString() + "?version="
                + added.path("version").asLong();
        assertEquals(200, caller.put(path, BOARD.formatted("First tab", "0.7")).status());
        Reply second = caller.put(path, BOARD.formatted("Second tab", "0.7"));
        assertEquals(409, second.status());
        assertTrue(second.detail().contains("changed elsewhere"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"-1", "0", "400"})
    void absurdThicknessIsRefusedWhereItStands(String thickness) {
        Reply refused = caller.post("/api/kit/boards", BOARD.formatted("Absurd", thickness));
        assertEquals(422, refused.status());
        assertEquals("thicknessMm", refused.fields());
        assertTrue(
                refused.json().path("errors").get(0).path("accepted").asString().contains("to"));
        assertTrue(refused.headers().get("content-type").get(0).startsWith("application/problem+json"));
    }

    @Test
    void severalFaultsAreSaidAtOnce() {
        Reply refused = caller.post("/api/kit/boards", BOARD.formatted(" ", "-1"));
        assertEquals("name thicknessMm", refused.fields());
    }

    @Test
    void whatIsNoBoardIsRefusedWithoutATrace() {
        for (String body : new String[] {"", "[]", "{\"kind\": \"SOFA\"}", "{\"thicknessMm\": \"thick\"}", "{"}) {
            Reply refused = caller.post("/api/kit/boards", body);
            assertTrue(refused.status() == 400 || refused.status() == 422, body + " gave " + refused.status());
            assertFalse(new String(refused.bytes()).contains("Exception"), new String(refused.bytes()));
        }
    }

    @Test
    void whatIsNotThereIsSaidNotToBe() {
        Reply gone = caller.put("/api/kit/boards/nobody?version=0", BOARD.formatted("Nobody", "0.7"));
        assertEquals(404, gone.status());
    }

    @Test
    void thicknessComesFromWeightAndBulk() {
        Reply caliper = caller.get("/api/kit/caliper?gsm=300&bulk=1.25");
        assertEquals(0.375, caliper.json().path("thicknessMm").asDouble(), 1e-9);
        assertEquals(422, caller.get("/api/kit/caliper?gsm=-3&bulk=1.25").status());
        assertEquals(400, caller.get("/api/kit/caliper?gsm=heavy&bulk=1.25").status());
    }

    @Test
    void platesAreDrawnAsOutlines() {
        String svg = new String(caller.get("/api/plates/bee/outline.svg").bytes());
        assertTrue(svg.startsWith("<svg") && svg.contains("viewBox=\"0 0 46.00 40.00\""));
        assertEquals(404, caller.get("/api/plates/nobody/outline.svg").status());
    }

    /** Clear plates and shims of the demo that nearly fill Old Iron, and strips that tell the rest. */
    @Test
    void aPressIsMeasuredWithStripsAndTheForecastFollows() {
        String strips = """
                {"boardIds": ["outer-1", "outer-1", "outer-2", "outer-2", "magnetic", "plastic-05", "plastic-05"], "trials": [%s]}""";
        String trial = "{\"stripMm\": %s, \"left\": \"%s\", \"middle\": \"%s\", \"right\": \"%s\"}";
        String path = "/api/rigs/presses/old-iron/strips";
        JsonNode first = caller.post(path, strips.formatted("")).json();
        assertEquals(14, first.path("openingMm").asDouble(), 0.01);
        String seen = trial.formatted(0.3, "TEARS", "DRAGS", "TEARS") + ", "
                + trial.formatted(0.1, "DRAGS", "SLIPS", "DRAGS");
        JsonNode told = caller.post(path, strips.formatted(seen)).json();
        assertTrue(
                told.path("openingSdMm").asDouble() < first.path("openingSdMm").asDouble());
        long version = 0;
        for (JsonNode kept : caller.get("/api/kit").json().path("presses")) {
            boolean iron = kept.path("item").path("id").asString().equals("old-iron");
            version = iron ? kept.path("version").asLong() : version;
        }
        String put = path + "?version=" + version;
        assertEquals("trials", caller.put(put, strips.formatted("")).fields());
        assertEquals(200, caller.put(put, strips.formatted(seen)).status());
        assertEquals(409, caller.put(put, strips.formatted(seen)).status());
        for (JsonNode press : caller.get("/api/kit").json().path("presses")) {
            if (press.path("item").path("id").asString().equals("old-iron")) {
                assertEquals(
                        told.path("crown").asDouble(),
                        press.path("item").path("crown").asDouble(),
                        0.001);
            }
        }
        assertEquals(
                "boards",
                caller.post(path, "{\"boardIds\": [\"tissue\"], \"trials\": []}")
                        .fields());
    }

    private static final String ROLLERS = """
            {"name": "Bench rollers", "kind": "%s", "throatMm": 230, "gapMm": 1, "pressureMpa": 0.2, "nipMm": 8,
             "settings": [%s], "warmUpSeconds": %s, "unevenness": 0.1, "slowMmPerS": 5, "steadyMmPerS": 9,
             "briskMmPerS": 15}""";
    private static final String SETTING = "{\"name\": \"one\", \"celsius\": %s}";

    @Test
    void heatedRollersAreAddedAndDoTheirRoutes() {
        JsonNode added = caller.post(
                        "/api/kit/rollers", ROLLERS.formatted("LAMINATOR", SETTING.formatted("120"), "1800"))
                .json();
        String id = added.path("item").path("id").asString();
        JsonNode started = caller.post("/api/set-ups", """
                {"name": "On new rollers", "route": "TONER", "machineId": "%s", "plateId": "comb-print",
                 "filmId": "leaf-gold", "stockId": "toner-comb"}""".formatted(id)).json();
        assertEquals(
                1800,
                started.path("draft").path("hotRollers").path("onSeconds").asDouble(),
                "a laminator wants its half hour");
        assertEquals(
                204,
                caller.delete("/api/set-ups/" + started.path("id").asString() + "?version="
                                + started.path("version").asLong())
                        .status());
        caller.put(
                "/api/kit/rollers/" + id + "/retired?version="
                        + added.path("version").asLong() + "&retired=true",
                "");
    }

    @ParameterizedTest
    @CsvSource({"LAMINATOR, 900, 1800, celsius", "LAMINATOR, 120, -1, warmUpSeconds", "CRANK_PRESS, 120, 1800, kind"})
    void rollersThatCannotBeAreRefused(String kind, String celsius, String warmUp, String field) {
        Reply refused = caller.post("/api/kit/rollers", ROLLERS.formatted(kind, SETTING.formatted(celsius), warmUp));
        assertEquals(422, refused.status());
        assertEquals(field, refused.fields());
    }
}
