package glanzen.inspect;

/** What a reading is at, with the share of its time that has usually gone by then. */
public enum Stage {
    FINDING("Finding the sheet and the design", 0.0),
    TELLING("Telling film from stock", 0.35),
    MEASURING("Measuring along the edges", 0.65),
    WEIGHING("Weighing the causes", 0.8);

    private final String label;
    private final double gone;

    Stage(String label, double gone) {
        this.label = label;
        this.gone = gone;
    }

    /** What is done now. */
    public String label() {
        return label;
    }

    /** Share of the time that has gone by, 0…1. */
    public double gone() {
        return gone;
    }
}
