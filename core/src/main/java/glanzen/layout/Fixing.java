package glanzen.layout;

/** How plates are kept where they belong. */
public enum Fixing {
    /** Laid on the platform along its grid, the sheet over them. */
    LOOSE,
    /** Taped face to face to the sheet, then all turned over as one. */
    TAPED,
    /** The sheet held to the platform by tape along one edge, and let down like a lid. */
    HINGED
}
