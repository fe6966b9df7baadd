package glanzen.press;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.material.Material;
import glanzen.press.NipCurve.Packing;
import glanzen.route.Route;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A patch behind part of the face: it presses harder there, and the force is shared out anew. */
class MakeReadyNipTest {

    private static final Frame FRAME = Frame.of(Bench.CRANK);
    private static final LoadPath PATH =
            LoadPath.of(Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30).stack());

    private static NipCurve patched(double share, double mm) {
        return new NipCurve(FRAME, PATH, 12, List.of(new Packing(share, mm)));
    }

    @ParameterizedTest
    @CsvSource({"0.3, 2", "1, 0.3", "1, 2", "1, 20"})
    void aPatchThickerThanTheStackGivesPressesNoLessForIt(double share, double mm) {
        Nip bare = new NipCurve(FRAME, PATH, 12).at(FRAME.stiffnessNPerMm(), 0.3);
        Nip thick = patched(share, mm).at(FRAME.stiffnessNPerMm(), 0.3);
        assertTrue(thick.forceN() >= bare.forceN() && thick.forceN() < Double.POSITIVE_INFINITY);
        assertTrue(thick.pressureMpa() >= bare.pressureMpa() && thick.pressureMpa() < Double.POSITIVE_INFINITY);
    }

    @Test
    void aPatchOfNothingChangesNothing() {
        NipCurve bare = new NipCurve(FRAME, PATH, 12);
        NipCurve nothing = patched(0.4, 0);
        for (double overfill = 0.1; overfill < 1; overfill += 0.1) {
            assertEquals(
                    bare.at(FRAME.stiffnessNPerMm(), overfill).forceN(),
                    nothing.at(FRAME.stiffnessNPerMm(), overfill).forceN(),
                    0.01 * bare.at(FRAME.stiffnessNPerMm(), overfill).forceN());
        }
    }

    @ParameterizedTest
    @CsvSource({"0.2, 0.04", "0.3, 0.10", "0.5, 0.16", "0.8, 0.05"})
    void theMeanIsSharedOutBetweenPatchedAndBare(double share, double mm) {
        NipCurve curve = patched(share, mm);
        for (double overfill : new double[] {0.3, 0.45, 0.7}) {
            double mean = curve.at(FRAME.stiffnessNPerMm(), overfill).pressureMpa();
            double under = curve.localMpa(mean, mm);
            double beside = curve.localMpa(mean, 0);
            assertTrue(under > mean && beside < mean, under + " " + mean + " " + beside);
            assertEquals(mean, share * under + (1 - share) * beside, 0.02 * mean);
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.04, 0.08, 0.16})
    void aThickerPatchPressesHarderThereAndRaisesTheForce(double mm) {
        NipCurve thin = patched(0.3, mm / 2);
        NipCurve thick = patched(0.3, mm);
        Nip thinNip = thin.at(FRAME.stiffnessNPerMm(), 0.45);
        Nip thickNip = thick.at(FRAME.stiffnessNPerMm(), 0.45);
        assertTrue(thickNip.forceN() > thinNip.forceN());
        assertTrue(thick.localMpa(thickNip.pressureMpa(), mm) > thin.localMpa(thinNip.pressureMpa(), mm / 2));
    }

    @Test
    void patchingTheWholeFaceIsAShimOfThatThickness() {
        double byPatch = patched(1, 0.10).at(FRAME.stiffnessNPerMm(), 0.40).forceN();
        double byShim =
                new NipCurve(FRAME, PATH, 12).at(FRAME.stiffnessNPerMm(), 0.50).forceN();
        assertEquals(byShim, byPatch, 0.06 * byShim);
    }

    @Test
    void aSingleLayerIsALoadPathOfItsOwn() {
        LoadPath card = LoadPath.through(0.3, Material.CARD);
        assertTrue(card.compressionMm(5, 20) > card.compressionMm(1, 20));
        assertEquals(card.compressionMm(5, 20), card.debossMm(5), 1e-12);
        assertTrue(card.compressionMm(5, 20) < 0.3);
    }
}
