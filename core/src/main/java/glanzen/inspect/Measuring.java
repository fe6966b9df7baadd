package glanzen.inspect;

import glanzen.photograph.Blurs;
import glanzen.photograph.Regions;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Measures a map of foil against the design it belongs to; both on one grid. */
final class Measuring {

    /** Nearer to the edge a place counts less: there the map is least sure of itself. */
    private static final double RIM_MM = 0.15;

    private static final double AROUND_MM = 0.8;
    private static final double LEAST_SPOT_MM2 = 0.08;
    private static final float FOIL = 0.5f;
    private static final double LEAST_GIVE = 0.002;

    private final FoilMap map;
    private final DesignField design;
    private final boolean[] within;
    private final double strayMm;
    private final Expected expected;

    /**
     * @param within what of it counts
     * @param strayMm how far the design may lie off where it was found, mm
     */
    Measuring(FoilMap map, DesignField design, boolean[] within, double strayMm, Expected expected) {
        this.map = map;
        this.design = design;
        this.within = within;
        this.strayMm = strayMm;
        this.expected = expected;
    }

    Measures run() {
        float[] local = local(FOIL);
        double coverage = mean(local);
        double looser = mean(local(0.35f));
        double stricter = mean(local(0.65f));
        EdgeWalk edge = EdgeWalk.along(map, design, within);
        double doubt = Math.abs(looser - stricter) / 12 + 0.08 * strayMm * edge.perMm2();
        Figure covered = new Figure(coverage, Math.max(LEAST_GIVE, doubt));
        Cells.Pattern pattern = pattern();
        return new Measures(
                covered,
                edge.spillMm(strayMm),
                edge.pastMm(strayMm),
                edge.ghostMm(strayMm),
                across(local, true),
                across(local, false),
                pattern.mottle(),
                pattern.gone(),
                pattern.gonePlaces(),
                edge.filled(),
                spots(edge.spillMm(strayMm).value()));
    }

    /** Coverage around each place of the design, −1 elsewhere. */
    private float[] local(float threshold) {
        int n = map.share.length;
        float[] weight = new float[n];
        float[] covered = new float[n];
        for (int i = 0; i < n; i++) {
            if (within[i] && design.signedMm[i] < 0) {
                weight[i] = (float) Math.min(1, -design.signedMm[i] / RIM_MM);
                covered[i] = map.share[i] >= threshold ? weight[i] : 0;
            }
        }
        int radius = (int) Math.max(1, Math.round(AROUND_MM * map.grid.pxPerMm()));
        float[] weights = Blurs.box(weight, map.grid.width(), radius);
        float[] coveredAround = Blurs.box(covered, map.grid.width(), radius);
        float[] local = new float[n];
        for (int i = 0; i < n; i++) {
            boolean counts = within[i] && design.signedMm[i] < 0 && weights[i] > 1e-6f;
            // Running sums leave a little behind them, on either side of nothing.
            local[i] = counts ? Math.max(0, coveredAround[i]) / weights[i] : -1;
        }
        return local;
    }

    private static double mean(float[] local) {
        double sum = 0;
        int count = 0;
        for (float l : local) {
            if (l >= 0) {
                sum += l;
                count++;
            }
        }
        return count == 0 ? 1 : Math.min(1, sum / count);
    }

    private Cells.Pattern pattern() {
        Cells cells = Cells.of(expected.artwork(), expected.middleXMm());
        double[] weights = new double[cells.count()];
        double[] covered = new double[cells.count()];
        for (int i = 0; i < map.share.length; i++) {
            if (within[i] && design.signedMm[i] < 0) {
                int cell = cells.at(map.grid.xMm(i % map.grid.width()), map.grid.yMm(i / map.grid.width()));
                if (cell >= 0) {
                    double weight = Math.min(1, -design.signedMm[i] / RIM_MM);
                    weights[cell] += weight;
                    covered[cell] += map.share[i] >= FOIL ? weight : 0;
                }
            }
        }
        for (int i = 0; i < covered.length; i++) {
            covered[i] = weights[i] == 0 ? -1 : covered[i] / weights[i];
        }
        return cells.pattern(covered);
    }

