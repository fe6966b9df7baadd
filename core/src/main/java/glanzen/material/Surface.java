package glanzen.material;

import org.jspecify.annotations.Nullable;

/** How a sheet takes a bonding layer: the factor on the need for dose. */
public enum Surface {
    COATED("smooth coated", 0.8),
    SMOOTH("smooth", 1.0),
    VELLUM("vellum finish", 1.3),
    TEXTURED("textured or watercolour", 2.0),
    SATIN("satin ribbon", Fitted.SATIN, 0.6),
    ACETATE("acetate", Fitted.ACETATE, 1),
    LEATHER("leather", 2.0);

    private final String label;
    private final double need;
    private final @Nullable Fitted fitted;
    private final double spread;

    Surface(String label, double need) {
        this.label = label;
        this.need = need;
        this.fitted = null;
        this.spread = 1;
    }

    Surface(String label, Fitted need, double spread) {
        this.label = label;
        this.need = 0;
        this.fitted = need;
        this.spread = spread;
    }

    /** The everyday name. */
    public String label() {
        return label;
    }

    /** How readily foil bridges beside an edge; 1 on card, less across an open weave. */
    public double spread() {
        return spread;
    }

    /** Factor on the median need of a bonding layer; smooth uncoated card is 1. */
    public double need() {
        return fitted == null ? need : fitted.value();
    }
}
