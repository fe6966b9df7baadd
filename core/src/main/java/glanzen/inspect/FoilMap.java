package glanzen.inspect;

import glanzen.photograph.Blurs;
import glanzen.photograph.Grid;
import java.util.stream.IntStream;

/**
 * Foil as what departs from bare stock. Foil is bright here and dark there, so each pixel is held against the foil around it:
 * its share of foil is its departure over theirs.
 */
final class FoilMap {

    /** Bare stock hardly ever departs further, in deviations. */
    static final double SURE = 5.0;

    /** No foil departs less than this share of what foil departs in the mean. */
    private static final double FAINTEST = 0.08;

    private static final double AROUND_MM = 0.8;
    private static final double ELSEWHERE_MM = 0.7;
    private static final double WIDE_MM = 2.5;
    private static final float ALIKE_AROUND = 0.6f;

    final Grid grid;
    /** Share of each pixel that is foil, 0…1. */
    final float[] share;
    /** How clearly foil stands out, in deviations of bare stock; 0 where there is none. */
    final double clearness;

    private FoilMap(Grid grid, float[] share, double clearness) {
        this.grid = grid;
        this.share = share;
        this.clearness = clearness;
    }

    /** A map that is known, to hold others against. */
    static FoilMap known(Grid grid, float[] share) {
        return new FoilMap(grid, share, SURE);
    }

    static FoilMap of(Departures departures) {
        Grid grid = departures.grid;
        int count = grid.count();
        float[] weight = new float[count];
        float[] square = new float[count];
        double sum = 0;
        long sure = 0;
        for (int i = 0; i < count; i++) {
            float d = departures.size[i];
            if (d > SURE) {
                // Long departures weigh more: what is half foil at an edge does not count against what is all foil.
                weight[i] = d;
                square[i] = d * d;
                sum += d;
                sure++;
            }
        }
        int radius = (int) Math.max(1, Math.round(AROUND_MM * grid.pxPerMm()));
        float[] weights = Blurs.box(weight, grid.width(), radius);
        float[] squares = Blurs.box(square, grid.width(), radius);
        // Running sums leave a little behind them; less than one sure pixel around is none.
        double least = 0.9 * SURE / ((2 * radius + 1) * (2 * radius + 1));
        int wide = (int) Math.max(1, Math.round(WIDE_MM * grid.pxPerMm()));
        float[] wideWeights = Blurs.box(weight, grid.width(), wide);
        float[] wideSquares = Blurs.box(square, grid.width(), wide);
        float faintest = (float) (sure == 0 ? 0 : FAINTEST * sum / sure);
        float[] share = new float[count];
        IntStream.range(0, grid.height()).parallel().forEach(y -> {
            for (int i = y * grid.width(); i < (y + 1) * grid.width(); i++) {
                share[i] = weights[i] < least
                        ? 0
                        : share(departures.size[i], squares[i] / weights[i], wideSquares[i] / wideWeights[i], faintest);
            }
        });
        return new FoilMap(grid, share, sure == 0 ? 0 : sum / sure);
    }

    /** Foil changes slowly from place to place: where only crumbs of it lie, what lies around them says how much all foil would depart. */
    private static float share(float departure, float near, float around, float faintest) {
        return Math.min(1, departure / Math.max(faintest, Math.max(near, ALIKE_AROUND * around)));
    }

    /** The same with what only looks bare inside a design filled. */
    FoilMap filled(Departures departures, DesignField design) {
        Crossings.fill(departures, share, design);
        return this;
    }

    /** This one where a design is, and another one elsewhere. */
    FoilMap within(DesignField design, FoilMap elsewhere) {
        float[] both = new float[share.length];
        for (int i = 0; i < both.length; i++) {
            both[i] = design.signedMm[i] < 0 ? share[i] : elsewhere.share[i];
        }
        return new FoilMap(grid, both, Math.max(clearness, elsewhere.clearness));
    }

    /** Pictures of the same pull with light from different sides: foil shines in one of them. */
    FoilMap joined(FoilMap other) {
        float[] both = new float[share.length];
        for (int i = 0; i < both.length; i++) {
            both[i] = Math.max(share[i], other.share[i]);
        }
        return new FoilMap(grid, both, Math.max(clearness, other.clearness));
    }

    /** Share of all foil that lies where neither the design nor what goes past its edge can be. */
    double elsewhere(DesignField design) {
        int foil = 0;
        int away = 0;
        for (int i = 0; i < share.length; i++) {
            if (share[i] >= 0.5f) {
                foil++;
                away += design.signedMm[i] > ELSEWHERE_MM ? 1 : 0;
            }
        }
        return foil == 0 ? 0 : (double) away / foil;
    }

    /** Correlation of foil and design. */
    double agreement(DesignField design) {
        double n = share.length;
        double a = 0;
        double b = 0;
        double both = 0;
        for (int i = 0; i < n; i++) {
            double foil = share[i] >= 0.5f ? 1 : 0;
            double in = design.signedMm[i] < 0 ? 1 : 0;
            a += foil;
            b += in;
            both += foil * in;
        }
        double spread = Math.sqrt(a * (1 - a / n) * b * (1 - b / n));
        return spread == 0 ? 0 : (both - a * b / n) / spread;
    }
}
