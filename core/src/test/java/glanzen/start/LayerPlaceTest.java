package glanzen.start;

import static org.junit.jupiter.api.Assertions.assertEquals;

import glanzen.Crafts;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LayerPlaceTest {

    /** Whatever is taken out of a stack comes back to where it lay, as it lay. */
    @ParameterizedTest
    @EnumSource(Route.class)
    void whatIsTakenOutComesBackToItsPlace(Route route) {
        SetUp s = Crafts.started(route);
        for (LayerPlace there : LayerPlace.of(s)) {
            Stack stack = s.stack();
            int at = stack.indexWhere(there.role()::takes);
            Layer layer = stack.layers().get(at);
            Stack without = stack.without(at);
            LayerPlace place = LayerPlace.of(s.withStack(without)).stream()
                    .filter(p -> p.role() == there.role())
                    .findFirst()
                    .orElseThrow();
            Stack back = without.with(place.index(), new Layer(layer.item(), place.facing()));
            assertEquals(stack, back, there.role() + "");
        }
    }
}
