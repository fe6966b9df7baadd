package glanzen.advice;

/** Which fault a person would rather have: over-foil can be erased, under-foil is cleaner on dark stock. */
public enum ErrorBias {
    /** As foil and stock contrast. */
    BY_CONTRAST,
    OVER,
    EVEN,
    UNDER
}
