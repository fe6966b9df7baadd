package glanzen.advice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.advice.SingleChanges.Change;
import glanzen.artwork.ArtworkShelf;
import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Board;
import glanzen.kit.Pace;
import glanzen.route.Heating;
import glanzen.route.Peel;
import glanzen.route.Route;
import glanzen.setup.Difference;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SingleChangesTest {

    private static final SetUp WORDS =
            Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 1, 30).withPeel(Peel.WARM);
    private static final List<Board> SHIMS = List.of(Bench.PLASTIC, Bench.CARD_SHIM, Bench.THIN_CARD, Bench.METAL);
    private static final Forecaster FORECASTER = new Forecaster(new ArtworkShelf());

    private static List<Change> changes() {
        return SingleChanges.of(WORDS, SHIMS);
    }

    @Test
    void everyChangeChangesOneThing() {
        for (Change change : changes()) {
            assertEquals(1, Difference.between(WORDS, change.setUp()).size(), change.toString());
            assertTrue(change.cost() > 0);
            assertTrue(change.setUp().overfillMm() > 0);
        }
    }

    @Test
    void allKnobsAreTurned() {
        Set<String> turned = changes().stream()
                .map(c -> Difference.between(WORDS, c.setUp()).get(0).what())
                .collect(Collectors.toSet());
        assertEquals(Set.of("soak", "pace", "passes", "peel", "heat", "shims"), turned);
    }

    @Test
    void noMoreOfABoardIsUsedThanIsOwned() {
        Board single =
                new Board("s", "Single", Board.Kind.METAL_SHIM, Bench.METAL.material(), 0.2, 150, 210, 1, 0, 0, 100);
        SetUp using = WORDS.withStack(WORDS.stack().with(4, new Layer(single, Facing.UP)));
        for (Change change : SingleChanges.of(using, List.of(single))) {
            long used = change.setUp().stack().all(Board.class).stream()
                    .filter(b -> b.id().equals("s"))
                    .count();
            assertTrue(used <= 1);
        }
    }

    @Test
    void aLongerSoakCostsMoreThanAQuickerPace() {
        double soak = changes().stream()
                .filter(c -> c.setUp().onPlatform().soakSeconds() > 100)
                .mapToDouble(Change::cost)
                .min()
                .orElseThrow();
        double pace = changes().stream()
                .filter(c -> c.setUp().pace() == Pace.BRISK)
                .mapToDouble(Change::cost)
                .min()
                .orElseThrow();
        assertTrue(soak > pace);
    }

    @ParameterizedTest
    @CsvSource({"22, 20", "23, 25", "59, 60", "70, 75", "100, 105", "12, 10"})
    void soaksAreSuchAsPeopleSet(double seconds, double rounded) {
        assertEquals(rounded, SingleChanges.rounded(seconds));
    }

    private static String why(SetUp before, SetUp after) {
        Forecast now = FORECASTER.forecast(before, RigEnsemble.fresh());
        Forecast then = FORECASTER.forecast(after, RigEnsemble.fresh());
        return Reasons.why(before, now, after, then);
    }

    @Test
    void reasonsNameWhatIsPhysicallyDifferent() {
        assertTrue(why(WORDS, WORDS.withSoak(Heating.COVERED, 60)).contains("hotter under the rollers"));
        assertTrue(why(WORDS, WORDS.withFeed(Pace.BRISK, 1)).contains("less time under pressure"));
        assertTrue(why(WORDS, WORDS.withFeed(Pace.SLOW, 2)).contains("longer under pressure"));
        String harder = why(WORDS, WORDS.withStack(WORDS.stack().without(4)));
        assertTrue(harder.contains("{mm:0.3} less squeeze") && harder.contains("harder backing"), harder);
        assertTrue(why(WORDS, WORDS.withPeel(Peel.COLD)).contains("cooler"));
        assertEquals("much the same pull, more simply done", why(WORDS, WORDS));
    }

    @Test
    void aShelfWithoutShimsIsSaidToBeTheTrouble() {
        assertTrue(Reasons.hopeless(List.of()).get(0).contains("No stack from your boards"));
    }
}
