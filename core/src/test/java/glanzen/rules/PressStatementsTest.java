package glanzen.rules;

import static glanzen.rules.Statements.clean;
import static glanzen.rules.Statements.finding;
import static glanzen.rules.Statements.flipped;
import static glanzen.rules.Statements.mended;
import static glanzen.rules.Statements.stacked;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.Crafts;
import glanzen.artwork.Motif;
import glanzen.finding.Weight;
import glanzen.forecast.Forecast;
import glanzen.kit.Board;
import glanzen.kit.Plate;
import glanzen.kit.Press;
import glanzen.kit.Stock;
import glanzen.material.Surface;
import glanzen.pull.PullModel;
import glanzen.route.Medium;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What people say of cutting and embossing, held against what is computed. */
class PressStatementsTest {

    // Cutting

    private static SetUp sheets(int count, boolean metal) {
        SetUp s = Crafts.started(Route.THIN_CUT);
        Stack stack = s.stack();
        int stock = stack.indexOf(Stock.class);
        for (int i = 1; i < count; i++) {
            stack = stack.with(stock, stack.layers().get(stock));
        }
        SetUp several = s.withStack(stack);
        return metal ? several.withStack(stack.with(several.shimPlace(), new Layer(Bench.METAL, Facing.UP))) : several;
    }

    @Test
    void twoHeavySheetsNeedTheMetalShim() {
        double one = Crafts.forecast(sheets(1, false)).under();
        double two = Crafts.forecast(sheets(2, false)).under();
        double withMetal = Crafts.forecast(sheets(2, true)).under();
        assertTrue(one < 0.4 && two > 0.8 && withMetal < 0.3, one + " " + two + " " + withMetal);
        assertTrue(
                mended(sheets(2, false), "not-through").stack().all(Board.class).size()
                        > sheets(2, false).stack().all(Board.class).size());
        assertTrue(clean(sheets(1, true)) > 0.95, "one sheet with the metal shim scores the plate, which is wear");
    }

    @Test
    void intricateDiesNeedTheMetalShimToo() {
        SetUp thin = Crafts.started(Route.THIN_CUT, Bench.CRANK, Crafts.LACE, Crafts.CARD);
        assertTrue(finding(thin, "not-through").isPresent());
        assertTrue(Crafts.forecast(Crafts.started(Route.INTRICATE_CUT)).under()
                < Crafts.forecast(thin).under() - 0.3);
    }

    @Test
    void theMiddleCutsLastAndAQuarterTurnHelpsMoreThanAgain() {
        SetUp once = Crafts.started(Route.THIN_CUT, Crafts.MOTOR, Crafts.LACE, Crafts.CARD);
        List<PullModel.StripDose> strips = Crafts.forecast(once).strips();
        double middle = strips.get(strips.size() / 2).dose();
        assertTrue(middle < strips.get(0).dose());
        double again = Crafts.forecast(once.withFeed(once.pace(), 2)).under();
        double turned =
                Crafts.forecast(once.withFeed(once.pace(), 2).withTurned(true)).under();
        assertTrue(again < Crafts.forecast(once).under());
        assertTrue(turned <= again + 0.02, turned + " turned, " + again + " again");
    }

    /** 155 × 215 mm boards cannot lie across a 155 mm throat. */
    @Test
    void aQuarterTurnIsForBoardsThatFitTheThroatBothWays() {
        SetUp once = Crafts.started(Route.THIN_CUT, Bench.CRANK, Crafts.LACE, Crafts.CARD);
        SetUp turned = once.withFeed(once.pace(), 2).withTurned(true);
        assertEquals(Weight.STOP, finding(turned, "too-wide").orElseThrow().weight());
        assertTrue(finding(mended(turned, "too-wide"), "too-wide").isEmpty());
        assertTrue(finding(once.withTurned(true), "too-wide").isEmpty(), "one pass turns nothing");
        assertTrue(Crafts.advice(once).best().stream().noneMatch(p -> p.setUp().turned()));
        assertTrue(Crafts.schools(once).stream()
                .flatMap(s -> s.ways().stream())
                .noneMatch(w -> w.setUp().turned()));
        SetUp wide = Crafts.started(Route.THIN_CUT, Crafts.MOTOR, Crafts.LACE, Crafts.CARD);
        assertTrue(finding(wide.withFeed(wide.pace(), 2).withTurned(true), "too-wide")
                .isEmpty());
        assertTrue(Crafts.schools(wide).stream()
                .flatMap(s -> s.ways().stream())
                .anyMatch(w -> w.setUp().turned()));
    }

