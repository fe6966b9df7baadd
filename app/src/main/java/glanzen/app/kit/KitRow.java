package glanzen.app.kit;

/** A thing of the kit as it is kept, but for what it is; looked at only, never changed. The same key and version are the same thing. */
record KitRow(String id, Shelf shelf, boolean retired, long version) {

    /** The same with what it is. */
    record Whole(String id, Shelf shelf, boolean retired, long version, String body) {
        KitRow row() {
            return new KitRow(id, shelf, retired, version);
        }
    }
}
