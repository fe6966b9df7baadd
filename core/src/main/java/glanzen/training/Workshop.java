package glanzen.training;

import glanzen.artwork.ArtworkShelf;
import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Kit;
import glanzen.kit.Leftover;
import glanzen.rules.Rules;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.function.Predicate;

/**
 * What drills are made from: a person's own things and set-ups, the ones they had most trouble with first.
 *
 * @param kit things
 * @param leftovers foil that is left over
 * @param setUps set-ups that can be pulled
 */
public record Workshop(Kit kit, List<Leftover> leftovers, List<Named> setUps, Forecaster forecaster) {

    static final int TWENTY = 20;

    /** A task is worth setting if so many of twenty come out. */
    private static final int WORTH = 12;

    static final RigEnsemble UNKNOWN = RigEnsemble.fresh();

    /** A set-up by the name a person knows it by. */
    public record Named(String name, SetUp setUp) {}

    public Workshop {
        leftovers = List.copyOf(leftovers);
        setUps = List.copyOf(setUps);
    }

    ArtworkShelf artworks() {
        return forecaster.shelf();
    }

    Inventory inventory() {
        return new Inventory(kit.boards(), artworks());
    }

    /** Set-ups that can be pulled and fit, in an order of luck. */
    List<SetUp> pullable(Predicate<SetUp> fits, Random luck) {
        List<SetUp> all = new ArrayList<>(setUps.stream()
                .map(Named::setUp)
                .filter(s -> Rules.computable(s) && pullable(s))
                .filter(fits)
                .toList());
        Collections.shuffle(all, luck);
        return all;
    }

    boolean pullable(SetUp setUp) {
        return Rules.pullable(Rules.check(setUp, inventory()));
    }

    /** What is expected of a set-up on a rig that nobody knows. */
    Forecast forecast(SetUp setUp) {
        return forecaster.forecast(setUp, UNKNOWN);
    }

    /** Whether a set-up comes out often enough for a drill to ask for it. */
    boolean worthwhile(SetUp setUp) {
        return clean(forecast(setUp)) >= WORTH;
    }

    /** How many of {@value #TWENTY} are expected to be clean. */
    static int clean(Forecast f) {
        return f.twenty().clean();
    }
}
