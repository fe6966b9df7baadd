package glanzen.rules;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.Crafts;
import glanzen.finding.Finding;
import glanzen.finding.Weight;
import glanzen.kit.Pace;
import glanzen.route.Medium;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** One slip of every kind at every layer of every route: what is found is said in sentences, and what is offered helps. */
class EverySlipTest {

    private static final Pattern MARK = Pattern.compile("\\{(mm|cm2|c|k|s|gsm):-?[\\d.]+}");

    private static final Set<Weight> WRONG = Set.of(Weight.STOP, Weight.WARN);

    private static List<SetUp> slips(SetUp s) {
        List<Layer> layers = s.stack().layers();
        List<Stack> stacks = new ArrayList<>();
        for (int i = 0; i < layers.size(); i++) {
            if (layers.size() > 1) {
                stacks.add(s.stack().without(i));
            }
            stacks.add(s.stack().replaced(i, layers.get(i).flipped()));
            stacks.add(s.stack().with(i, layers.get(i)));
            stacks.add(s.stack().moved(i, 0));
            stacks.add(s.stack().with(i, new Layer(Bench.METAL, Facing.UP)));
            stacks.add(s.stack().with(i, new Layer(Crafts.MAT, Facing.UP)));
        }
        List<SetUp> slips = new ArrayList<>(stacks.stream().map(s::withStack).toList());
        slips.add(s);
        slips.add(s.withFeed(Pace.BRISK, SetUp.MOST_PASSES));
        slips.add(s.withMedium(Medium.WET));
        slips.add(s.withMachine(Crafts.ROLLERS));
        slips.add(s.withMachine(Bench.CRANK));
        return slips;
    }

    @ParameterizedTest
    @EnumSource(Route.class)
    void whatIsFoundIsASentenceAndItsMendIsNoLongerWrong(Route route) {
        for (SetUp slip : slips(Crafts.started(route))) {
            for (Finding<SetUp> found : Rules.check(slip, Crafts.SHOP)) {
                String where = route + ", " + found.rule().key() + ": ";
                sentence(where, found.what());
                sentence(where, found.why());
                if (found.mend() != null) {
                    sentence(where, found.mend().label());
                }
                if (found.mend() != null && WRONG.contains(found.weight())) {
                    mends(where, slip, found);
                }
            }
        }
    }

    /** The page puts the full stop; quantities are marks that it knows. */
    private static void sentence(String where, String text) {
        assertFalse(text.isBlank(), where);
        String plain = MARK.matcher(text).replaceAll("1");
        assertFalse(plain.matches("(?s).*([{}]|\\bnull\\b|NaN|Infinity|\\s\\s|\\.$).*"), where + text);
    }

    private static void mends(String where, SetUp slip, Finding<SetUp> found) {
        SetUp mended = found.mend().mended();
        long before = count(slip, found);
        assertTrue(
                count(mended, found) < before,
                () -> where + found.mend().label() + " changes nothing of " + names(slip));
        assertEquals(slip.route().mechanism(), mended.route().mechanism(), where);
    }

    private static List<String> names(SetUp s) {
        return s.stack().layers().stream()
                .map(layer -> layer.item().name() + " " + layer.facing())
                .toList();
    }

    private static long count(SetUp s, Finding<SetUp> like) {
        return Rules.check(s, Crafts.SHOP).stream()
                .filter(f -> f.rule() == like.rule())
                .count();
    }
}
