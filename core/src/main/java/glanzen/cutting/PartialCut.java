package glanzen.cutting;

import glanzen.artwork.Artwork;
import glanzen.measure.Checks;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Cutting a die only in part, or one longer than the top plate: the blade cuts where the top plate lies on it. The plate may lie at an
 * angle, to end across a corner; everything is then measured square to its end, from the corner of the die that is nearest.
 *
 * @param passes where the top plate lies in each pass
 * @param stopMm where cutting ends, from the die's leading edge or nearest corner, mm
 * @param degrees how far the plate's end is turned from straight across, anticlockwise
 * @param end where the plate ends on the die, from edge to edge
 * @param joined what stays joined, as stretches along the end line
 * @param joinedMm width that stays joined, mm
 */
public record PartialCut(
        List<Pass> passes, double stopMm, double degrees, EndLine end, List<Joined> joined, double joinedMm) {

    /**
     * One pass.
     *
     * @param fromMm near end of the top plate from the die's leading edge, mm; negative where it reaches out before it
     * @param toMm far end of the top plate, mm
     */
    public record Pass(double fromMm, double toMm) {}

    /** A line over the die, from its lower left, mm. */
    public record EndLine(double fromXMm, double fromYMm, double toXMm, double toYMm) {}

    /**
     * A flap that is not cut off.
     *
     * @param line where it hangs on
     * @param widthMm how broad it is there, mm
     * @param deepMm how far it reaches beyond the line, mm
     * @param folds whether it is large enough to be folded in; else it is trimmed
     */
    public record Joined(EndLine line, double widthMm, double deepMm, boolean folds) {}

    /** The steepest end, degrees. */
    private static final double STEEPEST = 60;
    /** Passes overlap so that the cut has no step, mm. */
    private static final double OVERLAP_MM = 10;
    /** A flap that is not so deep does not stay folded, mm. */
    private static final double FOLDS_MM = 10;

    private static final double LEAST_MM = 0.05;
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /**
     * Plans it.
     *
     * @param die the die's cutting line, leading edge at nought
     * @param plateMm length of the top plate, mm
     * @param stopMm where cutting must end, from the leading edge, mm; as far as the die reaches to cut it all
     * @param degrees how far the plate's end is turned from straight across, −60…60, anticlockwise
     */
    public static PartialCut of(Artwork die, double plateMm, double stopMm, double degrees) {
        new Checks().figure("degrees", degrees, -STEEPEST, STEEPEST, "degrees").done();
        Turned turned = new Turned(die, degrees);
        new Checks()
                .lengthMm("plateMm", plateMm, 30, 1000)
                .lengthMm("stopMm", stopMm, 1, turned.lengthMm())
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
        List<Joined> joined = turned.joined(stopMm);
        return new PartialCut(
                passes,
                stopMm,
                degrees,
                turned.end(stopMm),
                joined,
                joined.stream().mapToDouble(Joined::widthMm).sum());
    }

    /** The most that can be cut of a die from its nearest corner, mm. */
    public static double mostMm(Artwork die, double degrees) {
        return new Turned(die, degrees).lengthMm();
    }

    /** A die turned so that the plate's end lies level, its nearest corner at nought. */
    private static final class Turned {
        private final Geometry cutOut;
        private final Envelope box;
        private final AffineTransformation back;

        Turned(Artwork die, double degrees) {
            AffineTransformation turn = AffineTransformation.rotationInstance(Math.toRadians(-degrees));
            Geometry sheet = GEOMETRY.toGeometry(new Envelope(0, die.widthMm(), 0, die.heightMm()));
            double low = turn.transform(sheet).getEnvelopeInternal().getMinY();
            turn.compose(AffineTransformation.translationInstance(0, -low));
            this.cutOut = turn.transform(die.silhouette());
            this.box = turn.transform(sheet).getEnvelopeInternal();
            this.back = AffineTransformation.translationInstance(0, low)
                    .compose(AffineTransformation.rotationInstance(Math.toRadians(degrees)));
        }

        double lengthMm() {
            return box.getMaxY();
        }

        EndLine end(double stopMm) {
            return line(box.getMinX(), box.getMaxX(), stopMm);
        }

        private EndLine line(double fromX, double toX, double y) {
            Coordinate a = back.transform(new Coordinate(fromX, y), new Coordinate());
            Coordinate b = back.transform(new Coordinate(toX, y), new Coordinate());
            return new EndLine(a.x, a.y, b.x, b.y);
        }

        /** Where the end line runs through what the die cuts out: there the paper stays whole. */
        List<Joined> joined(double stopMm) {
            List<Joined> flaps = new ArrayList<>();
            Geometry beyond = cutOut.intersection(
                    GEOMETRY.toGeometry(new Envelope(box.getMinX() - 1, box.getMaxX() + 1, stopMm, box.getMaxY() + 1)));
            Geometry line = GEOMETRY.createLineString(new Coordinate[] {
                new Coordinate(box.getMinX() - 1, stopMm), new Coordinate(box.getMaxX() + 1, stopMm)
            });
            for (int n = 0; n < beyond.getNumGeometries(); n++) {
                Geometry flap = beyond.getGeometryN(n);
                Geometry hangs = flap.intersection(line);
                for (int i = 0; i < hangs.getNumGeometries(); i++) {
                    Envelope part = hangs.getGeometryN(i).getEnvelopeInternal();
                    if (part.getWidth() > LEAST_MM && flap.getDimension() == 2) {
                        double deep = flap.getEnvelopeInternal().getMaxY() - stopMm;
                        flaps.add(new Joined(
                                line(part.getMinX(), part.getMaxX(), stopMm), part.getWidth(), deep, deep >= FOLDS_MM));
                    }
                }
            }
            return flaps;
        }
    }
}
