package glanzen.app.run;

/**
 * What a run says of itself while it goes on, for whoever plans around it.
 *
 * @param run its key
 * @param setUp key of its set-up, said when it begins; empty later
 * @param scrap whether it is tried on scrap
 * @param good how many good ones it has made
 * @param what what happened
 */
public record RunTold(String run, String setUp, boolean scrap, int good, What what) {

    /** What can happen. */
    public enum What {
        BEGUN,
        PULLED,
        /** All that was wanted is made. */
        OVER,
        /** It was left, with something still to be made. */
        LEFT
    }
}
