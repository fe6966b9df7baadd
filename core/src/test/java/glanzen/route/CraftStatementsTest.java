package glanzen.route;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.forecast.Forecast;
import glanzen.forecast.PullModel;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Pace;
import glanzen.kit.Plate;
import glanzen.kit.Press;
import glanzen.kit.StackItem;
import glanzen.kit.Stock;
import glanzen.material.Surface;
import glanzen.route.Finding.Severity;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What people at the bench say, held against what is computed. */
class CraftStatementsTest {

    private static Optional<Finding> finding(SetUp s, String rule) {
        return Rules.check(s, Crafts.SHOP).stream()
                .filter(f -> f.rule().equals(rule))
                .findFirst();
    }

    private static SetUp mended(SetUp s, String rule) {
        Finding f = finding(s, rule).orElseThrow(() -> new AssertionError(rule + " is not found"));
        return Objects.requireNonNull(f.mend()).mended();
    }

    private static double clean(SetUp s) {
        return Crafts.forecast(s).clean();
    }

    private static SetUp stacked(SetUp s, Object... bottomToTop) {
        List<Layer> layers = Arrays.stream(bottomToTop)
                .map(item -> new Layer((StackItem) item, item instanceof Stock ? Facing.DOWN : Facing.UP))
                .toList();
        return s.withStack(new Stack(layers));
    }

    // Toner

    @Test
    void aHouseholdLaminatorWantsItsHalfHour() {
        SetUp warm = Crafts.started(Route.TONER, Crafts.LAMINATOR, Crafts.tool(Route.TONER), Crafts.stock(Route.TONER));
        SetUp atReadyLight = warm.withSoak(warm.heating(), 360);
        assertEquals(1800, warm.soakSeconds());
        assertTrue(clean(warm) > 0.5, "warm " + clean(warm));
        assertTrue(Crafts.forecast(atReadyLight).under() > 0.9);
        assertEquals(1800, mended(atReadyLight, "warm-up").soakSeconds());
    }

    @Test
    void aSecondPassGivesTonerMore() {
        SetUp once = Crafts.started(Route.TONER);
        double dose = Crafts.forecast(once).dose().middle();
        assertEquals(
                2 * dose, Crafts.forecast(once.withFeed(once.pace(), 2)).dose().middle(), 0.5 * dose);
    }

    @Test
    void tonerIsPeeledCold() {
        SetUp warm = Crafts.started(Route.TONER).withPeel(Peel.WARM);
        assertEquals(Peel.COLD, mended(warm, "toner-peel").peel());
    }

    @Test
    void hotFoilIsNoFoilForToner() {
        SetUp s = Crafts.started(Route.TONER);
        int film = s.stack().indexOf(Film.class);
        SetUp wrong = s.withStack(s.stack().replaced(film, new Layer(Bench.COPPER, Facing.UP)));
        assertEquals(Severity.STOP, finding(wrong, "film-kind").orElseThrow().severity());
    }

    // Gel

    @Test
    void coldGelFailsInRollersWithoutPressureAndWorksInAPress() {
        SetUp hot = Crafts.started(Route.GEL_HEATED);
        SetUp coldRollers = hot.withSoak(hot.heating(), 0);
        assertTrue(Crafts.forecast(hot).under() < 0.05);
        assertTrue(Crafts.forecast(coldRollers).under() > 0.95);
        assertTrue(Crafts.forecast(Crafts.started(Route.GEL_COLD)).under() < 0.4);
    }

    @Test
    void wetGelIsSquashedToABlob() {
        SetUp dry = Crafts.started(Route.GEL_COLD);
        Gel gel = Objects.requireNonNull(dry.gel());
        SetUp wet = dry.withGel(gel.dried(3600));
        assertTrue(Crafts.forecast(wet).over() + Crafts.forecast(wet).both() > 0.95);
        assertEquals(Severity.STOP, finding(wet, "gel-wet").orElseThrow().severity());
        SetUp waited = mended(wet, "gel-wet");
        assertTrue(finding(waited, "gel-wet").isEmpty());
        assertTrue(Objects.requireNonNull(waited.gel()).driedSeconds() < 5 * 3600, "thin coats take hours");
    }

    @Test
    void thickGelNeedsADay() {
        SetUp s = Crafts.started(Route.GEL_COLD);
        SetUp thick = s.withGel(new Gel(0.5, 4 * 3600, 0.5, false));
        assertTrue(Objects.requireNonNull(mended(thick, "gel-wet").gel()).driedSeconds() > 20 * 3600);
    }

    @Test
    void sprayLeavesAHaloForFoilAndHardlyForFlock() {
        SetUp foil = Crafts.started(Route.GEL_HEATED).withFeed(Pace.STEADY, 1);
        SetUp flock = Crafts.started(Route.FLOCK);
        assertTrue(clean(foil) > 0.5, "" + clean(foil));
        assertTrue(clean(spray(foil)) < 0.05);
        assertTrue(clean(spray(flock)) > 0.75 * clean(flock), clean(spray(flock)) + " of " + clean(flock));
        assertFalse(
                Objects.requireNonNull(mended(spray(foil), "spray-foil").gel()).sprayed());
    }

    private static SetUp spray(SetUp s) {
        return s.withGel(Objects.requireNonNull(s.gel()).spraying(true));
    }

    @Test
    void oldGelHoldsLess() {
        SetUp fresh = Crafts.started(Route.FLOCK);
        SetUp old = fresh.withGel(Objects.requireNonNull(fresh.gel()).dried(20 * 24 * 3600));
        assertTrue(finding(old, "gel-old").isPresent());
        assertTrue(Crafts.forecast(old).under() > Crafts.forecast(fresh).under() + 0.3);
    }

