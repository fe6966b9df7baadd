package glanzen.plan;

import glanzen.card.Assembly;
import glanzen.card.CardPlan;
import glanzen.card.Laid;
import glanzen.finding.Concern;
import glanzen.finding.Finding;
import glanzen.finding.Weight;
import glanzen.kit.Stock;
import glanzen.rules.Rules;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Windows cut through a piece and the base at once: what the set-up that cuts the piece makes of two sheets. */
public final class ThroughBoth {

    private ThroughBoth() {}

    /**
     * What does not hold with the base in the stack too, and holds without it.
     *
     * @param setUps that operations name
     * @param shop what rules draw on
     */
    public static List<Finding<CardPlan>> check(Job job, Assembly card, Map<String, SetUp> setUps, Inventory shop) {
        List<Finding<CardPlan>> found = new ArrayList<>();
        for (Laid piece : card.pieces()) {
            if (piece.mounted().through() && !piece.windows().isEmpty()) {
                cutter(job, piece.name(), setUps)
                        .ifPresent(s -> found.addAll(check(piece, s, with(s, card.baseStock()), shop)));
            }
        }
        return found;
    }

    private static Optional<SetUp> cutter(Job job, String piece, Map<String, SetUp> setUps) {
        return job.piece(piece).stream()
                .flatMap(p -> p.operations().stream())
                .filter(o -> o.kind().cuts() && o.setUpId() != null && setUps.containsKey(o.setUpId()))
                .map(o -> setUps.get(o.setUpId()))
                .reduce((a, b) -> b);
    }

    private static SetUp with(SetUp setUp, Stock base) {
        Stack stack = setUp.stack();
        int at = stack.indexOf(Stock.class);
        Layer sheet = stack.layers().get(at);
        return setUp.withStack(stack.with(at, new Layer(base, sheet.facing())));
    }

    private static List<Finding<CardPlan>> check(Laid piece, SetUp one, SetUp both, Inventory shop) {
        List<String> known = Rules.check(one, shop).stream().map(Finding::what).toList();
        return Rules.check(both, shop).stream()
                .filter(f -> f.weight() == Weight.STOP || f.weight() == Weight.WARN)
                .filter(f -> !known.contains(f.what()))
                .map(f -> new Finding<CardPlan>(
                        f.rule(),
                        Concern.pieces(List.of(piece.key())),
                        "The window of " + piece.name() + " and the base at once: " + f.what(),
                        f.mend() == null
                                ? f.why()
                                : f.why() + ". In the stack: " + f.mend().label(),
                        null))
                .toList();
    }
}
