package glanzen.route;

/** Ink or paint under the foil. */
public enum Medium {
    NONE,
    DRY,
    WET
}
