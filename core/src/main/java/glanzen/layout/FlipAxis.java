package glanzen.layout;

/** How the sheet is turned to lie face down. */
public enum FlipAxis {
    /** Like the page of a book: left and right swap. */
    SIDEWAYS,
    /** Over its upper edge: top and bottom swap. */
    ENDWAYS
}
