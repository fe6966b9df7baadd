package glanzen.steps;

/** What a person does in a run. */
public enum RunAction {
    NEXT,
    BACK,
    REVERSE_OUT,
    RELIGHT,
    /** For today; what heats is switched off. */
    PAUSE,
    /** After a pause: everything is laid ready and warmed anew. */
    RESUME,
    LEAVE
}
