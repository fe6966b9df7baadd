package glanzen.rules;

import static glanzen.rules.RulesBench.GOOD;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.Crafts;
import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.Motif;
import glanzen.finding.Finding.Mend;
import glanzen.finding.RuleId;
import glanzen.finding.Weight;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Board;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.material.Material;
import glanzen.route.Route;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Boards laid, taken out and exchanged so that a stack fits its press, and what stands in for what nobody owns. */
class ThicknessTest {

    private static final Board ONE_THIN = one("one-thin", 0.20);
    private static final Board ONE_MORE = one("one-more", 0.25);

    private static Board one(String id, double mm) {
        return new Board(id, id, Board.Kind.PLASTIC_SHIM, Material.POLYCARBONATE, mm, 155, 215, 1, 0, 0, 100);
    }

    private static Inventory owning(Board... boards) {
        return new Inventory(List.of(boards), new ArtworkShelf());
    }

    /** A good set-up on a platform that is thinner by so much, mm. */
    private static SetUp lower(double mm) {
        Platform p = Bench.PLATFORM;
        Platform low = new Platform(
                p.id(), p.name(), p.thicknessMm() - mm, p.widthMm(), p.heightMm(), 900, 0.6, 150, p.levels(), 20);
        return GOOD.withStack(GOOD.stack().replaced(0, new Layer(low, Facing.UP)));
    }

    private static Mend<SetUp> thicker(SetUp s, Inventory shop) {
        return new Thickness(s, shop).thicker();
    }

    @Test
    void twoShimsAreOfferedWhereOneDoesNotDo() {
        Mend<SetUp> mend = thicker(lower(0.85), owning(ONE_THIN, ONE_MORE));
        assertNotNull(mend);
        assertEquals("Add one-thin and one-more", mend.label());
        assertTrue(mend.mended().overfillMm() > 0);
    }

    @Test
    void aShimIsExchangedForAThickerOne() {
        SetUp lower = lower(0.85);
        SetUp thinly = lower.withStack(lower.stack().replaced(4, new Layer(ONE_THIN, Facing.UP)));
        Mend<SetUp> mend = thicker(thinly, owning(ONE_THIN, one("other", 0.95)));
        assertNotNull(mend);
        assertTrue(List.of("Add other", "Use other for one-thin").contains(mend.label()), mend.label());
    }

    @Test
    void nothingIsOfferedThatDoesNotHelpOrIsNotThere() {
        assertNull(thicker(lower(2), owning(ONE_THIN, ONE_MORE)), "two are not enough");
        SetUp lying = lower(0.6).withStack(lower(0.6).stack().with(4, new Layer(ONE_THIN, Facing.UP)));
        assertNull(thicker(lower(0.9), owning(Bench.SPACER)), "a spacer is no shim");
        assertTrue(lying.overfillMm() > 0);
        SetUp short2 = lower(0.75).withStack(lower(0.75).stack().with(4, new Layer(ONE_THIN, Facing.UP)));
        assertNull(thicker(short2, owning(ONE_THIN)), "the only one lies there already");
    }

    @Test
    void aStackOfAsManyLayersAsThereMayBeIsChecked() {
        SetUp lower = lower(8);
        int more = Stack.MOST - lower.stack().layers().size();
        List<Layer> layers = new ArrayList<>(lower.stack().layers());
        layers.addAll(4, Collections.nCopies(more, new Layer(RulesBench.TISSUE, Facing.UP)));
        layers.set(Stack.MOST - 1, new Layer(Bench.METAL, Facing.UP));
        SetUp full = lower.withStack(new Stack(layers));
        assertNull(RulesBench.broken(full, "spacer-missing").mend());
        assertNull(RulesBench.broken(full, "not-gripped").mend());
    }

    @Test
    void whatIsTooThickIsNotThinnedToWhatIsNotGripped() {
        SetUp cut = Crafts.started(Route.THIN_CUT);
        SetUp thick = cut.withStack(cut.stack().with(1, new Layer(Crafts.OUTER, Facing.UP)));
        Mend<SetUp> mend = new Thickness(thick, Crafts.SHOP).thinner();
        assertNotNull(mend);
        assertTrue(mend.mended().overfillMm() > 0, mend.label());
        assertTrue(Rules.pullable(Rules.check(mend.mended(), Crafts.SHOP)), mend.label());
    }

    @Test
    void anOuterPlateOnTopStandsInForASpacerNobodyOwns() {
        Inventory none = owning(Crafts.OUTER, Bench.PLASTIC);
        SetUp without =
                GOOD.withStack(GOOD.stack().without(GOOD.stack().layers().size() - 1));
        SetUp mended = Rules.check(without, none).stream()
                .filter(f -> f.rule() == RuleId.SPACER_MISSING)
                .findFirst()
                .orElseThrow()
                .mend()
                .mended();
        assertTrue(Rules.check(mended, none).stream().noneMatch(f -> f.rule() == RuleId.SPACER_MISSING));
        assertTrue(
                Rules.check(mended, RulesBench.SHOP).stream().anyMatch(f -> f.rule() == RuleId.SPACER_MISSING),
                "who owns one takes it");
    }

    @Test
    void anEmbossingPlateIsStoodInForOnItsOwnSide() {
        SetUp started = Crafts.started(Route.STENCIL_EMBOSS);
        int at = started.stack().indexOf(Board.class);
        int plate = started.stack().indexWhere(i -> i.equals(Crafts.EMBOSSING_PLATE));
        Inventory none = owning(Crafts.OUTER, Crafts.MAT, Bench.PLASTIC, Crafts.BASE);
        Layer outer = new Layer(Crafts.OUTER, Facing.UP);
        SetUp above = started.withStack(started.stack().replaced(plate, outer));
        assertTrue(missing(above, none).isEmpty(), missing(above, none) + "");
        SetUp below = started.withStack(started.stack().without(plate).with(at, outer));
        assertEquals(1, missing(below, none).size());
    }

    private static List<?> missing(SetUp s, Inventory shop) {
        return Rules.check(s, shop).stream()
                .filter(f -> f.rule() == RuleId.MISSING_BOARD)
                .toList();
    }

    @Test
    void aDieWhoseLineLiesAroundTheSheetIsComputedAllTheSame() {
        Plate frame = Crafts.tool("frame", Plate.Kind.THIN_DIE, 1.1, 110, 150, Motif.of(Motif.Kind.FRAME));
        SetUp s = Crafts.started(Route.DIE_AS_PLATE, Bench.CRANK, frame, Bench.SMOOTH);
        assertTrue(Rules.check(s, Crafts.SHOP).stream().anyMatch(f -> f.rule() == RuleId.OFF_PIECE));
        assertTrue(Rules.greatestForceN(s, Crafts.SHOP) > 0);
        double sum =
                new Forecaster(Crafts.ARTWORKS).forecast(s, RigEnsemble.fresh()).clean();
        assertTrue(sum >= 0 && sum <= 1);
        assertTrue(Rules.check(s, Crafts.SHOP).stream().allMatch(f -> f.weight() != null && f.weight() != Weight.STOP));
    }
}
