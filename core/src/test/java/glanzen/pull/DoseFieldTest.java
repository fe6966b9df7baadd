package glanzen.pull;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.route.Standard;
import glanzen.transfer.Transfer;
import org.junit.jupiter.api.Test;

class DoseFieldTest {

    private static DoseField field(double[] dose, double[] share, double lift) {
        return new DoseField(dose, share, new DoseScale.Wetting(0.1, 0), Standard.FOIL, lift, 700, Spoiling.NONE);
    }

    @Test
    void aPullIsUnderOverBothOrCleanAsItsRouteCounts() {
        double[] whole = {1};
        assertTrue(field(new double[] {1}, whole, 0).pull(1).under());
        assertTrue(field(new double[] {4}, whole, 0).pull(1).clean());
        assertTrue(field(new double[] {60}, whole, 0).pull(1).over());
        PullOutcome both =
                field(new double[] {60, 1}, new double[] {0.5, 0.5}, 0).pull(1);
        assertTrue(both.under() && both.over());
    }

    @Test
    void theEdgesAreWhereThePullTurns() {
        DoseField doses = field(new double[] {2, 5, 9}, new double[] {0.3, 0.4, 0.3}, 0.01);
        double least = doses.lnForKept(Standard.FOIL.enough());
        assertTrue(doses.pull(Math.exp(least - 0.01)).under());
        assertFalse(doses.pull(Math.exp(least + 0.01)).under());
        double most = doses.lnForExcess(Standard.FOIL.mostExcessMm());
        assertFalse(doses.pull(Math.exp(most - 0.01)).over());
        assertTrue(doses.pull(Math.exp(most + 0.01)).over());
        assertEquals(Double.POSITIVE_INFINITY, doses.lnForKept(0.995), "what lifts never comes back");
    }

    @Test
    void spillOnTheOddTipIsNoFault() {
        // One part in twenty floods, the rest is right.
        DoseField tip = field(new double[] {60, 3}, new double[] {0.04, 0.96}, 0);
        assertFalse(tip.pull(1).over());
        DoseField fringe = field(new double[] {60, 3}, new double[] {0.12, 0.88}, 0);
        assertTrue(fringe.pull(1).over());
    }

    @Test
    void equalDosesCountTogether() {
        DoseField doses = field(new double[] {20, 20, 3}, new double[] {0.06, 0.06, 0.88}, 0);
        assertEquals(Transfer.spillMm(20, 0.1), doses.pull(1).spillMm(), 1e-9);
    }

    @Test
    void aFactorScalesDoseAndLiftTakesCoverage() {
        DoseField doses = field(new double[] {2, 4}, new double[] {0.5, 0.5}, 0.1);
        assertEquals(2 * doses.pull(1).dose(), doses.pull(2).dose(), 1e-9);
        assertTrue(doses.pull(50).coverage() <= 0.9);
        assertEquals(Math.sqrt(8), doses.pull(1).dose(), 1e-9);
    }

    @Test
    void nothingPressedGivesNothingAndNoNonsense() {
        PullOutcome none =
                field(new double[] {0, 0}, new double[] {0.5, 0.5}, 0).pull(1);
        assertEquals(0, none.coverage());
        assertEquals(0, none.spillMm());
        assertTrue(Double.isFinite(none.dose()));
    }
}
