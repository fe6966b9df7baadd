package glanzen.schedule;

/**
 * A stretch of time in which somebody is at the bench. Whatever needs hands or is hot lies within one.
 *
 * @param from s
 * @param to s
 */
public record Hours(int from, int to) {

    /** How long, s. */
    public int seconds() {
        return to - from;
    }
}
