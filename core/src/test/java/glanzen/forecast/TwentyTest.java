package glanzen.forecast;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.Crafts;
import glanzen.pull.Trouble;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Headline, marks and reasons are one account. */
class TwentyTest {

    private static int of(Twenty twenty, Trouble.Side side) {
        return twenty.reasons().stream()
                .filter(r -> r.trouble().side() == side)
                .mapToInt(Twenty.Reason::pulls)
                .sum();
    }

    private static void addsUp(Forecast f, String of) {
        Twenty twenty = f.twenty();
        assertEquals(20, twenty.under() + twenty.clean() + twenty.over() + twenty.refused(), of);
        assertEquals(twenty.under(), of(twenty, Trouble.Side.UNDER), of + " " + twenty);
        assertEquals(twenty.over(), of(twenty, Trouble.Side.OVER), of + " " + twenty);
        assertEquals(twenty.refused(), of(twenty, Trouble.Side.REFUSED), of + " " + twenty);
        assertEquals(20 * f.clean(), twenty.clean(), 1, of);
    }

    @ParameterizedTest
    @EnumSource(Route.class)
    void reasonsAddUpToTheMarksOfTheirSide(Route route) {
        SetUp s = Crafts.started(route);
        addsUp(Crafts.forecast(s), route + "");
        addsUp(Crafts.forecast(s.withFeed(glanzen.kit.Pace.BRISK, s.passes())), route + ", brisk");
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4})
    void whatThePressWontTakeIsNeverCountedAsTooMuch(int shims) {
        SetUp s = Crafts.started(Route.FLAT_FOLDER, Crafts.MOTOR, Crafts.FLAT, Crafts.CARD);
        for (int n = 0; n < shims; n++) {
            s = s.withStack(s.stack().with(1, new Layer(Bench.CARD_SHIM, Facing.UP)));
        }
        Forecast f = Crafts.forecast(s);
        addsUp(f, shims + " shims");
        assertTrue(f.over() <= 1 - f.refused() + 1e-9);
        assertTrue(shims < 4 || f.twenty().refused() > 10, f.twenty() + "");
    }
}
