package glanzen.app.web;

/** Something cannot be done because of what has been done meanwhile. */
public class Conflict extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public Conflict(String message) {
        super(message);
    }

    /** Throws unless the version a person saw is still the present one. */
    public static void unlessSame(long seen, long present) {
        if (seen != present) {
            throw new Conflict(
                    "This was changed elsewhere in the meantime. Look at the newer one first; nothing was saved.");
        }
    }
}
