package glanzen.route;

/** Questions on which people differ. */
public enum Question {
    WHEN_SHEET("sheet", "When does the sheet go on?", "how exactly you must place them"),
    COVER("cover", "Cover while heating?", "small loose plates: leave it open"),
    PASSES("passes", "How many passes?", "taped: either; loose words: one"),
    PEEL("peel", "When do you peel?", "solids and toner: cold"),
    ERROR_BIAS(
            "error-bias", "Rather too little or too much foil?", "how foil and stock contrast, and whether you erase"),
    PLACING(
            "placing",
            "How do you line up the plates?",
            "how exact the placing must be, and how many plates are loose"),
    PLATES_AT_ONCE("plates-at-once", "All plates at once, or only the ones you need?", "loose plates nudge each other"),
    FOIL_PIECE("foil-piece", "How large do you cut the foil?", "tape needs room; a small piece saves foil"),
    INK_WHEN("ink-when", "Ink or paint before the foil, or after?", "whether it can be kept off the foil"),
    GEL_HEAT(
            "gel-heat", "Do you foil the gel hot or cold?", "the finish wanted, and whether there is a roller machine"),
    GEL_DRYING("gel-drying", "How long does the gel dry?", "how thick the coat is"),
    SPRAY("spray", "Is the stencil held with spray?", "foil afterwards: no; flock tolerates it"),
    TONER_AND_DIES(
            "toner-dies", "Foil then cut, or cut then foil?", "foil first, unless the edge itself must be foiled"),
    CARRIER_CUTTING("carrier-cutting", "Does the carrier stay on while cutting?", "adhesive-backed toner: off"),
    DIE_DIRECTION("die-direction", "Cutting edge up or down?", "whether you must see where it cuts"),
    SECOND_PASS("second-pass", "How do you do the second pass?", "where it is not through"),
    DEEP_STACK("deep-stack", "What goes around a deep folder?", "the opening of your press"),
    OUTER_PLATES("outer-plates", "Which maker's outer plates?", "cost per pass against the maker's word");

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
