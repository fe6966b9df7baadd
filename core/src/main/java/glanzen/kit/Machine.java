package glanzen.kit;

/** What a stack goes through: a press, which takes its heat from a platform if any, or a machine that heats by itself. */
public sealed interface Machine extends Owned permits Press, HeatedRollers {

    /** The kinds of machine that routes ask for. */
    enum Kind {
        CRANK_PRESS("crank press"),
        MOTOR_PRESS("motor press"),
        ROLLER_MACHINE("roller machine"),
        LAMINATOR("household laminator"),
        HEATED_PRESS("heated press");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        /** The everyday name. */
        public String label() {
            return label;
        }
    }

    /** Which kind it is. */
    Kind machine();

    /** Widest stack it takes, mm. */
    double throatMm();

    /** Feed speed at a slow pace, mm/s. */
    double slowMmPerS();

    /** Feed speed at a steady pace, mm/s. */
    double steadyMmPerS();

    /** Feed speed at a brisk pace, mm/s. */
    double briskMmPerS();

    /** Feed speed at a pace, mm/s. */
    default double speedMmPerS(Pace pace) {
        return switch (pace) {
            case SLOW -> slowMmPerS();
            case STEADY -> steadyMmPerS();
            case BRISK -> briskMmPerS();
        };
    }
}
