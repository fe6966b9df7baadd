package glanzen.inspect;

import glanzen.artwork.Artwork;
import glanzen.artwork.DistanceField;
import glanzen.photograph.Grid;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Envelope;

/** How far each place lies outside the design, mm; negative inside it. Known up to a reach either way. */
final class DesignField {

    final Grid grid;
    final float[] signedMm;

    private DesignField(Grid grid, float[] signedMm) {
        this.grid = grid;
        this.signedMm = signedMm;
    }

    /**
     * @param boxMm where it is wanted
     * @param reachMm distances beyond are taken as this
     */
    static DesignField of(Artwork artwork, Envelope boxMm, double pxPerMm, double reachMm) {
        return of(artwork, Grid.over(boxMm, pxPerMm), reachMm);
    }

    /** The same on a grid. */
    static DesignField of(Artwork artwork, Grid grid, double reachMm) {
        double pxPerMm = grid.pxPerMm();
        double middleX = grid.leftMm() + grid.width() / 2.0 / pxPerMm;
        double middleY = grid.topMm() - grid.height() / 2.0 / pxPerMm;
        float[] share = artwork.shares(grid.width(), grid.height(), pxPerMm, middleX, middleY);
        boolean[] in = new boolean[share.length];
        boolean[] out = new boolean[share.length];
        for (int i = 0; i < share.length; i++) {
            in[i] = share[i] >= 0.5f;
            out[i] = !in[i];
        }
        float[] outside = DistanceField.of(in, grid.width(), reachMm * pxPerMm);
        float[] inside = DistanceField.of(out, grid.width(), reachMm * pxPerMm);
        float[] signed = new float[share.length];
        IntStream.range(0, grid.height()).parallel().forEach(y -> {
            for (int i = y * grid.width(); i < (y + 1) * grid.width(); i++) {
                signed[i] = (float) Math.max(
                        -reachMm, Math.min(reachMm, signedPx(in[i], share[i], outside[i], inside[i]) / pxPerMm));
            }
        });
        return new DesignField(grid, signed);
    }

    /** At the edge the share of a pixel says better than whole pixels where it runs. */
    private static double signedPx(boolean in, float share, float outside, float inside) {
        if (share > 0 && share < 1) {
            return 0.5 - share;
        }
        return in ? 0.5 - inside : outside - 0.5;
    }

    float at(double xMm, double yMm) {
        return grid.at(signedMm, xMm, yMm);
    }

    /** The same without looking between pixels; far outside beyond the box. */
    float signed(double xMm, double yMm) {
        int column = (int) Math.round(grid.column(xMm));
        int row = (int) Math.round(grid.row(yMm));
        boolean within = column >= 0 && row >= 0 && column < grid.width() && row < grid.height();
        return within ? signedMm[row * grid.width() + column] : Float.MAX_VALUE;
    }
}
