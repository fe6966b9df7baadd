package glanzen.route;

import glanzen.route.Finding.Severity;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** All rules of the platform routes (docs/rules.md lists them). */
public final class Rules {

    private static final List<Rule> ALL = all();

    private Rules() {}

    private static List<Rule> all() {
        List<Rule> rules = new ArrayList<>();
        rules.addAll(LayerRules.ALL);
        rules.addAll(FitRules.ALL);
        rules.addAll(PlacementRules.ALL);
        rules.addAll(CraftRules.ALL);
        return List.copyOf(rules);
    }

    /**
     * Checks a set-up.
     *
     * @param shop what mends may draw on
     * @return findings, worst first
     */
    public static List<Finding> check(SetUp setUp, Workshop shop) {
        return ALL.stream()
                .flatMap(rule -> rule.check(setUp, shop))
                .sorted(Comparator.comparing(Finding::severity))
                .toList();
    }

    /** True if nothing stops the set-up from being pulled. */
    public static boolean pullable(List<Finding> findings) {
        return findings.stream().noneMatch(f -> f.severity() == Severity.STOP);
    }

    /**
     * True if the set-up can be computed: platform, plate, film and stock are there once each and in order. Rules that
     * speak of thickness and heat look no further unless it holds.
     */
    public static boolean computable(SetUp setUp) {
        return LayerRules.inOrder(setUp.stack());
    }
}
