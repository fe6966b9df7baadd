package glanzen.pull;

/**
 * How a pull comes out on one rig.
 *
 * @param dose what is given against what is needed, geometric mean over the design; 0 where the rollers do not grip
 * @param coverage share of the design that comes out: covered after peeling, cut through, or formed; 0…1
 * @param spillMm what shows of too much: widest over-foil beyond an edge, bite into the plate, crack; mm
 * @param forceN greatest force in the nip, N
 * @param under whether it is too little, as its route counts
 * @param over whether it is too much, as its route counts
 */
public record PullOutcome(double dose, double coverage, double spillMm, double forceN, boolean under, boolean over) {

    /** Neither too little nor too much. */
    public boolean clean() {
        return !under && !over;
    }
}
