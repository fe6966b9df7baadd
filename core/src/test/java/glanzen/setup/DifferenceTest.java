package glanzen.setup;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.Crafts;
import glanzen.kit.Pace;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.route.Medium;
import glanzen.route.Peel;
import glanzen.route.Route;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Whatever two pulls do not share is said, and nothing that they do. */
class DifferenceTest {

    private static List<String> said(SetUp before, SetUp after) {
        return Difference.between(before, after).stream().map(Difference::what).toList();
    }

    @ParameterizedTest
    @EnumSource(Route.class)
    void aLayerTurnedOverIsSaid(Route route) {
        SetUp setUp = Crafts.started(route);
        Stack stack = setUp.stack();
        for (int i = 0; i < stack.layers().size(); i++) {
            Layer layer = stack.layers().get(i);
            SetUp turned = setUp.withStack(stack.replaced(i, layer.flipped()));
            assertEquals(
                    1, said(setUp, turned).size(), route + ", " + layer.item().name());
        }
    }

    @ParameterizedTest
    @EnumSource(Route.class)
    void layersInAnotherOrderAreSaid(Route route) {
        SetUp setUp = Crafts.started(route);
        List<Layer> layers = setUp.stack().layers();
        for (int i = 1; i < layers.size(); i++) {
            if (!layers.get(i).equals(layers.get(i - 1))) {
                SetUp swapped = setUp.withStack(setUp.stack().moved(i, i - 1));
                assertTrue(!said(setUp, swapped).isEmpty(), route + ", layer " + i);
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Route.class)
    void theOtherWayAroundTheSameIsSaidTurnedAround(Route route) {
        SetUp one = Crafts.started(route);
        SetUp other = one.withPeel(new Peel(Peel.COLD.cooling(), 99))
                .withFeed(one.pace() == Pace.BRISK ? Pace.SLOW : Pace.BRISK, one.passes() + 1)
                .withMedium(one.medium() == Medium.DRY ? Medium.NONE : Medium.DRY);
        assertEquals(List.of(), said(one, one));
        List<Difference> there = Difference.between(one, other);
        List<Difference> back = Difference.between(other, one);
        assertEquals(List.of("pace", "passes", "peel", "medium"), said(one, other));
        IntStream.range(0, there.size()).forEach(i -> {
            assertEquals(there.get(i).before(), back.get(i).after());
            assertEquals(there.get(i).after(), back.get(i).before());
        });
    }

    @Test
    void whereAShimLiesIsSaidWithIt() {
        SetUp above = Crafts.started(Route.THIN_CUT);
        int tool = above.stack().indexOf(Plate.class);
        Layer shim = new Layer(Bench.METAL, Facing.UP);
        List<Difference> all = Difference.between(
                above.withStack(above.stack().with(tool + 1, shim)),
                above.withStack(above.stack().with(tool, shim)));
        assertEquals(List.of("shims"), all.stream().map(Difference::what).toList());
        assertTrue(all.get(0).after().contains(Bench.METAL.name() + " under the die"), all.toString());
    }

    @Test
    void anotherNumberOfSheetsIsNoOtherWayOfLying() {
        SetUp one = Crafts.started(Route.THIN_CUT);
        int sheet = one.stack().indexOf(Stock.class);
        Layer second = one.stack().layers().get(sheet);
        assertEquals(List.of("stock"), said(one, one.withStack(one.stack().with(sheet, second))));
    }
}
