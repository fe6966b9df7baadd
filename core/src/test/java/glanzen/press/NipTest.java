package glanzen.press;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.material.Material;
import glanzen.material.Stiffness;
import glanzen.route.Route;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class NipTest {

    private static final Frame FRAME = Frame.of(Bench.CRANK);

    private static LoadPath path(int cards) {
        return LoadPath.of(Bench.setUp(Route.HOT_PLATE, Bench.WORDS, cards, 30).stack());
    }

    static Stream<Arguments> cases() {
        Random random = new Random(3);
        return Stream.generate(() -> Arguments.of(random.nextInt(4), 1 + 99 * random.nextDouble(), random.nextDouble()))
                .limit(25);
    }

    @ParameterizedTest
    @MethodSource("cases")
    void moreOverfillNeverPressesLess(int cards, double raisedWidth, double ignored) {
        double force = 0;
        for (double overfill = -0.2; overfill < 1.6; overfill += 0.02) {
            Nip nip = Nip.solve(FRAME, path(cards), overfill, raisedWidth);
            assertTrue(nip.forceN() >= force, "at " + overfill);
            force = nip.forceN();
        }
    }

    @ParameterizedTest
    @MethodSource("cases")
    void theBalanceHolds(int cards, double raisedWidth, double share) {
        double overfill = 0.05 + 1.2 * share;
        LoadPath path = path(cards);
        Nip nip = Nip.solve(FRAME, path, overfill, raisedWidth);
        double back = nip.forceN() / FRAME.stiffnessNPerMm() + path.compressionMm(nip.pressureMpa(), raisedWidth);
        assertEquals(overfill, back, 1e-6);
    }

    @ParameterizedTest
    @MethodSource("cases")
    void howMuchTooThickItMustBeIsTheSameBalanceReadBackwards(int cards, double raisedWidth, double share) {
        double mpa = 0.5 + 20 * share;
        double overfill = Nip.overfillFor(FRAME, path(cards), mpa, raisedWidth);
        assertEquals(mpa, Nip.solve(FRAME, path(cards), overfill, raisedWidth).pressureMpa(), 1e-6 * mpa);
    }

    @ParameterizedTest
    @MethodSource("cases")
    void theTableAgreesWithTheSolver(int cards, double raisedWidth, double share) {
        double overfill = 0.05 + 1.2 * share;
        Nip exact = Nip.solve(FRAME, path(cards), overfill, raisedWidth);
        Nip looked = new NipCurve(FRAME, path(cards), raisedWidth).at(FRAME.stiffnessNPerMm(), overfill);
        assertEquals(exact.forceN(), looked.forceN(), 0.003 * exact.forceN());
        assertEquals(exact.contactMm(), looked.contactMm(), 0.003 * exact.contactMm());
    }

    @Test
    void rollersThatDoNotGripPressNothing() {
        assertSame(Nip.OPEN, Nip.solve(FRAME, path(0), 0, 10));
        assertSame(Nip.OPEN, new NipCurve(FRAME, path(0), 10).at(FRAME.stiffnessNPerMm(), -0.3));
        assertEquals(0, Nip.OPEN.dwellSeconds(4));
    }

    @Test
    void fineLinesArePressedHarderThanSolids() {
        double fine = Nip.solve(FRAME, path(0), 0.45, 3).pressureMpa();
        double solid = Nip.solve(FRAME, path(0), 0.45, 100).pressureMpa();
        assertTrue(fine > 8 * solid, fine + " against " + solid);
    }

    @Test
    void aTighterOrStifferPressPressesHarder() {
        double label = Nip.solve(FRAME, path(0), 0.45, 10).forceN();
        assertTrue(Nip.solve(FRAME.off(0, 1.2), path(0), 0.45, 10).forceN() > label);
        assertEquals(14.1, FRAME.off(0.1, 1).openingMm(), 1e-12);
    }

    @Test
    void rollersGiveInTheMiddleAndTheMeanStays() {
        double mean = 0;
        int n = 2000;
        for (int i = 0; i < n; i++) {
            mean += FRAME.pressureShare(1, 1500, -1 + 2 * (i + 0.5) / n) / n;
        }
        assertEquals(1, mean, 1e-6);
        assertTrue(FRAME.pressureShare(1, 1500, 0) < 1 && FRAME.pressureShare(1, 1500, 1) > 1);
        assertEquals(FRAME.pressureShare(1, 1500, 0.4), FRAME.pressureShare(1, 1500, -0.4), 1e-12);
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void compressionRisesWithPressureFromNothing(Material material) {
        Stiffness stiffness = material.stiffness();
        assertEquals(0, stiffness.compressionMm(1, 0), 1e-12);
        double before = 0;
        for (double p = 1; p < 200; p *= 1.7) {
            double now = stiffness.compressionMm(1, p);
            assertTrue(now > before);
            before = now;
        }
    }

    @Test
    void slowFeedDwellsLonger() {
        Nip nip = Nip.solve(FRAME, path(0), 0.45, 10);
        assertEquals(2 * nip.dwellSeconds(8), nip.dwellSeconds(4), 1e-12);
        assertTrue(path(0).debossMm(nip.pressureMpa()) > 0.05);
    }
}
