package glanzen.artwork;

import java.util.Arrays;
import org.locationtech.jts.algorithm.construct.MaximumInscribedCircle;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/** The openings that a design encloses, as in letters. */
final class Counters {

    private static final double EXACT_MM = 0.02;
    /** The odd pinhole may fill without anybody seeing it. */
    private static final double UNSEEN_SHARE = 0.10;

    private Counters() {}

    /** Width of the narrowest tenth, mm; infinite if there are none. */
    static double narrowMm(Geometry raised) {
        double[] widths = new double[openings(raised)];
        int n = 0;
        for (int g = 0; g < raised.getNumGeometries(); g++) {
            if (!(raised.getGeometryN(g) instanceof Polygon part)) {
                continue;
            }
            for (int hole = 0; hole < part.getNumInteriorRing(); hole++) {
                Polygon open = part.getFactory().createPolygon(part.getInteriorRingN(hole));
                widths[n++] =
                        2 * MaximumInscribedCircle.getRadiusLine(open, EXACT_MM).getLength();
            }
        }
        Arrays.sort(widths);
        return n == 0 ? Double.POSITIVE_INFINITY : Math.max(EXACT_MM, widths[(int) (UNSEEN_SHARE * n)]);
    }

    private static int openings(Geometry raised) {
        int openings = 0;
        for (int g = 0; g < raised.getNumGeometries(); g++) {
            openings += raised.getGeometryN(g) instanceof Polygon part ? part.getNumInteriorRing() : 0;
        }
        return openings;
    }
}
