package glanzen.rules;

import static glanzen.rules.RulesBench.GOOD;
import static glanzen.rules.RulesBench.MAGNET;
import static glanzen.rules.RulesBench.MAT;
import static glanzen.rules.RulesBench.SHOP;
import static glanzen.rules.RulesBench.broken;
import static glanzen.rules.RulesBench.finding;
import static glanzen.rules.RulesBench.flipped;
import static glanzen.rules.RulesBench.mended;
import static glanzen.rules.RulesBench.onStock;
import static glanzen.rules.RulesBench.wide;
import static glanzen.rules.RulesBench.with;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.artwork.Motif;
import glanzen.finding.Finding;
import glanzen.finding.Weight;
import glanzen.heat.Cooling;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.Pace;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.kit.Stock;
import glanzen.layout.Layout;
import glanzen.material.Material;
import glanzen.material.Surface;
import glanzen.route.Heating;
import glanzen.route.Medium;
import glanzen.route.Peel;
import glanzen.route.Route;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class RulesTest {

    @Test
    void aSoundStackBreaksNothing() {
        assertEquals(List.of(), Rules.check(GOOD, SHOP));
        assertTrue(Rules.pullable(Rules.check(GOOD, SHOP)));
    }

    @ParameterizedTest
    @ValueSource(strings = {"plate-face:1", "film-face:2", "stock-face:3"})
    void facesAreTurnedBack(String ruleAt) {
        String rule = ruleAt.split(":")[0];
        int layer = Integer.parseInt(ruleAt.split(":")[1]);
        assertEquals(layer, broken(flipped(layer), rule).concern().layer());
        assertEquals(GOOD, mended(flipped(layer), rule));
        assertFalse(Rules.pullable(Rules.check(flipped(layer), SHOP)));
    }

    @Test
    void aStackHasOneTool() {
        SetUp two = GOOD.withStack(GOOD.stack().with(2, new Layer(Bench.WORDS, Facing.UP)));
        assertEquals(Weight.STOP, broken(two, "too-many-layers").weight());
        assertEquals(GOOD, mended(two, "too-many-layers"));
        assertFalse(Rules.computable(two));
    }

    @ParameterizedTest
    @ValueSource(strings = {"platform:0", "plate:1", "foil:2", "stock:3"})
    void nothingMustBeMissing(String nameAt) {
        String name = nameAt.split(":")[0];
        SetUp without = GOOD.withStack(GOOD.stack().without(Integer.parseInt(nameAt.split(":")[1])));
        Finding<SetUp> missing = broken(without, "missing-layer");
        assertEquals(Weight.STOP, missing.weight());
        assertTrue(missing.what().contains(name), missing.what());
        assertFalse(Rules.computable(without));
    }

    @Test
    void orderIsRestored() {
        SetUp mixed = GOOD.withStack(GOOD.stack().moved(2, 4));
        assertEquals(GOOD.stack(), mended(mixed, "order").stack());
        SetUp stockFirst = GOOD.withStack(GOOD.stack().moved(3, 1));
        assertEquals(GOOD.stack(), mended(stockFirst, "order").stack());
    }

    @Test
    void theSpacerLiesOnTop() {
        SetUp without = GOOD.withStack(GOOD.stack().without(5));
        SetUp after = mended(without, "spacer-missing");
        assertEquals(Bench.SPACER, after.stack().layers().get(5).item());
        SetUp buried = GOOD.withStack(GOOD.stack().moved(5, 4));
        assertEquals(GOOD, mended(buried, "spacer-top"));
    }

    @Test
    void rollersNeverTouchMetalOrCard() {
        SetUp metalBelow = with(Bench.METAL, 0);
        assertEquals(0, broken(metalBelow, "rollers").concern().layer());
        mended(metalBelow, "rollers");
        SetUp cardOnTop = with(Bench.CARD_SHIM, 6);
        assertEquals(6, broken(cardOnTop, "rollers").concern().layer());
        mended(cardOnTop, "rollers");
        assertTrue(finding(with(Bench.PLASTIC, 0), "rollers").isEmpty(), "a plastic shim may lie under the platform");
    }

    @Test
    void matAndMagnetExcludeEachOther() {
        SetUp both = GOOD.withStack(with(MAT, 4).stack().with(4, new Layer(MAGNET, Facing.UP)));
        assertEquals(Weight.STOP, broken(both, "mat-and-magnet").weight());
        mended(both, "mat-and-magnet");
        mended(with(MAT, 4), "mat-heated");
    }

    @Test
    void aStackThatIsNotGrippedGetsTheThinnestShimThatHelps() {
        Platform thin = new Platform("a5", "A5", 8.45, 150, 210, 900, 0.6, 150, Bench.PLATFORM.levels(), 20);
        SetUp loose = GOOD.withStack(GOOD.stack().replaced(0, new Layer(thin, Facing.UP)));
        assertTrue(loose.overfillMm() < 0);
        SetUp after = mended(loose, "not-gripped");
        assertEquals(Bench.THIN_CARD, after.stack().layers().get(4).item());
    }

    @ParameterizedTest
    @EnumSource(Press.Kind.class)
    void aStackThePressRefusesLosesItsThickestShim(Press.Kind kind) {
        Press press = new Press("p", "Whirr", kind, 14, 2200, 15, 155, 900, 0.1, 4, 8, 14);
        SetUp thick = new SetUp(
                Route.HOT_PLATE,
                press,
                new Heat.OnPlatform(Bench.PLATFORM, 0, Heating.ALONE, 30, 12),
                null,
                with(Bench.METAL, 4).stack(),
                Pace.SLOW,
                1,
                false,
                Peel.COLD,
                Medium.NONE,
                false,
                null,
                21,
                Layout.NONE);
        Finding<SetUp> finding = broken(thick, "too-thick");
        assertTrue(finding.why().contains(kind == Press.Kind.MOTOR ? "Reverse" : "Never force"));
        assertEquals(
                "Take plastic out", finding.mend() == null ? "" : finding.mend().label());
    }

    @Test
    void nothingIsWiderThanTheThroat() {
        Board wide =
                new Board("wide", "Wide", Board.Kind.PLASTIC_SHIM, Material.POLYCARBONATE, 0.5, 200, 300, 1, 0, 0, 100);
        assertEquals(4, broken(with(wide, 4), "too-wide").concern().layer());
    }

    @Test
    void platesFitTheirPlatformAndStock() {
        Plate huge =
                new Plate("h", "Huge", Plate.Kind.PLATE, Material.BRASS, 1.6, 250, 100, Motif.of(Motif.Kind.BORDER));
        SetUp setUp = GOOD.withStack(GOOD.stack().replaced(1, new Layer(huge, Facing.UP)));
        assertEquals(1, broken(setUp, "plate-overhang").concern().layer());
        assertEquals(3, broken(setUp, "stock-small").concern().layer());
    }

    @Test
    void aBoardIsUsedNoMoreOftenThanItIsOwned() {
        Board single =
                new Board("one", "One", Board.Kind.PLASTIC_SHIM, Material.POLYCARBONATE, 0.1, 150, 210, 1, 0, 0, 100);
        SetUp twice = GOOD.withStack(with(single, 4).stack().with(4, new Layer(single, Facing.UP)));
        mended(twice, "owned");
    }

    @Test
    void bowedAndWornBoardsAreSwapped() {
        Board bowed =
                new Board("b", "Bowed", Board.Kind.PLASTIC_SHIM, Material.POLYCARBONATE, 0.45, 150, 210, 1, 7, 0, 100);
        SetUp bad = GOOD.withStack(GOOD.stack().replaced(4, new Layer(bowed, Facing.UP)));
        assertEquals(Weight.STOP, broken(bad, "bowed").weight());
        assertEquals(Bench.PLASTIC, mended(bad, "bowed").stack().layers().get(4).item());
        Board worn =
                new Board("w", "Worn", Board.Kind.PLASTIC_SHIM, Material.POLYCARBONATE, 0.45, 150, 210, 1, 0, 101, 100);
        SetUp old = GOOD.withStack(GOOD.stack().replaced(4, new Layer(worn, Facing.UP)));
        assertEquals(Weight.WARN, broken(old, "worn").weight());
        mended(old, "worn");
    }

    @Test
    void foilThatIsNearlySpentIsNoticed() {
        Film spent = new Film("f", "Spent", Film.Kind.HOT_FOIL, 0.012, 100, 5000, 3, "#b8683a");
        assertTrue(finding(GOOD.withStack(GOOD.stack().replaced(2, new Layer(spent, Facing.DOWN))), "foil-short")
                .isPresent());
    }

    @Test
    void stockMustBearTheHeat() {
        Stock plain = new Stock(
                "a", "Acetate", Stock.Kind.ACETATE, Surface.ACETATE, 0.2, 0, 105, 148, 5, false, false, "#eeeeee");
        Finding<SetUp> finding = broken(onStock(plain), "heat-proof");
        assertEquals(Weight.STOP, finding.weight());
        assertNull(finding.mend(), "nothing mends stock that melts");
    }

    @Test
    void acetateLosesItsFilmFirst() {
        Stock filmed = new Stock(
                "a", "Acetate", Stock.Kind.ACETATE, Surface.ACETATE, 0.2, 0, 105, 148, 5, true, true, "#eeeeee");
        assertTrue(mended(onStock(filmed).withRoute(Route.ACETATE), "protective-film")
                .filmPeeled());
    }

    @Test
    void mediaDryBeforeFoil() {
        assertEquals(
                Medium.DRY, mended(GOOD.withMedium(Medium.WET), "medium-wet").medium());
        assertEquals(
                Weight.NOTE,
                broken(GOOD.withRoute(Route.OVER_MEDIA), "medium-none").weight());
        assertTrue(finding(GOOD.withRoute(Route.OVER_MEDIA).withMedium(Medium.DRY), "medium-none")
                .isEmpty());
    }

    @Test
    void aTapedPlateHeatsWithItsStockAndLonger() {
        SetUp after = mended(GOOD.withRoute(Route.TAPED_PLATE), "taped-together");
        assertEquals(Heating.TOGETHER, after.onPlatform().heating());
        assertEquals(75, Bench.soak(after));
    }

    @Test
    void aSoakTooShortToMeanItIsNoticed() {
        assertEquals(30, Bench.soak(mended(GOOD.withSoak(Heating.ALONE, 3), "soak-short")));
    }

    @Test
    void aSolidWantsMinutesAColdPeelAndSmoothStock() {
        Stock rough = new Stock(
                "r", "Watercolour", Stock.Kind.CARD, Surface.TEXTURED, 0.45, 300, 120, 160, 5, true, false, "#ffffff");
        SetUp solid = Bench.setUp(Route.SOLID_PLATE, Bench.SOLID, rough, 2, 60).withPeel(Peel.WARM);
        assertEquals(240, Bench.soak(mended(solid, "solid-soak")));
        assertEquals(Cooling.ON_MAT, mended(solid, "solid-peel").peel().cooling());
        assertTrue(finding(solid, "solid-texture").isPresent());
    }

    @Test
    void theRouteFitsPlateAndStock() {
        SetUp die = Bench.setUp(Route.HOT_PLATE, Bench.DIE, 1, 30);
        assertEquals(Route.DIE_AS_PLATE, mended(die, "route-fit").route());
        Stock ribbon =
                new Stock("r", "Ribbon", Stock.Kind.RIBBON, Surface.SATIN, 0.2, 0, 25, 4000, 5, true, false, "#ffffff");
        assertEquals(Route.RIBBON, mended(onStock(ribbon), "route-fit").route());
    }

    @Test
    void smallLooseWordsAreBetterLeftOpen() {
        SetUp small = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30);
        assertEquals(Heating.ALONE, mended(small, "small-words").onPlatform().heating());
    }

    @Test
    void findingsComeWorstFirst() {
        SetUp bad = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 3).withMedium(Medium.WET);
        List<Weight> severities =
                Rules.check(bad, SHOP).stream().map(Finding::weight).toList();
        assertEquals(severities.stream().sorted().toList(), severities);
        assertEquals(Weight.STOP, severities.get(0));
    }

    @Test
    void anEmptyStackIsSaidToBeEmptyAndNothingFails() {
        SetUp bare = GOOD.withStack(new Stack(List.of(new Layer(Bench.SPACER, Facing.UP))));
        List<String> rules =
                Rules.check(bare, SHOP).stream().map(f -> f.rule().key()).toList();
        assertEquals(4, Collections.frequency(rules, "missing-layer"), "platform, plate, foil and stock");
    }
}
