package glanzen.cutting;

import glanzen.kit.Film;
import glanzen.kit.Stock;

/**
 * The sheet that pieces are cut from.
 *
 * @param widthMm its width, mm
 * @param heightMm its length, mm
 * @param turnable whether pieces may lie across it
 */
public record StockCut(double widthMm, double heightMm, boolean turnable) {

    /** A roll is planned in lengths that a bench holds, mm. */
    private static final double BENCH_LENGTH_MM = 500;

    /** A ribbon is cut along ten of them. */
    private static final int RIBBON_LENGTHS = 10;

    /** A sheet of stock; a ribbon is cut to length, and has one way only. */
    public static StockCut of(Stock stock, boolean turnable) {
        return stock.kind() == Stock.Kind.RIBBON
                ? new StockCut(Math.min(stock.heightMm(), RIBBON_LENGTHS * BENCH_LENGTH_MM), stock.widthMm(), false)
                : new StockCut(stock.widthMm(), stock.heightMm(), turnable);
    }

    /** A length of film. */
    public static StockCut of(Film film) {
        return new StockCut(film.widthMm(), Math.min(BENCH_LENGTH_MM, film.heightMm()), true);
    }
}
