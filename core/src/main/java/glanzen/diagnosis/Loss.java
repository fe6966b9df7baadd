package glanzen.diagnosis;

import glanzen.inspect.Cells;
import java.util.Random;

/** What is bare on a simulated pull for another reason than the dose. */
final class Loss {

    private final Cells cells;
    private final int[] counting;
    private final double[] covered;
    private final Random luck;
    private double lostMm2;
    private double largestMm2;
    private int specks;

    Loss(Cells cells, int[] counting, double[] covered, Random luck) {
        this.cells = cells;
        this.counting = counting;
        this.covered = covered;
        this.luck = luck;
    }

    /** Takes away what a cause takes. */
    void of(Cause cause) {
        switch (cause) {
            case DUST -> {
                for (int n = 1 + luck.nextInt(5); n > 0; n--) {
                    speck(0.3 + 2 * luck.nextDouble() * luck.nextDouble());
                }
            }
            case BLADE -> {
                for (int n = 1 + luck.nextInt(6); n > 0; n--) {
                    speck(0.5 + luck.nextDouble());
                }
            }
            case SPENT -> {
                double side = between(5, 30);
                box(somewhere(), side / 2, luck.nextBoolean() ? side / 2 : between(3, 30) / 2, false);
            }
            case HOT_PEEL -> {
                for (int n = 3 + luck.nextInt(8); n > 0; n--) {
                    double r = between(1, 6);
                    box(somewhere(), r, r, true);
                }
            }
            case CUT_FIRST -> all(between(0.08, 0.4));
            default -> {
                // Nothing else is lost.
            }
        }
    }

    private double between(double least, double most) {
        return least + (most - least) * luck.nextDouble();
    }

    private int somewhere() {
        return counting[luck.nextInt(counting.length)];
    }

    private void speck(double mm2) {
        int cell = somewhere();
        double taken = Math.min(1, mm2 / cells.designMm2(cell));
        lose(cell, taken);
        specks++;
        largestMm2 = Math.max(largestMm2, Math.min(mm2, cells.designMm2(cell)));
    }

    private void all(double share) {
        for (int cell : counting) {
            lose(cell, Math.min(1, share * (0.6 + 0.8 * luck.nextDouble())));
        }
    }

    private void box(int middle, double halfWidthMm, double halfHeightMm, boolean round) {
        double taken = 0;
        for (int cell : counting) {
            double u = (cells.xMm(cell) - cells.xMm(middle)) / halfWidthMm;
            double v = (cells.yMm(cell) - cells.yMm(middle)) / halfHeightMm;
            if (round ? u * u + v * v < 1 : Math.abs(u) < 1 && Math.abs(v) < 1) {
                taken += cells.designMm2(cell);
                lose(cell, 1);
            }
        }
        // A shape across several strokes leaves several bare places.
        largestMm2 = Math.max(largestMm2, taken * between(0.3, 1));
        specks += luck.nextInt(3);
    }

    private void lose(int cell, double share) {
        lostMm2 += covered[cell] * share * cells.designMm2(cell);
        covered[cell] *= 1 - share;
    }

    /** Share of the design that is lost so, 0…1. */
    double share() {
        double all = 0;
        for (int cell : counting) {
            all += cells.designMm2(cell);
        }
        return lostMm2 / all;
    }

    /** The largest place, mm². */
    double largestMm2() {
        return largestMm2;
    }

    int specks() {
        return specks;
    }
}
