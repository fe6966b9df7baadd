package glanzen.route;

/** What lies on the platform while the plate soaks. */
public enum Heating {
    /** The plate alone, open to the air. */
    ALONE,
    /** The plate with the spacer as a cover. */
    COVERED,
    /** The whole stack at once. */
    TOGETHER
}