    /** Right against left, or sides against the middle, by thirds of what the design takes of the throat. */
    private Figure across(float[] local, boolean sided) {
        double half = 1e-6;
        for (int i = 0; i < local.length; i++) {
            half = local[i] >= 0 ? Math.max(half, Math.abs(awayMm(i))) : half;
        }
        double[] sum = new double[2];
        double[] squares = new double[2];
        int[] count = new int[2];
        for (int i = 0; i < local.length; i++) {
            double at = awayMm(i) / half;
            int part = Measures.part(at, sided);
            if (local[i] >= 0 && part >= 0) {
                sum[part] += local[i];
                squares[part] += local[i] * local[i];
                count[part]++;
            }
        }
        if (count[0] == 0 || count[1] == 0) {
            return new Figure(0, 1);
        }
        double differ = sum[0] / count[0] - sum[1] / count[1];
        double scatter = 0;
        for (int part = 0; part < 2; part++) {
            double mean = sum[part] / count[part];
            double patches = Math.max(1, count[part] / Math.pow(2 * AROUND_MM * map.grid.pxPerMm(), 2));
            scatter += Math.max(0, squares[part] / count[part] - mean * mean) / patches;
        }
        return new Figure(differ, Math.max(LEAST_GIVE, Math.sqrt(scatter)));
    }

    private double awayMm(int i) {
        return map.grid.xMm(i % map.grid.width()) - expected.middleXMm();
    }

    private List<Spot> spots(double spillMm) {
        int n = map.share.length;
        boolean[] bare = new boolean[n];
        boolean[] over = new boolean[n];
        double beyond = Math.max(0.3, spillMm + 0.15);
        for (int i = 0; i < n; i++) {
            bare[i] = map.share[i] < FOIL && design.signedMm[i] < -Math.min(RIM_MM, 0.1);
            over[i] = map.share[i] >= FOIL && design.signedMm[i] > beyond;
        }
        List<Spot> spots = new ArrayList<>();
        add(spots, bare, Spot.Kind.BARE);
        add(spots, over, Spot.Kind.OVER);
        spots.sort(Comparator.comparingDouble(Spot::areaMm2).reversed());
        return spots.subList(0, Math.min(Measures.MOST_SPOTS, spots.size()));
    }

    private void add(List<Spot> spots, boolean[] marked, Spot.Kind kind) {
        double pixelMm2 = 1 / (map.grid.pxPerMm() * map.grid.pxPerMm());
        for (int[] region : Regions.of(marked, map.grid.width())) {
            if (region.length * pixelMm2 >= LEAST_SPOT_MM2) {
                spots.add(spot(region, kind, pixelMm2));
            }
        }
    }

    private Spot spot(int[] region, Spot.Kind kind, double pixelMm2) {
        double x = 0;
        double y = 0;
        double xx = 0;
        double yy = 0;
        double xy = 0;
        int stays = 0;
        for (int i : region) {
            double u = map.grid.xMm(i % map.grid.width());
            double v = map.grid.yMm(i / map.grid.width());
            x += u;
            y += v;
            xx += u * u;
            yy += v * v;
            xy += u * v;
            stays += within[i] ? 1 : 0;
        }
        int n = region.length;
        double a = xx / n - x / n * x / n;
        double b = yy / n - y / n * y / n;
        double c = xy / n - x / n * y / n;
        double longest = (a + b) / 2 + Math.hypot((a - b) / 2, c);
        return new Spot(
                kind,
                x / n,
                y / n,
                n * pixelMm2,
                4 * Math.sqrt(Math.max(pixelMm2 / 16, longest)),
                Math.abs(design.at(x / n, y / n)),
                stays > 0.15 * n);
    }
}
