package glanzen.layout;

/** How plates are kept where they belong. */
public enum Fixing {
    /** Laid on the platform along its grid, the sheet over them. */
    LOOSE,
    /** Taped face to face to the sheet, then all turned over as one. */
    TAPED,
    /** Plate and sheet joined by tape along one edge: laid, lifted, foil slipped under, and turned over as one. */
    HINGED
}
