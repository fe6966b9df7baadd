package glanzen.diagnosis;

import java.util.List;

/** One change for the next pull. */
public enum Remedy {
    SAME_AGAIN("pull it once more just so", 0, List.of(Cause.AS_SET)),
    BRUSH("brush both faces once more", 0.5, List.of(Cause.DUST)),
    FRESH_FOIL("cut a fresh piece of foil", 0.5, List.of(Cause.SPENT)),
    FLIP("check: foil colour side up, ready light on, timer started", 0.5, List.of(Cause.REVERSED)),
    COOL("let it cool before you peel", 1, List.of(Cause.HOT_PEEL)),
    MORE("give it more heat, time or pressure", 1, List.of(Cause.TOO_LITTLE, Cause.TEXTURE)),
    LESS("give it less heat, time or pressure", 1, List.of(Cause.TOO_MUCH)),
    TURN_BOARDS("turn the boards end for end", 1, List.of(Cause.ONE_SIDE)),
    QUARTER_TURN("a second pass a quarter turn round", 1, List.of(Cause.MIDDLE_GIVES)),
    PATCH("patch it behind where it is bare", 4, List.of(Cause.MIDDLE_GIVES, Cause.ONE_SIDE)),
    TAPE("tape the plate down", 1, List.of(Cause.MOVED)),
    SMOOTH_STOCK("take a smoother stock", 2, List.of(Cause.TEXTURE));

    private static final double CURED = 0.88;
    /** What strikes by chance hardly strikes twice. */
    private static final double CHANCE = 0.70;

    private static final double PERSISTS = 0.08;
    private static final double WORSE = 0.02;

    private final String label;
    private final double minutes;
    private final List<Cause> cures;

    Remedy(String label, double minutes, List<Cause> cures) {
        this.label = label;
        this.minutes = minutes;
        this.cures = cures;
    }

    /** What to do. */
    public String label() {
        return label;
    }

    /** What it costs before the next pull, min. */
    public double minutes() {
        return minutes;
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
        return cause.chance() ? CHANCE : PERSISTS;
    }
}
