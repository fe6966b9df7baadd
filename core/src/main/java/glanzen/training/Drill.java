package glanzen.training;

import glanzen.measure.BadInput;
import glanzen.picture.Picture;
import glanzen.training.Grade.Part;
import glanzen.training.Question.Option;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * A drill as it is put.
 *
 * @param topic what it trains
 * @param says what the case is, in a sentence
 * @param setUp how it was set up, line by line; perhaps hidden
 * @param pictures what is to be looked at, by number
 * @param questions one after the other
 * @param grading what an answer is worth
 * @param later pictures of what comes of answers, by key
 */
public record Drill(
        Topic topic,
        String says,
        List<String> setUp,
        List<Picture> pictures,
        List<Question> questions,
        Grading grading,
        Function<String, Optional<Picture>> later) {

    private static final int MOST_LAYERS = 24;

    /** What an answer is worth; it has as many parts as there are questions. */
    interface Grading {
        Grade of(List<List<String>> answers);
    }

    public Drill {
        setUp = List.copyOf(setUp);
        pictures = List.copyOf(pictures);
        questions = List.copyOf(questions);
    }

    /** A drill without pictures that is graded by what its questions say is right. */
    static Drill plain(Topic topic, String says, List<String> setUp, Question question) {
        return pictured(topic, says, setUp, List.of(), question);
    }

    /** The same with pictures. */
    static Drill pictured(Topic topic, String says, List<String> setUp, List<Picture> pictures, Question question) {
        return new Drill(
                topic,
                says,
                setUp,
                pictures,
                List.of(question),
                answers -> Grade.of(List.of(part(question, answers.get(0)))),
                key -> Optional.empty());
    }

    static Part part(Question question, List<String> answer) {
        boolean right = question.kind() == Question.Kind.CHOICE
                ? question.right().contains(answer.get(0))
                : question.right().equals(answer);
        return new Part(right, question.right(), question.why(), List.of());
    }

    /**
     * Grades an answer.
     *
     * @param answers to each question the keys that were chosen; a number as it is written
     * @throws BadInput if it is no answer to what was asked
     */
    public Grade grade(List<List<String>> answers) {
        if (answers.size() != questions.size()) {
            throw new BadInput("answers", "are " + answers.size(), "one to each of " + questions.size() + " questions");
        }
        List<List<String>> checked = new ArrayList<>();
        for (int i = 0; i < questions.size(); i++) {
            checked.add(checked("answers[" + i + "]", questions.get(i), answers.get(i)));
        }
        return grading.of(checked);
    }

    private static List<String> checked(String field, Question question, List<String> answer) {
        List<String> keys = question.options().stream().map(Option::key).toList();
        boolean fits = switch (question.kind()) {
            case CHOICE -> answer.size() == 1 && keys.containsAll(answer);
            case ORDER -> answer.size() == keys.size() && new HashSet<>(answer).equals(new HashSet<>(keys));
            case NUMBER -> answer.size() == 1 && answer.get(0).matches("1?\\d|20");
            case STACK -> !answer.isEmpty() && answer.size() <= MOST_LAYERS && keys.containsAll(answer);
        };
        if (!fits) {
            throw new BadInput(
                    field,
                    "is no answer to this",
                    switch (question.kind()) {
                        case CHOICE -> "one of " + String.join(", ", keys);
                        case ORDER -> "each of these once: " + String.join(", ", keys);
                        case NUMBER -> "a number from 0 to 20";
                        case STACK -> "up to " + MOST_LAYERS + " of " + String.join(", ", keys);
                    });
        }
        return answer;
    }
}
