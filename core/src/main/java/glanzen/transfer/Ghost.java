package glanzen.transfer;

/** A second edge beside the first, where a plate moved under the sheet between two passes. */
public final class Ghost {

    /** How far a loose plate moves when it changes direction: standard deviation, mm. */
    public static final double LOOSE_MM = 0.15;
    /** A shift of more than this is seen, mm. */
    public static final double VISIBLE_MM = 0.20;

    private Ghost() {}

    /**
     * Chance that a ghost is seen.
     *
     * @param reversals changes of direction with a loose plate; 0 if nothing is loose
     * @return 0…1
     */
    public static double chance(int reversals) {
        double unseen = 2 * Normal.cdf(VISIBLE_MM / LOOSE_MM) - 1;
        return 1 - Math.pow(unseen, reversals);
    }
}
