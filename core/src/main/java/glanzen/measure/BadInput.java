package glanzen.measure;

import java.util.List;
import java.util.stream.Collectors;

/** A value that cannot be used: where it stands, what is wrong, and what would be accepted. */
public final class BadInput extends IllegalArgumentException {

    private static final long serialVersionUID = 1L;

    /**
     * One thing that is wrong.
     *
     * @param field the name of the value, dotted where nested
     * @param message what is wrong, in the person's words
     * @param accepted what would be accepted
     */
    public record Problem(String field, String message, String accepted) {}

    private final transient List<Problem> problems;

    /** @param problems everything found wrong; at least one */
    public BadInput(List<Problem> problems) {
        super(problems.stream().map(p -> p.field() + ": " + p.message()).collect(Collectors.joining("; ")));
        this.problems = List.copyOf(problems);
    }

    /** A single problem. */
    public BadInput(String field, String message, String accepted) {
        this(List.of(new Problem(field, message, accepted)));
    }

    /** Everything found wrong, in the order it was found. */
    public List<Problem> problems() {
        return problems;
    }
}
