package glanzen.cutting;

import glanzen.artwork.Artwork;
import glanzen.artwork.ArtworkShelf;
import glanzen.kit.Plate;
import glanzen.layout.PositionedPlate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.distance.DistanceOp;

/** Which die of a nested set goes round a design, and how far a ground runs past a cut. */
public final class DieChoice {

    /**
     * A die of a set tried round a design.
     *
     * @param die the die
     * @param number counted from the largest of its set, from 1
     * @param clears whether every part of the design lies inside the cut
     * @param leastMm narrowest border, mm; negative by how far the design runs over the cut
     * @param mostMm widest border of the design's own outline, mm
     * @param design the design's end of the narrowest border
     * @param cut the cut's end of it
     * @param fits whether the borders lie between what was asked for
     */
    public record Tried(
            Plate die,
            int number,
            boolean clears,
            double leastMm,
            double mostMm,
            Coordinate design,
            Coordinate cut,
            boolean fits) {}

    /**
     * Whether a ground runs past a cut everywhere.
     *
     * @param past whether it does
     * @param leastMm least bleed, mm; negative by how far the cut runs out of the ground
     * @param at where that is, on the cut
     */
    public record Bleed(boolean past, double leastMm, Coordinate at) {}

    private DieChoice() {}

    /**
     * Tries every die of a set, centred on the design.
     *
     * @param design what is to be cut round, on the piece
     * @param set dies of one nested set
     * @param leastMm narrowest border wanted, mm
     * @param mostMm widest border wanted where it is narrowest, mm
     */
    public static List<Tried> of(Geometry design, List<Plate> set, double leastMm, double mostMm, ArtworkShelf shelf) {
        List<Plate> sorted = set.stream()
                .sorted(Comparator.comparingDouble((Plate p) -> -p.widthMm() * p.heightMm()))
                .toList();
        Coordinate middle = design.getEnvelopeInternal().centre();
        List<Tried> tried = new ArrayList<>();
        for (int i = 0; i < sorted.size(); i++) {
            Plate die = sorted.get(i);
            Geometry cut = cut(shelf.of(die.motif(), die.widthMm(), die.heightMm()), middle);
            tried.add(tried(die, i + 1, design, cut, leastMm, mostMm));
        }
        return tried;
    }

    /** What a die cuts out when it is laid with its middle there. */
    public static Geometry cut(Artwork die, Coordinate middle) {
        Envelope box = die.designBox();
        return AffineTransformation.translationInstance(middle.x - box.centre().x, middle.y - box.centre().y)
                .transform(die.silhouette());
    }

    /** What a die that is laid out cuts, on the piece. */
    public static Geometry cutLine(PositionedPlate die) {
        return die.placing().transform(die.artwork().silhouette());
    }

    private static Tried tried(Plate die, int number, Geometry design, Geometry cut, double leastMm, double mostMm) {
        boolean clears = cut.covers(design);
        Geometry line = cut.getBoundary();
        Geometry near = clears ? design : design.difference(cut);
        Coordinate[] ends = clears ? DistanceOp.nearestPoints(near, line) : furthest(near, line);
        double least = ends[0].distance(ends[1]) * (clears ? 1 : -1);
        double most = clears ? furthest(line, design)[0].distance(furthest(line, design)[1]) : 0;
        return new Tried(
                die, number, clears, least, most, ends[0], ends[1], clears && least >= leastMm && least <= mostMm);
    }

    /** The corner of one that lies furthest from another, and the nearest point there. */
    private static Coordinate[] furthest(Geometry from, Geometry to) {
        Coordinate[] best = {from.getCoordinate(), from.getCoordinate()};
        double most = -1;
        for (Coordinate c : from.getCoordinates()) {
            Coordinate[] ends = DistanceOp.nearestPoints(from.getFactory().createPoint(c), to);
            double distance = ends[0].distance(ends[1]);
            if (distance > most) {
                most = distance;
                best = ends;
            }
        }
        return best;
    }

    /**
     * How far a ground runs past a cut.
     *
     * @param ground the stencilled or foiled ground, on the piece, with its holes filled
     * @param cut what is cut out
     */
    public static Bleed bleed(Geometry ground, Geometry cut) {
        Geometry edge = ground.getBoundary();
        boolean past = ground.covers(cut);
        if (past) {
            Coordinate[] ends = DistanceOp.nearestPoints(edge, cut.getBoundary());
            return new Bleed(true, ends[0].distance(ends[1]), ends[1]);
        }
        Coordinate[] ends = furthest(cut.difference(ground), ground);
        return new Bleed(false, -ends[0].distance(ends[1]), ends[0]);
    }
}
