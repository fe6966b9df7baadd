package glanzen.app.keeping;

import tools.jackson.databind.node.ObjectNode;

/** How something was written in an earlier format, for one type of thing that is kept as JSON. */
public interface OldWriting {

    /** What is kept. */
    Class<?> type();

    /** A member that nothing has which is written as things are now. */
    String mark();

    /** Rewrites it in the present format; leaves what is in it already alone. */
    void upgrade(ObjectNode kept);
}
