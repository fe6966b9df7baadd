package glanzen.kit;

/** How fast a stack is fed; what it means in mm/s is the press's own. */
public enum Pace {
    SLOW,
    STEADY,
    BRISK
}
