package glanzen.rules;

import glanzen.Crafts;
import glanzen.finding.Finding;
import glanzen.kit.StackItem;
import glanzen.kit.Stock;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/** What statements about set-ups are made of: findings, their mends, chances, stacks changed by hand. */
final class Statements {

    private Statements() {}

    static Optional<Finding<SetUp>> finding(SetUp s, String rule) {
        return Rules.check(s, Crafts.SHOP).stream()
                .filter(f -> f.rule().key().equals(rule))
                .findFirst();
    }

    static SetUp mended(SetUp s, String rule) {
        Finding<SetUp> f = finding(s, rule).orElseThrow(() -> new AssertionError(rule + " is not found"));
        return Objects.requireNonNull(f.mend()).mended();
    }

    static double clean(SetUp s) {
        return Crafts.forecast(s).clean();
    }

    static SetUp stacked(SetUp s, Object... bottomToTop) {
        List<Layer> layers = Arrays.stream(bottomToTop)
                .map(item -> new Layer((StackItem) item, item instanceof Stock ? Facing.DOWN : Facing.UP))
                .toList();
        return s.withStack(new Stack(layers));
    }

    static SetUp flipped(SetUp s, Class<? extends StackItem> kind) {
        int at = s.stack().indexOf(kind);
        return s.withStack(s.stack().replaced(at, s.stack().layers().get(at).flipped()));
    }
}
