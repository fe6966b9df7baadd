package glanzen.advice;

import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.rules.Rules;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import java.util.Comparator;

/**
 * Chooses the first stack of a set-up. A route's usual stack is chosen as machines are labelled; where the shelf has one that comes out
 * better as they are doubted, fed and heated just as usual, that one is laid.
 */
public final class FirstStack {

    /** From here on nobody would look for a better one: one pull of twenty. */
    private static final int GOOD_ENOUGH = 19;

    private static final int MOST_STEPS = 3;
    /** Half a pull of twenty. */
    private static final double WORTH_A_CHANGE = 0.025;

    private FirstStack() {}

    /**
     * @param usual the stack that the route begins with
     * @param ensemble what is known of the rig
     * @return the usual one, or one with other shims or another soak of which more pulls of twenty come out
     */
    public static SetUp of(SetUp usual, Forecaster forecaster, Inventory shop, RigEnsemble ensemble) {
        if (!Rules.computable(usual) || !Rules.pullable(Rules.check(usual, shop))) {
            return usual;
        }
        Forecast now = forecaster.forecast(usual, ensemble);
        if (now.twenty().clean() >= GOOD_ENOUGH) {
            return usual;
        }
        SetUp searched = new Advisor(forecaster, shop)
                .advise(usual, ensemble, ErrorBias.EVEN).proposals().stream()
                        .filter(p -> asFed(p.setUp(), usual))
                        .max(Comparator.comparingDouble(p -> p.forecast().clean()))
                        .map(Proposal::setUp)
                        .orElse(usual);
        return climbed(searched, forecaster, shop, ensemble);
    }

    /** Climbs by one shim or another soak at a time: a search over all stacks may propose only such as are fed otherwise. */
    private static SetUp climbed(SetUp from, Forecaster forecaster, Inventory shop, RigEnsemble ensemble) {
        SetUp best = from;
        Forecast now = forecaster.forecast(best, ensemble);
        for (int step = 0; step < MOST_STEPS && now.twenty().clean() < GOOD_ENOUGH; step++) {
            SetUp next = null;
            double most = now.clean() + WORTH_A_CHANGE;
            for (SingleChanges.Change change : SingleChanges.of(best, new ShimChoices(best, shop.boards()).shims())) {
                SetUp tried = change.setUp();
                if (asFed(tried, from) && Rules.pullable(Rules.check(tried, shop))) {
                    double then = forecaster.forecast(tried, ensemble).clean();
                    next = then > most ? tried : next;
                    most = Math.max(most, then);
                }
            }
            if (next == null) {
                break;
            }
            best = next;
            now = forecaster.forecast(best, ensemble);
        }
        return best;
    }

    private static boolean asFed(SetUp proposed, SetUp usual) {
        return proposed.pace() == usual.pace()
                && proposed.passes() == usual.passes()
                && proposed.turned() == usual.turned()
                && proposed.heat().level() == usual.heat().level();
    }
}
