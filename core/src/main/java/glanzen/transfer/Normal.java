package glanzen.transfer;

/** The standard normal distribution. */
public final class Normal {

    private static final double[] A = {
        -3.969683028665376e+01,
        2.209460984245205e+02,
        -2.759285104469687e+02,
        1.383577518672690e+02,
        -3.066479806614716e+01,
        2.506628277459239e+00
    };
    private static final double[] B = {
        -5.447609879822406e+01,
        1.615858368580409e+02,
        -1.556989798598866e+02,
        6.680131188771972e+01,
        -1.328068155288572e+01
    };
    private static final double[] C = {
        -7.784894002430293e-03,
        -3.223964580411365e-01,
        -2.400758277161838e+00,
        -2.549732539343734e+00,
        4.374664141464968e+00,
        2.938163982698783e+00
    };
    private static final double[] D = {
        7.784695709041462e-03, 3.224671290700398e-01, 2.445134137142996e+00, 3.754408661907416e+00
    };
    private static final double TAIL = 0.02425;

    private Normal() {}

    /** Φ(z), by Abramowitz and Stegun 26.2.17; absolute error below 1e-7. */
    public static double cdf(double z) {
        double x = Math.abs(z);
        if (x > 9) {
            return z > 0 ? 1 : 0;
        }
        double t = 1 / (1 + 0.2316419 * x);
        double poly = t * (0.319381530 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
        double upper = Math.exp(-x * x / 2) / Math.sqrt(2 * Math.PI) * poly;
        return z > 0 ? 1 - upper : upper;
    }

    private static final double TABLE_TO = 6;
    /** So coarse that the table stays where the processor reads it at once. */
    private static final int TABLE_PER_UNIT = 64;

    private static final double[] TABLE = new double[(int) (2 * TABLE_TO * TABLE_PER_UNIT) + 2];

    static {
        for (int i = 0; i < TABLE.length; i++) {
            TABLE[i] = cdf((double) i / TABLE_PER_UNIT - TABLE_TO);
        }
    }

    /** Φ(z) from a table, for sums over many places; absolute error below 1e-5. */
    public static double quickCdf(double z) {
        if (z <= -TABLE_TO) {
            return 0;
        }
        if (z >= TABLE_TO) {
            return 1;
        }
        double at = (z + TABLE_TO) * TABLE_PER_UNIT;
        int i = (int) at;
        return TABLE[i] + (at - i) * (TABLE[i + 1] - TABLE[i]);
    }

    /**
     * Φ⁻¹(p), by Acklam's rational approximation; relative error below 1.2e-9.
     *
     * @param p 0…1, both excluded; outside is taken as just inside
     */
    public static double inverse(double p) {
        double q = Math.max(1e-12, Math.min(1 - 1e-12, p));
        if (q < TAIL) {
            double r = Math.sqrt(-2 * Math.log(q));
            return poly(C, r) / (poly(D, r) * r + 1);
        }
        if (q > 1 - TAIL) {
            return -inverse(1 - q);
        }
        double r = q - 0.5;
        double s = r * r;
        return poly(A, s) * r / (poly(B, s) * s + 1);
    }

    private static double poly(double[] coefficients, double x) {
        double sum = 0;
        for (double c : coefficients) {
            sum = sum * x + c;
        }
        return sum;
    }
}
