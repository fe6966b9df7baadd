package glanzen.pull;

import static org.junit.jupiter.api.Assertions.assertEquals;

import glanzen.Bench;
import glanzen.heat.HeatRun;
import glanzen.heat.HeatSolver;
import glanzen.material.BondingLayer;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import glanzen.transfer.Transfer;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BondTableTest {

    @ParameterizedTest
    @CsvSource({"4, 0.2", "-7, -0.3", "9, 0.4", "0, -0.45"})
    void heatBetweenTheSolvedRigsIsNearWhatASolveGives(double setPointError, double lnContact) {
        Rig rig = new Rig(setPointError, 0, 0, lnContact, 0, 0, 0, 1);
        for (SetUp setUp : new SetUp[] {
            Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30), Bench.setUp(Route.SOLID_PLATE, Bench.SOLID, 2, 120)
        }) {
            HeatRun solved = HeatSolver.solve(HeatPlans.platform(setUp, 1), Math.exp(lnContact), setPointError);
            BondTable table = BondTable.full(HeatPlans.platform(setUp, 1));
            double[] seconds = solved.nips().get(0).seconds();
            double exact = 0;
            for (int i = 1; i < seconds.length && seconds[i] <= 1 + 1e-9; i++) {
                double mean = (Transfer.rate(
                                        BondingLayer.HOT_FOIL,
                                        solved.nips().get(0).celsius()[i])
                                + Transfer.rate(
                                        BondingLayer.HOT_FOIL,
                                        solved.nips().get(0).celsius()[i - 1]))
                        / 2;
                exact += mean * (seconds[i] - seconds[i - 1]);
            }
            assertEquals(exact, table.exposures(rig, BondingLayer.HOT_FOIL)[0].at(1), 0.05 * exact);
            assertEquals(solved.peelC(), table.peelC(rig), 1.0);
        }
    }
}
