package glanzen.inspect;

import glanzen.artwork.Artwork;
import glanzen.photograph.Blurs;
import glanzen.photograph.Grid;
import glanzen.photograph.Placing;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Envelope;

/**
 * Where about the design lies in a map of foil: how well the two agree is tried for turns and shifts on cells of about a
 * millimetre, by their correlation.
 */
final class CoarseSearch {

    private static final double MOST_SHIFT_MM = 12;
    private static final int MOST_CELLS = 160;
    /** A design of a regular shape agrees with itself turned round: the nearer place is believed, by so much a mm. */
    private static final double FARTHER = 0.015;

    /**
     * Where the design was found.
     *
     * @param agreement correlation, −1…1
     * @param toFrame from the design's millimetres to those of the map
     */
    record Found(double agreement, Placing toFrame) {}

    private final Artwork artwork;
    private final double cellMm;
    private final DesignField design;

    CoarseSearch(Artwork artwork) {
        this.artwork = artwork;
        Envelope box = artwork.designBox();
        this.cellMm = Math.max(0.7, Math.max(box.getWidth(), box.getHeight()) / MOST_CELLS);
        Envelope around = new Envelope(box);
        around.expandBy(2 * cellMm);
        this.design = DesignField.of(artwork, around, 4 / cellMm, cellMm);
    }

    /** The design at its own size near where it should lie, on a sheet that may be seen upside down. */
    Found near(FoilMap map, double[] turns) {
        Cells cells = new Cells(map, cellMm);
        Found best = new Found(-1, Placing.of(1, 0, 0, 0, 1, 0, 0, 0, 1));
        int most = (int) Math.ceil(MOST_SHIFT_MM / cellMm);
        double x = artwork.designBox().centre().x;
        double y = artwork.designBox().centre().y;
        for (double turn : turns) {
            best = better(best, cells, turn, 1, x, y, most);
            best = better(best, cells, turn + Math.PI, 1, artwork.widthMm() - x, artwork.heightMm() - y, most);
        }
        return best;
    }

    /** The design wherever and however large, by the middle and the spread of all foil there is. */
    @Nullable
    Found anywhere(FoilMap map, double[] turns) {
        Spread foil = Spread.of(map);
        if (foil == null) {
            return null;
        }
        Spread own = Spread.of(design);
        double size = foil.radius / own.radius;
        Cells cells = new Cells(map, cellMm * size);
        Found best = new Found(-1, Placing.of(1, 0, 0, 0, 1, 0, 0, 0, 1));
        for (double turn : turns) {
            double c = Math.cos(turn);
            double s = Math.sin(turn);
            double awayX = artwork.designBox().centre().x - own.x;
            double awayY = artwork.designBox().centre().y - own.y;
            double x = foil.x + size * (c * awayX - s * awayY);
            double y = foil.y + size * (s * awayX + c * awayY);
            best = better(best, cells, turn, size, x, y, 3);
        }
        return best;
    }

    private Found better(Found best, Cells cells, double turn, double size, double x, double y, int most) {
        int[][] raised = raised(turn);
        int column = (int) Math.round((x - cells.grid.leftMm()) / cells.cellMm - 0.5);
        int row = (int) Math.round((cells.grid.topMm() - y) / cells.cellMm - 0.5);
        double restX = x - cells.xMm(column);
        double restY = y - cells.yMm(row);
        Found found = best;
        for (int dy = -most; dy <= most; dy++) {
            for (int dx = -most; dx <= most; dx++) {
                double agreement = cells.agreement(raised, column + dx, row - dy)
                        * (1 - FARTHER * Math.hypot(dx, dy) * cells.cellMm / size);
                if (agreement > found.agreement) {
                    Placing there = placing(turn, size, cells.xMm(column + dx) + restX, cells.yMm(row - dy) + restY);
                    found = new Found(agreement, there);
                }
            }
        }
        return found;
    }

    /** The design's own millimetres turned and sized about its middle, which comes to a place. */
    private Placing placing(double turn, double size, double x, double y) {
        double c = size * Math.cos(turn);
        double s = size * Math.sin(turn);
        double cx = artwork.designBox().centre().x;
        double cy = artwork.designBox().centre().y;
        return Placing.of(c, -s, x - c * cx + s * cy, s, c, y - s * cx - c * cy, 0, 0, 1);
    }

