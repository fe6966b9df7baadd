package glanzen.app.kit;

/** A thing of the kit as it is kept; looked at only, never changed. */
record KitRow(Shelf shelf, String body, long version, boolean retired) {}
