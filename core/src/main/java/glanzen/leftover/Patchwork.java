package glanzen.leftover;

import glanzen.packing.Cells;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Scraps of foil laid over a stamped area; they may overlap, gaps stay bare.
 *
 * @param scraps where each lies
 * @param coverage share of the area under foil, 0…1
 * @param gaps what stays bare
 */
public record Patchwork(List<Scrap> scraps, double coverage, Geometry gaps) {

    /**
     * A scrap where it is laid.
     *
     * @param leftoverId which leftover it is
     * @param xMm how far it is moved to the right, mm
     * @param yMm how far it is moved up, mm
     * @param area unspent foil there
     */
    public record Scrap(String leftoverId, double xMm, double yMm, Geometry area) {}

    /** A piece of foil to choose from: its key and what is unspent of it. */
    public record Choice(String leftoverId, Geometry free) {}

    private static final double STEP_MM = 4;
    /** Places are compared by cells, which takes a hundredth of the time of outlines. */
    private static final double CELL_MM = 1;

    private static final double SPECK_MM2 = 1;

    /**
     * Lays scraps one after another, each where it covers most of what is still bare.
     *
     * @param area what was stamped
     * @param choices scraps in the order they should be used up
     */
    public static Patchwork lay(Geometry area, List<Choice> choices) {
        Geometry bare = area;
        List<Scrap> scraps = new ArrayList<>();
        for (Choice choice : choices) {
            if (bare.getArea() < SPECK_MM2) {
                break;
            }
            if (choice.free.isEmpty()) {
                continue;
            }
            Scrap scrap = best(bare, choice);
            if (scrap.area.intersects(bare)) {
                scraps.add(scrap);
                bare = bare.difference(scrap.area);
            }
        }
        return new Patchwork(scraps, 1 - bare.getArea() / area.getArea(), bare);
    }

    private static Scrap best(Geometry bare, Choice choice) {
        Envelope room = bare.getEnvelopeInternal();
        Envelope own = choice.free.getEnvelopeInternal();
        Cells wanted = Cells.touched(bare, CELL_MM);
        Cells foil = Cells.touched(choice.free, CELL_MM);
        double right = 0;
        double up = 0;
        int most = -1;
        for (double y : steps(room.getMinY() - own.getMinY(), room.getMaxY() - own.getMaxY())) {
            for (double x : steps(room.getMinX() - own.getMinX(), room.getMaxX() - own.getMaxX())) {
                int covered = wanted.common(foil, x, y);
                if (covered > most) {
                    most = covered;
                    right = x;
                    up = y;
                }
            }
        }
        return moved(choice, right, up);
    }

    private static List<Double> steps(double from, double to) {
        double low = Math.min(from, to);
        double high = Math.max(from, to);
        List<Double> steps = new ArrayList<>();
        int count = (int) Math.min(24, Math.ceil((high - low) / STEP_MM));
        for (int i = 0; i <= count; i++) {
            steps.add(count == 0 ? low : low + (high - low) * i / count);
        }
        return steps;
    }

    private static Scrap moved(Choice choice, double x, double y) {
        return new Scrap(
                choice.leftoverId,
                x,
                y,
                AffineTransformation.translationInstance(x, y).transform(choice.free));
    }

    /** A rectangle, for stamps that are entered by size. */
    public static Geometry rectangle(double widthMm, double heightMm) {
        return new GeometryFactory().toGeometry(new Envelope(new Coordinate(0, 0), new Coordinate(widthMm, heightMm)));
    }
}
