package glanzen.plan;

import glanzen.measure.Checks;

/**
 * What is used by the drop and by the strip, and counted by nobody; a person may know better.
 *
 * @param gelWaste gel spread for each that stays on the sheet: the rest is on stencil and knife
 * @param tapeCm heat-safe tape for a plate, cm
 * @param pullsAParchment how many pulls a sheet of baking parchment lasts
 * @param inkMlPerCm2 reactive ink on a square centimetre of stamp, ml
 */
public record RulesOfThumb(double gelWaste, double tapeCm, double pullsAParchment, double inkMlPerCm2) {

    /** What is usual. */
    public static final RulesOfThumb USUAL = new RulesOfThumb(1.3, 8, 10, 0.002);

    public RulesOfThumb {
        new Checks()
                .figure("thumb.gelWaste", gelWaste, 1, 5, "")
                .figure("thumb.tapeCm", tapeCm, 1, 100, "cm")
                .figure("thumb.pullsAParchment", pullsAParchment, 1, 200, "pulls")
                .figure("thumb.inkMlPerCm2", inkMlPerCm2, 0.0001, 0.1, "ml")
                .done();
    }
}
