package glanzen.route;

import glanzen.transfer.Drying;

/** What a route has to wait for. */
public enum Wait {
    PLATFORM_READY("platform to ready"),
    SOAK("soak"),
    ROLLERS_READY("rollers to ready"),
    MEDIUM_DRY("ink or paint to dry"),
    GEL_DRY("gel to dry"),
    INK_KEY("reactive ink to key"),
    COOLING("cooling before the peel");

    /** Reactive ink keys for a minute before foil goes on, s. */
    public static final double KEY_SECONDS = 60;

    private final String label;

    Wait(String label) {
        this.label = label;
    }

    /** What is waited for. */
    public String label() {
        return label;
    }

    /** How long on a set-up, s; 0 where only the bench can tell. */
    public double seconds(SetUp s) {
        return switch (this) {
            case PLATFORM_READY, MEDIUM_DRY -> 0;
            case SOAK, ROLLERS_READY -> s.soakSeconds();
            case GEL_DRY -> s.gel() == null ? 0 : s.gel().drying(s.roomC()).secondsTo(Drying.SOUND);
            case INK_KEY -> KEY_SECONDS;
            case COOLING -> s.peel().seconds();
        };
    }
}
