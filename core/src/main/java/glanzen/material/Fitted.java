package glanzen.material;

import glanzen.measure.Checks;

/**
 * The constants that no table gives: each within the range that physics allows, fitted to the anchors of practice (what every
 * practised hand knows to work or to fail) by {@code scripts/fit}. Everything that is known to work at the bench hangs on
 * them together; change one by fitting again.
 */
public enum Fitted {
    FOIL_NEED(
            0.75,
            0.4,
            1.6,
            "MPa·s",
            "hot foil adhesive at 110 °C; thermoplastic films of 10⁴ to 10⁶ Pa·s wet in tenths of a second"),
    FOIL_ACTIVATION(120_000, 90_000, 150_000, "J/mol", "how steeply its viscosity falls with heat; melts of its kind"),
    TONER_NEED(0.050, 0.03, 0.30, "MPa·s", "toner at 110 °C, well above its glass transition"),
    INK_NEED(0.135, 0.05, 0.45, "MPa·s", "heat-reactive ink at 110 °C"),
    GEL_FOIL_NEED(0.0155, 0.008, 0.06, "MPa·s", "tacky gel, foil: far softer than any melt"),
    GEL_FLOCK_NEED(0.027, 0.008, 0.09, "MPa·s", "tacky gel, flock: fibres have to stand into it"),
    SATIN(9.9, 3, 10, "", "satin weave against smooth card: foil bridges between threads"),
    ACETATE(0.77, 0.4, 1.2, "", "acetate against smooth card"),
    HARD_BACKING(0.064, 0.04, 0.12, "mm", "how far foil bends round an edge on a hard backing"),
    SOFT_BACKING(0.3, 0.2, 1.0, "mm per mm", "how much further on each millimetre of soft shim"),
    SPILL_ONSET(3.7, 1.6, 8, "", "dose at which foil begins to hold beside an edge"),
    BLADE_CARD(13.25, 10, 40, "N/mm²", "line load on an etched edge to part a millimetre of card"),
    BLADE_LEATHER(5.2, 4, 20, "N/mm²", "the same for leather"),
    FURTHER_SHEET(
            2.0, 0, 2.5, "", "a card that the blade has gone through wedges it on its way into the next: share more"),
    FORMING(4.9, 1.5, 12, "MPa", "to form 0.30 mm of card 0.8 mm deep"),
    TEARING(3.3, 2, 6, "", "times the forming pressure at which card cracks");

    private final double low;
    private final double high;
    private final String unit;
    private final String reasoning;
    private double value;

    Fitted(double value, double low, double high, String unit, String reasoning) {
        this.value = value;
        this.low = low;
        this.high = high;
        this.unit = unit;
        this.reasoning = reasoning;
    }

    /** Its value, in its unit. */
    public double value() {
        return value;
    }

    /** The least that physics allows. */
    public double low() {
        return low;
    }

    /** The most that physics allows. */
    public double high() {
        return high;
    }

    /** Its unit; empty for a factor. */
    public String unit() {
        return unit;
    }

    /** What it is, and why it lies in its range. */
    public String reasoning() {
        return reasoning;
    }

    /**
     * Tries another value; for the fit alone, which runs by itself.
     *
     * @throws glanzen.measure.BadInput outside its range
     */
    public void tried(double changed) {
        new Checks().figure(name(), changed, low, high, unit).done();
        value = changed;
    }
}
