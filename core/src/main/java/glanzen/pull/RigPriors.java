package glanzen.pull;

/** How far rigs stray from their labels before anything is known of them: standard deviations. */
public final class RigPriors {

    /** Set-point error, K. */
    public static final double SET_POINT_K = 6;
    /** Opening error, mm. */
    public static final double OPENING_MM = 0.08;
    /** ln of stiffness. */
    public static final double LN_STIFFNESS = 0.15;
    /** ln of contact conductance. */
    public static final double LN_CONTACT = 0.25;
    /** ln of a film's need. */
    public static final double LN_NEED = 0.35;

    /** ln of dose from one pull to the next on the same rig: a hand is no machine, and no two sheets are alike. */
    public static final double LN_LUCK = 0.12;

    private RigPriors() {}
}
