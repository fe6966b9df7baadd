package glanzen.route;

import glanzen.transfer.Transfer;

/**
 * What counts as good on a route (docs/how-it-computes.md, outcomes by route), and what the two ways of missing it are
 * called.
 *
 * @param enough least share of the design that must come out: covered, through, or formed; 0…1
 * @param mostExcessMm most that may show of too much, mm; infinite where there is no too much
 * @param hottestBondC bond temperature above which foil takes where nothing binds it, °C; infinite where it never does
 * @param under what too little is called
 * @param good what enough and not too much is called
 * @param over what too much is called
 */
public record Standard(
        double enough, double mostExcessMm, double hottestBondC, String under, String good, String over) {

    private static final double NEVER = Double.POSITIVE_INFINITY;

    /** Foil by heat and a detailed plate. */
    public static final Standard FOIL =
            new Standard(Transfer.CLEAN_COVERAGE, Transfer.VISIBLE_SPILL_MM, NEVER, "under-foil", "clean", "over-foil");
    /** Solid ground, whose edge is trimmed off afterwards. */
    public static final Standard GROUND = new Standard(0.95, NEVER, NEVER, "patchy", "even", "over-foil");
    /** Toner: bare sheet takes foil only when it is far too hot. */
    public static final Standard TONER =
            new Standard(Transfer.CLEAN_COVERAGE, NEVER, 135, "bare toner", "clean", "foil on bare sheet");
    /** Sound gel: more pressure and more passes leave it as it is. */
    public static final Standard GEL =
            new Standard(Transfer.CLEAN_COVERAGE, Transfer.VISIBLE_SPILL_MM, NEVER, "bare gel", "clean", "blob");
    /** Reactive ink, of what the scraps cover. */
    public static final Standard INK = new Standard(0.95, NEVER, NEVER, "bare ink", "clean", "on the roller");
    /** A cut must be through all along; scoring the plate is wear. */
    public static final Standard CUT = new Standard(0.995, NEVER, NEVER, "not through", "through", "refused");
    /** Relief: most of its full depth, and no crack. */
    public static final Standard RELIEF =
            new Standard(0.80, Transfer.VISIBLE_SPILL_MM, NEVER, "shallow", "full depth", "cracked");
    /** A folder that cuts and embosses at once. */
    public static final Standard CUT_RELIEF = new Standard(
            CUT.enough, RELIEF.mostExcessMm, NEVER, "not through or shallow", "through and full", "cracked");

    /**
     * The same for a design whose counters fill sooner.
     *
     * @param counterMm width of its narrowest counters, mm
     */
    public Standard counting(double counterMm) {
        return mostExcessMm == NEVER || counterMm / 2 >= mostExcessMm
                ? this
                : new Standard(enough, counterMm / 2, hottestBondC, under, good, over);
    }

    /** Whether what lies beside an edge is seen; on ground that is trimmed it is not. */
    public boolean edgeShows() {
        return mostExcessMm < NEVER;
    }

    /** Too little of a share, 0…1. */
    public boolean under(double share) {
        return share < enough;
    }

    /** Too much of what shows, mm. */
    public boolean over(double excessMm) {
        return excessMm > mostExcessMm;
    }
}
