package glanzen.inspect;

import glanzen.photograph.Grid;
import glanzen.photograph.Regions;
import java.util.List;

/**
 * Where foil goes from lighter than the stock to darker it looks like the stock for a moment. Such a line is told from a bare
 * place by what lies on its two sides: departures that point opposite ways.
 */
final class Crossings {

    private static final double WIDEST_MM = 1.0;
    private static final double OPPOSITE = 0.55;
    private static final double BY_AND_BY = 0.85;
    private static final double THIN_MM = 0.3;

    private Crossings() {}

    /** @param design such a line may run through the whole of a stroke, so that only what lies inside is looked at */
    static void fill(Departures d, float[] share, DesignField design) {
        Grid grid = d.grid;
        boolean[] bare = new boolean[share.length];
        for (int i = 0; i < bare.length; i++) {
            bare[i] = share[i] < 0.5f && design.signedMm[i] < 0;
        }
        int most = (int) (WIDEST_MM * 40 * grid.pxPerMm() * grid.pxPerMm());
        for (int[] region : Regions.of(bare, grid.width())) {
            if (region.length <= most && crosses(d, share, region)) {
                for (int i : region) {
                    share[i] = Math.max(share[i], 0.75f);
                }
            }
        }
    }

    /** Whether the departures around a region cancel each other. */
    private static boolean crosses(Departures d, float[] share, int[] region) {
        int reach = (int) Math.max(1, Math.round(0.15 * d.grid.pxPerMm()));
        double[] sum = new double[3];
        double length = 0;
        double full = 0;
        int count = 0;
        for (int i : region) {
            for (int next : List.of(i - reach, i + reach, i - reach * d.grid.width(), i + reach * d.grid.width())) {
                if (next >= 0 && next < share.length && share[next] >= 0.5f && d.size[next] > FoilMap.SURE) {
                    for (int c = 0; c < 3; c++) {
                        sum[c] += d.parts[c][next] / d.size[next];
                    }
                    length += 1;
                    full += share[next];
                    count++;
                }
            }
        }
        double mean = Math.sqrt(sum[0] * sum[0] + sum[1] * sum[1] + sum[2] * sum[2]);
        // Where foil is as bright as the stock it gets there by and by; a bare place ends at once. Thin lines tell
        // neither.
        double wideMm = 2.0 * region.length / Math.max(1, count) / d.grid.pxPerMm();
        boolean byAndBy = full < BY_AND_BY * length || wideMm < THIN_MM;
        return count > 8 && mean < OPPOSITE * length && byAndBy;
    }
}
