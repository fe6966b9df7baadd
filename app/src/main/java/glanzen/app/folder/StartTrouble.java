package glanzen.app.folder;

/** Glanzen cannot start like this. */
public final class StartTrouble extends RuntimeException {

    private static final long serialVersionUID = 1;

    private final String doThis;

    /**
     * @param what what is wrong, a sentence
     * @param doThis what helps, a sentence
     */
    public StartTrouble(String what, String doThis) {
        super(what);
        this.doThis = doThis;
    }

    String doThis() {
        return doThis;
    }
}
