package glanzen;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.heat.HeatRun;
import glanzen.heat.HeatSolver;
import glanzen.heat.HeatTrace;
import glanzen.kit.Plate;
import glanzen.material.BondingLayer;
import glanzen.press.Frame;
import glanzen.press.LoadPath;
import glanzen.press.Nip;
import glanzen.pull.HeatPlans;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import glanzen.transfer.Transfer;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The cases of docs/how-it-computes.md, computed once outside this code: 2 % on F, p and dwell, 0.5 K, 5 % on dose. */
class ReferenceCasesTest {

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "words soaked 15 s,      words,  10,  0,  15, 0.45,  719, 26.2, 0.69,  97.3,  6.65, 1.00, 0.04",
        "words soaked 45 s,      words,  10,  0,  45, 0.45,  719, 26.2, 0.69, 103.1, 12.1,  1.00, 0.08",
        "fine text,              words,   3,  0,  30, 0.45,  614, 63.5, 0.81, 101.5, 29.2,  1.00, 0.13",
        "thin die alone,         die,     6,  0,  30, 0.10,   80,  6.7, 0.50, 100.8,  1.76, 0.95, 0.00",
        "thin die and one card,  die,     6,  1,  30, 0.40,  442, 21.2, 0.87, 101.9, 11.0,  1.00, 0.17",
        "solid alone,            solid, 100,  0, 240, 0.45,  874,  4.8, 0.45, 103.9,  1.59, 0.91, 0.00",
        "solid and two cards,    solid, 100,  2, 240, 1.05, 1946,  6.1, 0.79, 103.1,  3.27, 1.00, 0.00"
    })
    void agrees(
            String name,
            String tool,
            double b,
            int cards,
            double soak,
            double overfill,
            double force,
            double pressure,
            double dwell,
            double bond,
            double dose,
            double coverage,
            double spill) {
        Plate plate = tool.equals("words") ? Bench.WORDS : tool.equals("die") ? Bench.DIE : Bench.SOLID;
        SetUp setUp = Bench.setUp(Route.HOT_PLATE, plate, cards, soak);
        Nip nip = Nip.solve(Frame.of(setUp.press()), LoadPath.of(setUp.stack()), setUp.overfillMm(), b);
        double dwellSeconds = nip.dwellSeconds(setUp.feedMmPerS());
        HeatRun run = HeatSolver.solve(HeatPlans.platform(setUp, dwellSeconds));
        double seen = nip.pressureMpa() / BondingLayer.HOT_FOIL.need() * exposure(nip(run));
        double softness = Transfer.softnessMm(1, setUp.stack().softBackingMm());

        assertEquals(overfill, setUp.overfillMm(), 0.006);
        near(force, nip.forceN(), 0.02);
        near(pressure, nip.pressureMpa(), 0.02);
        near(dwell, dwellSeconds, 0.02);
        assertEquals(bond, meanTemperature(nip(run)), 0.5);
        near(dose, seen, 0.05);
        assertEquals(coverage, Transfer.coverage(seen), 0.012);
        assertEquals(spill, Transfer.spillMm(seen, softness), 0.012);
    }

    private static HeatTrace nip(HeatRun run) {
        return run.traces().stream()
                .filter(t -> t.phase() == HeatTrace.Phase.NIP)
                .findFirst()
                .orElseThrow();
    }

    private static double exposure(HeatTrace nip) {
        double sum = 0;
        for (int i = 1; i < nip.seconds().length; i++) {
            double rate = Transfer.rate(BondingLayer.HOT_FOIL, nip.celsius()[i])
                    + Transfer.rate(BondingLayer.HOT_FOIL, nip.celsius()[i - 1]);
            sum += rate / 2 * (nip.seconds()[i] - nip.seconds()[i - 1]);
        }
        return sum;
    }

    private static double meanTemperature(HeatTrace nip) {
        double sum = 0;
        for (int i = 1; i < nip.seconds().length; i++) {
            sum += (nip.celsius()[i] + nip.celsius()[i - 1]) / 2 * (nip.seconds()[i] - nip.seconds()[i - 1]);
        }
        return sum / nip.seconds()[nip.seconds().length - 1];
    }

    private static void near(double expected, double actual, double share) {
        assertTrue(
                Math.abs(actual - expected) <= Math.abs(expected) * share + 0.005, actual + " is not near " + expected);
    }
}
