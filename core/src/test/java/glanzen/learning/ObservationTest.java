package glanzen.learning;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.learning.Observation.Amount;
import glanzen.learning.Observation.Outcome;
import glanzen.learning.RigReport.Remark;
import glanzen.route.Standard;
import glanzen.transfer.Transfer;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.math3.linear.ArrayRealVector;
import org.apache.commons.math3.linear.MatrixUtils;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ObservationTest {

    /** A belief around given middles, as narrow as given. */
    private static Belief around(double setPoint, double opening, double lnContact, double lnNeed, double narrow) {
        String press = Bench.CRANK.id();
        String platform = Bench.PLATFORM.id();
        Map<Trait, Double> off = new LinkedHashMap<>();
        off.put(new Trait(platform, Quantity.SET_POINT), setPoint);
        off.put(new Trait(press, Quantity.OPENING), opening);
        off.put(new Trait(press, Quantity.STIFFNESS), 0.0);
        off.put(new Trait(platform, Quantity.CONTACT), lnContact);
        off.put(new Trait(Bench.COPPER.id(), Quantity.NEED), lnNeed);
        Belief belief = Belief.NOTHING;
        for (Map.Entry<Trait, Double> one : off.entrySet()) {
            double sd = one.getKey().quantity().strays();
            belief = belief.meeting(one.getKey(), sd)
                    .replaced(
                            List.of(one.getKey()),
                            new JointNormal(
                                    new ArrayRealVector(new double[] {one.getValue()}),
                                    MatrixUtils.createRealDiagonalMatrix(new double[] {narrow * narrow * sd * sd})));
        }
        return belief;
    }

    private static List<String> said(Belief belief) {
        return RigReport.of(belief, Bench.CRANK, Bench.PLATFORM, List.of(Bench.COPPER)).stream()
                .map(Remark::text)
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0 | -0.1  | 0    | 0    | Old Iron runs about {mm:0.1} tighter than its label, give or take {mm:0.03}",
                "0 | 0.1   | 0    | 0    | Old Iron runs about {mm:0.1} wider than its label, give or take {mm:0.03}",
                "6 | 0     | 0    | 0    | A5 platform runs about {k:6} hotter than it says, give or take {k:2.5}",
                "-6 | 0    | 0    | 0    | A5 platform runs about {k:6} cooler than it says, give or take {k:2.5}",
                "0 | 0     | 0    | -0.3 | Copper foil needs about 26 % less than usual, give or take 16 %"
            })
    void whatWasFoundIsSaidWithItsSpread(
            double setPoint, double opening, double contact, double need, String sentence) {
        assertEquals(List.of(sentence), said(around(setPoint, opening, contact, need, 0.5)));
    }

    @Test
    void whatIsNotNarrowedIsNotClaimed() {
        assertEquals(List.of(), said(around(6, -0.1, 0.3, 0.4, 1.0)));
    }

    @Test
    void whatIsNearTheLabelIsNotWorthSaying() {
        assertEquals(List.of(), said(around(1, -0.02, 0.05, 0.05, 0.4)));
    }

    @Test
    void remarksCarryTheirFigures() {
        Remark remark = RigReport.of(around(0, -0.1, 0, 0, 0.5), Bench.CRANK, Bench.PLATFORM, List.of())
                .get(0);
        assertEquals("press", remark.about());
        assertEquals(-0.1, remark.value(), 1e-9);
        assertEquals(0.5, remark.narrowed(), 0.02);
    }

    @ParameterizedTest
    @EnumSource(Outcome.class)
    void wordsAgreeWithWhatTheyMean(Outcome outcome) {
        for (Amount amount : Amount.values()) {
            Observation seen = Observation.roughly(outcome, amount, Standard.FOIL);
            boolean under = outcome == Outcome.UNDER || outcome == Outcome.BOTH;
            boolean over = outcome == Outcome.OVER || outcome == Outcome.BOTH;
            assertEquals(under, seen.coverageHigh() <= Transfer.CLEAN_COVERAGE);
            assertEquals(over, seen.spillLowMm() >= Transfer.VISIBLE_SPILL_MM);
        }
    }

    @Test
    void aReadingIsANarrowRangeWithinWhatIsPossible() {
        Observation seen = Observation.roughly(Outcome.UNDER, Amount.A_LOT, Standard.FOIL)
                .withCoverage(0.99)
                .withSpill(0.01);
        assertEquals(0.97, seen.coverageLow(), 1e-12);
        assertEquals(1.0, seen.coverageHigh(), 1e-12);
        assertEquals(0, seen.spillLowMm());
        assertEquals(0.05, seen.spillHighMm(), 1e-12);
    }

    @ParameterizedTest
    @EnumSource(Fault.class)
    void everyFaultHasACauseAndANextStep(Fault fault) {
        assertFalse(fault.label().isBlank()
                || fault.cause().isBlank()
                || fault.next().isBlank());
        assertTrue(Character.isLowerCase(fault.label().charAt(0)));
    }

    @Test
    void accidentsMisleadAndShimsDoNot() {
        assertTrue(Fault.GHOST.misleading() && Fault.SPENT.misleading() && Fault.NOTHING.misleading());
        assertFalse(Fault.COUNTERS.misleading() || Fault.LIFTED.misleading() || Fault.SPECKS.misleading());
    }
}
