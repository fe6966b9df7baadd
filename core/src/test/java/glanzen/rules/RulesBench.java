package glanzen.rules;

import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.Motif;
import glanzen.finding.Finding;
import glanzen.kit.Board;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.material.Material;
import glanzen.route.Route;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import java.util.List;
import java.util.Optional;

/** A shelf, a good set-up on it, and what rules find and mend; what tests of rules begin with. */
final class RulesBench {

    static final Board TISSUE = Bench.board("tissue", Board.Kind.TISSUE_SHIM, Material.TISSUE, 0.04);
    static final Board MAT = Bench.board("mat", Board.Kind.EMBOSSING_MAT, Material.RUBBER, 1.5);
    static final Board MAGNET = Bench.board("magnet", Board.Kind.MAGNETIC_SHIM, Material.STEEL, 0.8);
    static final List<Board> SHELF =
            List.of(Bench.SPACER, Bench.PLASTIC, Bench.METAL, Bench.CARD_SHIM, Bench.THIN_CARD, TISSUE);
    static final Inventory SHOP = new Inventory(SHELF, new ArtworkShelf());
    static final SetUp GOOD = Bench.setUp(Route.HOT_PLATE, wide(), 0, 30);

    /** Words on a plate too large to be knocked askew. */
    static Plate wide() {
        return new Plate("w", "Words", Plate.Kind.PLATE, Material.BRASS, 1.6, 80, 40, Motif.words("Honey Show"));
    }

    static Optional<Finding<SetUp>> finding(SetUp setUp, String rule) {
        return Rules.check(setUp, SHOP).stream()
                .filter(f -> f.rule().key().equals(rule))
                .findFirst();
    }

    static Finding<SetUp> broken(SetUp setUp, String rule) {
        return finding(setUp, rule)
                .orElseThrow(() -> new AssertionError(rule + " not found in " + Rules.check(setUp, SHOP)));
    }

    /** The rule is broken, its mend can be applied, and then it is broken no more. */
    static SetUp mended(SetUp setUp, String rule) {
        Finding<SetUp> finding = broken(setUp, rule);
        assertNotNull(finding.mend(), rule + " has no mend");
        SetUp after = finding.mend().mended();
        assertTrue(
                finding(after, rule).isEmpty(),
                rule + " is still broken after: " + finding.mend().label());
        return after;
    }

    static SetUp flipped(int index) {
        Layer layer = GOOD.stack().layers().get(index);
        return GOOD.withStack(GOOD.stack().replaced(index, layer.flipped()));
    }

    static SetUp with(Board board, int index) {
        return GOOD.withStack(GOOD.stack().with(index, new Layer(board, Facing.UP)));
    }

    static SetUp onStock(Stock stock) {
        return GOOD.withStack(GOOD.stack().replaced(3, new Layer(stock, Facing.DOWN)));
    }

    private RulesBench() {}
}
