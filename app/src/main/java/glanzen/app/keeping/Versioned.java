package glanzen.app.keeping;

import glanzen.measure.Checks;

/**
 * A thing in the kit as it is kept.
 *
 * @param item the thing
 * @param version which writing of it this is; to be handed back with a change
 * @param retired no longer in use, but remembered by pulls
 */
public record Versioned<T>(T item, long version, boolean retired) {

    public Versioned {
        new Checks().present("item", item, "a thing of the kit").done();
    }

    /** The same without saying which writing it is: a file says the same however often it travels. */
    public Versioned<T> unnumbered() {
        return new Versioned<>(item, 0, retired);
    }
}
