package glanzen.steps;

/** What hands take for what they do often: starting values for practised ones, to be corrected by a person's own runs. */
public enum Hands {
    CUT_FOIL("cut a piece of foil", 20),
    TRIM("trim a panel", 40),
    SET_LOOSE("set and square a loose plate", 30),
    SET_TAPED("set a taped plate", 90),
    LAY("lay foil and stock", 12),
    CARRY("undock and carry", 6),
    TAKE_APART("take the stack apart", 8),
    PEEL("peel", 10),
    BRUSH("brush", 6),
    LOOK("look", 5),
    SWAP_HOT("swap a hot plate", 40),
    BOARDS("lay other boards", 30),
    LOAD_CUT("load a cut", 25),
    POKE("poke out", 10),
    POKE_LACE("poke out a lace", 90),
    SPREAD("spread gel", 60),
    CLEAN_STENCIL("clean a stencil", 90),
    SPRAY("spray a stencil outdoors", 20),
    TACK("wait until it is tacky", 40),
    STAMP("stamp", 30),
    LAY_SCRAPS("lay scraps", 90),
    CARRIER("load a carrier", 30),
    GLUE("glue a piece", 25),
    FOLD("fold and score", 25),
    INK("ink or paint", 30),
    TAPE("put tape on or take it off", 10),
    FILM_OFF("peel a protective film", 12);

    private final String label;
    private final int seconds;

    Hands(String label, int seconds) {
        this.label = label;
        this.seconds = seconds;
    }

    /** What is done. */
    public String label() {
        return label;
    }

    /** How long it takes, s. */
    public int seconds() {
        return seconds;
    }
}
