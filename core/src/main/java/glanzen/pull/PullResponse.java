package glanzen.pull;

/** What one rig gives a design, and what comes of it. */
public interface PullResponse {

    /** The pull, with every dose multiplied by a factor. */
    PullOutcome pull(double factor);

    /** How doses are read. */
    DoseScale scale();
}
