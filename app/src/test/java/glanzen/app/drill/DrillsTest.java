package glanzen.app.drill;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.keeping.Json;
import glanzen.artwork.ArtworkShelf;
import glanzen.forecast.Forecaster;
import glanzen.training.Drill;
import glanzen.training.Drills;
import glanzen.training.Grade;
import glanzen.training.Question;
import glanzen.training.Question.Kind;
import glanzen.training.Skill;
import glanzen.training.Topic;
import glanzen.training.Workshop;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** Drills of the workshop that ships: there are enough, each the same from its seed, and each can be solved. */
class DrillsTest {

    private static final int ENOUGH = 130;

    private final Workshop workshop = DrillMaterial.practice(
            new Json(JsonMapper.builder().build(), List.of()), new Forecaster(new ArtworkShelf()));

    private Optional<Drill> drill(long seed) {
        return Drills.of(seed, List.of(workshop));
    }

    /** The answer that is right, as the drill itself says it once it was answered. */
    private static List<List<String>> solution(Drill d) {
        List<List<String>> any = new ArrayList<>();
        for (Question q : d.questions()) {
            List<String> keys = q.options().stream().map(Question.Option::key).toList();
            any.add(q.kind() == Kind.NUMBER ? List.of("10") : q.kind() == Kind.ORDER ? keys : keys.subList(0, 1));
        }
        return d.grade(any).parts().stream().map(Grade.Part::best).toList();
    }

    @Test
    void everyTopicHasDrillsAndEachIsSolvedByWhatItIsGradedWith() {
        Map<Skill, Integer> made = new EnumMap<>(Skill.class);
        List<String> none = new ArrayList<>();
        for (long seed = 0; seed < ENOUGH; seed++) {
            long s = seed;
            Optional<Drill> there = drill(seed);
            if (there.isEmpty()) {
                none.add(Topic.of(seed).name());
                continue;
            }
            Drill d = there.get();
            made.merge(d.topic().skill(), 1, Integer::sum);
            Grade grade = d.grade(solution(d));
            assertTrue(grade.right(), () -> s + " " + d.topic() + " " + grade);
            if (seed < Topic.everything().size()) {
                List<List<String>> wrong = wrong(d);
                assertFalse(d.grade(wrong).right(), () -> s + " " + d.topic() + " " + wrong);
            }
        }
        assertTrue(made.values().stream().mapToInt(i -> i).sum() >= 120, made::toString);
        assertEquals(Skill.values().length, made.size());
        assertEquals(List.of(), none);
    }

    @Test
    void theSameSeedMakesTheSameDrill() {
        for (Topic topic : Topic.everything().subList(0, 4)) {
            Drill one = drill(topic.seed(5)).orElseThrow();
            Drill two = drill(topic.seed(5)).orElseThrow();
            assertEquals(one.questions(), two.questions());
            assertEquals(one.says(), two.says());
            assertEquals(topic, one.topic());
        }
    }

    /** The first question answered otherwise. */
    private static List<List<String>> wrong(Drill d) {
        List<List<String>> wrong = new ArrayList<>(solution(d));
        Question q = d.questions().get(0);
        List<String> best = new ArrayList<>(wrong.get(0));
        switch (q.kind()) {
            case CHOICE ->
                best.set(
                        0,
                        q.options().stream()
                                .map(Question.Option::key)
                                .filter(k -> !q.right().contains(k))
                                .findFirst()
                                .orElseThrow());
            case NUMBER -> best.set(0, Integer.parseInt(best.get(0)) > 10 ? "0" : "20");
            case ORDER -> Collections.reverse(best);
            // A stack may do upside down; its lowest layer alone never does.
            case STACK -> best = best.subList(0, 1);
        }
        wrong.set(0, best);
        return wrong;
    }
}
