package glanzen.training;

/** What drills train, in the order in which it is met at the bench. */
public enum Skill {
    MOVES("What to do at the bench"),
    ORDER("The order of a run"),
    SQUEEZE("How much a stack is squeezed"),
    SOAK("How long a plate soaks"),
    BUILD("Building a stack"),
    HOW_MANY("How many of twenty"),
    READING("Reading a pull"),
    LEFTOVER("Which leftover covers"),
    RIBBON("Which way a ribbon reads"),
    TURNED("Where it lies once turned over");

    private final String label;

    Skill(String label) {
        this.label = label;
    }

    /** What it is called. */
    public String label() {
        return label;
    }
}
