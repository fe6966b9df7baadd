package glanzen.app.kit;

/**
 * A thing of the kit has other figures now.
 *
 * @param thingId its key
 * @param before as it was
 * @param after as it is
 */
public record Retyped(String thingId, Record before, Record after) {}
