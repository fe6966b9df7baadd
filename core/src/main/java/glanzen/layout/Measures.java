package glanzen.layout;

import glanzen.kit.Platform;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Envelope;

/** The distances worth writing on the two drawings. */
public final class Measures {

    /** Which drawing. */
    public enum Drawing {
        PIECE,
        PLATFORM
    }

    /**
     * A measure line.
     *
     * @param drawing where it is drawn
     * @param key the plate it is about
     * @param x1 one end, mm in that drawing
     * @param y1 one end
     * @param x2 other end
     * @param y2 other end
     * @param mm what it measures
     * @param what in words, from what to what
     */
    public record Measure(
            Drawing drawing, String key, double x1, double y1, double x2, double y2, double mm, String what) {}

    /** A measure shorter than this says nothing. */
    private static final double LEAST_MM = 0.05;

    private Measures() {}

    /** All of them, for every plate. */
    public static List<Measure> of(Arrangement arrangement, Platform platform) {
        List<Measure> measures = new ArrayList<>();
        OnPlatform on = new OnPlatform(arrangement.layout());
        Envelope ground = new Envelope(
                -platform.widthMm() / 2, platform.widthMm() / 2, -platform.heightMm() / 2, platform.heightMm() / 2);
        for (PositionedPlate lying : arrangement.all()) {
            across(arrangement, lying, measures);
            along(arrangement, lying, measures);
        }
        for (PositionedPlate lying : arrangement.plates()) {
            fromEdges(lying.placed().key(), on.platform(lying.plateBox()), ground, measures);
        }
        return measures;
    }

    private static void across(Arrangement a, PositionedPlate lying, List<Measure> measures) {
        Envelope box = lying.designBox();
        double y = box.centre().y;
        PlacementConstraint hold = lying.placed().across();
        double width = a.pieceBox().getWidth();
        switch (hold.kind()) {
            case FROM_HIGH -> add(measures, lying, box.getMaxX(), y, width, y, "design to right edge");
            case AFTER -> add(measures, lying, other(a, hold).getMaxX(), y, box.getMinX(), y, "gap");
            case BEFORE -> add(measures, lying, box.getMaxX(), y, other(a, hold).getMinX(), y, "gap");
            case CENTRE -> add(measures, lying, width / 2, y, box.centre().x, y, "centre line to middle");
            case IN_LINE -> add(measures, lying, other(a, hold).centre().x, y, box.centre().x, y, "middle to middle");
            default -> add(measures, lying, 0, y, box.getMinX(), y, "left edge to design");
        }
    }

    private static void along(Arrangement a, PositionedPlate lying, List<Measure> measures) {
        Envelope box = lying.designBox();
        double x = box.centre().x;
        PlacementConstraint hold = lying.placed().along();
        double height = a.pieceBox().getHeight();
        switch (hold.kind()) {
            case FROM_HIGH -> add(measures, lying, x, box.getMaxY(), x, height, "design to top edge");
            case BASELINE -> add(measures, lying, x, 0, x, lying.baselineMm(), "bottom edge to baseline");
            case AFTER -> add(measures, lying, x, other(a, hold).getMaxY(), x, box.getMinY(), "gap");
            case BEFORE ->
                add(measures, lying, x, box.getMaxY(), x, other(a, hold).getMinY(), "gap");
            case CENTRE -> add(measures, lying, x, height / 2, x, box.centre().y, "centre line to middle");
            case SAME_GAP -> add(measures, lying, x, below(a, lying), x, box.getMinY(), "same gap");
            default -> add(measures, lying, x, 0, x, box.getMinY(), "bottom edge to design");
        }
    }

    private static Envelope other(Arrangement a, PlacementConstraint hold) {
        return a.of(hold.others().get(0)).designBox();
    }

    /** Top of what lies next below in its row. */
    private static double below(Arrangement a, PositionedPlate lying) {
        List<String> row = lying.placed().along().others();
        int at = row.indexOf(lying.placed().key());
        return a.of(row.get(Math.max(0, at - 1))).designBox().getMaxY();
    }

    private static void add(
            List<Measure> measures, PositionedPlate lying, double x1, double y1, double x2, double y2, String what) {
        double mm = Math.hypot(x2 - x1, y2 - y1);
        if (mm >= LEAST_MM) {
            measures.add(new Measure(Drawing.PIECE, lying.placed().key(), x1, y1, x2, y2, mm, what));
        }
    }

    /** From the nearer edge of the platform to the plate's metal, across and along. */
    private static void fromEdges(String key, Envelope plate, Envelope ground, List<Measure> measures) {
        boolean left = plate.centre().x <= 0;
        double x1 = left ? ground.getMinX() : plate.getMaxX();
        double x2 = left ? plate.getMinX() : ground.getMaxX();
        double y = plate.centre().y;
        measures.add(new Measure(
                Drawing.PLATFORM,
                key,
                x1,
                y,
                x2,
                y,
                x2 - x1,
                left ? "platform's left edge to plate" : "plate to platform's right edge"));
        boolean low = plate.centre().y <= 0;
        double y1 = low ? ground.getMinY() : plate.getMaxY();
        double y2 = low ? plate.getMinY() : ground.getMaxY();
        double x = plate.centre().x;
        measures.add(new Measure(
                Drawing.PLATFORM,
                key,
                x,
                y1,
                x,
                y2,
                y2 - y1,
                low ? "platform's near edge to plate" : "plate to platform's far edge"));
    }
}
