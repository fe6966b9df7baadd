package glanzen.rules;

import static org.junit.jupiter.api.Assertions.assertEquals;

import glanzen.Bench;
import glanzen.Crafts;
import glanzen.kit.Machine;
import glanzen.kit.Press;
import glanzen.press.Relief;
import glanzen.pull.BladeAndReliefModel;
import glanzen.pull.PullModel;
import glanzen.pull.PullModels;
import glanzen.pull.Rig;
import glanzen.route.Mechanism;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What rules find is what the forecast computes for a rig as labelled: on every route, for one to six passes, turned or not. */
class AgreementTest {

    private static final Set<String> COMPUTED = Set.of("too-thick", "not-through", "tears", "shallow");

    static Stream<Arguments> pressed() {
        return Stream.of(Route.values())
                .filter(r -> r.machines().contains(Machine.Kind.CRANK_PRESS))
                .flatMap(r -> Stream.of(Bench.CRANK, Crafts.MOTOR)
                        .flatMap(press -> IntStream.rangeClosed(1, 6)
                                .boxed()
                                .flatMap(passes ->
                                        Stream.of(false, true).map(turned -> Arguments.of(r, press, passes, turned)))));
    }

    @ParameterizedTest
    @MethodSource("pressed")
    void rulesAndForecastAgree(Route route, Press press, int passes, boolean turned) {
        SetUp started = Crafts.started(route, press, Crafts.tool(route), Crafts.stock(route))
                .withTurned(turned);
        SetUp s = started.withFeed(started.pace(), passes);
        agree(s, press);
        // And where there is too little, or too much.
        s.stack().layers().stream()
                .map(layer -> s.stack().layers().indexOf(layer))
                .map(at -> s.withStack(s.stack().without(at)))
                .filter(Rules::computable)
                .forEach(less -> agree(less, press));
        agree(s.withStack(s.stack().with(s.shimPlace(), new Layer(Bench.PLASTIC, Facing.UP))), press);
    }

    private static void agree(SetUp s, Press press) {
        Set<String> found = Rules.check(s, Crafts.SHOP).stream()
                .map(f -> f.rule().key())
                .filter(COMPUTED::contains)
                .collect(Collectors.toCollection(TreeSet::new));
        assertEquals(computed(s, press), found, () -> s.stack() + "");
    }

    private static Set<String> computed(SetUp s, Press press) {
        Set<String> expected = new TreeSet<>();
        PullModel model = PullModels.of(s, Crafts.ARTWORKS);
        if (model.pull(Rig.AS_LABELLED).forceN() > press.maxForceN()) {
            expected.add("too-thick");
        }
        Mechanism does = s.route().mechanism();
        if (does.cuts()) {
            double least = model.strips(Rig.AS_LABELLED).stream()
                    .mapToDouble(PullModel.StripDose::dose)
                    .min()
                    .orElse(0);
            if (least < 1) {
                expected.add("not-through");
            }
        }
        if (does == Mechanism.EMBOSS || does == Mechanism.CUT_AND_EMBOSS) {
            PullModel relief = model instanceof BladeAndReliefModel both ? both.relief() : model;
            if (relief.pull(Rig.AS_LABELLED).over()) {
                expected.add("tears");
            }
            double depth = relief.figures(Rig.AS_LABELLED).debossMm()
                    / s.plate().kind().reliefMm();
            if (depth < Relief.formed(0.6) && s.overfillMm() > 0) {
                expected.add("shallow");
            }
        }
        return expected;
    }
}
