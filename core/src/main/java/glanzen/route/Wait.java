package glanzen.route;

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
}
