package glanzen.app.keeping;

import java.util.List;
import tools.jackson.databind.node.ObjectNode;

/** How something was written in an earlier format, for one type of thing that is kept as JSON. */
public interface OldWriting {

    /** What is kept. */
    Class<?> type();

    /** Texts of which one stands in whatever is written so, and none in anything kept as things are written now. */
    List<String> marks();

    /** Rewrites it in the present format; leaves what is in it already alone. */
    void upgrade(ObjectNode kept);
}
