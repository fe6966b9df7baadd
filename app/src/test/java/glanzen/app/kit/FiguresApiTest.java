package glanzen.app.kit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Caller;
import glanzen.app.Server;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Figures from what everybody can say. */
@ExtendWith(Server.class)
class FiguresApiTest {

    private final Caller caller;

    FiguresApiTest(Caller caller) {
        this.caller = caller;
    }

    @Test
    void aHeavyPressIsStifferAndItsOpeningFollowsFromWhatJustPasses() {
        JsonNode heavy = caller.post("/api/kit/figures/press", "{\"feel\": \"HEAVY\", \"thickestMm\": 15.2}")
                .json();
        JsonNode light =
                caller.post("/api/kit/figures/press", "{\"feel\": \"LIGHT\"}").json();
        assertTrue(heavy.path("stiffnessNPerMm").asDouble()
                > light.path("stiffnessNPerMm").asDouble());
        assertEquals(14, heavy.path("openingMm").asDouble(), 0.01);
        assertTrue(light.path("openingMm").isMissingNode());
        assertEquals(422, caller.post("/api/kit/figures/press", "{}").status());
    }

    @Test
    void aPlatformIsMeasuredWithAClock() {
        String size = "\"widthMm\": 150, \"heightMm\": 210, \"celsius\": 112";
        JsonNode slow = caller.post("/api/kit/figures/platform", "{" + size + ", \"coldSeconds\": 900}")
                .json();
        JsonNode quick = caller.post("/api/kit/figures/platform", "{" + size + ", \"coldSeconds\": 450}")
                .json();
        assertEquals(
                2,
                slow.path("heatCapacityJPerK").asDouble()
                        / quick.path("heatCapacityJPerK").asDouble(),
                0.02);
        Caller.Reply never = caller.post("/api/kit/figures/platform", "{" + size + ", \"coldSeconds\": 3}");
        assertEquals(422, never.status());
        assertEquals("coldSeconds", never.fields());
    }

    @Test
    void whatCarriesTheSameDesignBelongsTogether() {
        JsonNode family = caller.get("/api/kit/plates/bee/family").json();
        assertTrue(
                family.toString().contains("Bee die") && family.toString().contains("Bee stencil"), family.toString());
        assertEquals(0, caller.get("/api/kit/plates/first/family").json().size());
    }

    @Test
    void anUnsizedDrawingIsOfferedInSizes() {
        byte[] svg =
                "<svg xmlns='http://www.w3.org/2000/svg' width='96' height='48'><rect width='96' height='48'/></svg>"
                        .getBytes(StandardCharsets.UTF_8);
        JsonNode read = caller.upload("/api/artworks", "svg", svg).json();
        assertEquals(3, read.path("sizes").size());
        assertEquals(25.4, read.path("widthMm").asDouble(), 0.01);
        assertEquals(25.4 * 96 / 72, read.path("sizes").get(0).path("widthMm").asDouble(), 0.01);
    }
}