    @Test
    void theEdgeFacesTheStockWhicheverWayTheDieLies() {
        SetUp up = Crafts.started(Route.THIN_CUT);
        assertEquals(
                Weight.STOP,
                finding(flipped(up, Plate.class), "edge-face").orElseThrow().weight());
        int die = up.stack().indexOf(Plate.class);
        SetUp down = up.withStack(up.stack()
                .replaced(die, up.stack().layers().get(die + 1))
                .replaced(die + 1, up.stack().layers().get(die).flipped()));
        assertTrue(Rules.pullable(Rules.check(down, Crafts.SHOP)));
        assertEquals(clean(up), clean(down), 0.1);
    }

    @Test
    void aThickDieWantsNoMagneticShimAndFeltGoesUnderSteelRule() {
        SetUp felt = Crafts.started(Route.THICK_CUT);
        assertTrue(clean(felt) > 0.5);
        SetUp magnet = felt.withStack(felt.stack().with(1, new Layer(Crafts.MAGNETIC, Facing.UP)));
        assertEquals(felt.stack(), mended(magnet, "magnet-thick").stack());
    }

    // Embossing

    @Test
    void aDeepFolderIsSlackBetweenOnePlateAndAPlasticShimAndRightBetweenTwoPlates() {
        SetUp two = Crafts.started(Route.DEEP_FOLDER);
        SetUp one = stacked(two, Crafts.BASE, Crafts.OUTER, Crafts.MAGNETIC, Crafts.DEEP, Crafts.CARD, Bench.PLASTIC);
        assertEquals(Weight.STOP, finding(one, "not-gripped").orElseThrow().weight());
        assertTrue(Crafts.forecast(one).under() > 0.99);
        assertTrue(clean(two) > 0.5, "" + clean(two));
    }

    @Test
    void aFlatFolderWithThePlasticShimIsRefused() {
        Press motor = new Press("motor", "Motor", Press.Kind.MOTOR, 14.00, 2200, 15, 230, 1600, 0.20, 4.5, 7, 10);
        SetUp flat = Crafts.started(Route.FLAT_FOLDER).withMachine(motor);
        SetUp plastic = flat.withStack(flat.stack().with(flat.shimPlace(), new Layer(Bench.PLASTIC, Facing.UP)));
        assertTrue(Rules.pullable(Rules.check(flat, Crafts.SHOP)));
        assertFalse(Rules.pullable(Rules.check(plastic, Crafts.SHOP)));
        assertTrue(Crafts.forecast(plastic).refused() > 0.5);
        assertTrue(Rules.pullable(Rules.check(mended(plastic, "too-thick"), Crafts.SHOP)));
    }

    @Test
    void aFolderDoesNotWantTheMat() {
        SetUp flat = Crafts.started(Route.FLAT_FOLDER);
        SetUp mat = flat.withStack(flat.stack().with(1, new Layer(Crafts.MAT, Facing.UP)));
        assertEquals(flat.stack(), mended(mat, "folder-mat").stack());
    }

    @Test
    void theMagneticShimComesOutForTheSecondPassWithTheMat() {
        SetUp emboss = Crafts.started(Route.CUT_THEN_EMBOSS);
        SetUp both = emboss.withStack(emboss.stack().with(1, new Layer(Crafts.MAGNETIC, Facing.UP)));
        assertEquals(emboss.stack(), mended(both, "mat-and-magnet").stack());
        SetUp bare = emboss.withStack(emboss.stack().without(emboss.stack().indexWhere(i -> i.equals(Crafts.MAT))));
        assertEquals(emboss.stack(), mended(bare, "missing-board").stack());
    }

