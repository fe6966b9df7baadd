package glanzen.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.finding.Finding;
import glanzen.finding.Weight;
import glanzen.kit.Board;
import glanzen.kit.Kit;
import glanzen.kit.Stock;
import glanzen.layout.FirstLayout;
import glanzen.layout.Fixing;
import glanzen.layout.Placed;
import glanzen.leftover.FoilFrom;
import glanzen.material.Material;
import glanzen.material.Surface;
import glanzen.plan.Operation.Kind;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Every pair of operations, both ways round; and sums that must not be double. */
class OrderPropertyTest {

    private static JobPiece piece(List<Operation> operations) {
        return new JobPiece("Panel", "ivory", 1, 105, 148, operations);
    }

    static Stream<List<Operation>> pairs() {
        List<List<Operation>> pairs = new ArrayList<>();
        for (Kind first : Kind.values()) {
            for (Kind second : Kind.values()) {
                if (first != second) {
                    pairs.add(List.of(Operation.of(first), Operation.of(second)));
                }
            }
        }
        return pairs.stream();
    }

    @ParameterizedTest
    @MethodSource("pairs")
    void aMendKeepsWhatIsThereOrAddsOrTakesOneThing(List<Operation> pair) {
        for (boolean filmed : new boolean[] {true, false}) {
            for (Finding<List<Operation>> f : OrderCheck.of(piece(pair), filmed)) {
                if (f.mend() == null) {
                    assertEquals(Weight.FACT, f.weight());
                    continue;
                }
                assertTrue(Math.abs(f.mend().mended().size() - pair.size()) <= 1, f + "");
                assertTrue(f.concern().operation() >= 0 && f.concern().operation() < pair.size());
                assertTrue(f.mend().mended().containsAll(pair), "no step that holds the work is taken away");
                boolean cured = OrderCheck.of(piece(f.mend().mended()), filmed).stream()
                        .noneMatch(again -> again.rule().equals(f.rule()));
                assertTrue(cured, f.rule() + " is cured by its own mend");
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Kind.class)
    void everyOperationHasItsWord(Kind kind) {
        assertTrue(kind.label().length() > 2 && kind.label().equals(kind.label().toLowerCase()));
    }

    private static final Stock SHEET = new Stock(
            "ivory", "Ivory", Stock.Kind.CARD, Surface.SMOOTH, 0.34, 300, 210, 297, 9, true, false, "#f6efdd", 0.5);

    private static SetUp setUp(Board board, boolean leftover) {
        SetUp bare = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30);
        SetUp laid = bare.withStack(bare.stack().with(4, new Layer(board, Facing.UP)))
                .withLayout(FirstLayout.of(Bench.WORDS, Bench.SMOOTH, Bench.PLATFORM, Bench.CRANK, Fixing.LOOSE));
        return !leftover
                ? laid
                : laid.withLayout(laid.layout()
                        .each(p ->
                                new Placed(p.key(), p.plate(), 0, p.across(), p.along(), new FoilFrom("l", 9, 9, 0))));
    }

    private static Supplies supplies(SetUp setUp, int cards, int perCard) {
        Job job = new Job(
                "Cards",
                cards,
                List.of(new JobPiece(
                        "Panel", "ivory", perCard, 105, 148, List.of(new Operation(Kind.HOT_FOIL, "", "s")))));
        return Supplies.of(
                job,
                Map.of("s", setUp),
                new Kit(List.of(), List.of(), List.of(), List.of(), List.of(SHEET), List.of(Bench.COPPER)),
                List.of(),
                RulesOfThumb.USUAL);
    }

    @Test
    void boardsCostByThePassAndFoilFromALeftoverCostsNothing() {
        Board priced = new Board(
                "p",
                "Priced",
                Board.Kind.PLASTIC_SHIM,
                Material.POLYCARBONATE,
                0.1,
                150,
                210,
                1,
                0,
                0,
                100,
                20,
                0,
                false,
                null);
        double sheet = 0.5;
        Supplies four = supplies(setUp(priced, false), 4, 1);
        assertEquals((sheet + 4 * 0.2) / 4, four.costPerCard(), 1e-9);
        assertEquals(List.of("Copper foil"), four.unpriced());
        Supplies from = supplies(setUp(priced, true), 4, 1);
        assertEquals(
                0,
                from.lines().stream()
                        .filter(l -> l.what().equals("foil"))
                        .mapToDouble(Supplies.Line::needed)
                        .sum());
    }

    @Test
    void twoToACardTakeTwiceAsMuch() {
        Board free = Bench.board("f", Board.Kind.PLASTIC_SHIM, Material.POLYCARBONATE, 0.1);
        Supplies one = supplies(setUp(free, false), 8, 1);
        Supplies two = supplies(setUp(free, false), 8, 2);
        assertEquals(2 * need(one, "foil"), need(two, "foil"), 1e-9);
        assertEquals(2, need(one, "stock"));
        assertEquals(4, need(two, "stock"));
    }

    private static double need(Supplies supplies, String what) {
        return supplies.lines().stream()
                .filter(l -> l.what().equals(what))
                .mapToDouble(Supplies.Line::needed)
                .sum();
    }
}
