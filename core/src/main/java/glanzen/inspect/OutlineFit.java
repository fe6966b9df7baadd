package glanzen.inspect;

import glanzen.photograph.Placing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.apache.commons.math3.linear.Array2DRowRealMatrix;
import org.apache.commons.math3.linear.ArrayRealVector;
import org.apache.commons.math3.linear.QRDecomposition;
import org.apache.commons.math3.linear.RealVector;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.linearref.LengthIndexedLine;
import org.locationtech.jts.operation.distance.DistanceOp;

/**
 * Lays the outline of a piece that is cut out already onto a patch of the picture: hull on hull, by closest points (Besl and McKay
 * 1992), from every turn that the outline may have. A square looks the same four ways, and a circle all ways round: which it is, the
 * design must tell.
 */
final class OutlineFit {

    private static final int STARTS = 24;
    private static final int ROUNDS = 24;
    private static final int POINTS = 90;
    /** Fits that are nearly as good as the best are kept too. */
    private static final double NEARLY = 1.6;
    /** The outline lies at most so far off the patch in the mean, as a share of its size. */
    private static final double WORST = 0.02;

    private static final double SAME_TURN = Math.toRadians(6);

    private final Geometry patch;
    private final Geometry edge;
    private final Coordinate[] outline;
    private final Coordinate middle;
    private final double size;

    private record Fit(Placing placing, double off, double turn) {}

    /**
     * @param outlineMm what was cut out, mm
     * @param patchPx what it may be in the picture, px
     */
    OutlineFit(Geometry outlineMm, Geometry patchPx) {
        this.patch = patchPx;
        this.edge = patchPx.getBoundary();
        Geometry hull = outlineMm.convexHull();
        LengthIndexedLine line = new LengthIndexedLine(hull.getBoundary());
        this.outline = new Coordinate[POINTS];
        for (int i = 0; i < POINTS; i++) {
            outline[i] = line.extractPoint(line.getEndIndex() * i / POINTS);
        }
        this.middle = hull.getCentroid().getCoordinate();
        this.size = Math.sqrt(hull.getArea());
    }

    /** From the outline's millimetres to pixels, in every way that fits; the best first. */
    List<Placing> ways() {
        List<Fit> fits = new ArrayList<>();
        for (int n = 0; n < STARTS; n++) {
            fits.add(closer(2 * Math.PI * n / STARTS));
        }
        fits.sort(Comparator.comparingDouble(Fit::off));
        double most = Math.max(NEARLY * fits.get(0).off, 0.3 * WORST * Math.sqrt(patch.getArea()));
        List<Fit> kept = new ArrayList<>();
        for (Fit fit : fits) {
            boolean fitsWell = fit.off <= Math.min(most, WORST * Math.sqrt(patch.getArea()));
            boolean seen = kept.stream()
                    .anyMatch(k -> Math.abs(Math.IEEEremainder(k.turn - fit.turn, 2 * Math.PI)) < SAME_TURN);
            if (fitsWell && !seen) {
                kept.add(fit);
            }
        }
        return kept.stream().map(Fit::placing).toList();
    }

    private Fit closer(double turn) {
        double scale = Math.sqrt(patch.getArea()) / size;
        Coordinate there = patch.getCentroid().getCoordinate();
        double c = scale * Math.cos(turn);
        double s = scale * Math.sin(turn);
        // Pictures run down: y is turned over.
        double[] a = {c, -s, there.x, -s, -c, there.y};
        double off = Double.MAX_VALUE;
        for (int round = 0; round < ROUNDS; round++) {
            double[][] rows = new double[2 * POINTS][6];
            double[] wanted = new double[2 * POINTS];
            double sum = 0;
            for (int i = 0; i < POINTS; i++) {
                double u = outline[i].x - middle.x;
                double v = outline[i].y - middle.y;
                Coordinate at = new Coordinate(a[0] * u + a[1] * v + a[2], a[3] * u + a[4] * v + a[5]);
                Coordinate near =
                        DistanceOp.nearestPoints(edge, edge.getFactory().createPoint(at))[0];
                rows[2 * i] = new double[] {u, v, 1, 0, 0, 0};
                rows[2 * i + 1] = new double[] {0, 0, 0, u, v, 1};
                wanted[2 * i] = near.x;
                wanted[2 * i + 1] = near.y;
                sum += at.distance(near);
            }
            off = sum / POINTS;
            RealVector found = new QRDecomposition(new Array2DRowRealMatrix(rows, false))
                    .getSolver()
                    .solve(new ArrayRealVector(wanted, false));
            a = found.toArray();
        }
        Placing placing = Placing.of(
                a[0],
                a[1],
                a[2] - a[0] * middle.x - a[1] * middle.y,
                a[3],
                a[4],
                a[5] - a[3] * middle.x - a[4] * middle.y,
                0,
                0,
                1);
        return new Fit(placing, off, Math.atan2(-a[3], a[0]));
    }
}
