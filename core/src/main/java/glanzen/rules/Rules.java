package glanzen.rules;

import glanzen.finding.Finding;
import glanzen.finding.Weight;
import glanzen.route.Route;
import glanzen.route.RuleSet;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** Holds set-ups against the rules of their route (docs/rules.md lists them). */
public final class Rules {

    /** What every route keeps to. */
    static final List<Rule> COMMON = common();

    private Rules() {}

    private static List<Rule> common() {
        List<Rule> rules = new ArrayList<>(MachineRules.ALL);
        rules.addAll(LayerRules.ALL);
        rules.addAll(BoardRules.ALL);
        rules.addAll(FitRules.ALL);
        rules.addAll(SupplyRules.ALL);
        return List.copyOf(rules);
    }

    private static List<Rule> of(RuleSet set) {
        return switch (set) {
            case HOT_PLATE -> concat(PlacementRules.ALL, CraftRules.ALL);
            case COLD_PLATE -> concat(EmbossRules.ALL, InkRules.ON_PLATE);
            case TONER -> TonerRules.ALL;
            case GEL -> GelRules.ALL;
            case REACTIVE_INK -> InkRules.ALL;
            case CUT -> CutRules.ALL;
            case PARTIAL_CUT -> concat(CutRules.ALL, CutRules.PARTIAL);
            case EMBOSS -> EmbossRules.ALL;
            case CUT_AND_EMBOSS -> concat(CutRules.ALL, EmbossRules.ALL);
        };
    }

    private static List<Rule> concat(List<Rule> some, List<Rule> more) {
        return Stream.concat(some.stream(), more.stream()).toList();
    }

    /** Rules that look at nothing unless it can be computed. */
    static List<Rule> whereComputable(List<Rule> rules) {
        return rules.stream()
                .<Rule>map(rule -> (s, shop) -> computable(s) ? rule.check(s, shop) : Stream.empty())
                .toList();
    }

    /**
     * Checks a set-up.
     *
     * @param shop what mends may draw on
     * @return findings, worst first
     */
    public static List<Finding<SetUp>> check(SetUp setUp, Inventory shop) {
        return Stream.concat(COMMON.stream(), of(setUp.route().rules()).stream())
                .flatMap(rule -> rule.check(setUp, shop))
                .sorted(Comparator.comparing(Finding::weight))
                .toList();
    }

    /** The greatest force a press meets in the nip as its label says: widest part of a design, or fullest of a blade; N. */
    public static double greatestForceN(SetUp setUp, Inventory shop) {
        return FitRules.forceN(setUp, shop);
    }

    /** True if a stack fits the throat both ways, so that it may be turned a quarter between passes. */
    public static boolean turnable(SetUp setUp) {
        return FitRules.turnable(setUp);
    }

    /** What a stack of this route is made of, bottom to top, in words. */
    public static String asksFor(Route route) {
        return LayerRules.asksFor(route);
    }

    /** True if nothing stops the set-up from being pulled. */
    public static boolean pullable(List<Finding<SetUp>> findings) {
        return findings.stream().noneMatch(f -> f.weight() == Weight.STOP);
    }

    /**
     * True if the set-up can be computed: its machine can do the route, and what the route asks for is there and in order.
     * Rules that speak of thickness and heat look no further unless it holds.
     */
    public static boolean computable(SetUp setUp) {
        return MachineRules.fits(setUp) && LayerRules.inOrder(setUp) && !LayerRules.wanting(setUp);
    }
}
