package glanzen.route;

/** Ink or paint: under the foil, or on a plate that prints as it embosses. */
public enum Medium {
    NONE,
    DRY,
    WET,
    /** On the relief of a plate pressed without heat. */
    ON_PLATE
}
