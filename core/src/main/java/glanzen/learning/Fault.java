package glanzen.learning;

/** What else can be seen on a pull, with its likely cause and what to do next. */
public enum Fault {
    MIDDLE(
            "under-foil in the middle only",
            "rollers give in the middle, or the plate is bowed",
            "a second pass a quarter turn round, a patch, or move it off the middle",
            true),
    ONE_SIDE(
            "under-foil on one side",
            "uneven boards, a worn plate or plate overhang",
            "turn the boards, or patch that side",
            true),
    MOTTLED("mottled solid", "stock texture, hot peel or short soak", "smooth stock, cold peel, more soak", false),
    LIFTED("foil lifted while peeling", "peeled too hot", "lay it back, wait and peel again", false),
    COUNTERS(
            "filled counters",
            "shim too thick or soft, soak too long, or an extra pass",
            "a thinner or harder shim",
            false),
    GHOST(
            "ghost edge",
            "something moved or reversed, or a loose plate",
            "tape it, one pass, hold with both thumbs",
            true),
    ASKEW(
            "words nudged askew",
            "several small plates loose, or the cover knocked them",
            "tape or trace them; foil only those needed",
            true),
    SPECKS("bare specks", "dust or a fingerprint", "brush both faces", false),
    SPENT("bare band or shape", "the foil was already used there", "a fresh piece", true),
    NOTHING(
            "nothing at all",
            "foil reversed, timer never started, or the platform switched itself off",
            "check in that order",
            true),
    DULL("dull foil", "medium over the foil", "medium first, foil on top", false);

    private final String label;
    private final String cause;
    private final String next;
    private final boolean misleading;

    Fault(String label, String cause, String next, boolean misleading) {
        this.label = label;
        this.cause = cause;
        this.next = next;
        this.misleading = misleading;
    }

    /** What is seen. */
    public String label() {
        return label;
    }

    /** What likely caused it. */
    public String cause() {
        return cause;
    }

    /** What to do next. */
    public String next() {
        return next;
    }

    /** True where the coverage seen says nothing about heat and pressure, so that nothing should be learned from it. */
    public boolean misleading() {
        return misleading;
    }
}
