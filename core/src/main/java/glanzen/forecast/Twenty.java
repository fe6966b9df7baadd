package glanzen.forecast;

import glanzen.measure.Apportionment;
import glanzen.pull.Trouble;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * A forecast in twenty pulls: the one account behind its headline, its marks and its list of reasons. The four counts sum to twenty, and
 * the reasons of each side sum to its count.
 *
 * @param under how many have too little, or too little and too much
 * @param clean how many are good
 * @param over how many have too much only
 * @param refused how many the press won't take; these are neither
 * @param reasons what keeps the others from being good, the commonest first
 */
public record Twenty(int under, int clean, int over, int refused, List<Reason> reasons) {

    /** The number of pulls that a forecast is drawn as. */
    public static final int PULLS = 20;

    /** Why so many of the twenty are not good. */
    public record Reason(Trouble trouble, int pulls) {}

    public Twenty {
        reasons = List.copyOf(reasons);
    }

    static Twenty of(Forecast f) {
        int[] counts = Apportionment.of(PULLS, f.under(), f.clean(), f.over(), f.refused());
        List<Reason> reasons = new ArrayList<>();
        for (Trouble.Side side : Trouble.Side.values()) {
            reasons.addAll(reasons(
                    f.troubles(),
                    side,
                    counts[
                            switch (side) {
                                case UNDER -> 0;
                                case OVER -> 2;
                                case REFUSED -> 3;
                            }]));
        }
        reasons.sort((a, b) -> b.pulls - a.pulls);
        return new Twenty(counts[0], counts[1], counts[2], counts[3], reasons);
    }

    /** The pulls of one side, shared out among its troubles by how many each spoils. */
    private static List<Reason> reasons(Map<Trouble, Double> troubles, Trouble.Side side, int count) {
        Map<Trouble, Double> of = new EnumMap<>(Trouble.class);
        troubles.forEach((trouble, share) -> {
            if (trouble.side() == side) {
                of.put(trouble, share);
            }
        });
        double all = of.values().stream().mapToDouble(Double::doubleValue).sum();
        if (count == 0 || all <= 0) {
            return List.of();
        }
        int[] pulls = Apportionment.of(
                count, of.values().stream().mapToDouble(share -> share / all).toArray());
        List<Reason> reasons = new ArrayList<>();
        int next = 0;
        for (Trouble trouble : of.keySet()) {
            if (pulls[next] > 0) {
                reasons.add(new Reason(trouble, pulls[next]));
            }
            next++;
        }
        return reasons;
    }
}
