package glanzen.app;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** What was answered with success is still there after the process is killed while it writes. */
class KilledTest {

    private static final String BOARD = """
            {"id": "", "name": "Board", "kind": "SPACER", "material": "LAMINATE", "thicknessMm": 3, "widthMm": 150,
             "heightMm": 210, "owned": 1, "bowMm": 0, "passes": 0, "lifePasses": 500, "price": 0, "turns": 0,
             "opaque": false}""";

    /** A slow machine writes for longer, until there is something to lose. */
    private static final int ENOUGH = 10;

    @Test
    @Timeout(120)
    void nothingThatWasAnsweredIsLost() throws IOException, SQLException, InterruptedException {
        Path data = Files.createTempDirectory(Path.of("target"), "killed").toAbsolutePath();
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        Process server = new ProcessBuilder(
                        ProcessHandle.current().info().command().orElse("java"),
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("java.class.path"),
                        GlanzenApplication.class.getName(),
                        "--server.port=" + port,
                        "--glanzen.data=" + data)
                .redirectErrorStream(true)
                .redirectOutput(data.resolve("log").toFile())
                .start();
        List<String> answered = new ArrayList<>();
        try {
            Caller caller = Caller.waitingFor("http://localhost:" + port, server);
            long until = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(700);
            while (System.nanoTime() < until || answered.size() <= ENOUGH) {
                Caller.Reply reply = caller.post("/api/kit/boards", BOARD);
                answered.add(reply.json().path("item").path("id").asString());
            }
        } finally {
            server.destroyForcibly().waitFor();
        }
        assertTrue(answered.size() > ENOUGH, answered.size() + " were written");
        Set<String> there = new HashSet<>();
        try (Connection db = DriverManager.getConnection("jdbc:h2:file:" + data + "/glanzen", "glanzen", "");
                ResultSet rows = db.createStatement().executeQuery("select id from kit_item")) {
            while (rows.next()) {
                there.add(rows.getString(1));
            }
        }
        answered.removeAll(there);
        assertTrue(answered.isEmpty(), "lost: " + answered);
    }
}
