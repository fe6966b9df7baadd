package glanzen.training;

import glanzen.setup.SetUp;
import glanzen.steps.RunSheet;
import glanzen.steps.Step;
import glanzen.training.Question.Kind;
import glanzen.training.Question.Option;
import glanzen.training.Workshop.Named;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** What is done at the bench, and in which order. */
final class BenchDrills {

    private static final int STEPS = 5;

    private final Workshop workshop;

    BenchDrills(Workshop workshop) {
        this.workshop = workshop;
    }

    /** What to do when something happens. */
    Drill move(Topic topic, Random luck) {
        BenchMove move = BenchMove.valueOf(topic.key());
        List<String> words = new ArrayList<>(List.of(move.right()));
        words.addAll(move.wrong());
        List<Option> options = Told.words(words, luck);
        Question q = Question.choice(
                "What do you do?", Told.shuffled(options, luck), options.get(0).key(), move.why());
        return Drill.plain(topic, move.happens(), List.of(), q);
    }

    /** The steps of a run, put right. */
    Optional<Drill> order(Topic topic, Random luck) {
        List<SetUp> all =
                new ArrayList<>(workshop.setUps().stream().map(Named::setUp).toList());
        Collections.shuffle(all, luck);
        for (SetUp s : all) {
            List<String> steps = new ArrayList<>(RunSheet.steps(s).stream()
                    .filter(step -> step.kind() != Step.Kind.LOOK)
                    .map(Step::say)
                    .distinct()
                    .toList());
            if (steps.size() >= STEPS
                    && steps.size()
                            == RunSheet.steps(s).stream()
                                    .filter(step -> step.kind() != Step.Kind.LOOK)
                                    .count()) {
                int from = luck.nextInt(steps.size() - STEPS + 1);
                return Optional.of(order(topic, s, steps.subList(from, from + STEPS), luck));
            }
        }
        return Optional.empty();
    }

    private static Drill order(Topic topic, SetUp s, List<String> steps, Random luck) {
        List<Option> options = Told.words(steps, luck);
        Question q = new Question(
                Kind.ORDER,
                "In which order?",
                Told.shuffled(options, luck),
                options.stream().map(Option::key).toList(),
                "It goes: " + String.join("; then ", steps));
        return Drill.plain(
                topic,
                s.route().label() + ", " + s.plate().name() + " on " + s.stock().name() + ".",
                List.of(),
                q);
    }
}
