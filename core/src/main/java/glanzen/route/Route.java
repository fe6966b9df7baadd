package glanzen.route;

import glanzen.kit.Plate;
import glanzen.kit.Stock;
import java.util.Set;

/** The ways of foiling by a heated platform, each with what it asks for. */
public enum Route {
    HOT_PLATE("hot plate foil", Set.of(Plate.Kind.PLATE), Stock.Kind.CARD, Heating.COVERED, 30, Peel.WARM),
    TAPED_PLATE("taped or hinged plate", Set.of(Plate.Kind.PLATE), Stock.Kind.CARD, Heating.TOGETHER, 75, Peel.WARM),
    DIE_AS_PLATE("die as plate", Set.of(Plate.Kind.THIN_DIE), Stock.Kind.CARD, Heating.COVERED, 30, Peel.WARM),
    SOLID_PLATE("solid plate", Set.of(Plate.Kind.SOLID_PLATE), Stock.Kind.CARD, Heating.COVERED, 240, Peel.COLD),
    RIBBON("hot foil on ribbon", Set.of(Plate.Kind.PLATE), Stock.Kind.RIBBON, Heating.TOGETHER, 60, Peel.WARM),
    ACETATE("hot foil on acetate", Set.of(Plate.Kind.PLATE), Stock.Kind.ACETATE, Heating.COVERED, 25, Peel.WARM),
    OVER_MEDIA("hot foil over dry media", Set.of(Plate.Kind.PLATE), Stock.Kind.CARD, Heating.COVERED, 35, Peel.WARM);

    private final String label;
    private final Set<Plate.Kind> tools;
    private final Stock.Kind stock;
    private final Heating heating;
    private final double soakSeconds;
    private final Peel peel;

    Route(String label, Set<Plate.Kind> tools, Stock.Kind stock, Heating heating, double soakSeconds, Peel peel) {
        this.label = label;
        this.tools = tools;
        this.stock = stock;
        this.heating = heating;
        this.soakSeconds = soakSeconds;
        this.peel = peel;
    }

    /** The craft's name for it. */
    public String label() {
        return label;
    }

    /** Kinds of tool it works with. */
    public Set<Plate.Kind> tools() {
        return tools;
    }

    /** Kind of stock it works on. */
    public Stock.Kind stock() {
        return stock;
    }

    /** What usually lies on the platform while the plate soaks. */
    public Heating heating() {
        return heating;
    }

    /** Usual soak, s. */
    public double soakSeconds() {
        return soakSeconds;
    }

    /** Usual peel. */
    public Peel peel() {
        return peel;
    }

    /** True where plate, film and stock are taped together and turned over as one. */
    public boolean taped() {
        return this == TAPED_PLATE || this == RIBBON;
    }
}
