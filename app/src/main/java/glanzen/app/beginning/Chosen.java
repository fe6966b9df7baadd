package glanzen.app.beginning;

import glanzen.kit.Plate;
import glanzen.measure.Checks;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * What a person chose to begin with.
 *
 * @param kinds keys of kinds
 * @param words what the plate of words says; its usual words if nothing is said
 * @param plate a plate read from a file
 */
record Chosen(
        List<String> kinds,
        @Nullable String words,
        @Nullable Plate plate) {

    Chosen {
        new Checks()
                .present("kinds", kinds, "keys of kinds, perhaps none")
                .holds(
                        kinds == null || kinds.stream().allMatch(Objects::nonNull),
                        "kinds",
                        "have a gap",
                        "keys of kinds")
                .done();
    }
}
