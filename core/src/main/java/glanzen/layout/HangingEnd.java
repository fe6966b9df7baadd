package glanzen.layout;

/** Which end of a ribbon hangs down, as it is read with its words level. */
public enum HangingEnd {
    /** It is tied level, like a belt. */
    NEITHER,
    LEFT_END,
    RIGHT_END
}
