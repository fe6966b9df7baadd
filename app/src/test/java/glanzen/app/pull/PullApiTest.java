package glanzen.app.pull;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Asked;
import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(Server.class)
class PullApiTest {

    private final Caller caller;

    PullApiTest(Caller caller) {
        this.caller = caller;
    }

    private Reply log(JsonNode draft, String outcome, String more) {
        return caller.post("/api/pulls", """
                {"title": "Logged by a test", "draft": %s, "outcome": "%s", "amount": "A_LITTLE", "faults": [], "note": ""%s}""".formatted(draft, outcome, more));
    }

    private JsonNode draft() {
        return Asked.setUp(caller, "Rosette panel").path("draft");
    }

    @Test
    void theLogbookIsFilteredAndPaged() {
        JsonNode all = caller.get("/api/pulls?size=5").json();
        assertEquals(5, all.path("pulls").size());
        assertTrue(all.path("total").asLong() >= 40);
        JsonNode bees =
                caller.get("/api/pulls?plateId=bee&outcome=CLEAN&size=200").json();
        assertTrue(bees.path("total").asLong() > 0
                && bees.path("total").asLong() < all.path("total").asLong());
        bees.path("pulls").forEach(p -> assertEquals("CLEAN", p.path("outcome").asString()));
        assertEquals(
                0, caller.get("/api/pulls?stockId=nobody").json().path("total").asLong());
        assertEquals("size", caller.get("/api/pulls?size=100000").fields());
        assertEquals(400, caller.get("/api/pulls?outcome=SPLENDID").status());
    }

    @Test
    void loggingTeachesTheRigAndUsesUpFoil() {
        JsonNode before = caller.post("/api/forecasts", draft()).json();
        double foil = film("honey");
        for (int i = 0; i < 3; i++) {
            assertEquals(
                    201,
                    log(draft(), "UNDER", ", \"coverage\": 0.9, \"spillMm\": 0").status());
        }
        JsonNode after = caller.post("/api/forecasts", draft()).json();
        assertEquals(
                before.path("rig").path("pulls").asInt() + 3,
                after.path("rig").path("pulls").asInt());
        assertTrue(after.path("expected").path("window").path("middle").asDouble()
                < before.path("expected").path("window").path("middle").asDouble());
        assertTrue(film("honey") < foil - 100);
    }

    private double film(String id) {
        for (JsonNode film : caller.get("/api/kit").json().path("films")) {
            if (film.path("item").path("id").asString().equals(id)) {
                return film.path("item").path("leftCm2").asDouble();
            }
        }
        throw new AssertionError(id);
    }

    @Test
    void whatWasSpoiledByAccidentTeachesNothing() {
        JsonNode before = caller.post("/api/forecasts", draft()).json().path("rig");
        Reply logged = caller.post("/api/pulls", """
                {"title": "Spoiled", "draft": %s, "outcome": "UNDER", "amount": "A_LOT", "faults": ["GHOST"], "note": "knocked"}""".formatted(draft()));
        assertEquals(201, logged.status());
        assertEquals(
                before.path("pulls"),
                caller.post("/api/forecasts", draft()).json().path("rig").path("pulls"));
    }

    @Test
    void whatWasLearnedCanBeForgotten() {
        String rig = "/api/rigs/whirr/a5-platform";
        JsonNode sign = Asked.setUp(caller, "Stall sign").path("draft");
        log(sign, "CLEAN", "");
        assertTrue(caller.post("/api/forecasts", sign)
                        .json()
                        .path("rig")
                        .path("pulls")
                        .asInt()
                > 0);
        assertEquals(204, caller.delete(rig).status());
        assertEquals(
                0,
                caller.post("/api/forecasts", sign)
                        .json()
                        .path("rig")
                        .path("pulls")
                        .asInt());
        caller.get("/api/rigs")
                .json()
                .forEach(known ->
                        assertNotEquals("whirr", known.path("machineId").asString()));
    }

    @Test
    void aRunIsLoggedOnce() {
        String id = Asked.setUp(caller, "Prize card, Second").path("id").asString();
        String run =
                caller.post("/api/runs?setUpId=" + id, "").json().path("id").asString();
        String body = """
                {"title": "From a run", "runId": "%s", "outcome": "CLEAN", "amount": "A_LITTLE", "faults": [], "note": ""}""".formatted(run);
        long before = caller.get("/api/pulls?size=1").json().path("total").asLong();
        assertEquals(201, caller.post("/api/pulls", body).status());
        Reply second = caller.post("/api/pulls", body);
        assertEquals(409, second.status());
        assertTrue(second.detail().contains("logged already"));
        assertEquals(
                before + 1, caller.get("/api/pulls?size=1").json().path("total").asLong());
        assertEquals(
                "LOGGED", caller.get("/api/runs/" + run).json().path("status").asString());
    }

