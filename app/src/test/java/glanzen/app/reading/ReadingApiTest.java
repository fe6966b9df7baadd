package glanzen.app.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Asked;
import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(Server.class)
class ReadingApiTest {

    private final Caller caller;

    ReadingApiTest(Caller caller) {
        this.caller = caller;
    }

    private String id(String setUp) {
        return Asked.setUp(caller, setUp).path("id").asString();
    }

    private Reply read(String query, byte[] file) {
        return caller.upload("/api/readings?" + query, "picture", file);
    }

    @Test
    void whatIsNoPictureOfAPullIsRefusedWithTheReasonAndNothingIsKept() throws IOException {
        long before = caller.get("/api/pulls?size=1").json().path("total").asLong();
        String bee = "setUpId=" + id("Prize card, bee");
        Reply noPicture = read(bee, "not a picture".getBytes(StandardCharsets.UTF_8));
        assertEquals(422, noPicture.status());
        assertEquals("picture", noPicture.fields());
        Reply dark = read(bee, plain());
        assertEquals(422, dark.status());
        assertTrue(dark.json().toString().contains("too dark"), dark.json().toString());
        assertEquals(422, read(bee + "&corners=1,2,3", plain()).status());
        assertEquals(422, read("", plain()).status());
        Reply cut = read("setUpId=" + id("Rosette, cut"), plain());
        assertEquals(422, cut.status());
        assertTrue(cut.json().toString().contains("ticked"), cut.json().toString());
        assertEquals(
                before, caller.get("/api/pulls?size=1").json().path("total").asLong());
    }

    private static byte[] plain() throws IOException {
        return png(new BufferedImage(900, 1200, BufferedImage.TYPE_INT_RGB));
    }

    private static byte[] png(BufferedImage image) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    @Test
    void signsAndAnswersSayWhyWithoutAPicture() {
        String about = "\"setUpId\": \"%s\"".formatted(id("Prize card, bee"));
        String signs = """
                {"coverage": 0.75, "spillMm": 0.03, "onRight": 0.7, "inMiddle": 0, "specks": 30, "missingMm2": 6,
                 "mottle": 0.4, "gone": 0.1, "gonePlaces": 1, "ghostMm": 0}""";
        JsonNode why = caller.post("/api/readings/why", "{%s, \"signs\": %s, \"answers\": {}}".formatted(about, signs))
                .json();
        assertEquals("ONE_SIDE", why.path("causes").get(0).path("cause").asString(), why.toString());
        JsonNode asked = caller.post(
                        "/api/readings/why",
                        "{%s, \"signs\": %s, \"answers\": {\"SAME_SIDE\": true}}".formatted(about, signs))
                .json();
        assertTrue(asked.path("causes").get(0).path("ofTwenty").asInt()
                >= why.path("causes").get(0).path("ofTwenty").asInt());
        assertEquals(
                422, caller.post("/api/readings/why", "{%s}".formatted(about)).status());
    }
}
