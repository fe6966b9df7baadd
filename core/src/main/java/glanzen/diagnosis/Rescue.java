package glanzen.diagnosis;

import glanzen.artwork.Artwork;
import glanzen.artwork.ArtworkShelf;
import glanzen.kit.Plate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * A die that leaves what is wrong with a pull outside its cut.
 *
 * @param die the die
 * @param number counted from the largest of its nested set, from 1; 0 if it belongs to none
 * @param middle where its middle comes to lie, in the frame that was asked in, mm
 * @param kept share of the design that stays, 0…1
 */
public record Rescue(Plate die, int number, Coordinate middle, double kept) {

    /** Less of a design than this is not worth a cut. */
    private static final double LEAST_KEPT = 0.2;
    /** Of two that keep nearly as much, the one that was meant is taken. */
    private static final double NEARLY = 0.05;
    /** Shapes nearer to each other than this belong together, mm. */
    private static final double TOGETHER_MM = 2.5;
    /** What is cut away stays so far outside the cut, and what stays so far inside it, mm. */
    private static final double CLEAR_MM = 0.8;

    private static final double STEP_MM = 1.5;
    private static final int STEPS = 6;

    /**
     * What was pulled and what is wrong with it, all in one frame.
     *
     * @param design what was pulled
     * @param ground whether it is a ground that may be cut through, not shapes that must stay whole
     * @param piece the box of the piece
     * @param faults what must be cut away
     * @param meant the set of the die that was to cut it; empty if none was
     */
    public record Asked(Geometry design, boolean ground, Envelope piece, Geometry faults, String meant) {}

    /** Whether all of the design stays. */
    public boolean whole() {
        return kept > 1 - NEARLY;
    }

    /**
     * The die, and the place for it, that keeps most of the design and nothing that is wrong.
     *
     * @param dies what the person has to cut with
     */
    public static Optional<Rescue> of(Asked asked, List<Plate> dies, ArtworkShelf shelf) {
        Search search = new Search(asked);
        return dies.stream()
                .filter(die -> die.kind().cuts() && !die.kind().folder())
                .flatMap(die ->
                        search
                                .best(die, shelf.of(die.motif(), die.widthMm(), die.heightMm()), numberOf(die, dies))
                                .stream())
                .filter(r -> r.kept >= LEAST_KEPT)
                .max(Comparator.comparingDouble((Rescue r) -> Math.round(r.kept / NEARLY))
                        .thenComparing(r -> r.die.set().equals(asked.meant) && !asked.meant.isEmpty())
                        .thenComparingDouble(r -> r.die.widthMm() * r.die.heightMm()));
    }

    private static int numberOf(Plate die, List<Plate> dies) {
        return die.set().isEmpty()
                ? 0
                : 1
                        + (int) dies.stream()
                                .filter(d -> d.set().equals(die.set())
                                        && d.widthMm() * d.heightMm() > die.widthMm() * die.heightMm())
                                .count();
    }

    private static final class Search {
        private final Asked asked;
        private final PreparedGeometry faults;
        private final PreparedGeometry filled;
        private final List<Geometry> parts = new ArrayList<>();
        private final List<Coordinate> middles = new ArrayList<>();

        Search(Asked asked) {
            this.asked = asked;
            this.faults = PreparedGeometryFactory.prepare(asked.faults.buffer(CLEAR_MM));
            GeometryFactory shapes = asked.design.getFactory();
            Geometry near = DouglasPeuckerSimplifier.simplify(asked.design.buffer(TOGETHER_MM / 2, 4), 0.1);
            for (int i = 0; i < near.getNumGeometries(); i++) {
                if (near.getGeometryN(i) instanceof Polygon together) {
                    parts.add(shapes.createPolygon(together.getExteriorRing()));
                }
            }
            this.filled = PreparedGeometryFactory.prepare(UnaryUnionOp.union(parts));
            middles.add(asked.design.getEnvelopeInternal().centre());
            parts.forEach(p -> middles.add(p.getEnvelopeInternal().centre()));
        }

        Optional<Rescue> best(Plate die, Artwork drawn, int number) {
            Envelope box = drawn.designBox();
            Geometry line = AffineTransformation.translationInstance(-box.centre().x, -box.centre().y)
                    .transform(DouglasPeuckerSimplifier.simplify(drawn.silhouette(), 0.1));
            int side = 2 * STEPS + 1;
            return middles.stream()
                    .limit(6)
                    .flatMap(m -> IntStream.range(0, side * side)
                            .mapToObj(i -> new Coordinate(
                                    m.x + (i % side - STEPS) * STEP_MM, m.y + (i / side - STEPS) * STEP_MM)))
                    .map(at -> new Rescue(die, number, at, kept(line, at)))
                    .filter(r -> r.kept > 0)
                    // Of all places that keep as much, the one nearest to the middle of what stays.
                    .max(Comparator.comparingDouble((Rescue r) -> r.kept).thenComparingDouble(r -> -nearest(r.middle)));
        }

        private double nearest(Coordinate at) {
            return middles.stream().mapToDouble(at::distance).min().orElse(0);
        }

        /** Share of the design that such a cut keeps; none if it keeps a fault, leaves the piece, or goes through a shape. */
        private double kept(Geometry line, Coordinate at) {
            Envelope box = new Envelope(line.getEnvelopeInternal());
            box.translate(at.x, at.y);
            if (!asked.piece.contains(box)) {
                return 0;
            }
            Geometry cut = AffineTransformation.translationInstance(at.x, at.y).transform(line);
            if (faults.intersects(cut)) {
                return 0;
            }
            return asked.ground ? keptGround(cut) : kept(cut);
        }

        /** A ground may be cut through, but must reach past the cut all round. */
        private double keptGround(Geometry cut) {
            return filled.covers(cut) ? cut.getArea() / filled.getGeometry().getArea() : 0;
        }

        private double kept(Geometry cut) {
            double all = 0;
            double stays = 0;
            for (Geometry part : parts) {
                boolean inside = cut.covers(part);
                if (!inside && cut.intersects(part)) {
                    return 0;
                }
                all += part.getArea();
                stays += inside ? part.getArea() : 0;
            }
            return all == 0 ? 0 : stays / all;
        }
    }
}
