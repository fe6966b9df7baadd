package glanzen.diagnosis;

import glanzen.route.Route;
import java.util.List;

/** One change for the next pull. */
public enum Remedy {
    SAME_AGAIN("pull it again without a change", 0, Cause.AS_SET),
    BRUSH("brush both faces once more", 0.5, Cause.DUST),
    FRESH_FOIL("cut a fresh piece of film", 0.5, Cause.SPENT),
    FLIP("check: colour side the right way, ready light on, timer started", 0.5, Cause.REVERSED),
    COOL("let it cool before you peel", 1, Cause.HOT_PEEL),
    MORE("use more %s", 1, Cause.TOO_LITTLE, Cause.TEXTURE, Cause.SHEETS),
    LESS("use less %s", 1, Cause.TOO_MUCH, Cause.STIFF),
    TURN_BOARDS("turn the boards end for end", 1, Cause.ONE_SIDE, Cause.BOARD_WORN),
    QUARTER_TURN("a second pass a quarter turn round", 1, Cause.MIDDLE_GIVES),
    PATCH("patch it behind where too little came out", 4, Cause.MIDDLE_GIVES, Cause.ONE_SIDE),
    TAPE("tape the plate down", 1, Cause.MOVED),
    SMOOTH_STOCK("take a smoother stock", 2, Cause.TEXTURE),
    WAIT_CLEAR("wait until the gel is clear all over", 30, Cause.NOT_DRY),
    SPREAD_ANEW("spread fresh gel, a little thicker, and press it within the week", 15, Cause.GEL_OLD),
    FOIL_BEFORE_CUT("foil the next one first, and cut it after", 2, Cause.CUT_FIRST),
    MEDIUM_FIRST("medium first, fully dry, foil on top", 10, Cause.MEDIUM_OVER),
    PEEL_FILMS("peel both films off the clear sheet", 0.5, Cause.FILM_ON),
    CLEAN_BLADE("tap the die out and brush it", 0.5, Cause.BLADE),
    METAL_SHIM("put the metal shim under it", 1, Cause.BLADE, Cause.SHEETS),
    ONE_SHEET("one sheet at a time", 0.5, Cause.SHEETS),
    FRESH_PLATE("take a fresh bottom plate", 1, Cause.BOARD_WORN),
    DAMPEN("damp the sheet a little, or take a softer stock", 2, Cause.STIFF);

    private static final double CURED = 0.88;
    /** What strikes by chance hardly strikes twice. */
    private static final double CHANCE = 0.70;

    /** Where nothing of the set-up was wrong, giving more or less may spoil it. */
    private static final double PUSHED = 0.55;

    private static final double PERSISTS = 0.08;
    private static final double WORSE = 0.02;

    private final String label;
    private final double minutes;
    private final List<Cause> cures;

    Remedy(String label, double minutes, Cause... cures) {
        this.label = label;
        this.minutes = minutes;
        this.cures = List.of(cures);
    }

    /** What to do on a route. */
    public String label(Route route) {
        return Cause.dosed(label, route);
    }

    /** Whether it helps against anything that is there on a route. */
    public boolean fits(Route route) {
        return Cause.on(route).stream().anyMatch(this::cures);
    }

    /** What it costs before the next pull, min. */
    public double minutes() {
        return minutes;
    }

    /** Whether it changes how much heat, time or pressure is given. */
    public boolean doses() {
        return this == MORE || this == LESS;
    }

    /** Whether it is meant for a cause. */
    public boolean cures(Cause cause) {
        return cures.contains(cause);
    }

    /** Chance that the next pull is good after it, if that was the cause. */
    double good(Cause cause) {
        if (cures(cause)) {
            return CURED;
        }
        boolean wrongWay = this == MORE && cause == Cause.TOO_MUCH || this == LESS && cause == Cause.TOO_LITTLE;
        if (wrongWay) {
            return WORSE;
        }
        boolean pushed = this == MORE || this == LESS;
        return !cause.chance() ? PERSISTS : pushed ? PUSHED : CHANCE;
    }
}