    @Test
    void twoPullsAreComparedByWhatDiffers() {
        JsonNode other = Asked.soaking(draft(), 45);
        String left = log(draft(), "CLEAN", "").json().path("id").asString();
        String right = log(other, "OVER", "").json().path("id").asString();
        JsonNode comparison = caller.get("/api/pulls/compare?left=" + left + "&right=" + right)
                .json();
        List<String> what = new ArrayList<>();
        comparison.path("differences").forEach(d -> what.add(d.path("what").asString()));
        assertEquals(List.of("soak"), what);
    }

    @Test
    void aSnapshotOutlivesTheKitItWasMadeOf() {
        JsonNode plate = caller.post("/api/kit/plates", """
                        {"id": "", "name": "Lent plate", "kind": "PLATE", "material": "BRASS", "thicknessMm": 1.6, "widthMm": 60,
                         "heightMm": 20, "motif": {"kind": "WORDS", "text": "Lent"}}""").json();
        String id = plate.path("item").path("id").asString();
        ObjectNode draft = (ObjectNode) draft().deepCopy();
        ((ObjectNode) draft.path("layers").get(1)).put("id", id);
        String pull = log(draft, "CLEAN", "").json().path("id").asString();
        String changed = plate.path("item").toString().replace("Lent plate", "Given back");
        assertEquals(
                200,
                caller.put(
                                "/api/kit/plates/" + id + "?version="
                                        + plate.path("version").asLong(),
                                changed)
                        .status());
        assertEquals(
                "Lent plate",
                caller.get("/api/pulls/" + pull).json().path("plate").asString());
        assertEquals(201, caller.post("/api/pulls/" + pull + "/set-up", "").status());
    }

    @Test
    void aPullBecomesTheProvenRecipe() {
        JsonNode pull = log(draft(), "CLEAN", "").json();
        String path = "/api/pulls/" + pull.path("id").asString();
        JsonNode recipe = caller.post(
                        path + "/proven?version=" + pull.path("version").asLong(), "")
                .json();
        assertTrue(recipe.path("proven").asBoolean());
        assertTrue(caller.get(path).json().path("proven").asBoolean());
        assertEquals(
                409,
                caller.post(path + "/proven?version=" + pull.path("version").asLong(), "")
                        .status());
    }

    @Test
    void badReadingsAreRefusedAndNothingIsLogged() {
        long before = caller.get("/api/pulls?size=1").json().path("total").asLong();
        assertEquals("coverage", log(draft(), "UNDER", ", \"coverage\": 1.4").fields());
        assertEquals("spillMm", log(draft(), "OVER", ", \"spillMm\": -2").fields());
        assertTrue(log(draft(), "CLEAN", ", \"runId\": \"both\"").fields().contains("runId"));
        assertEquals(
                before, caller.get("/api/pulls?size=1").json().path("total").asLong());
    }

    @Test
    void aPhotographIsKeptAndWhatIsNoneIsNot() throws IOException {
        String path =
                "/api/pulls/" + log(draft(), "CLEAN", "").json().path("id").asString() + "/picture";
        assertEquals(
                200,
                ImageIO.read(new ByteArrayInputStream(
                                caller.get(path + "?width=200&height=140").bytes()))
                        .getWidth());
        Reply none = caller.upload(path, "picture", "no picture at all".getBytes());
        assertEquals(422, none.status());
        assertEquals("picture", none.fields());
        Reply large = caller.upload(path, "picture", new byte[21 * 1024 * 1024]);
        assertEquals("picture", large.fields());
        assertTrue(
                large.json().path("errors").get(0).path("accepted").asString().contains("20 MB"));
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(2400, 800, BufferedImage.TYPE_INT_RGB), "png", png);
        assertTrue(caller.upload(path, "picture", png.toByteArray())
                .json()
                .path("pictured")
                .asBoolean());
        assertEquals(
                1600,
                ImageIO.read(new ByteArrayInputStream(caller.get(path).bytes())).getWidth());
    }
}
