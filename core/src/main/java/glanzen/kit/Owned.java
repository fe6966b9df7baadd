package glanzen.kit;

/** Anything a person owns that a set-up names. */
public sealed interface Owned permits Machine, StackItem {

    /** Key within the kit. */
    String id();

    /** What the person calls it. */
    String name();
}
