package glanzen.measure;

/** Shares of a whole as whole numbers that sum to it: the largest-remainder method (Hamilton). */
public final class Apportionment {

    /** Shares are sums of floating-point weights; what is a whole number but for that counts as whole. */
    private static final double ROUNDING = 1e-9;

    private Apportionment() {}

    /**
     * Rounds every share down, then gives what is left to the largest remainders.
     *
     * @param whole what the counts sum to, 0 or more
     * @param shares 0…1 each, summing to 1
     * @return a count for each share, in their order
     */
    public static int[] of(int whole, double... shares) {
        int[] counts = new int[shares.length];
        int given = 0;
        for (int i = 0; i < shares.length; i++) {
            counts[i] = (int) Math.floor(shares[i] * whole + ROUNDING);
            given += counts[i];
        }
        for (; given < whole; given++) {
            int neediest = 0;
            for (int i = 1; i < shares.length; i++) {
                if (shares[i] * whole - counts[i] > shares[neediest] * whole - counts[neediest]) {
                    neediest = i;
                }
            }
            counts[neediest]++;
        }
        return counts;
    }
}