    /** Raised cells of the turned design: columns right and rows down from its middle, and how much is raised, of 9. */
    private int[][] raised(double turn) {
        List<int[]> cells = new ArrayList<>();
        double c = Math.cos(turn);
        double s = Math.sin(turn);
        double half =
                Math.hypot(artwork.designBox().getWidth(), artwork.designBox().getHeight()) / 2 + cellMm;
        int most = (int) Math.ceil(half / cellMm);
        double cx = artwork.designBox().centre().x;
        double cy = artwork.designBox().centre().y;
        for (int row = -most; row <= most; row++) {
            for (int column = -most; column <= most; column++) {
                int share = 0;
                for (int k = 0; k < 9; k++) {
                    double u = (column + (k % 3 - 1) / 3.0) * cellMm;
                    double v = -(row + (k / 3 - 1) / 3.0) * cellMm;
                    share += design.signed(cx + c * u + s * v, cy - s * u + c * v) < 0 ? 1 : 0;
                }
                if (share > 0) {
                    cells.add(new int[] {column, row, share});
                }
            }
        }
        return cells.toArray(int[][]::new);
    }

    /** A map of foil, averaged over cells. */
    private static final class Cells {
        final double cellMm;
        final Grid grid;
        private final int width;
        private final int height;
        private final float[] share;
        private final double mean;
        private final double spread;

        Cells(FoilMap map, double cellMm) {
            this.cellMm = cellMm;
            this.grid = map.grid;
            this.width = (int) (grid.width() / grid.pxPerMm() / cellMm);
            this.height = (int) (grid.height() / grid.pxPerMm() / cellMm);
            this.share = new float[width * height];
            int radius = (int) Math.max(0, Math.round(cellMm * grid.pxPerMm() / 2 - 0.5));
            float[] around = radius == 0 ? map.share : Blurs.box(map.share, grid.width(), radius);
            double sum = 0;
            double squares = 0;
            for (int i = 0; i < share.length; i++) {
                share[i] = grid.at(around, xMm(i % width), yMm(i / width));
                sum += share[i];
                squares += share[i] * share[i];
            }
            this.mean = sum / share.length;
            this.spread = Math.sqrt(Math.max(1e-9, squares / share.length - mean * mean));
        }

        double xMm(int column) {
            return grid.leftMm() + (column + 0.5) * cellMm;
        }

        double yMm(int row) {
            return grid.topMm() - (row + 0.5) * cellMm;
        }

        /** Correlation of the map with raised cells about a middle. */
        double agreement(int[][] raised, int column, int row) {
            double both = 0;
            double sum = 0;
            double squares = 0;
            for (int[] cell : raised) {
                int i = column + cell[0];
                int j = row + cell[1];
                sum += cell[2];
                squares += cell[2] * cell[2];
                if (i >= 0 && j >= 0 && i < width && j < height) {
                    both += cell[2] * share[j * width + i];
                }
            }
            double n = share.length;
            double own = squares / n - sum / n * (sum / n);
            return (both / n - mean * sum / n) / (spread * Math.sqrt(Math.max(1e-9, own)));
        }
    }

    /** Middle and mean distance from it. */
    private record Spread(double x, double y, double radius) {

        static @Nullable Spread of(FoilMap map) {
            float[] clear = new float[map.share.length];
            for (int i = 0; i < clear.length; i++) {
                clear[i] = map.share[i] > 0.5f ? 1 : 0;
            }
            return of(map.grid, clear);
        }

        static Spread of(DesignField field) {
            float[] in = new float[field.signedMm.length];
            for (int i = 0; i < in.length; i++) {
                in[i] = field.signedMm[i] < 0 ? 1 : 0;
            }
            Spread spread = of(field.grid, in);
            return spread == null ? new Spread(0, 0, 1) : spread;
        }

        private static @Nullable Spread of(Grid grid, float[] weight) {
            double sum = 0;
            double x = 0;
            double y = 0;
            for (int i = 0; i < weight.length; i++) {
                sum += weight[i];
                x += weight[i] * grid.xMm(i % grid.width());
                y += weight[i] * grid.yMm(i / grid.width());
            }
            if (sum < 20) {
                return null;
            }
            double squares = 0;
            for (int i = 0; i < weight.length; i++) {
                double u = grid.xMm(i % grid.width()) - x / sum;
                double v = grid.yMm(i / grid.width()) - y / sum;
                squares += weight[i] * (u * u + v * v);
            }
            return new Spread(x / sum, y / sum, Math.sqrt(squares / sum));
        }
    }
}
