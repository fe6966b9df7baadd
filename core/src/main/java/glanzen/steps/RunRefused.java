package glanzen.steps;

/** Something that cannot be done at this step of a run. */
public final class RunRefused extends RuntimeException {

    private static final long serialVersionUID = 1L;

    RunRefused(String why) {
        super(why);
    }
}
