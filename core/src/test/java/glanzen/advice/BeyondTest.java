package glanzen.advice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.anchor.Anchor;
import glanzen.anchor.AnchorBench;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Board;
import glanzen.pull.Doubt;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BeyondTest {

    private static final Forecaster FORECASTER = new Forecaster(AnchorBench.SHOP.artworks());
    private static final Inventory NO_SHIMS = new Inventory(
            AnchorBench.SHOP.boards().stream().filter(b -> !b.kind().shim()).toList(), AnchorBench.SHOP.artworks());

    private static SetUp named(String name) {
        return Anchor.all().stream()
                .filter(a -> a.name().equals(name))
                .findFirst()
                .orElseThrow()
                .setUp();
    }

    private static RigEnsemble doubted(double openingMm) {
        return RigEnsemble.around(new Doubt(8, openingMm, 0.3, 0.3));
    }

    private static Advice advice(SetUp setUp, Inventory shop, RigEnsemble ensemble) {
        return new Advisor(FORECASTER, shop).advise(setUp, ensemble, ErrorBias.EVEN);
    }

    @Test
    void aShimThatIsNotThereIsToBeGot() {
        SetUp folder = named("start, cutting folder, crank");
        Wish wish = advice(folder, NO_SHIMS, doubted(0.25)).wishes().get(0);
        assertTrue(wish.what().startsWith("Get a card shim"), wish.what());
        // With card shims on the shelf as many come out as was said.
        List<Board> shelf = new ArrayList<>(NO_SHIMS.boards());
        AnchorBench.SHOP.boards().stream()
                .filter(b -> b.kind() == Board.Kind.CARD_SHIM)
                .forEach(shelf::add);
        Advice got = advice(folder, new Inventory(shelf, NO_SHIMS.artworks()), doubted(0.25));
        assertEquals(wish.clean(), got.first().orElseThrow().forecast().twenty().clean(), 1);
    }

    @ParameterizedTest
    @ValueSource(strings = {"bee, there and back, taped", "large bee, there and back, taped", "acetate, 25 s"})
    void anOpeningThatNobodyKnowsIsToBeMeasured(String name) {
        Advice advice = advice(named(name), AnchorBench.SHOP, doubted(0.4));
        Wish wish = advice.wishes().get(0);
        assertTrue(wish.what().startsWith("Measure the opening"), wish.what());
        int before = advice.first().map(p -> p.forecast().twenty().clean()).orElse(0);
        // Those who have measured it know it as well as a label at the least, wherever it lies.
        int after = advice(named(name), AnchorBench.SHOP, doubted(0))
                .first()
                .map(p -> p.forecast().twenty().clean())
                .orElse(20);
        assertTrue(wish.clean() > before && wish.clean() <= after + 1, before + ", " + wish + ", " + after);
    }

    @Test
    void nothingIsWishedWhereTheShelfIsEnough() {
        assertEquals(
                List.of(),
                advice(named("lace"), AnchorBench.SHOP, RigEnsemble.fresh()).wishes());
    }
}
