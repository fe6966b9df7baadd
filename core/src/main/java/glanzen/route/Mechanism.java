package glanzen.route;

/** What pressing does to a sheet. */
public enum Mechanism {
    /** Foil or flock holds on where a bonding layer has wetted it. */
    TRANSFER("under", "over"),
    /** A blade goes through. */
    CUT("not through", "into the plate"),
    /** Relief is formed. */
    EMBOSS("shallow", "cracked"),
    /** A folder with dies built in does both at once. */
    CUT_AND_EMBOSS("not enough", "too much");

    private final String tooLittle;
    private final String tooMuch;

    Mechanism(String tooLittle, String tooMuch) {
        this.tooLittle = tooLittle;
        this.tooMuch = tooMuch;
    }

    /** What a pull is called that got too little. */
    public String tooLittle() {
        return tooLittle;
    }

    /** What a pull is called that got too much. */
    public String tooMuch() {
        return tooMuch;
    }

    /** Whether a blade is at work. */
    public boolean cuts() {
        return this == CUT || this == CUT_AND_EMBOSS;
    }
}
