package glanzen.training;

import java.util.List;

/**
 * One question of a drill.
 *
 * @param kind how it is answered
 * @param asks what is asked
 * @param options what can be chosen; none where a number is asked
 * @param right keys of what is right: of a choice any of them, of an order all of them in turn; none where the model grades
 * @param why why that is right
 */
public record Question(Kind kind, String asks, List<Option> options, List<String> right, String why) {

    /** How a question is answered. */
    public enum Kind {
        /** One of the options. */
        CHOICE,
        /** All options, in their order. */
        ORDER,
        /** How many of twenty. */
        NUMBER,
        /** Layers from the bottom to the top, each taken from the options as often as wanted. */
        STACK
    }

    /**
     * Something to choose.
     *
     * @param thicknessMm how thick it is, mm; 0 where it is no layer
     * @param picture which of the drill's pictures shows it; less than nothing where words do
     */
    public record Option(String key, String label, int picture, double thicknessMm) {

        Option(String key, String label) {
            this(key, label, -1, 0);
        }

        /** One that is shown. */
        Option(String key, String label, int picture) {
            this(key, label, picture, 0);
        }

        /** A layer. */
        Option(String key, String label, double thicknessMm) {
            this(key, label, -1, thicknessMm);
        }
    }

    public Question {
        options = List.copyOf(options);
        right = List.copyOf(right);
    }

    static Question choice(String asks, List<Option> options, String right, String why) {
        return new Question(Kind.CHOICE, asks, options, List.of(right), why);
    }
}
