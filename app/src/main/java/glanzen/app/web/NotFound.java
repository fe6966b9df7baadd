package glanzen.app.web;

/** Something asked for is not there. */
public class NotFound extends RuntimeException {

    private static final long serialVersionUID = 1L;

    /** @param what the thing, as in “this pull” */
    public NotFound(String what) {
        super(what + " is not here, or no longer");
    }
}
