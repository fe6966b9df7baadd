package glanzen.app.archive;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Asked;
import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(Server.class)
class ArchiveApiTest {

    private final Caller caller;

    ArchiveApiTest(Caller caller) {
        this.caller = caller;
    }

    private static String json(byte[] zip) throws IOException {
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                if (e.getName().equals("workshop.json")) {
                    return new String(in.readAllBytes(), StandardCharsets.UTF_8);
                }
            }
        }
        throw new AssertionError("no workshop.json");
    }

    private static byte[] zip(String name, String content) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry(name));
            zip.write(content.getBytes(StandardCharsets.UTF_8));
            zip.closeEntry();
        }
        return out.toByteArray();
    }

    private Reply take(byte[] file) {
        return caller.upload("/api/workshop", "file", file);
    }

    @Test
    void aWorkshopGoesOutAndComesBackTheSame() throws IOException {
        byte[] out = caller.get("/api/workshop").bytes();
        String before = caller.get("/api/pulls?size=200").json().toString();
        JsonNode draft = Asked.setUp(caller, "Prize card, First").path("draft");
        String answer = caller.post("/api/forecasts", draft)
                .json()
                .path("expected")
                .path("clean")
                .toString();
        Reply taken = take(out);
        assertEquals(200, taken.status(), new String(taken.bytes(), StandardCharsets.UTF_8));
        assertTrue(taken.json().path("pulls").asInt() >= 40);
        String again = caller.get("/api/pulls?size=200").json().toString();
        assertEquals(before.replaceAll("\"version\":\\d+", ""), again.replaceAll("\"version\":\\d+", ""));
        assertEquals(
                answer,
                caller.post("/api/forecasts", draft)
                        .json()
                        .path("expected")
                        .path("clean")
                        .toString());
    }

    @Test
    void aBadFileChangesNothingAndSaysWhatIsWrong() throws IOException {
        // Without its pictures, so that only what is changed below is wrong.
        String good = json(caller.get("/api/workshop").bytes()).replace("\"pictured\" : true", "\"pictured\" : false");
        String before = caller.get("/api/set-ups").json().toString()
                + caller.get("/api/kit").json();
        assertRefused(take("no zip".getBytes()), "file");
        assertRefused(take(zip("notes.txt", "hello")), "file");
        assertRefused(take(zip("../../etc/passwd", "x")), "file");
        assertRefused(take(zip("workshop.json", "{")), "workshop.json");
        assertRefused(take(zip("workshop.json", good.replace("glanzen-workshop", "something-else"))), "format");
        // A set-up that names a plate which is not in the kit of the file.
        String missing = good.replaceFirst("\"id\" : \"rosette\"", "\"id\" : \"rosette-lost\"");
        Reply refused = take(zip("workshop.json", missing));
        assertRefused(refused, "layers");
        assertTrue(refused.detail().contains("not in your kit"), refused.detail());
        assertRefused(
                take(zip("workshop.json", good.replaceFirst("\"thicknessMm\" : 3.0", "\"thicknessMm\" : -3.0"))),
                "thickness");
        assertEquals(
                before,
                caller.get("/api/set-ups").json().toString()
                        + caller.get("/api/kit").json());
    }

    private static void assertRefused(Reply reply, String field) {
        assertEquals(422, reply.status(), new String(reply.bytes(), StandardCharsets.UTF_8));
        assertTrue(reply.fields().contains(field), reply.fields());
    }
}
