package glanzen.forecast;

/** What one rig gives a design, and what comes of it. */
public interface Dosed {

    /** The pull, with every dose multiplied by a factor. */
    Pull pull(double factor);

    /** How doses are read. */
    Yardstick yardstick();
}
