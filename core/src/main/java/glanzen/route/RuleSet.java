package glanzen.route;

/** What experience asks of a route, beyond what holds for all; the rules themselves stand elsewhere. */
public enum RuleSet {
    /** Foil on a heated platform. */
    HOT_PLATE,
    /** A plate without heat, perhaps inked. */
    COLD_PLATE,
    TONER,
    GEL,
    REACTIVE_INK,
    CUT,
    PARTIAL_CUT,
    EMBOSS,
    CUT_AND_EMBOSS
}
