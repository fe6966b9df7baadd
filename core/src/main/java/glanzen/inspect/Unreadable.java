package glanzen.inspect;

/** A picture that nothing can be read from, and why; said to a person. */
public final class Unreadable extends RuntimeException {

    private static final long serialVersionUID = 1;

    /** Why not. */
    public enum Reason {
        /** Too little light. */
        DARK("is too dark", "a picture in daylight or under a lamp, without flash"),
        /** Too much light. */
        GLARING(
                "is too bright: the stock itself is washed out",
                "a picture with less light on it, or the lamp further off"),
        /** Out of focus or moved. */
        BLURRED("is blurred", "a sharp picture, the sheet filling most of it"),
        /** Too few pixels. */
        SMALL("is too small to see edges in it", "a picture with the sheet filling most of it"),
        /** Neither sheet nor design. */
        NOT_FOUND("shows no sheet with this design that could be found", "the four corners of the sheet, set by hand"),
        /** Foil, but elsewhere. */
        OTHER_DESIGN("shows foil that does not look like this design", "a picture of this pull"),
        /** Foil or ink like the stock. */
        ALIKE("shows nothing that stands out from the stock", "light from the side, so that foil shines"),
        /** Cuts and relief. */
        BY_EYE("cannot tell how this route came out", "what you see, ticked");

        private final String what;
        private final String accepted;

        Reason(String what, String accepted) {
            this.what = what;
            this.accepted = accepted;
        }

        /** What is wrong with the picture. */
        public String what() {
            return what;
        }

        /** What would do. */
        public String accepted() {
            return accepted;
        }
    }

    private final Reason reason;

    Unreadable(Reason reason) {
        super("the picture " + reason.what(), null, false, false);
        this.reason = reason;
    }

    /** Why not. */
    public Reason reason() {
        return reason;
    }
}
