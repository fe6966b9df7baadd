package glanzen.press;

/**
 * The state under the rollers.
 *
 * <p>The balance {@code δ = F/K + Σc_i} is solved for the image pressure p: given p every compression follows at once,
 * from them the contact length a and the force {@code F = p·a·b}, so δ is an explicit, rising function of p. Roller
 * nips: standard converting texts; compression of paper: standard paper-physics texts.
 *
 * @param forceN total force F, N; 0 where the rollers do not grip
 * @param pressureMpa image pressure p, MPa
 * @param contactMm contact length a along the feed, mm
 */
public record Nip(double forceN, double pressureMpa, double contactMm) {

    /** Rollers that do not touch the stack. */
    public static final Nip OPEN = new Nip(0, 0, 0);

    private static final double LOWEST_MPA = 1e-4;
    private static final double HIGHEST_MPA = 1e5;

    /**
     * How much too thick a stack must be for a pressure in the nip: what its layers and the frame give way under it.
     *
     * @param pressureMpa wanted, MPa
     * @param raisedWidthMm raised ground across the feed, mm
     * @return mm
     */
    public static double overfillFor(Frame frame, LoadPath path, double pressureMpa, double raisedWidthMm) {
        double compression = path.compressionMm(pressureMpa, raisedWidthMm);
        return compression + pressureMpa * frame.contactMm(compression) * raisedWidthMm / frame.stiffnessNPerMm();
    }

    /**
     * Finds the balance by bisection on ln p.
     *
     * @param overfillMm δ, mm; not positive gives {@link #OPEN}
     * @param raisedWidthMm b, mm, positive
     */
    public static Nip solve(Frame frame, LoadPath path, double overfillMm, double raisedWidthMm) {
        if (overfillMm <= 0) {
            return OPEN;
        }
        double low = Math.log(LOWEST_MPA);
        double high = Math.log(HIGHEST_MPA);
        for (int i = 0; i < 60; i++) {
            double middle = (low + high) / 2;
            if (overfillFor(frame, path, Math.exp(middle), raisedWidthMm) < overfillMm) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return at(frame, path.compressionMm(Math.exp(low), raisedWidthMm), Math.exp(low), raisedWidthMm);
    }

    static Nip at(Frame frame, double compressionMm, double pressureMpa, double raisedWidthMm) {
        double contact = frame.contactMm(compressionMm);
        return new Nip(pressureMpa * contact * raisedWidthMm, pressureMpa, contact);
    }

    /**
     * Time a point spends under the rollers in one pass, {@code a/v}.
     *
     * @param feedMmPerS v, mm/s
     * @return s
     */
    public double dwellSeconds(double feedMmPerS) {
        return contactMm / feedMmPerS;
    }
}