    @Test
    void severalPassesDoFlockNoHarm() {
        SetUp twice = Crafts.started(Route.FLOCK);
        assertEquals(2, twice.passes());
        assertTrue(clean(twice) > clean(twice.withFeed(Pace.SLOW, 1)));
        assertEquals(
                "film-face",
                finding(flipped(twice, Film.class), "film-face").orElseThrow().rule());
    }

    private static SetUp flipped(SetUp s, Class<? extends StackItem> kind) {
        int at = s.stack().indexOf(kind);
        return s.withStack(s.stack().replaced(at, s.stack().layers().get(at).flipped()));
    }

    @Test
    void scrapsWantParchmentOverThemAndASlowPass() {
        SetUp s = Crafts.started(Route.REACTIVE_INK);
        SetUp bare = s.withStack(s.stack().without(s.stack().layers().size() - 1));
        assertEquals(s.stack(), mended(bare, "missing-board").stack());
        assertEquals(Pace.SLOW, mended(s.withFeed(Pace.BRISK, 1), "ink-slow").pace());
        assertTrue(Crafts.forecast(s.withFeed(Pace.BRISK, 1)).under()
                > Crafts.forecast(s).under());
    }

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
        assertTrue(Crafts.forecast(sheets(1, true)).over() > 0.5, "one sheet with the metal shim bites into the plate");
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
        List<PullModel.Across> strips = Crafts.forecast(once).across();
        double middle = strips.get(strips.size() / 2).dose();
        assertTrue(middle < strips.get(0).dose());
        double again = Crafts.forecast(once.withFeed(once.pace(), 2)).under();
        double turned =
                Crafts.forecast(once.withFeed(once.pace(), 2).withTurned(true)).under();
        assertTrue(again < Crafts.forecast(once).under());
        assertTrue(turned <= again + 0.02, turned + " turned, " + again + " again");
    }

    @Test
    void theEdgeFacesTheStockWhicheverWayTheDieLies() {
        SetUp up = Crafts.started(Route.THIN_CUT);
        assertEquals(
                Severity.STOP,
                finding(flipped(up, Plate.class), "edge-face").orElseThrow().severity());
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
        assertEquals(Severity.STOP, finding(one, "not-gripped").orElseThrow().severity());
        assertTrue(Crafts.forecast(one).under() > 0.99);
        assertTrue(clean(two) > 0.5, "" + clean(two));
    }

    @Test
    void aFlatFolderWithThePlasticShimIsRefused() {
        SetUp flat = Crafts.started(Route.FLAT_FOLDER);
        SetUp plastic = flat.withStack(flat.stack().with(flat.shimPlace(), new Layer(Bench.PLASTIC, Facing.UP)));
        assertTrue(Rules.pullable(Rules.check(flat, Crafts.SHOP)));
        assertFalse(Rules.pullable(Rules.check(plastic, Crafts.SHOP)));
        assertTrue(Rules.pullable(Rules.check(mended(plastic, "tears"), Crafts.SHOP)));
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
        assertTrue(Crafts.forecast(both).nip().lineNPerMm() > 0);
        assertTrue(Crafts.forecast(both).nip().debossMm() > 0);
        Stock two = Crafts.sheet("thick", Stock.Kind.CARD, Surface.SMOOTH, 0.6, 500);
        int stock = both.stack().indexOf(Stock.class);
        SetUp thick = both.withStack(both.stack().replaced(stock, new Layer(two, Facing.DOWN)));
        assertTrue(clean(thick) != clean(both));
    }

    // Machines

    @ParameterizedTest
    @EnumSource(Route.class)
    void aMachineThatCannotDoARouteIsNamedAndAnotherOffered(Route route) {
        SetUp s = Crafts.started(route);
        SetUp wrong = s.withMachine(route.machines().contains(Crafts.ROLLERS.kind()) ? Crafts.MOTOR : Crafts.ROLLERS);
        if (route == Route.REACTIVE_INK) {
            wrong = s.withMachine(Crafts.LAMINATOR);
        }
        assertFalse(Rules.computable(wrong));
        Finding finding = finding(wrong, "machine-fit").orElseThrow();
        assertEquals(Severity.STOP, finding.severity());
        if (!route.heated()) {
            assertTrue(Rules.computable(Objects.requireNonNull(finding.mend()).mended()));
        }
    }

    @Test
    void aSensorWantsToSeeThePlates() {
        Press seeing = new Press("seeing", "Blink", Press.Kind.MOTOR, 14, 2000, 14, 230, 2400, 0.2, 5, 9, 13, true);
        SetUp s = Crafts.started(Route.THIN_CUT).withMachine(seeing);
        assertEquals(Severity.STOP, finding(s, "sensor").orElseThrow().severity());
    }

    @Test
    void rollersOpenOnlySoFar() {
        SetUp s = Crafts.started(Route.TONER);
        HeatedRollers narrow = new HeatedRollers(
                "n", "Narrow", Crafts.ROLLERS.kind(), 230, 0.3, 0.2, 8, Crafts.ROLLERS.settings(), 300, 0.1, 5, 9, 15);
        assertTrue(finding(s.withMachine(narrow), "too-thick").isPresent());
    }

    @Test
    void whatIsNotOwnedIsNamedWithWhatCouldStandIn() {
        SetUp s = Crafts.started(Route.TONER);
        SetUp bare = s.withStack(s.stack().without(0));
        Workshop poor = new Workshop(List.of(Crafts.PARCHMENT), Crafts.ARTWORKS);
        Finding finding = Rules.check(bare, poor).stream()
                .filter(f -> f.rule().equals("missing-board"))
                .findFirst()
                .orElseThrow();
        assertTrue(finding.what().contains("parchment can stand in"), finding.what());
        assertTrue(Rules.computable(Objects.requireNonNull(finding.mend()).mended()));
    }
}
