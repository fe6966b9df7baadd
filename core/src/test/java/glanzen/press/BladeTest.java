package glanzen.press;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.Crafts;
import glanzen.kit.Stock;
import glanzen.material.Fitted;
import glanzen.material.Surface;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class BladeTest {

    private static final Frame FRAME = Frame.of(Bench.CRANK);
    private static final SetUp CUT = Crafts.started(Route.THIN_CUT);
    private static final LoadPath BEHIND = LoadPath.behindBlade(CUT.stack());

    static Stream<Arguments> cases() {
        Random random = new Random(11);
        return Stream.generate(() -> Arguments.of(0.05 + random.nextDouble(), 0.2 + 60 * random.nextDouble()))
                .limit(25);
    }

    @ParameterizedTest
    @MethodSource("cases")
    void frameBackingAndBiteShareTheSqueeze(double squeeze, double blade) {
        Nip nip = Blade.solve(FRAME, BEHIND, squeeze, a -> a * blade);
        double frame = nip.forceN() / FRAME.stiffnessNPerMm();
        double backing = BEHIND.compressionMm(nip.forceN() / nip.contactMm() / blade, blade);
        assertEquals(squeeze, frame + backing + Blade.biteMm(nip.pressureMpa()), 1e-4);
    }

    @ParameterizedTest
    @MethodSource("cases")
    void moreSqueezePressesHarderAndMoreBladeLessOnEachMillimetre(double squeeze, double blade) {
        Nip nip = Blade.solve(FRAME, BEHIND, squeeze, a -> a * blade);
        assertTrue(Blade.solve(FRAME, BEHIND, squeeze + 0.05, a -> a * blade).forceN() > nip.forceN());
        Nip fuller = Blade.solve(FRAME, BEHIND, squeeze, a -> 2 * a * blade);
        assertTrue(fuller.forceN() > nip.forceN());
        assertTrue(fuller.pressureMpa() < nip.pressureMpa(), "line load on the blade");
    }

    @Test
    void whatIsNotGrippedIsNotCut() {
        assertSame(Nip.OPEN, Blade.solve(FRAME, BEHIND, 0, a -> 10));
        assertSame(Nip.OPEN, Blade.solve(FRAME, BEHIND, -0.4, a -> 10));
    }

    @Test
    void stockIsNoLongerInTheWayOnceTheBladeIsThrough() {
        double stock = CUT.stock().thicknessMm();
        assertEquals(
                CUT.overfillMm() - stock,
                Blade.squeezeMm(CUT.stack(), CUT.press().openingMm()),
                1e-9);
        SetUp folder = Crafts.started(Route.CUTTING_FOLDER);
        assertEquals(
                folder.overfillMm(),
                Blade.squeezeMm(folder.stack(), folder.press().openingMm()),
                1e-9);
    }

    @Test
    void everySheetAddsToTheNeed() {
        double one = Blade.needNPerMm(CUT.stack());
        int at = CUT.stack().indexOf(Stock.class);
        Stack two = CUT.stack().with(at + 1, new Layer(CUT.stock(), Facing.DOWN));
        assertEquals(one * (2 + Fitted.FURTHER_SHEET.value()), Blade.needNPerMm(two), 1e-9, "the second is wedged");
        assertTrue(Blade.needNPerMm(sheets(4, 0.085)) < 1.9 * one, "four thin ones are hardly more than one as thick");
    }

    private static Stack sheets(int count, double mm) {
        Stock c = CUT.stock();
        Stock thin = new Stock(
                "thin", "Thin", c.kind(), c.surface(), mm, 80, c.widthMm(), c.heightMm(), 9, false, false, c.colour());
        Stack stack = CUT.stack().replaced(CUT.stack().indexOf(Stock.class), new Layer(thin, Facing.DOWN));
        for (int i = 1; i < count; i++) {
            stack = stack.with(stack.indexOf(Stock.class) + 1, new Layer(thin, Facing.DOWN));
        }
        return stack;
    }

    @ParameterizedTest
    @CsvSource({"CARD, FELT", "CARD, FABRIC", "LEATHER, FELT", "ACETATE, FELT"})
    void softStockWantsLess(Stock.Kind hard, Stock.Kind soft) {
        assertTrue(need(hard) > need(soft), hard + " against " + soft);
    }

    private static double need(Stock.Kind kind) {
        Stock stock = Crafts.sheet("s", kind, Surface.SMOOTH, 0.5, 0);
        return Blade.needNPerMm(CUT.stack().replaced(CUT.stack().indexOf(Stock.class), new Layer(stock, Facing.DOWN)));
    }

    @Test
    void biteAndLoadAreInverse() {
        assertEquals(0.2, Blade.biteMm(Blade.loadToBite(0.2)), 1e-12);
        assertEquals(0, Blade.biteMm(-5), "a blade that is not through bites into nothing");
    }
}
