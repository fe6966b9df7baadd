package glanzen.steps;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.steps.Cycle.Side;
import glanzen.steps.Cycle.Stretch;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The shortest steady round. */
class CycleTest {

    private static final Side PEEL = new Side("peel", 15, true, true);
    private static final Side BRUSH = new Side("brush", 6, false, true);

    @Test
    void whileOneSoaksTheLastIsPeeledAndTheNextBrushed() {
        List<Stretch> chain = List.of(new Stretch(5, true), new Stretch(30, false), new Stretch(37, true));
        Cycle cycle = Cycle.of(chain, List.of(PEEL, BRUSH), 20, 3);
        assertEquals(72, cycle.seconds(), 1e-9);
        assertEquals(72 + 20 + 21, cycle.oneByOneSeconds(), 1e-9);
        assertEquals(9, cycle.idleSeconds(), 1e-9);
        assertEquals(List.of("peel", "brush"), cycle.says());
    }

    @Test
    void whatDoesNotFitLengthensTheRoundAndWhatNeedNotBeIsLeft() {
        List<Stretch> chain = List.of(new Stretch(5, true), new Stretch(10, false), new Stretch(37, true));
        Side foil = new Side("cut foil", 20, false, false);
        Cycle cycle = Cycle.of(chain, List.of(PEEL, BRUSH, foil), 0, 3);
        assertEquals(52 + 15, cycle.seconds(), 1e-9, "brushed in the soak, peeled after it");
        assertTrue(cycle.says().stream().noneMatch("cut foil"::equals));
    }

    @Test
    void slowCoolingInFewPlacesHoldsItUp() {
        List<Stretch> chain = List.of(new Stretch(10, true), new Stretch(20, false));
        assertEquals(
                90,
                Cycle.of(chain, List.of(PEEL), 180, 2).seconds(),
                1e-9,
                "the oldest of two makes room for the next");
        assertTrue(Cycle.of(chain, List.of(PEEL), 180, 6).seconds() < 40);
    }

    @Test
    void noOrderOfTheSidesIsShorter() {
        Random luck = new Random(8);
        for (int n = 0; n < 200; n++) {
            double soak = luck.nextInt(60);
            double recovers = luck.nextInt(30);
            List<Stretch> chain = List.of(
                    new Stretch(5, true),
                    new Stretch(soak, false),
                    new Stretch(30, true),
                    new Stretch(recovers, false));
            List<Side> sides = new ArrayList<>();
            for (int k = 0; k < 3; k++) {
                sides.add(new Side("side " + k, 1 + luck.nextInt(25), false, true));
            }
            double best = Double.MAX_VALUE;
            for (int ways = 0; ways < 27; ways++) {
                double[] used = new double[3];
                for (int k = 0, rest = ways; k < 3; k++, rest /= 3) {
                    used[rest % 3] += sides.get(k).seconds();
                }
                if (used[0] <= soak && used[1] <= recovers) {
                    best = Math.min(best, 35 + soak + recovers + used[2]);
                }
            }
            assertEquals(best, Cycle.of(chain, sides, 0, 1).seconds(), 1e-9);
        }
    }
}
