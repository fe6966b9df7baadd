package glanzen.beginning;

import glanzen.kit.Kit;
import glanzen.measure.Checks;
import glanzen.pull.Doubt;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A kind of thing that stands on many benches, without a maker's name.
 *
 * @param id its key
 * @param group where it is looked for
 * @param drawing how it is drawn
 * @param name what it is
 * @param says what tells it from its like
 * @param usual whether it is chosen before anybody has chosen
 * @param brings keys of what usually comes with it
 * @param doubt how far one of its kind may be from these figures; as from a label where nothing is said
 * @param things what is put on the shelves when it is chosen
 * @param why where its figures come from
 */
public record Kind(
        String id,
        Group group,
        Drawing drawing,
        String name,
        String says,
        boolean usual,
        List<String> brings,
        Doubt doubt,
        Kit things,
        String why) {

    /** Where a kind is looked for, in the order in which it is asked. */
    public enum Group {
        MACHINE("What stands on your bench"),
        BOARDS("Boards that came with it"),
        FIRST("A foil, a card, a plate");

        private final String label;

        Group(String label) {
            this.label = label;
        }

        /** What is asked. */
        public String label() {
            return label;
        }
    }

    /** How a kind is drawn. */
    public enum Drawing {
        CRANK,
        MOTOR,
        SEEING_MOTOR,
        PLATFORM,
        ROLLERS,
        LAMINATOR,
        HEATED_PRESS,
        BOARD,
        FILM,
        STOCK,
        PLATE
    }

    public Kind(
            String id,
            Group group,
            Drawing drawing,
            String name,
            String says,
            boolean usual,
            @Nullable List<String> brings,
            @Nullable Doubt doubt,
            Kit things,
            String why) {
        new Checks()
                .name("id", id)
                .name("name", name)
                .present("group", group, "where it is looked for")
                .present("drawing", drawing, "how it is drawn")
                .present("things", things, "what it puts on the shelves")
                .holds(why != null && !why.isBlank(), "why", "is missing", "where the figures come from")
                .done();
        this.id = id;
        this.group = group;
        this.drawing = drawing;
        this.name = name;
        this.says = says;
        this.usual = usual;
        this.brings = brings == null ? List.of() : List.copyOf(brings);
        this.doubt = doubt == null ? Doubt.OF_LABELS : doubt;
        this.things = things;
        this.why = why;
    }
}
