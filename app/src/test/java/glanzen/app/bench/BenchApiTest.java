package glanzen.app.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Asked;
import glanzen.app.Caller;
import glanzen.app.Server;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(Server.class)
class BenchApiTest {

    private final Caller caller;

    BenchApiTest(Caller caller) {
        this.caller = caller;
    }

    private JsonNode bench() {
        return caller.get("/api/bench").json();
    }

    @Test
    void whatIsShortOrWornIsSaid() {
        Set<String> needs = new HashSet<>();
        bench().path("needs").forEach(n -> {
            needs.add(n.path("id").asString());
            assertTrue(n.path("left").asDouble() >= 0 && n.path("left").asDouble() <= 1);
        });
        assertTrue(needs.containsAll(Set.of("blue", "wash-300", "outer-1")), needs.toString());
        assertTrue(!needs.contains("outer-2") && !needs.contains("copper"), needs.toString());
    }

    @Test
    void theLastPullsComeNewestFirst() {
        List<Integer> numbers = new ArrayList<>();
        bench().path("latest").forEach(p -> numbers.add(p.path("number").asInt()));
        List<Integer> sorted = new ArrayList<>(numbers);
        sorted.sort((a, b) -> b - a);
        assertEquals(sorted, numbers);
        assertEquals(8, numbers.size());
    }

    @Test
    void theDemoSpansSixWeeksUpToToday() {
        JsonNode pulls = caller.get("/api/pulls?size=200").json().path("pulls");
        Instant first =
                Instant.parse(pulls.get(pulls.size() - 1).path("loggedAt").asString());
        Duration span = Duration.between(first, Instant.now());
        assertTrue(span.toDays() >= 38 && span.toDays() <= 43, span.toString());
        Set<String> outcomes = new HashSet<>();
        pulls.forEach(p -> outcomes.add(p.path("outcome").asString()));
        assertTrue(outcomes.containsAll(Set.of("CLEAN", "UNDER", "OVER")), outcomes.toString());
    }

    @Test
    void aRunThatIsOnIsShown() {
        String id = Asked.setUp(caller, "Prize card, Second").path("id").asString();
        JsonNode run = caller.post("/api/runs?setUpId=" + id, "").json();
        assertEquals(run.path("id"), bench().path("runs").get(0).path("id"));
        caller.post(
                "/api/runs/" + run.path("id").asString() + "/actions?action=LEAVE&version="
                        + run.path("version").asLong(),
                "");
        assertEquals(0, bench().path("runs").size());
    }

    @Test
    void theDemoHasSomethingToLearnAndHasLearnedIt() {
        JsonNode known = caller.get("/api/rigs").json();
        JsonNode iron = null;
        for (JsonNode rig : known) {
            iron = rig.path("machineId").asString().equals("old-iron") ? rig : iron;
        }
        assertTrue(iron != null && iron.path("pulls").asInt() > 20);
        assertTrue(iron.path("remarks").size() > 0, "a rig that differs from its label is noticed");
        iron.path("remarks").forEach(r -> assertTrue(r.path("text").asString().contains("give or take")));
    }

    @Test
    void gelDriesOnTheBenchAndHoursCanBeSkipped() {
        Instant now = Instant.parse(bench().path("now").asString());
        double before = bench().path("dryings").get(0).path("dryness").asDouble();
        assertTrue(before > 0.8);
        JsonNode after = caller.post("/api/bench/skip?seconds=7200", "").json();
        assertEquals("SOUND", after.path("dryings").get(0).path("state").asString());
        assertTrue(
                Duration.between(Instant.now(), Instant.parse(after.path("now").asString()))
                                .toMinutes()
                        >= 119);
        assertEquals("seconds", caller.post("/api/bench/skip?seconds=-5", "").fields());
    }
}
