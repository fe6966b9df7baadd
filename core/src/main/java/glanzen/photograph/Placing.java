package glanzen.photograph;

import boofcv.alg.geo.h.HomographyDirectLinearTransform;
import boofcv.struct.geo.AssociatedPair;
import java.util.ArrayList;
import java.util.List;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.locationtech.jts.geom.util.AffineTransformation;

/** How a plane lies in a picture: a homography from millimetres of the plane to pixels. */
public final class Placing {

    private final DMatrixRMaj h;

    private Placing(DMatrixRMaj h) {
        this.h = h;
    }

    /**
     * From points that are known in both.
     *
     * @param mm x and y by turns, four points or more
     * @param px the same points in the picture
     * @throws IllegalArgumentException where the points lie in a line
     */
    public static Placing between(double[] mm, double[] px) {
        List<AssociatedPair> pairs = new ArrayList<>();
        for (int i = 0; i < mm.length; i += 2) {
            pairs.add(new AssociatedPair(mm[i], mm[i + 1], px[i], px[i + 1]));
        }
        DMatrixRMaj found = new DMatrixRMaj(3, 3);
        if (!new HomographyDirectLinearTransform(true).process(pairs, found)) {
            throw new IllegalArgumentException("the points lie in a line");
        }
        return new Placing(found);
    }

    /** From the nine numbers of a homography, row by row. */
    public static Placing of(double... nine) {
        return new Placing(new DMatrixRMaj(3, 3, true, nine));
    }

    /**
     * The same in a picture of another size.
     *
     * @param nine numbers of a homography into a picture that is 1 wide, row by row
     * @param widthPx how wide the picture is, px
     */
    public static Placing onWidth(double[] nine, int widthPx) {
        double[] px = nine.clone();
        for (int i = 0; i < 6; i++) {
            px[i] *= widthPx;
        }
        return of(px);
    }

    /** The nine numbers of it into a picture that is 1 wide, row by row; the inverse of {@link #onWidth}. */
    public double[] onUnitWidth(int widthPx) {
        double[] nine = new double[9];
        for (int i = 0; i < 9; i++) {
            nine[i] = h.data[i] / h.data[8] / (i < 6 ? widthPx : 1);
        }
        return nine;
    }

    /** Where a place of the plane is seen: x and y, px. */
    public double[] px(double xMm, double yMm) {
        double[] m = h.data;
        double w = m[6] * xMm + m[7] * yMm + m[8];
        return new double[] {(m[0] * xMm + m[1] * yMm + m[2]) / w, (m[3] * xMm + m[4] * yMm + m[5]) / w};
    }

    /** This placing of a plane that is turned and moved first. */
    public Placing after(AffineTransformation first) {
        double[] m = first.getMatrixEntries();
        return after(of(m[0], m[1], m[2], m[3], m[4], m[5], 0, 0, 1));
    }

    /** From the picture back into the plane. */
    public Placing inverse() {
        DMatrixRMaj inverse = new DMatrixRMaj(3, 3);
        CommonOps_DDRM.invert(h, inverse);
        return new Placing(inverse);
    }

    /** This placing of what another one brings into the plane first. */
    public Placing after(Placing first) {
        DMatrixRMaj product = new DMatrixRMaj(3, 3);
        CommonOps_DDRM.mult(h, first.h, product);
        return new Placing(product);
    }

    /** How many pixels a millimetre takes around a place. */
    public double pxPerMm(double xMm, double yMm) {
        double[] at = px(xMm, yMm);
        double[] right = px(xMm + 0.5, yMm);
        double[] up = px(xMm, yMm + 0.5);
        double area = (right[0] - at[0]) * (up[1] - at[1]) - (right[1] - at[1]) * (up[0] - at[0]);
        return 2 * Math.sqrt(Math.abs(area));
    }
}
