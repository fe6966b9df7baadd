package glanzen.transfer;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.material.BondingLayer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class TransferTest {

    @Test
    void moreDoseNeverCoversOrSpillsLess() {
        double covered = 0;
        double spilled = 0;
        for (double dose = 0; dose < 60; dose = dose * 1.1 + 0.01) {
            assertTrue(Transfer.coverage(dose) >= covered);
            assertTrue(Transfer.spillMm(dose, 0.15) >= spilled);
            covered = Transfer.coverage(dose);
            spilled = Transfer.spillMm(dose, 0.15);
        }
    }

    @Test
    void theWindowIsWideOnHardBackingAndNarrowOnSoft() {
        assertEquals(1.9, Transfer.LEAST_CLEAN_DOSE, 0.05);
        double hard = Transfer.doseToSpill(Transfer.VISIBLE_SPILL_MM, Transfer.softnessMm(1, 0));
        double soft = Transfer.doseToSpill(Transfer.VISIBLE_SPILL_MM, Transfer.softnessMm(1, 0.6));
        assertTrue(soft < hard / 3);
        assertEquals(Transfer.VISIBLE_SPILL_MM, Transfer.spillMm(hard, Transfer.softnessMm(1, 0)), 1e-9);
    }

    @Test
    void heatSpeedsTheBondByArrhenius() {
        assertEquals(1, Transfer.rate(BondingLayer.HOT_FOIL, 110), 1e-12);
        double ratio = Transfer.rate(BondingLayer.HOT_FOIL, 120) / Transfer.rate(BondingLayer.HOT_FOIL, 110);
        assertEquals(Math.exp(120_000 / 8.314 * (1 / 383.15 - 1 / 393.15)), ratio, 1e-9);
    }

    @Test
    void onlySolidsLiftAndOnlyWhenPeeledHot() {
        assertEquals(0, Transfer.lift(0, 90));
        assertEquals(0.125, Transfer.lift(1, 55), 1e-6);
        assertTrue(Transfer.lift(1, 35) < 0.002);
        assertTrue(Transfer.lift(1, 90) > 0.249);
    }

    /** Φ from printed tables. */
    @ParameterizedTest
    @CsvSource({
        "0, 0.5",
        "1, 0.841344746",
        "-1, 0.158655254",
        "1.96, 0.975002105",
        "-3, 0.001349898",
        "2.5, 0.993790335"
    })
    void normalDistributionAgreesWithTables(double z, double p) {
        assertEquals(p, Normal.cdf(z), 1e-7);
        assertEquals(z, Normal.inverse(p), 1e-6);
    }

    @ParameterizedTest
    @ValueSource(doubles = {1e-6, 0.02, 0.31, 0.5, 0.77, 0.98, 0.999999})
    void theInverseTurnsBack(double p) {
        assertEquals(p, Normal.cdf(Normal.inverse(p)), 2e-7);
    }

    @Test
    void farTailsAreFlat() {
        assertEquals(1, Normal.cdf(40));
        assertEquals(0, Normal.cdf(-40));
        assertTrue(Double.isFinite(Normal.inverse(0)) && Double.isFinite(Normal.inverse(1)));
    }

    @ParameterizedTest
    @EnumSource(BondingLayer.class)
    void theTableOfRatesAgreesWithTheLaw(BondingLayer bonding) {
        Rates rates = new Rates(bonding);
        for (double celsius = 20; celsius < 220; celsius += 0.37) {
            double exact = Transfer.rate(bonding, celsius);
            assertEquals(exact, rates.at(celsius), 5e-4 * exact, bonding + " at " + celsius);
        }
    }
}
