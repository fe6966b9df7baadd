package glanzen.material;

/** How a sheet takes a bonding layer: the factor on the need for dose. */
public enum Surface {
    COATED("smooth coated", 0.8),
    SMOOTH("smooth", 1.0),
    VELLUM("vellum finish", 1.3),
    TEXTURED("textured or watercolour", 2.0),
    SATIN("satin ribbon", 2.5),
    ACETATE("acetate", 0.7),
    LEATHER("leather", 2.0);

    private final String label;
    private final double need;

    Surface(String label, double need) {
        this.label = label;
        this.need = need;
    }

    /** The everyday name. */
    public String label() {
        return label;
    }

    /** Factor on the median need of a bonding layer; smooth uncoated card is 1. */
    public double need() {
        return need;
    }
}
