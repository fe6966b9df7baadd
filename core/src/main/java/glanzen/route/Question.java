package glanzen.route;

/** Questions on which people differ. */
public enum Question {
    WHEN_SHEET("sheet", "When does the sheet go on?", "how exact the placing must be"),
    COVER("cover", "Cover while heating?", "small loose plates: leave it open"),
    PASSES("passes", "How many passes?", "taped: either; loose words: one"),
    PEEL("peel", "When is it peeled?", "solids and toner: cold"),
    ERROR_BIAS("error-bias", "Which way to err?", "how foil and stock contrast, and whether you erase"),
    PLACING("placing", "How do plates lie true?", "how exact the placing must be, and how many plates are loose"),
    PLATES_AT_ONCE("plates-at-once", "All plates at once, or only those wanted?", "loose plates nudge each other"),
    FOIL_PIECE("foil-piece", "How large is the foil cut?", "tape wants it short; thrift wants it small"),
    INK_WHEN("ink-when", "Ink or paint before the foil, or after?", "whether it can be kept off the foil"),
    GEL_HEAT("gel-heat", "Is the gel foiled hot or cold?", "the finish wanted, and whether there is a roller machine"),
    GEL_DRYING("gel-drying", "How long does the gel dry?", "how thick the coat is"),
    SPRAY("spray", "Is the stencil held with spray?", "foil afterwards: no; flock tolerates it"),
    TONER_AND_DIES(
            "toner-dies", "Foil then cut, or cut then foil?", "foil first, unless the edge itself must be foiled"),
    CARRIER_CUTTING("carrier-cutting", "Does the carrier stay on while cutting?", "adhesive-backed toner: off"),
    DIE_DIRECTION("die-direction", "Does the edge look up or down?", "whether you must see where it cuts"),
    SECOND_PASS("second-pass", "How is a second pass done?", "where it is not through"),
    DEEP_STACK("deep-stack", "What lies around a deep folder?", "the opening of your press"),
    OUTER_PLATES("outer-plates", "Whose outer plates?", "cost per pass against the maker's word");

    private final String key;
    private final String asks;
    private final String decides;

    Question(String key, String asks, String decides) {
        this.key = key;
        this.asks = asks;
        this.decides = decides;
    }

    /** Short key. */
    public String key() {
        return key;
    }

    /** The question. */
    public String asks() {
        return asks;
    }

    /** What decides it. */
    public String decides() {
        return decides;
    }
}
