package glanzen.app.kit;

/**
 * A thing of the kit as it was read, never changed.
 *
 * @param row how it is kept
 * @param item what it is
 */
record KitThing(Row row, Record item) {

    /** How it is kept, but for what it is. The same key and version are the same thing. */
    record Row(String id, Shelf shelf, int place, boolean retired, long version) {}

    /** The same with what it is, as JSON. */
    record Written(String id, Shelf shelf, int place, boolean retired, long version, String body) {
        Row row() {
            return new Row(id, shelf, place, retired, version);
        }
    }
}
