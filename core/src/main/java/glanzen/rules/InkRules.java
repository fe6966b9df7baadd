package glanzen.rules;

import glanzen.finding.Finding;
import glanzen.finding.Finding.Mend;
import glanzen.finding.RuleId;
import glanzen.kit.Film;
import glanzen.kit.Pace;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.route.Medium;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import java.util.List;
import java.util.stream.Stream;

/** What heat-reactive ink asks for. */
final class InkRules {

    static final List<Rule> ALL =
            Rules.whereComputable(List.of(CraftRules::heatProof, InkRules::slow, InkRules::scraps, InkRules::gaps));

    static final List<Rule> ON_PLATE = Rules.whereComputable(List.of(InkRules::onPlate));

    /** Pressed harder than this, as a share of what forms the relief, ink is squeezed out sideways. */
    private static final double RIM = 1.3;

    private InkRules() {}

    private static Stream<Finding<SetUp>> onPlate(SetUp s, Inventory shop) {
        if (s.medium() != Medium.ON_PLATE) {
            return Stream.empty();
        }
        int plate = s.stack().indexOf(Plate.class);
        return EmbossRules.dose(s, shop) > RIM
                ? Stream.of(Finding.at(
                        plate,
                        RuleId.INK_RIM,
                        "Ink would be squeezed out to a rim around the design",
                        "Print and deep relief do not go together: less pressure, or no ink",
                        new Mend<>("Leave the plate bare", s.withMedium(Medium.NONE))))
                : Stream.of(Finding.at(
                        plate,
                        RuleId.INK_THIN,
                        "Ink the relief thinly and evenly, and wipe its ground",
                        "What lies between prints too",
                        null));
    }

    private static Stream<Finding<SetUp>> slow(SetUp s, Inventory shop) {
        return s.pace() == Pace.SLOW
                ? Stream.empty()
                : Stream.of(Finding.at(
                        -1,
                        RuleId.INK_SLOW,
                        "Reactive ink wants a slow pass",
                        "The ink must melt before foil sticks to it",
                        new Mend<>("Feed slowly", s.withFeed(Pace.SLOW, s.passes()))));
    }

    private static Stream<Finding<SetUp>> scraps(SetUp s, Inventory shop) {
        return Stream.of(Finding.at(
                s.stack().indexOf(Film.class),
                RuleId.INK_SCRAPS,
                "Scraps will do: lay them patchwork, overlapping as they come",
                "Where one has given its foil already it will miss",
                null));
    }

    private static Stream<Finding<SetUp>> gaps(SetUp s, Inventory shop) {
        return Stream.of(Finding.at(
                s.stack().indexOf(Stock.class),
                RuleId.INK_BLACK,
                "Let the ink key for a minute; on black ink a gap between scraps does not show",
                "Clear ink shows the stock wherever no scrap lies",
                null));
    }
}
