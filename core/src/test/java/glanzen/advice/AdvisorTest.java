package glanzen.advice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.artwork.ArtworkShelf;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Board;
import glanzen.kit.Stock;
import glanzen.material.Material;
import glanzen.material.Surface;
import glanzen.route.Heating;
import glanzen.route.Route;
import glanzen.rules.Rules;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.stack.Stack;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AdvisorTest {

    private static final List<Board> SHELF = List.of(
            Bench.SPACER,
            Bench.PLASTIC,
            Bench.METAL,
            Bench.CARD_SHIM,
            Bench.THIN_CARD,
            Bench.board("tissue", Board.Kind.TISSUE_SHIM, Material.TISSUE, 0.04));
    private static final Inventory SHOP = new Inventory(SHELF, new ArtworkShelf());
    private static final Forecaster FORECASTER = new Forecaster(SHOP.artworks());
    private static final Advisor ADVISOR = new Advisor(FORECASTER, SHOP);
    private static final RigEnsemble FRESH = RigEnsemble.fresh();

    private static final SetUp SOLID = Bench.setUp(Route.SOLID_PLATE, Bench.SOLID, 0, 120);

    @Test
    void proposalsAreBetterDifferentAndMadeOfWhatIsOwned() {
        double now = FORECASTER.forecast(SOLID, FRESH).clean();
        Advice advice = ADVISOR.advise(SOLID, FRESH, ErrorBias.EVEN);
        assertTrue(advice.considered() >= 1000, advice.considered() + " considered");
        assertTrue(advice.proposals().size() >= 2, advice.toString());
        Set<Stack> stacks = advice.best().stream().map(p -> p.setUp().stack()).collect(Collectors.toSet());
        assertEquals(advice.best().size(), stacks.size());
        for (Proposal proposal : advice.proposals()) {
            assertTrue(proposal.forecast().clean() > now + 0.1);
            assertTrue(SHELF.containsAll(proposal.setUp().stack().all(Board.class)));
            assertTrue(added(proposal.setUp()) <= 4);
            assertTrue(Rules.pullable(Rules.check(proposal.setUp(), SHOP)), proposal.toString());
            assertFalse(proposal.changes().isEmpty());
            assertFalse(proposal.why().isEmpty());
        }
    }

    private static long added(SetUp setUp) {
        return setUp.stack().all(Board.class).stream()
                .filter(b -> b.kind().shim())
                .count();
    }

    @Test
    void whatIsProposedIsWhatAForecastSays() {
        Proposal best = ADVISOR.advise(SOLID, FRESH, ErrorBias.EVEN).first().orElseThrow();
        assertEquals(
                FORECASTER.forecast(best.setUp(), FRESH).clean(),
                best.forecast().clean(),
                1e-12);
        assertEquals(best.setUp().totalSeconds(), best.seconds(), 1e-12);
    }

    @Test
    void theCheapestChangeIsOneChange() {
        Proposal cheapest = ADVISOR.advise(SOLID, FRESH, ErrorBias.EVEN).cheapest();
        assertNotNull(cheapest);
        assertEquals(1, cheapest.changes().size(), cheapest.changes().toString());
        assertTrue(
                cheapest.forecast().clean() > FORECASTER.forecast(SOLID, FRESH).clean());
    }

    @Test
    void biasTiltsTheAdvice() {
        SetUp words = Bench.setUp(Route.DIE_AS_PLATE, Bench.DIE, 1, 60);
        Advice over = ADVISOR.advise(words, FRESH, ErrorBias.OVER);
        Advice under = ADVISOR.advise(words, FRESH, ErrorBias.UNDER);
        assertTrue(overShare(over) > overShare(under), overShare(over) + " against " + overShare(under));
    }

    private static double overShare(Advice advice) {
        return advice.proposals().stream()
                .mapToDouble(p -> p.forecast().over() - p.forecast().under())
                .average()
                .orElseThrow();
    }

    @Test
    void aTapedPlateStaysTaped() {
        SetUp taped = Bench.setUp(Route.TAPED_PLATE, Bench.WORDS, 2, 30).withSoak(Heating.TOGETHER, 20);
        ADVISOR.advise(taped, FRESH, ErrorBias.EVEN)
                .best()
                .forEach(p ->
                        assertEquals(Heating.TOGETHER, p.setUp().onPlatform().heating()));
    }

    @Test
    void refusesWhatMelts() {
        Stock plain = new Stock(
                "a",
                "Plain acetate",
                Stock.Kind.ACETATE,
                Surface.ACETATE,
                0.2,
                0,
                105,
                148,
                5,
                false,
                false,
                "#eeeeee");
        Advice advice = ADVISOR.advise(Bench.setUp(Route.ACETATE, Bench.WORDS, plain, 0, 30), FRESH, ErrorBias.EVEN);
        assertEquals(List.of(), advice.best());
        assertTrue(advice.refusals().get(0).contains("not rated for heat"));
    }

    @Test
    void refusesWithReasonsWhenNoBoardHelps() {
        Inventory bare = new Inventory(List.of(Bench.SPACER), new ArtworkShelf());
        SetUp loose = SOLID.withStack(SOLID.stack().without(4));
        Advice advice = new Advisor(FORECASTER, bare).advise(loose, FRESH, ErrorBias.EVEN);
        assertEquals(List.of(), advice.best());
        assertFalse(advice.refusals().isEmpty());
    }

    @ParameterizedTest
    @ValueSource(doubles = {1.2, 2.5, 5, 9})
    void goesTowardsAPlaceOnTheWindow(double dose) {
        SetUp words = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30);
        double now = FORECASTER.forecast(words, FRESH).dose().middle();
        Proposal proposal = ADVISOR.toward(words, FRESH, dose).orElseThrow();
        double then = proposal.forecast().dose().middle();
        assertEquals(1, proposal.changes().size());
        assertTrue(Math.abs(Math.log(then / dose)) <= Math.abs(Math.log(now / dose)) + 0.1, then + " for " + dose);
    }

    @Test
    void wornAndBowedShimsAreNotChosen() {
        Board worn =
                new Board("w", "Worn", Board.Kind.PLASTIC_SHIM, Material.POLYCARBONATE, 0.7, 150, 210, 4, 0, 200, 100);
        Board bowed = new Board("b", "Bowed", Board.Kind.METAL_SHIM, Material.STEEL, 0.6, 150, 210, 4, 5, 0, 100);
        List<Stack> stacks = new ShimChoices(SOLID, List.of(worn, bowed, Bench.THIN_CARD)).stacks();
        assertTrue(stacks.stream().flatMap(s -> s.all(Board.class).stream()).noneMatch(b -> b == worn || b == bowed));
    }

    @Test
    void everyCombinationUpToFourIsTried() {
        Board single =
                new Board("s", "Single", Board.Kind.PLASTIC_SHIM, Material.POLYCARBONATE, 0.9, 150, 210, 1, 0, 0, 100);
        List<Stack> stacks = new ShimChoices(SOLID, List.of(single, Bench.CARD_SHIM)).stacks();
        assertTrue(stacks.stream()
                .anyMatch(s -> s.all(Board.class).stream()
                                .filter(b -> b == Bench.CARD_SHIM)
                                .count()
                        == 4));
        assertTrue(stacks.stream()
                .noneMatch(s ->
                        s.all(Board.class).stream().filter(b -> b == single).count() > 1));
    }
}
