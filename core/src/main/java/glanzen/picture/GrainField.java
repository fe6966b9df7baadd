package glanzen.picture;

/** A smooth, seeded random field with a given grain: standard normal at each place. */
final class GrainField {

    private final long seed;
    private final double perPx;

    GrainField(long seed, double grainPx) {
        this.seed = seed;
        this.perPx = 1 / Math.max(1, grainPx);
    }

    /** About standard normal. */
    double at(int x, int y) {
        double u = x * perPx;
        double v = y * perPx;
        int i = (int) Math.floor(u);
        int j = (int) Math.floor(v);
        double s = smooth(u - i);
        double t = smooth(v - j);
        double below = lattice(i, j) * (1 - s) + lattice(i + 1, j) * s;
        double above = lattice(i, j + 1) * (1 - s) + lattice(i + 1, j + 1) * s;
        // Interpolation averages lattice values; what it takes from the variance at this place is given back.
        double kept = ((1 - s) * (1 - s) + s * s) * ((1 - t) * (1 - t) + t * t);
        return (below * (1 - t) + above * t) / Math.sqrt(kept);
    }

    private static double smooth(double x) {
        return x * x * (3 - 2 * x);
    }

    /** Sum of four hashed bytes: near enough normal, and quick. */
    private double lattice(int i, int j) {
        long h = seed * 0x9E3779B97F4A7C15L + i * 0xC2B2AE3D27D4EB4FL + j * 0x165667B19E3779F9L;
        h ^= h >>> 29;
        h *= 0xBF58476D1CE4E5B9L;
        h ^= h >>> 32;
        long sum = (h & 0xFF) + (h >>> 8 & 0xFF) + (h >>> 16 & 0xFF) + (h >>> 24 & 0xFF);
        return (sum - 510) / 147.8;
    }
}
