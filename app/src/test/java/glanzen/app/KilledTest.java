package glanzen.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What was answered with success is still there after the process is killed at any moment while it writes, edits, takes
 * workshops in and makes backups, and the next start needs no help. More rounds are in scripts/kill.
 */
class KilledTest {

    private static final String BOARD = """
            {"id": "", "name": "Board", "kind": "SPACER", "material": "LAMINATE", "thicknessMm": 3, "widthMm": 150,
             "heightMm": 210, "owned": 1, "bowMm": 0, "passes": 0, "lifePasses": 500, "price": 0, "turns": 0,
             "opaque": false}""";

    private static final int ROUNDS = Integer.getInteger("kill.rounds", 2);
    private static final int LONGEST_MS = 1500;
    /** A slow machine writes for longer, until there is something to lose. */
    private static final int ENOUGH = 3;

    private final Path data =
            Files.createTempDirectory(Path.of("target"), "killed").toAbsolutePath();
    private final List<String> answered = new CopyOnWriteArrayList<>();
    private double roomC = 21;
    private boolean asked;

    KilledTest() throws IOException {
        // Its folder is made.
    }

    @Test
    @Timeout(3600)
    void nothingThatWasAnsweredIsLost() throws IOException, InterruptedException {
        for (int round = 0; round < ROUNDS; round++) {
            Process server = null;
            try {
                int port = free();
                server = started(port);
                Caller caller = Caller.waitingFor("http://localhost:" + port, server);
                allThere(caller, round);
                busy(caller, server, new Random(round));
            } finally {
                if (server != null) {
                    server.destroyForcibly().waitFor();
                }
            }
        }
        int port = free();
        Process server = started(port);
        try {
            allThere(Caller.waitingFor("http://localhost:" + port, server), ROUNDS);
        } finally {
            server.destroyForcibly().waitFor();
        }
        assertTrue(answered.size() >= ENOUGH * ROUNDS, answered.size() + " were written");
    }

    private static int free() throws IOException {
        try (ServerSocket free = new ServerSocket(0)) {
            return free.getLocalPort();
        }
    }

    private Process started(int port) throws IOException {
        return new ProcessBuilder(
                        ProcessHandle.current().info().command().orElse("java"),
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("java.class.path"),
                        GlanzenApplication.class.getName(),
                        "--server.port=" + port,
                        "--glanzen.data=" + data)
                .redirectErrorStream(true)
                .redirectOutput(data.resolveSibling(data.getFileName() + ".log").toFile())
                .start();
    }

    /** Everything that was answered is there, and nothing was set aside. */
    private void allThere(Caller caller, int round) {
        Set<String> there = new HashSet<>();
        caller.get("/api/kit")
                .json()
                .path("boards")
                .forEach(b -> there.add(b.path("item").path("id").asString()));
        List<String> lost = new ArrayList<>(answered);
        lost.removeAll(there);
        assertEquals(List.of(), lost, "lost in round " + round);
        double room = caller.get("/api/preferences").json().path("roomC").asDouble();
        assertTrue(
                room == roomC || asked && room == (roomC >= 39 ? 1 : roomC + 1),
                "room " + room + " instead of " + roomC);
        roomC = room;
        asked = false;
        assertEquals("", caller.get("/api/backups").json().path("setAside").asString());
    }

    /** Writes of every sort, until it is killed at a moment nobody chose. */
    private void busy(Caller caller, Process server, Random random) {
        int enough = answered.size() + ENOUGH;
        Thread death = new Thread(() -> {
            try {
                TimeUnit.MILLISECONDS.sleep(random.nextInt(LONGEST_MS));
                while (answered.size() < enough && server.isAlive()) {
                    TimeUnit.MILLISECONDS.sleep(20);
                }
            } catch (InterruptedException early) {
                Thread.currentThread().interrupt();
            }
            server.destroyForcibly();
        });
        death.start();
        try {
            while (server.isAlive()) {
                step(caller, random.nextInt(12));
            }
        } catch (RuntimeException died) {
            // In the middle of something: that was not answered.
        }
    }

    private void step(Caller caller, int what) {
        if (what == 0) {
            caller.upload("/api/workshop", "file", caller.get("/api/workshop").bytes());
        } else if (what == 1) {
            caller.post("/api/backups", "");
        } else if (what < 4) {
            JsonNode before = caller.get("/api/preferences").json();
            asked = true;
            if (caller.put("/api/preferences", ((ObjectNode) before).put("roomC", roomC >= 39 ? 1 : roomC + 1))
                            .status()
                    == 200) {
                roomC = roomC >= 39 ? 1 : roomC + 1;
            }
            asked = false;
        } else {
            answered.add(caller.post("/api/kit/boards", BOARD)
                    .json()
                    .path("item")
                    .path("id")
                    .asString());
        }
    }
}
