package glanzen.anchor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Board;
import glanzen.kit.Plate;
import glanzen.pull.Trouble;
import glanzen.route.Route;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.start.StartingStack;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Every pass counts, each as it lies. */
class EveryPassTest {

    private static final Forecaster FORECASTER = new Forecaster(AnchorBench.SHOP.artworks());

    private static SetUp started(Route route, String machine, Plate tool, String stock) {
        return StartingStack.of(
                new StartingStack.Pick(
                        route,
                        AnchorBench.MACHINES.get(machine),
                        null,
                        tool,
                        route.film().map(AnchorBench::film).orElse(null),
                        AnchorBench.STOCKS.get(stock),
                        21),
                AnchorBench.SHOP);
    }

    private static Forecast forecast(SetUp setUp) {
        return FORECASTER.forecast(setUp, RigEnsemble.fresh());
    }

    /** Forty millimetres wide and a hundred and forty long, or the other way round. */
    private static SetUp frame(boolean tall) {
        Plate edge = AnchorBench.TOOLS.get("edge");
        Plate die = tall
                ? new Plate("tall", "Tall", edge.kind(), edge.material(), edge.thicknessMm(), 30, 140, edge.motif())
                : edge;
        SetUp s = started(Route.THIN_CUT, "motor", die, "smooth");
        for (String shim : List.of("metal", "plastic")) {
            Board board = AnchorBench.SHOP.boards().stream()
                    .filter(b -> b.id().equals(shim))
                    .findFirst()
                    .orElseThrow();
            s = s.withStack(s.stack().with(s.shimPlace(), new Layer(board, Facing.UP)));
        }
        return s;
    }

    @Test
    void aTurnedPassIsRefusedAsOftenAsTheDieLyingThatWay() {
        double lyingSo = forecast(frame(false)).refused();
        double tall = forecast(frame(true)).refused();
        double turned = forecast(frame(true).withFeed(frame(true).pace(), 2).withTurned(true))
                .refused();
        assertTrue(lyingSo > tall + 0.2, lyingSo + " lying across, " + tall + " lying along");
        assertEquals(lyingSo, turned, 0.02);
    }

    @Test
    void bareSheetIsLookedForInEveryPass() {
        SetUp once = started(Route.TONER, "heated-press", AnchorBench.TOOLS.get("print"), "toner");
        if (once.heat() instanceof Heat.HotRollers hot) {
            once = once.withHeat(hot.at(2));
        }
        double first = ruined(once.withFeed(once.pace(), 1));
        double second = ruined(once.withFeed(once.pace(), 2));
        assertTrue(second > first + 0.02, first + " after one pass, " + second + " after two");
    }

    private static double ruined(SetUp setUp) {
        return forecast(setUp).troubles().getOrDefault(Trouble.BARE_SHEET, 0.0);
    }
}
