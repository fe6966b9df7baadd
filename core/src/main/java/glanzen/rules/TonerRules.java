package glanzen.rules;

import glanzen.finding.Finding;
import glanzen.finding.Finding.Mend;
import glanzen.finding.RuleId;
import glanzen.heat.Cooling;
import glanzen.kit.Film;
import glanzen.kit.Stock;
import glanzen.route.Peel;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import java.util.List;
import java.util.stream.Stream;

/** What toner asks for. */
final class TonerRules {

    static final List<Rule> ALL =
            Rules.whereComputable(List.of(CraftRules::heatProof, TonerRules::warmPeel, TonerRules::carrierOff));

    private static final double COLD_SECONDS = 20;

    private TonerRules() {}

    private static Stream<Finding<SetUp>> warmPeel(SetUp s, Inventory shop) {
        boolean warm = s.peel().cooling() != Cooling.ON_MAT && s.peel().seconds() < COLD_SECONDS;
        return !warm
                ? Stream.empty()
                : Stream.of(Finding.at(
                        s.stack().indexOf(Film.class),
                        RuleId.TONER_PEEL,
                        "The foil would be peeled while warm",
                        "Warm toner is soft and comes off with the foil again",
                        new Mend<>("Peel cold", s.withPeel(Peel.COLD))));
    }

    private static Stream<Finding<SetUp>> carrierOff(SetUp s, Inventory shop) {
        return s.stock().kind() != Stock.Kind.TONER_ADHESIVE
                ? Stream.empty()
                : Stream.of(Finding.at(
                        s.stack().indexOf(Stock.class),
                        RuleId.TONER_CARRIER,
                        "Take its clear carrier off before you cut",
                        "On adhesive-backed toner a carrier pulled off later can lift the toner with it",
                        null));
    }
}
