package glanzen.route;

import glanzen.kit.Film;
import glanzen.kit.Pace;
import glanzen.kit.Stock;
import glanzen.route.Finding.Mend;
import java.util.List;
import java.util.stream.Stream;

/** What heat-reactive ink asks for. */
final class InkRules {

    static final List<Rule> ALL =
            Rules.whereComputable(List.of(CraftRules::heatProof, InkRules::slow, InkRules::scraps, InkRules::gaps));

    private InkRules() {}

    private static Stream<Finding> slow(SetUp s, Workshop shop) {
        return s.pace() == Pace.SLOW
                ? Stream.empty()
                : Stream.of(Finding.warn(
                        "ink-slow",
                        -1,
                        "Reactive ink wants a slow pass",
                        "It has to melt through before foil takes to it",
                        new Mend("Feed slowly", s.withFeed(Pace.SLOW, s.passes()))));
    }

    private static Stream<Finding> scraps(SetUp s, Workshop shop) {
        return Stream.of(Finding.note(
                "ink-scraps",
                s.stack().indexOf(Film.class),
                "Scraps will do: lay them patchwork, overlapping does no harm",
                "Leftovers are found in the Layout place; where one has given its foil already it will miss",
                null));
    }

    private static Stream<Finding> gaps(SetUp s, Workshop shop) {
        return Stream.of(Finding.note(
                "ink-black",
                s.stack().indexOf(Stock.class),
                "Let the ink key for a minute; black ink hides gaps between scraps",
                "Clear ink shows the stock wherever no scrap lies",
                null));
    }
}
