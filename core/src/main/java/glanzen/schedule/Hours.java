package glanzen.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A stretch of time in which somebody is at the bench. Whatever needs hands or is hot lies within one.
 *
 * @param from s
 * @param to s
 */
public record Hours(int from, int to) {

    /** How long, s. */
    public int seconds() {
        return to - from;
    }

    /** Some hours and more of them, as one where they touch. */
    public static List<Hours> with(List<Hours> some, Hours more) {
        List<Hours> all = new ArrayList<>();
        int from = more.from;
        int to = more.to;
        for (Hours h : some) {
            if (h.to < from || h.from > to) {
                all.add(h);
            } else {
                from = Math.min(from, h.from);
                to = Math.max(to, h.to);
            }
        }
        all.add(new Hours(from, to));
        all.sort(Comparator.comparingInt(Hours::from));
        return all;
    }
}
