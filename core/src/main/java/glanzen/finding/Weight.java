package glanzen.finding;

/** How much a finding matters, worst first. */
public enum Weight {
    /** It cannot be done like this. */
    STOP,
    /** It will likely spoil the pull, the piece or the kit. */
    WARN,
    /** Worth knowing. */
    NOTE,
    /** True of everything of its kind: said quietly beside the drawing, and asks for nothing. */
    FACT
}
