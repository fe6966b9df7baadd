package glanzen.card;

import glanzen.kit.Stock;
import glanzen.measure.Checks;
import glanzen.measure.Figures;
import java.util.List;

/**
 * What everything is mounted on.
 *
 * @param widthMm as it lies closed, mm
 * @param heightMm as it lies closed, mm
 * @param fold how it is folded
 * @param stockId what it is made of
 * @param grain which way the grain of its stock runs
 * @param piece name of the piece of the job that it is; empty if it is none of them
 */
public record Base(double widthMm, double heightMm, Fold fold, String stockId, Grain grain, String piece) {

    /** No base is smaller, mm. */
    public static final double LEAST_MM = 20;

    private static final double MOST_MM = 400;

    /** Which way fibres run, as the closed card is read. */
    public enum Grain {
        UPRIGHT("upright"),
        ACROSS("across"),
        UNKNOWN("not known");

        private final String label;

        Grain(String label) {
            this.label = label;
        }

        /** The everyday name. */
        public String label() {
            return label;
        }
    }

    public Base {
        piece = piece == null ? "" : piece;
        new Checks()
                .lengthMm("base.widthMm", widthMm, LEAST_MM, MOST_MM)
                .lengthMm("base.heightMm", heightMm, LEAST_MM, MOST_MM)
                .present("base.fold", fold, "how it is folded")
                .name("base.stockId", stockId)
                .present("base.grain", grain, "upright, across or not known")
                .done();
    }

    /** Whether the scores run up and down. */
    public boolean scoredUpright() {
        return fold != Fold.TOP;
    }

    /** Whether the grain runs across the fold, so that the fold cracks. */
    public boolean cracks() {
        return fold.opens() && grain != Grain.UNKNOWN && (grain == Grain.UPRIGHT) != scoredUpright();
    }

    /**
     * Size of the sheet before it is folded, mm.
     *
     * @param caliperMm of its stock, mm
     */
    public Size open(double caliperMm) {
        double length = scores(caliperMm).isEmpty() ? closedMm() : openMm(caliperMm);
        return scoredUpright() ? new Size(length, heightMm) : new Size(widthMm, length);
    }

    /** Width and height, mm. */
    public record Size(double widthMm, double heightMm) {}

    /**
     * Where it is scored, from the left of the open sheet with its outside up, or from its foot, mm. The front is half a caliper longer
     * and the back as much shorter than the half of the sheet, so that the front covers the back; leaves of a gate are as much shorter,
     * so that they meet without pushing each other up.
     *
     * @param caliperMm of its stock, mm
     */
    public List<Double> scores(double caliperMm) {
        double size = closedMm();
        double half = caliperMm / 2;
        return switch (fold) {
            case NONE -> List.of();
            case LEFT -> List.of(size - half);
            case TOP -> List.of(size + half);
            case GATE -> List.of(size / 2 - half, 1.5 * size - half);
            case THREE -> List.of(size - half, 2 * size - 3 * half);
        };
    }

    /**
     * How it is scored, in words.
     *
     * @param caliperMm of its stock, mm
     */
    public String scoring(double caliperMm) {
        String half = Figures.length(caliperMm / 2);
        return switch (fold) {
            case NONE -> "not scored";
            case LEFT -> "score " + half + " left of the middle, outside up, so that the front covers the back";
            case TOP -> "score " + half + " above the middle, outside up, so that the front covers the back";
            case GATE, THREE -> {
                List<String> at =
                        scores(caliperMm).stream().map(Figures::length).toList();
                yield "score " + String.join(" and ", at) + " from the left, outside up; each leaf is " + half
                        + " short, so that none pushes another";
            }
        };
    }

    /** Whether it comes out of one sheet of a stock. */
    public boolean comesOutOf(Stock stock) {
        Size open = open(stock.thicknessMm());
        return fitting(stock, open.widthMm(), open.heightMm()) + fitting(stock, open.heightMm(), open.widthMm()) > 0;
    }

    /** Sheets of a stock that so many bases are cut from, laid the way that yields more where its grain does not matter. */
    public int sheets(Stock stock, int cards) {
        Size open = open(stock.thicknessMm());
        int upright = fitting(stock, open.widthMm(), open.heightMm());
        int turned = fitting(stock, open.heightMm(), open.widthMm());
        int each = Math.max(1, Math.max(upright, turned));
        return (cards + each - 1) / each;
    }

    private static int fitting(Stock stock, double widthMm, double heightMm) {
        return (int) (stock.widthMm() / widthMm + 1e-9) * (int) (stock.heightMm() / heightMm + 1e-9);
    }

    private double openMm(double caliperMm) {
        return switch (fold) {
            case NONE -> closedMm();
            case LEFT, TOP -> 2 * closedMm();
            case GATE -> 2 * closedMm() - caliperMm;
            case THREE -> 3 * closedMm() - 3 * caliperMm / 2;
        };
    }

    private double closedMm() {
        return scoredUpright() ? widthMm : heightMm;
    }
}
