package glanzen.cutting;

import glanzen.artwork.Artwork;
import glanzen.measure.Checks;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;

/**
 * Cutting a die only in part, or one longer than the top plate: the blade cuts where the top plate lies on it.
 *
 * @param passes where the top plate lies in each pass
 * @param stopMm where cutting ends, from the die's leading edge, mm
 * @param joined what stays joined, as stretches along the end line
 * @param joinedMm width that stays joined, mm
 */
public record PartialCut(List<Pass> passes, double stopMm, List<Stretch> joined, double joinedMm) {

    /**
     * One pass.
     *
     * @param fromMm near end of the top plate from the die's leading edge, mm; negative where it reaches out before it
     * @param toMm far end of the top plate, mm
     */
    public record Pass(double fromMm, double toMm) {}

    /** A stretch across the die, mm from its left edge. */
    public record Stretch(double fromMm, double toMm) {}

    /** Passes overlap so that the cut has no step, mm. */
    private static final double OVERLAP_MM = 10;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /**
     * Plans it.
     *
     * @param die the die's cutting line, leading edge at nought
     * @param plateMm length of the top plate, mm
     * @param stopMm where cutting must end, from the leading edge, mm; the die's length to cut it all
     */
    public static PartialCut of(Artwork die, double plateMm, double stopMm) {
        new Checks()
                .lengthMm("plateMm", plateMm, 30, 1000)
                .lengthMm("stopMm", stopMm, 1, die.heightMm())
                .done();
        List<Pass> passes = new ArrayList<>();
        double done = 0;
        while (done < stopMm - 1e-9) {
            double from = passes.isEmpty() ? Math.min(0, stopMm - plateMm) : done - OVERLAP_MM;
            double to = Math.min(stopMm, from + plateMm);
            // The top plate may reach out before the die, never past the end line.
            passes.add(new Pass(to - plateMm, to));
            done = to;
        }
        List<Stretch> joined = joined(die, stopMm);
        return new PartialCut(
                passes,
                stopMm,
                joined,
                joined.stream().mapToDouble(s -> s.toMm - s.fromMm).sum());
    }

    /** Where the end line runs through what the die cuts out: there the paper stays whole. */
    private static List<Stretch> joined(Artwork die, double stopMm) {
        Envelope box = die.designBox();
        if (stopMm >= box.getMaxY()) {
            return List.of();
        }
        LineString line = GEOMETRY.createLineString(
                new Coordinate[] {new Coordinate(box.getMinX(), stopMm), new Coordinate(box.getMaxX(), stopMm)});
        Geometry inside = die.silhouette().intersection(line);
        List<Stretch> stretches = new ArrayList<>();
        for (int i = 0; i < inside.getNumGeometries(); i++) {
            Envelope part = inside.getGeometryN(i).getEnvelopeInternal();
            if (part.getWidth() > 0.05) {
                stretches.add(new Stretch(part.getMinX(), part.getMaxX()));
            }
        }
        return stretches;
    }
}
