package glanzen.steps;

/** What a person does in a run. */
public enum RunAction {
    NEXT,
    BACK,
    REVERSE_OUT,
    RELIGHT,
    LEAVE
}
