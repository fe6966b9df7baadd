package glanzen.material;

import glanzen.measure.Checks;
import java.util.List;

/** Thickness of paper from its weight and bulk. */
public final class PaperWeight {

    /** Bulks as paper is spoken of, densest first. */
    public static final List<Bulk> USUAL = List.of(
            new Bulk(1.05, "coated, dense"),
            new Bulk(1.15, "smooth"),
            new Bulk(1.25, "vellum finish"),
            new Bulk(1.35, "uncoated, bulky"));

    /** A bulk with its everyday name, cm³/g. */
    public record Bulk(double bulk, String name) {}

    private PaperWeight() {}

    /**
     * Caliper {@code t = grammage·bulk}.
     *
     * @param gsm grammage, g/m², 40 to 1200
     * @param bulk cm³/g, 0.7 to 2.0; about 1.05 for coated, 1.35 for uncoated sheets
     * @return thickness in mm
     */
    public static double caliperMm(double gsm, double bulk) {
        new Checks()
                .weightGsm("gsm", gsm, 40, 1200)
                .figure("bulk", bulk, 0.7, 2.0, "cm³/g")
                .done();
        return gsm * bulk / 1000;
    }
}
