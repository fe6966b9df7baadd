package glanzen.advice;

import glanzen.material.Colour;
import glanzen.setup.SetUp;

/**
 * How foil and stock show against each other, and which fault shows less for it.
 *
 * @param difference CIEDE2000
 * @param darker how much darker the foil is than the stock, in L*
 */
public record Contrast(double difference, double darker) {

    /** Below this neither fault shows much. */
    private static final double FAINT = 18;
    /** Foil that is darker than its stock by so much shows every fault. */
    private static final double STARK = 45;

    /** Of a set-up that takes a film. */
    public static Contrast of(SetUp s) {
        Colour foil = Colour.of(s.film().colour());
        Colour stock = Colour.of(s.stock().colour());
        return new Contrast(foil.difference(stock), stock.lightness() - foil.lightness());
    }

    /** Which way to err. */
    public ErrorBias bias() {
        if (difference < FAINT || darker > STARK) {
            return ErrorBias.EVEN;
        }
        return darker > 0 ? ErrorBias.OVER : ErrorBias.UNDER;
    }

    /** Why, in a sentence. */
    public String says() {
        if (difference < FAINT) {
            return "foil and stock are much alike: neither fault shows far, so aim for the middle";
        }
        if (darker > STARK) {
            return "dark foil on light stock tolerates least, bare spots and specks alike: aim for the middle";
        }
        return darker > 0
                ? "on light stock a bare spot shows and over-foil rubs out: rather over"
                : "light foil on dark stock glints wherever it is too much: rather under";
    }
}
