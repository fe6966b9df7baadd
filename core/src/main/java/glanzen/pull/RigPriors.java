package glanzen.pull;

/** How far rigs stray from their labels before anything is known of them: standard deviations. */
public final class RigPriors {

    /** Set-point error, K. */
    public static final double SET_POINT_K = 4.5;
    /** Opening error, mm. */
    public static final double OPENING_MM = 0.06;
    /** ln of stiffness. */
    public static final double LN_STIFFNESS = 0.15;
    /** ln of contact conductance. */
    public static final double LN_CONTACT = 0.20;
    /** ln of how much rollers give in the middle; believed as labelled until a pull tells of it. */
    public static final double LN_GIVE = 0.5;
    /** ln of a film's need. */
    public static final double LN_NEED = 0.30;
    /** ln of what it takes to cut a stock, or to form it. */
    public static final double LN_STOCK_NEED = 0.15;

    /** ln of dose from one pull to the next on the same rig: a hand is no machine, and no two sheets are alike. */
    public static final double LN_LUCK = 0.12;

    /** ln of the dose from which too much shows: how a backing spreads foil, a plate is bitten, a sheet cracks. */
    public static final double LN_EXCESS = 0.15;

    /** ln of the force that a press takes at most: a round figure on its label. */
    public static final double LN_GREATEST_FORCE = 0.05;
    /** How many degrees a film may begin to hold on bare sheet sooner or later, K. */
    public static final double BARE_SHEET_K = 3;

    private RigPriors() {}

    /**
     * How far the dose of one pull strays on a rig, ln: by luck, and by the need as far as it is not known.
     *
     * @param ofItsKind how far such needs stray before anything is known, ln
     */
    public static double lnSpread(Rig rig, double ofItsKind) {
        return Math.hypot(LN_LUCK, rig.lnNeedDeviation(ofItsKind));
    }
}
