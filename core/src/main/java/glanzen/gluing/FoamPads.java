package glanzen.gluing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Pads before they are laid on a sheet: what falls out of a wall holds smaller ones. */
final class FoamPads {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /** Of a hole that is no rectangle so much is tried, as shares of its box. */
    private static final double[] INSCRIBED = {1, 0.9, 0.8, 0.7, 0.6, 0.5};

    /** Shorter strips are not cut in half, mm. */
    private static final double LEAST_HALVED_MM = 50;

    private FoamPads() {}

    /**
     * The box of a pad, its longer side across.
     *
     * @param hole room in it from its lower left, mm; nothing where it has none
     * @param within pads that lie in its hole, from the lower left of the pad
     */
    record Pad(double widthMm, double heightMm, @Nullable Envelope hole, List<Lying> within) {

        Pad {
            within = List.copyOf(within);
        }

        static Pad of(Geometry pad) {
            Envelope box = pad.getEnvelopeInternal();
            boolean tall = box.getHeight() > box.getWidth();
            AffineTransformation to = AffineTransformation.translationInstance(-box.getMinX(), -box.getMinY());
            if (tall) {
                to.compose(new AffineTransformation(0, -1, box.getHeight(), 1, 0, 0));
            }
            return new Pad(
                    Math.max(box.getWidth(), box.getHeight()),
                    Math.min(box.getWidth(), box.getHeight()),
                    roomIn(to.transform(pad)),
                    List.of());
        }

        /** Area that becomes pads, mm². */
        double usedMm2() {
            double inner = within.stream().mapToDouble(l -> l.pad.usedMm2()).sum();
            return widthMm * heightMm - (hole == null ? 0 : hole.getArea()) + inner;
        }

        private Pad holding(List<Lying> more) {
            return new Pad(widthMm, heightMm, hole, more);
        }
    }

    /** A pad in the hole of another. */
    record Lying(Pad pad, double xMm, double yMm) {}

    private static @Nullable Envelope roomIn(Geometry pad) {
        if (!(pad instanceof Polygon p) || p.getNumInteriorRing() == 0) {
            return null;
        }
        Polygon hole = GEOMETRY.createPolygon(p.getInteriorRingN(0).getCoordinates());
        Envelope box = hole.getEnvelopeInternal();
        Coordinate centre = box.centre();
        for (double share : INSCRIBED) {
            Envelope smaller = new Envelope(
                    centre.x - share * box.getWidth() / 2,
                    centre.x + share * box.getWidth() / 2,
                    centre.y - share * box.getHeight() / 2,
                    centre.y + share * box.getHeight() / 2);
            if (hole.buffer(1e-6).covers(GEOMETRY.toGeometry(smaller))) {
                return smaller;
            }
        }
        return null;
    }

    /** All pads of some cards, as many as fit lying in the holes of others. */
    static List<Pad> nested(List<Pad> pads, int cards) {
        List<Pad> loose = new ArrayList<>();
        List<Pad> walls = new ArrayList<>();
        for (Pad pad : pads) {
            for (int n = 0; n < cards; n++) {
                (pad.hole == null ? loose : walls).add(pad);
            }
        }
        loose.sort(Comparator.comparingDouble((Pad p) -> -p.heightMm).thenComparingDouble(p -> -p.widthMm));
        List<Pad> all = new ArrayList<>();
        for (Pad wall : walls) {
            all.add(wall.holding(filling(wall.hole, loose)));
        }
        all.addAll(loose);
        return all;
    }

    /** Takes what fits into a hole, in rows, longest first; what is too long is cut in half if that makes it fit. */
    private static List<Lying> filling(@Nullable Envelope hole, List<Pad> loose) {
        List<Lying> lying = new ArrayList<>();
        if (hole == null) {
            return lying;
        }
        double x = hole.getMinX();
        double y = hole.getMinY();
        double row = 0;
        while (true) {
            Pad next = fitting(loose, hole.getMaxX() - x, hole.getMaxY() - y);
            if (next == null && row == 0) {
                return lying;
            }
            if (next == null) {
                x = hole.getMinX();
                y += row;
                row = 0;
                continue;
            }
            loose.remove(next);
            lying.add(new Lying(next, x, y));
            x += next.widthMm;
            row = Math.max(row, next.heightMm);
        }
    }

    private static @Nullable Pad fitting(List<Pad> loose, double widthMm, double heightMm) {
        Pad whole = first(loose, widthMm, heightMm);
        if (whole != null) {
            return whole;
        }
        Pad twice = first(loose, 2 * widthMm, heightMm);
        if (twice == null || twice.widthMm < LEAST_HALVED_MM) {
            return null;
        }
        Pad half = new Pad(twice.widthMm / 2, twice.heightMm, null, List.of());
        int at = loose.indexOf(twice);
        loose.set(at, half);
        loose.add(at, half);
        return half;
    }

    private static @Nullable Pad first(List<Pad> loose, double widthMm, double heightMm) {
        return loose.stream()
                .filter(p -> p.widthMm <= widthMm + 1e-9 && p.heightMm <= heightMm + 1e-9)
                .findFirst()
                .orElse(null);
    }
}
