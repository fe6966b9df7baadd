package glanzen.route;

/** What pressing does to a sheet. */
public enum Mechanism {
    /** Foil or flock holds on where a bonding layer has wetted it. */
    TRANSFER,
    /** A blade goes through. */
    CUT,
    /** Relief is formed. */
    EMBOSS,
    /** A folder with dies built in does both at once. */
    CUT_AND_EMBOSS;

    /** Whether a blade is at work. */
    public boolean cuts() {
        return this == CUT || this == CUT_AND_EMBOSS;
    }

    /** Whether relief is formed. */
    public boolean embosses() {
        return this == EMBOSS || this == CUT_AND_EMBOSS;
    }
}
