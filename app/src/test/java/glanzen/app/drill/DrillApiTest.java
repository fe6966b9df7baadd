package glanzen.app.drill;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import glanzen.training.Skill;
import glanzen.training.Topic;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Drills as the page asks for them; nothing of them goes anywhere else. */
@ExtendWith(Server.class)
class DrillApiTest {

    private final Caller caller;

    DrillApiTest(Caller caller) {
        this.caller = caller;
    }

    private static long seed(Skill skill, int turn) {
        return Topic.everything().stream()
                .filter(t -> t.skill() == skill)
                .findFirst()
                .orElseThrow()
                .seed(turn);
    }

    private JsonNode drill(long seed) {
        Reply reply = caller.get("/api/drills/next?seed=" + seed);
        assertEquals(200, reply.status());
        return reply.json();
    }

    private Reply answer(JsonNode drill, String answers) {
        return caller.post(
                "/api/drills/answers",
                "{\"seed\": %s, \"basis\": %s, \"answers\": %s, \"sure\": true}"
                        .formatted(drill.path("seed"), drill.path("basis"), answers));
    }

    /** To each question its first option. */
    private static String firsts(JsonNode drill) {
        List<String> answers = new ArrayList<>();
        drill.path("questions")
                .forEach(q -> answers.add("[" + q.path("options").get(0).path("key") + "]"));
        return answers.toString();
    }

    @Test
    void theSameSeedIsTheSameDrillAndDoesNotTellItsAnswer() {
        long seed = seed(Skill.READING, 2);
        JsonNode one = drill(seed);
        assertEquals(one, drill(seed));
        assertFalse(one.toString().contains("right") || one.toString().contains("\"topic\""), one::toString);
        assertTrue(drill(seed(Skill.READING, 3)).path("hidden").asBoolean());
        Reply picture = caller.get("/api/drills/" + seed + "/pictures/0?width=200&height=120");
        assertEquals(200, picture.status());
        assertEquals(404, caller.get("/api/drills/" + seed + "/after/MORE").status());
    }

    @Test
    void anAnswerIsGradedExplainedAndShowsWhatWouldHaveCome() {
        JsonNode drill = drill(seed(Skill.READING, 4));
        JsonNode graded = answer(drill, firsts(drill)).json();
        JsonNode change = graded.path("parts").get(1);
        assertFalse(graded.path("parts").get(0).path("says").asString().isEmpty());
        for (JsonNode after : change.path("after")) {
            String picture = "/api/drills/" + drill.path("seed") + "/after/"
                    + after.path("picture").asString();
            assertEquals(200, caller.get(picture).status(), picture);
        }
        List<String> best = new ArrayList<>();
        graded.path("parts").forEach(p -> best.add(p.path("best").toString()));
        JsonNode again = answer(drill, best.toString()).json();
        assertTrue(again.path("right").asBoolean());
        assertEquals(1, again.path("score").asDouble());
    }

    @Test
    void progressIsKeptAndTravelsWithTheWorkshop() {
        int before = caller.get("/api/drills/progress").json().path("met").asInt();
        JsonNode drill = drill(seed(Skill.TURNED, 0));
        assertEquals(200, answer(drill, firsts(drill)).status());
        JsonNode progress = told();
        assertEquals(before + 1, progress.path("met").asInt());
        byte[] file = caller.get("/api/workshop").bytes();
        assertEquals(200, caller.stream("/api/workshop", file).status());
        assertEquals(progress, told());
        assertTrue(caller.get("/api/drills/next").json().path("seed").isNumber());
    }

    /** Progress but for what is likely tomorrow, which fades while a test runs. */
    private JsonNode told() {
        JsonNode progress = caller.get("/api/drills/progress").json();
        progress.path("skills").forEach(skill -> ((ObjectNode) skill).remove("tomorrow"));
        return progress;
    }

    @Test
    void nothingReachesLogbookStockOrRig() {
        String before = everythingElse();
        for (Skill skill : Skill.values()) {
            JsonNode drill = drill(seed(skill, 6));
            String answers = skill == Skill.HOW_MANY ? "[[\"12\"]]" : firsts(drill);
            Reply reply = answer(drill, skill == Skill.ORDER ? inOrder(drill) : answers);
            assertEquals(200, reply.status(), () -> skill + " " + reply.json());
        }
        assertEquals(before, everythingElse());
    }

    private static String inOrder(JsonNode drill) {
        List<String> keys = new ArrayList<>();
        drill.path("questions")
                .get(0)
                .path("options")
                .forEach(o -> keys.add(o.path("key").toString()));
        return "[" + keys + "]";
    }

    private String everythingElse() {
        return caller.get("/api/pulls?size=200").json().toString()
                + caller.get("/api/kit").json()
                + caller.get("/api/rigs/old-iron/a5-platform").json()
                + caller.get("/api/runs").json();
    }

    @Test
    void whatIsNoAnswerIsRefusedWhereItIs() {
        JsonNode drill = drill(seed(Skill.MOVES, 0));
        Reply none = answer(drill, "[[\"nothing\"]]");
        assertEquals(422, none.status());
        assertEquals("answers[0]", none.fields());
        assertEquals("answers", answer(drill, "[]").fields());
        assertEquals(422, answer(drill(seed(Skill.HOW_MANY, 0)), "[[\"21\"]]").status());
        Reply old = caller.post(
                "/api/drills/answers", "{\"seed\": 1, \"basis\": \"other\", \"answers\": [[\"1\"]], \"sure\": false}");
        assertEquals(409, old.status());
    }
}
