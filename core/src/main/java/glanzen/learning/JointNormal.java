package glanzen.learning;

import java.util.stream.IntStream;
import org.apache.commons.math3.linear.CholeskyDecomposition;
import org.apache.commons.math3.linear.MatrixUtils;
import org.apache.commons.math3.linear.NonPositiveDefiniteMatrixException;
import org.apache.commons.math3.linear.RealMatrix;
import org.apache.commons.math3.linear.RealVector;

/**
 * A normal distribution over several quantities, which may have units of very different size.
 *
 * @param mean of each
 * @param covariance of each with each
 */
record JointNormal(RealVector mean, RealMatrix covariance) {

    /** The part that two quantities share is never all of either: a distribution needs some width in every direction. */
    private static final double LEAST_SHARE = 1e-9;

    private static final double SYMMETRIC = 1e-9;
    private static final double POSITIVE = 1e-14;

    /** Whether a matrix is the covariance of a distribution at all. */
    static boolean of(RealMatrix covariance) {
        for (int i = 0; i < covariance.getRowDimension(); i++) {
            if (covariance.getEntry(i, i) < 0) {
                return false;
            }
        }
        try {
            root(covariance);
            return true;
        } catch (NonPositiveDefiniteMatrixException none) {
            return false;
        }
    }

    /** The triangular root of a covariance, taken of correlations for the sake of units. */
    static RealMatrix root(RealMatrix covariance) {
        int n = covariance.getRowDimension();
        RealMatrix scaled = covariance.copy();
        double[] sd = new double[n];
        for (int i = 0; i < n; i++) {
            sd[i] = Math.sqrt(Math.max(0, covariance.getEntry(i, i)));
            sd[i] = sd[i] > 0 ? sd[i] : 1;
        }
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                double one = i == j ? 1 + LEAST_SHARE : covariance.getEntry(i, j) / (sd[i] * sd[j]);
                scaled.setEntry(i, j, one);
            }
        }
        RealMatrix root = new CholeskyDecomposition(scaled, SYMMETRIC, POSITIVE).getL();
        return MatrixUtils.createRealDiagonalMatrix(sd).multiply(root);
    }

    /**
     * The same with another opinion on a few quantities: the rest, given them, stays as it was (Jeffrey 1965; for normal distributions
     * that is regression).
     *
     * @param few which of them
     * @param now the opinion on those, in the same order
     */
    JointNormal replaced(int[] few, JointNormal now) {
        int n = mean.getDimension();
        int[] all = IntStream.range(0, n).toArray();
        RealMatrix ofFew = covariance.getSubMatrix(few, few);
        RealMatrix inverse = MatrixUtils.inverse(root(ofFew));
        RealMatrix gain =
                covariance.getSubMatrix(all, few).multiply(inverse.transpose().multiply(inverse));
        RealVector moved = now.mean.copy();
        for (int i = 0; i < few.length; i++) {
            moved.addToEntry(i, -mean.getEntry(few[i]));
        }
        RealVector means = mean.add(gain.operate(moved));
        RealMatrix after =
                covariance.add(gain.multiply(now.covariance.subtract(ofFew)).multiply(gain.transpose()));
        for (int i = 0; i < few.length; i++) {
            means.setEntry(few[i], now.mean.getEntry(i));
            for (int j = 0; j < few.length; j++) {
                after.setEntry(few[i], few[j], now.covariance.getEntry(i, j));
            }
        }
        return new JointNormal(means, after);
    }
}
