package glanzen.plan;

import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.Kit;
import glanzen.kit.Stock;
import java.util.ArrayList;
import java.util.List;

/**
 * Something of the kit that is short or worn.
 *
 * @param id key of the thing
 * @param name its name
 * @param what what it is in need of
 * @param left the share that is left of it, 0…1
 */
public record Shortage(String id, String name, String what, double left) {

    private static final double SHORT_SHARE = 0.15;
    private static final int SHORT_SHEETS = 8;

    /** What is short or worn of a kit. */
    public static List<Shortage> of(Kit kit) {
        List<Shortage> shortages = new ArrayList<>();
        for (Film f : kit.films()) {
            double left = f.leftCm2() / (f.widthMm() * f.heightMm() / 100);
            if (left < SHORT_SHARE) {
                shortages.add(new Shortage(f.id(), f.name(), "nearly spent", left));
            }
        }
        for (Stock s : kit.stocks()) {
            if (s.left() < SHORT_SHEETS) {
                shortages.add(new Shortage(s.id(), s.name(), sheets(s.left()) + " left", 0));
            }
        }
        for (Board b : kit.boards()) {
            double left = Math.max(0, 1 - b.wear());
            if (b.bowMm() >= Board.TURN_AT_MM) {
                shortages.add(new Shortage(b.id(), b.name(), "bowed: turn or swap it", left));
            } else if (b.wear() > 1 - SHORT_SHARE) {
                shortages.add(new Shortage(b.id(), b.name(), "nearly worn out", left));
            }
        }
        return shortages;
    }

    private static String sheets(double left) {
        double rounded = Math.round(left * 10) / 10.0;
        String figure = rounded == Math.rint(rounded) ? Long.toString((long) rounded) : Double.toString(rounded);
        return figure + (rounded == 1 ? " sheet" : " sheets");
    }
}
