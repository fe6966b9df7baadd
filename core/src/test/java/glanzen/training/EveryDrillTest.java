package glanzen.training;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.Crafts;
import glanzen.forecast.Forecaster;
import glanzen.kit.Kit;
import glanzen.measure.BadInput;
import glanzen.route.Route;
import glanzen.training.Question.Kind;
import glanzen.training.Workshop.Named;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** Drills of a workshop that can do every route: what is asked can be answered, and what is no answer is refused. */
class EveryDrillTest {

    private static final Workshop WORKSHOP = new Workshop(
            new Kit(
                    List.of(Bench.CRANK, Crafts.MOTOR),
                    List.of(Bench.PLATFORM),
                    Crafts.SHELF,
                    List.of(Bench.WORDS, Bench.SOLID, Bench.DIE),
                    List.of(Bench.SMOOTH),
                    List.of(Bench.COPPER),
                    List.of(Crafts.ROLLERS)),
            List.of(),
            Arrays.stream(Route.values())
                    .map(r -> new Named(r.label(), Crafts.started(r)))
                    .toList(),
            new Forecaster(Crafts.ARTWORKS));

    /** Without leftovers and ribbons that are laid out nothing can be asked about those. */
    private static final Set<Skill> NEEDS_MORE = Set.of(Skill.LEFTOVER, Skill.RIBBON);

    private static Optional<Drill> drill(Topic topic, long turn) {
        return Drills.of(topic.seed(turn), List.of(WORKSHOP));
    }

    private static final List<Drill> ALL =
            Topic.everything().stream().flatMap(t -> drill(t, 3).stream()).toList();

    private static Stream<Drill> all() {
        return ALL.stream();
    }

    private static List<String> any(Question q) {
        List<String> keys = q.options().stream().map(Question.Option::key).toList();
        return switch (q.kind()) {
            case NUMBER -> List.of("15");
            case ORDER -> keys;
            case CHOICE, STACK -> keys.subList(0, 1);
        };
    }

    private static List<List<String>> any(Drill d) {
        return d.questions().stream().map(EveryDrillTest::any).toList();
    }

    @Test
    void nearlyEverythingCanBeAskedHere() {
        Set<Skill> made = all().map(d -> d.topic().skill()).collect(Collectors.toSet());
        Set<Skill> wanted = new HashSet<>(Arrays.asList(Skill.values()));
        wanted.removeAll(NEEDS_MORE);
        assertTrue(made.containsAll(wanted), made::toString);
        List<String> read = all().filter(d -> d.topic().skill() == Skill.READING)
                .map(d -> d.topic().key())
                .toList();
        assertTrue(read.containsAll(List.of("TOO_LITTLE", "TOO_MUCH", "ASKEW", "UPSIDE_DOWN", "FLATTENED")));
    }

    @TestFactory
    Stream<DynamicTest> whatIsAskedCanBeAnswered() {
        return all().map(d -> DynamicTest.dynamicTest(d.topic().name(), () -> answered(d)));
    }

    private static void answered(Drill d) {
        assertFalse(d.says().isBlank());
        for (Question q : d.questions()) {
            Set<String> keys = q.options().stream().map(Question.Option::key).collect(Collectors.toSet());
            Set<String> labels =
                    q.options().stream().map(o -> o.label() + o.picture()).collect(Collectors.toSet());
            assertEquals(q.options().size(), keys.size(), "no key stands for two");
            assertEquals(q.options().size(), labels.size(), "no two look alike: " + q.options());
            assertTrue(keys.containsAll(q.right()));
            q.options().forEach(o -> assertTrue(o.picture() < d.pictures().size(), "what it shows is there"));
        }
        Grade first = d.grade(any(d));
        assertEquals(d.questions().size(), first.parts().size());
        assertTrue(first.score() >= 0 && first.score() <= 1);
        Grade best = d.grade(first.parts().stream().map(Grade.Part::best).toList());
        assertTrue(best.right(), () -> best.toString());
        assertEquals(1, best.score(), 1e-9);
        best.parts().stream()
                .flatMap(p -> p.after().stream())
                .filter(a -> !a.picture().isEmpty())
                .forEach(a -> assertTrue(d.later().apply(a.picture()).isPresent(), a.label()));
    }

    @TestFactory
    Stream<DynamicTest> whatIsNoAnswerIsRefused() {
        return all().map(d -> DynamicTest.dynamicTest(d.topic().name(), () -> refused(d)));
    }

    private static void refused(Drill d) {
        assertThrows(BadInput.class, () -> d.grade(List.of()));
        List<List<String>> more = new ArrayList<>(any(d));
        more.add(List.of("x"));
        assertThrows(BadInput.class, () -> d.grade(more));
        for (List<String> odd : List.of(List.<String>of(), List.of("no such key"), List.of("21"))) {
            List<List<String>> answers = new ArrayList<>(any(d));
            answers.set(0, odd);
            assertThrows(BadInput.class, () -> d.grade(answers), odd::toString);
        }
        Question q = d.questions().get(0);
        if (q.kind() == Kind.ORDER) {
            List<List<String>> twice = new ArrayList<>(any(d));
            String one = q.options().get(0).key();
            twice.set(0, q.options().stream().map(o -> one).toList());
            assertThrows(BadInput.class, () -> d.grade(twice));
        }
    }

    @Test
    void aSeedMakesTheSamePicturesAndAnotherSeedOthers() {
        Topic topic = Topic.named("READING:DUST").orElseThrow();
        BufferedImage one = drill(topic, 3).orElseThrow().pictures().get(0).draw(160, 120);
        BufferedImage same = drill(topic, 3).orElseThrow().pictures().get(0).draw(160, 120);
        BufferedImage other = drill(topic, 4).orElseThrow().pictures().get(0).draw(160, 120);
        assertEquals(0, SlipTest.differing(one, same));
        assertTrue(SlipTest.differing(one, other) > 100);
    }

    @Test
    void theLayersOfAStackAreAsThickAsTheyAreSaidToBe() {
        Drill build = drill(Topic.named("BUILD:1").orElseThrow(), 3).orElseThrow();
        build.questions().get(0).options().forEach(o -> {
            assertTrue(o.thicknessMm() > 0, o.label());
            assertTrue(o.label().contains("{mm:"), o.label());
        });
    }

    @Test
    void everyMoveAtTheBenchHasItsReason() {
        for (BenchMove move : BenchMove.values()) {
            Drill d = drill(new Topic(Skill.MOVES, move.name()), 3).orElseThrow();
            Grade graded = d.grade(any(d));
            assertFalse(graded.parts().get(0).says().isBlank(), move.name());
            assertEquals(4, d.questions().get(0).options().size(), move.name());
        }
    }
}
