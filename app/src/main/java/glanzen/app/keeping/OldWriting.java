package glanzen.app.keeping;

import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** How something was written in an earlier format, for one type of thing that is kept as JSON. */
public interface OldWriting {

    /** What was written so. */
    Class<?> type();

    /** Where in the database such things are kept, perhaps within others. */
    List<Place> places();

    /** Rewrites it in the present format; leaves what is in it already alone. */
    void upgrade(ObjectNode kept);

    /** The same for what may have been no object at all. */
    default JsonNode present(JsonNode kept) {
        if (kept instanceof ObjectNode object) {
            upgrade(object);
        }
        return kept;
    }

    /**
     * Where things are kept.
     *
     * @param table with an id
     * @param column with a JSON document
     * @param type what the document is
     */
    record Place(String table, String column, Class<?> type) {}
}
