package glanzen.transfer;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.material.BondingLayer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class GelledTest {

    private static final double WEEK = 7 * 24 * 3600.0;

    @ParameterizedTest
    @ValueSource(doubles = {0.05, 0.2, 0.6})
    void dryGelHoldsItsShapeAndWetGelIsSquashedByItsOwnThickness(double coat) {
        assertEquals(0, Gelled.squashedMm(coat, Drying.BLOB));
        assertEquals(0, Gelled.squashedMm(coat, 1));
        assertEquals(coat, Gelled.squashedMm(coat, Drying.BLOB - 0.05), 1e-12);
        assertTrue(Gelled.squashedMm(coat, 0) > Gelled.squashedMm(coat, 0.5));
    }

    @Test
    void sprayIsWorseForFoilThanForFlock() {
        assertTrue(Gelled.haloMm(BondingLayer.GEL_FOIL) > 5 * Gelled.haloMm(BondingLayer.GEL_FLOCK));
        assertTrue(Gelled.haloMm(BondingLayer.GEL_FOIL) > Transfer.VISIBLE_SPILL_MM, "it shows");
        assertTrue(Gelled.haloMm(BondingLayer.GEL_FLOCK) < Transfer.VISIBLE_SPILL_MM, "it does not");
    }

    @Test
    void aWeekIsNothingAndEveryFurtherOneCosts() {
        assertEquals(1, Gelled.agedNeed(0));
        assertEquals(1, Gelled.agedNeed(WEEK));
        assertEquals(Math.E, Gelled.agedNeed(2 * WEEK), 1e-9);
        assertEquals(Math.E * Math.E, Gelled.agedNeed(3 * WEEK), 1e-9);
    }
}
