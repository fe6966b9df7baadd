package glanzen.kit;

import java.util.List;

/**
 * How things of a shelf are entered: what is asked, in which words, in which order. What is allowed the records check.
 *
 * @param shelf the shelf's key
 * @param one what one thing of it is called
 * @param many what the shelf is called
 * @param fields what is asked
 */
public record ItemForm(String shelf, String one, String many, List<Field> fields) {

    /** How something is typed or chosen. */
    public enum Input {
        TEXT,
        NUMBER,
        FLAG,
        COLOUR,
        /** A film of the kit. */
        FILM,
        /** Stock of the kit. */
        STOCK,
        /** A length, in the person's units. */
        LENGTH,
        /** A paper weight, in the person's units. */
        WEIGHT,
        /** One of several. */
        CHOICE
    }

    /** One of several things to choose. */
    public record Option(String key, String label) {}

    /**
     * Something that is asked.
     *
     * @param key member of the record
     * @param part member of the record it belongs to; empty if to the record itself
     * @param label what is asked
     * @param input how it is entered
     * @param unit of a number; empty if it has none
     * @param options of a choice; empty for the others
     * @param curious whether only the curious ask for it; it has a usual value, or follows from something everybody knows
     */
    public record Field(
            String key, String part, String label, Input input, String unit, List<Option> options, boolean curious) {

        Field forTheCurious() {
            return new Field(key, part, label, input, unit, options, true);
        }
    }

    public ItemForm {
        fields = List.copyOf(fields);
    }
}
