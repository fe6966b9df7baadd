package glanzen.app.setup;

import glanzen.measure.Checks;
import java.time.Instant;

/**
 * A set-up a person keeps.
 *
 * @param id key
 * @param name what they call it
 * @param draft the set-up
 * @param proven made the recipe for its plate, film and stock
 * @param touchedAt when it was last changed
 * @param version to be handed back with a change
 */
public record SavedSetUp(String id, String name, Draft draft, boolean proven, Instant touchedAt, long version) {

    public SavedSetUp {
        new Checks()
                .name("setUps.id", id)
                .name("setUps.name", name)
                .present("setUps.draft", draft, "the set-up")
                .moment("setUps.touchedAt", touchedAt)
                .done();
    }

    /** The same without its version. */
    public SavedSetUp unnumbered() {
        return new SavedSetUp(id, name, draft, proven, touchedAt, 0);
    }
}
