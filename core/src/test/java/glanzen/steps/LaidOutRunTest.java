package glanzen.steps;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.Motif;
import glanzen.finding.Finding;
import glanzen.finding.Weight;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.layout.FirstLayout;
import glanzen.layout.Fixing;
import glanzen.layout.FlipAxis;
import glanzen.layout.HangingEnd;
import glanzen.layout.Layout;
import glanzen.layout.Piece;
import glanzen.layout.Placed;
import glanzen.layout.PlacementConstraint;
import glanzen.layout.PlatformPose;
import glanzen.leftover.FoilFrom;
import glanzen.material.Material;
import glanzen.material.Surface;
import glanzen.route.Route;
import glanzen.rules.Rules;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.start.StartingStack;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a layout means for rules and for the run. */
class LaidOutRunTest {

    private static final Inventory SHOP = new Inventory(List.of(Bench.SPACER, Bench.PLASTIC), new ArtworkShelf());
    private static final Plate SECOND =
            new Plate("second", "Second", Plate.Kind.PLATE, Material.BRASS, 1.6, 40, 16, Motif.words("Second"));

    private static SetUp laid(Fixing method) {
        SetUp bare = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30);
        return bare.withLayout(FirstLayout.of(Bench.WORDS, Bench.SMOOTH, Bench.PLATFORM, Bench.CRANK, method));
    }

    private static SetUp two(double gapMm) {
        SetUp one = laid(Fixing.LOOSE);
        List<Placed> plates = new ArrayList<>(one.layout().plates());
        plates.add(new Placed(
                "second",
                SECOND,
                0,
                PlacementConstraint.CENTRED,
                PlacementConstraint.by(PlacementConstraint.Kind.BEFORE, gapMm, Bench.WORDS.id()),
                null));
        return one.withLayout(one.layout().withPlates(plates));
    }

    private static List<String> rules(SetUp setUp) {
        return Rules.check(setUp, SHOP).stream().map(f -> f.rule().key()).toList();
    }

    @Test
    void aStackOfAnotherPlateThanTheLayoutsIsStoppedAndMended() {
        SetUp laid = laid(Fixing.LOOSE);
        SetUp other =
                laid.withStack(laid.stack().replaced(laid.stack().indexOf(Plate.class), new Layer(SECOND, Facing.UP)));
        Finding<SetUp> finding = Rules.check(other, SHOP).stream()
                .filter(f -> f.rule().key().equals("not-laid-out"))
                .findFirst()
                .orElseThrow();
        assertEquals(Weight.STOP, finding.weight());
        assertFalse(rules(finding.mend().mended()).contains("not-laid-out"));
    }

    @ParameterizedTest
    @CsvSource({"1, true", "30, false"})
    void platesThatLieOnEachOtherStopThePull(double gap, boolean stopped) {
        assertEquals(stopped, rules(two(gap)).contains("plates-overlap"));
        assertEquals(!stopped, Rules.pullable(Rules.check(two(gap), SHOP)));
    }

    @Test
    void theLayoutsOwnRulesTakeThePlaceOfTheRoughOnes() {
        SetUp small = laid(Fixing.LOOSE);
        assertFalse(rules(small).contains("stock-small"));
        assertFalse(rules(small).contains("plate-overhang"));
    }

    @Test
    void theStockInTheStackIsThePieceThatIsLaidOut() {
        SetUp laid = laid(Fixing.LOOSE);
        Layout trimmed = new Layout(
                new Piece(90, 120, 3),
                new PlatformPose(0, 0, 1, FlipAxis.SIDEWAYS),
                Fixing.LOOSE,
                HangingEnd.NEITHER,
                laid.layout().plates(),
                List.of(),
                List.of());
        Stock piece = laid.withLayout(trimmed).stock();
        assertEquals(126, piece.widthMm(), "turned a quarter, its height lies across the feed");
        assertEquals(96, piece.heightMm());
        assertEquals(Bench.SMOOTH.id(), piece.id());
    }

    @Test
    void everyPlateHasItsFoilOnTheList() {
        List<String> list = RunSheet.preflight(two(30));
        assertTrue(list.stream().anyMatch(l -> l.startsWith("Foil cut a little larger than the plate for Words")));
        assertTrue(list.stream().anyMatch(l -> l.contains("for Second, {mm:48} × {mm:24}")));
        SetUp one = laid(Fixing.LOOSE);
        SetUp leftover = one.withLayout(one.layout()
                .each(p -> new Placed(p.key(), p.plate(), 0, p.across(), p.along(), new FoilFrom("l", 20, 20, 0))));
        assertTrue(RunSheet.preflight(leftover).get(0).startsWith("Leftover of Copper foil for Words"));
    }

    @Test
    void severalPlatesAreCountedInTheInstruction() {
        Step place = step(two(30), Step.Kind.PLACE);
        assertTrue(place.say().startsWith("2 plates on the platform"), place.say());
        assertTrue(place.detail().contains("drawing"));
        assertTrue(step(laid(Fixing.LOOSE), Step.Kind.PLACE).say().startsWith("Plate on the platform"));
    }

    @Test
    void aPassIsTimedByAllThatIsLaidOut() {
        SetUp two = two(30);
        Step pass = step(two, Step.Kind.PASS);
        assertTrue(pass.seconds() > Bench.WORDS.heightMm() / two.feedMmPerS());
        assertEquals(two.pressedLengthMm() / two.feedMmPerS(), pass.seconds(), 1e-9);
    }

    @Test
    void aHingeIsTapedFirstAndLetDownLater() {
        SetUp hinged = laid(Fixing.HINGED);
        assertTrue(RunSheet.preflight(hinged).stream().anyMatch(l -> l.contains("hinge")));
        assertTrue(step(hinged, Step.Kind.LAY).say().contains("Lift the sheet on its hinge, slip the foil under it"));
        assertTrue(RunSheet.preflight(laid(Fixing.TAPED)).stream().anyMatch(l -> l.contains("taped as one")));
    }

    private static Step step(SetUp setUp, Step.Kind kind) {
        return RunSheet.steps(setUp).stream()
                .filter(s -> s.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void ribbonBeginsThereAndBack() {
        Stock ribbon =
                new Stock("r", "Ribbon", Stock.Kind.RIBBON, Surface.SATIN, 0.2, 0, 25, 4000, 5, true, false, "#ffffff");
        Plate along = new Plate("a", "Along", Plate.Kind.PLATE, Material.BRASS, 1.6, 70, 14, Motif.words("Along"));
        SetUp started = StartingStack.of(
                Route.RIBBON, Bench.CRANK, Bench.PLATFORM, along, Bench.COPPER, ribbon, SHOP.boards(), 21);
        assertEquals(2, started.passes());
        assertEquals(1, started.layout().bed().quarterTurns());
        assertEquals(Fixing.TAPED, started.layout().method());
        assertTrue(rules(started).stream().noneMatch(r -> r.startsWith("ribbon-")));
    }
}
