package glanzen.inspect;

/**
 * A place where something is wrong.
 *
 * @param kind bare inside the design, or foil outside it
 * @param xMm middle, in the frame of the feed
 * @param yMm middle
 * @param areaMm2 how large
 * @param longMm its longest way across
 * @param edgeMm how near to the design's edge its middle lies, mm
 * @param stays whether it is still there after cutting
 */
public record Spot(Kind kind, double xMm, double yMm, double areaMm2, double longMm, double edgeMm, boolean stays) {

    /** Which way it is wrong. */
    public enum Kind {
        BARE,
        OVER
    }

    /** Whether it is about as long as wide. */
    public boolean round() {
        return areaMm2 > 0.3 * longMm * longMm;
    }
}
