package glanzen.leftover;

import glanzen.kit.Film;
import glanzen.kit.Leftover;
import glanzen.kit.Stock;
import java.awt.Color;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What can be made of the rest of a leftover as a whole. */
public enum SecondLife {
    /** Nothing yet: it has given no foil, or only heat takes it off. */
    NONE,
    /** Black toner takes all that is left. */
    ON_TONER,
    /** Flock is mounted on card as it is. */
    MOUNTED;

    /** What can be made of a leftover of a kind of film. */
    public static SecondLife of(Leftover leftover, Film.Kind film) {
        if (leftover.spent().isEmpty() || film == Film.Kind.HOT_FOIL) {
            return NONE;
        }
        return film == Film.Kind.FLOCK ? MOUNTED : ON_TONER;
    }

    /** The darkest toner sheet: on it a negative shows best. */
    public static Optional<Stock> ground(List<Stock> stocks) {
        return stocks.stream()
                .filter(s -> s.kind() == Stock.Kind.TONER_SHEET)
                .min(Comparator.comparingDouble(s -> brightness(Color.decode(s.colour()))));
    }

    /** Brightness to the eye (Rec. 601 luma), 0…255. */
    private static double brightness(Color c) {
        return 0.299 * c.getRed() + 0.587 * c.getGreen() + 0.114 * c.getBlue();
    }
}
