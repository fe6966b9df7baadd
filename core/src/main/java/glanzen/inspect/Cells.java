package glanzen.inspect;

import glanzen.artwork.Artwork;
import glanzen.photograph.Grid;
import glanzen.photograph.Regions;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Envelope;

/**
 * A design in cells of a millimetre or a little more, each with how much of the design lies in it and how much of that came out. A
 * picture and a simulated pull are counted the same way, so that they can be held against each other.
 */
public final class Cells {

    private static final double LEAST_CELL_MM = 1.0;
    private static final int MOST_CELLS = 60;
    /** Cells with less of the design in them do not count. */
    private static final double LEAST_SHARE = 0.06;
    /** A cell of which less came out is all bare. */
    private static final double GONE = 0.15;
    /** Smaller places that are all bare are specks. */
    private static final double LEAST_GONE_MM2 = 3;

    private final Grid grid;
    private final double middleXMm;
    private final double halfMm;
    private final float[] design;

    private Cells(Grid grid, double middleXMm, float[] design) {
        this.grid = grid;
        this.middleXMm = middleXMm;
        this.design = design;
        double half = 1e-6;
        for (int i = 0; i < design.length; i++) {
            half = counts(i) ? Math.max(half, Math.abs(xMm(i) - middleXMm)) : half;
        }
        this.halfMm = half;
    }

    /**
     * @param artwork what is pressed
     * @param middleXMm middle of the rollers, in the frame of the artwork
     */
    public static Cells of(Artwork artwork, double middleXMm) {
        Envelope box = artwork.designBox();
        double cellMm = Math.max(LEAST_CELL_MM, Math.max(box.getWidth(), box.getHeight()) / MOST_CELLS);
        Grid grid = Grid.over(box, 1 / cellMm);
        float[] shares = artwork.shares(
                grid.width(),
                grid.height(),
                grid.pxPerMm(),
                grid.leftMm() + grid.width() * cellMm / 2,
                grid.topMm() - grid.height() * cellMm / 2);
        return new Cells(grid, middleXMm, shares);
    }

    /** How many there are, row by row from the far edge. */
    public int count() {
        return design.length;
    }

    /** Whether enough of the design lies in a cell. */
    public boolean counts(int cell) {
        return design[cell] >= LEAST_SHARE;
    }

    /** How much of the design lies in a cell, mm². */
    public double designMm2(int cell) {
        return design[cell] / (grid.pxPerMm() * grid.pxPerMm());
    }

    /** Middle of a cell, mm. */
    public double xMm(int cell) {
        return grid.xMm(cell % grid.width());
    }

    /** Middle of a cell, mm. */
    public double yMm(int cell) {
        return grid.yMm(cell / grid.width());
    }

    /** From the middle of the rollers, −1…1 at the furthest of the design. */
    public double across(int cell) {
        return (xMm(cell) - middleXMm) / halfMm;
    }

    /** The cell of a place; −1 outside. */
    public int at(double xMm, double yMm) {
        int column = (int) Math.round(grid.column(xMm));
        int row = (int) Math.round(grid.row(yMm));
        boolean within = column >= 0 && row >= 0 && column < grid.width() && row < grid.height();
        return within ? row * grid.width() + column : -1;
    }

    /**
     * What a pull looks like in cells.
     *
     * @param coverage share of the design that came out
     * @param onRight how much more on the right than on the left across the throat
     * @param inMiddle how much less in the middle than at the sides
     * @param mottle how much it differs from cell to cell
     * @param gone share of the design in places that are all bare
     * @param gonePlaces how many such places there are, small ones beside large ones counting less
     */
    public record Pattern(
            double coverage, double onRight, double inMiddle, double mottle, double gone, double gonePlaces) {}

    /** @param covered share of the design in each cell that came out; below 0 where it is not known */
    public Pattern pattern(double[] covered) {
        double sum = 0;
        double weights = 0;
        double[] part = new double[4];
        double[] weight = new double[4];
        boolean[] gone = new boolean[count()];
        for (int i = 0; i < count(); i++) {
            if (!counts(i) || covered[i] < 0) {
                continue;
            }
            sum += design[i] * covered[i];
            weights += design[i];
            gone[i] = covered[i] < GONE;
            for (int k = 0; k < 4; k += 2) {
                int side = Measures.part(across(i), k == 0);
                if (side >= 0) {
                    part[k + side] += design[i] * covered[i];
                    weight[k + side] += design[i];
                }
            }
        }
        double mean = weights == 0 ? 1 : sum / weights;
        double[] places = gonePlaces(gone);
        return new Pattern(
                mean,
                between(part, weight, 0),
                between(part, weight, 2),
                mottle(covered, mean),
                weights == 0 ? 0 : places[0] / weights,
                places[1]);
    }

    private double mottle(double[] covered, double mean) {
        double sum = 0;
        double weights = 0;
        for (int i = 0; i < count(); i++) {
            if (counts(i) && covered[i] >= 0) {
                sum += design[i] * (covered[i] - mean) * (covered[i] - mean);
                weights += design[i];
            }
        }
        return weights == 0 ? 0 : Math.sqrt(sum / weights);
    }

    /** How much of the design lies in larger places that are all bare, in cells; and how many these are. */
    private double[] gonePlaces(boolean[] gone) {
        double[] found = new double[2];
        boolean[] wide = new boolean[gone.length];
        boolean any = false;
        for (int i = 0; i < gone.length; i++) {
            any |= gone[i];
            // Between two letters of one bare word lies no design: a cell further still belongs to it.
            for (int k = 0; gone[i] && k < 9; k++) {
                int x = i % grid.width() + k % 3 - 1;
                int y = i / grid.width() + k / 3 - 1;
                if (x >= 0 && y >= 0 && x < grid.width() && y < grid.height()) {
                    wide[y * grid.width() + x] = true;
                }
            }
        }
        double squares = 0;
        for (int[] place : any ? Regions.of(wide, grid.width()) : List.<int[]>of()) {
            double design = Arrays.stream(place)
                    .filter(i -> gone[i])
                    .mapToDouble(i -> this.design[i])
                    .sum();
            if (design / (grid.pxPerMm() * grid.pxPerMm()) >= LEAST_GONE_MM2) {
                found[0] += design;
                squares += design * design;
            }
        }
        // Crumbs beside one large place leave it nearly one (the inverse of Simpson's index, 1949).
        found[1] = squares == 0 ? 0 : found[0] * found[0] / squares;
        return found;
    }

    private static double between(double[] part, double[] weight, int k) {
        return weight[k] == 0 || weight[k + 1] == 0 ? 0 : part[k] / weight[k] - part[k + 1] / weight[k + 1];
    }
}
