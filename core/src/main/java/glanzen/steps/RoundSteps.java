package glanzen.steps;

import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * The steps of one round of a batch: only those that repeat, unless it begins from cold; and while one pull soaks, the one
 * before it cools and is peeled.
 */
final class RoundSteps {

    private static final List<String> WITH_THE_LAST =
            List.of("Peel the last one, look at it and log it", "Brush foil and stock for the next");

    private RoundSteps() {}

    static List<Step> of(SetUp s, RunState state) {
        List<Step> all = RunSheet.steps(s);
        if (!state.batch()) {
            return all;
        }
        int from = state.warming() ? 0 : repeats(all);
        int cool = first(all, Step.Kind.COOL);
        int to = state.last() || cool < 0 ? all.size() : cool;
        List<Step> round = new ArrayList<>(all.subList(from, to));
        if (!state.warming() && cool >= 0) {
            int waits = Math.max(0, first(round, Step.Kind.SOAK));
            round.set(waits, round.get(waits).meanwhile(WITH_THE_LAST));
        }
        if (!state.warming() && !PlatformSteps.taped(s) && round.get(0).kind() == Step.Kind.PLACE) {
            round.set(0, PlatformSteps.placedAgain(s, round.get(0)));
        }
        return List.copyOf(round);
    }

    /** Where a round begins that does not warm up: with what is laid anew. */
    private static int repeats(List<Step> all) {
        return Stream.of(Step.Kind.PLACE, Step.Kind.KEY, Step.Kind.LAY)
                .mapToInt(kind -> first(all, kind))
                .filter(i -> i >= 0)
                .min()
                .orElse(0);
    }

    static int first(List<Step> steps, Step.Kind kind) {
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).kind() == kind) {
                return i;
            }
        }
        return -1;
    }
}