    @Test
    void moreShimsMakeAStencilDeeper() {
        SetUp one = Crafts.started(Route.STENCIL_EMBOSS);
        SetUp more =
                one.withStack(one.stack().with(one.stack().layers().size(), new Layer(Bench.THIN_CARD, Facing.UP)));
        Forecast shallow = Crafts.forecast(one);
        Forecast deep = Crafts.forecast(more);
        assertTrue(deep.dose().middle() > shallow.dose().middle());
        assertTrue(finding(one, "raised-side").orElseThrow().what().contains("raised")
                != finding(flipped(one, Stock.class), "raised-side")
                        .orElseThrow()
                        .what()
                        .contains("raised"));
    }

    @Test
    void aFolderWithDiesHasToComeOutTwice() {
        SetUp both = Crafts.started(Route.CUTTING_FOLDER);
        assertTrue(Crafts.forecast(both).nip().middle().lineNPerMm() > 0);
        assertTrue(Crafts.forecast(both).nip().middle().debossMm() > 0);
        Stock two = Crafts.sheet("thick", Stock.Kind.CARD, Surface.SMOOTH, 0.6, 500);
        int stock = both.stack().indexOf(Stock.class);
        SetUp thick = both.withStack(both.stack().replaced(stock, new Layer(two, Facing.DOWN)));
        assertTrue(clean(thick) != clean(both));
    }

    // Other routes of a press

    @Test
    void aFullWeightCardBehindADieOverFoilsAndAThinOneIsOftenEnough() {
        SetUp thin = Crafts.started(Route.DIE_AS_PLATE);
        int card = thin.stack().indexWhere(i -> i.equals(Bench.THIN_CARD));
        SetUp full = thin.withStack(thin.stack().replaced(card, new Layer(Bench.CARD_SHIM, Facing.UP)));
        assertTrue(Crafts.forecast(full).over() > Crafts.forecast(thin).over());
        assertTrue(Crafts.forecast(full).under() < Crafts.forecast(thin).under());
    }

    @Test
    void aPlateWithoutHeatIsBlindOrInkedAndPrintDoesNotGoWithDeepRelief() {
        SetUp blind = Crafts.started(Route.COLD_PLATE);
        assertTrue(finding(blind, "ink-thin").isEmpty()
                && finding(blind, "ink-rim").isEmpty());
        SetUp light = blind.withMedium(Medium.ON_PLATE);
        while (finding(light, "ink-thin").isEmpty()) {
            light = light.withStack(light.stack().without(0));
        }
        SetUp hard = light;
        while (finding(hard, "ink-rim").isEmpty()) {
            hard = hard.withStack(hard.stack().with(0, new Layer(Bench.PLASTIC, Facing.UP)));
        }
        assertEquals(Medium.NONE, mended(hard, "ink-rim").medium());
    }

    /** Over the stock a plate must look down at it; that it would look up below it helps nobody. */
    @Test
    void aPlateWithoutHeatMeetsTheStockFromEitherSide() {
        SetUp below = Crafts.started(Route.COLD_PLATE);
        int tool = below.stack().indexWhere(i -> i.equals(below.plate()));
        int stock = below.stack().indexOf(Stock.class);
        SetUp over = below.withStack(below.stack().moved(tool, stock));
        assertTrue(finding(below, "plate-face").isEmpty());
        assertTrue(finding(over, "plate-face").isPresent());
        assertTrue(finding(mended(over, "plate-face"), "plate-face").isEmpty());
    }

    @Test
    void aDieLongerThanItsPlatesIsCutInPart() {
        Plate tall = Crafts.tool("tall", Plate.Kind.THIN_DIE, 1.1, 60, 240, Motif.of(Motif.Kind.FRAME));
        SetUp s = Crafts.started(Route.THIN_CUT, Bench.CRANK, tall, Crafts.CARD);
        SetUp partial = mended(s, "die-overhang");
        assertEquals(Route.PARTIAL_CUT, partial.route());
        assertTrue(finding(partial, "die-overhang").isEmpty());
        assertEquals(Weight.FACT, finding(partial, "partial-edge").orElseThrow().weight());
    }
}
