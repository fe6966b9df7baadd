package glanzen.press;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.kit.Stock;
import glanzen.material.Fitted;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ReliefTest {

    @Test
    void theReferenceSheetIsFormedAtItsPressure() {
        assertEquals(Fitted.FORMING.value() * 2, Relief.formingMpa(Stock.Kind.CARD, 0.30, 0.8, 25), 1e-9);
        assertEquals(0.97, Relief.formed(1), 0.005);
        assertEquals(0, Relief.formed(0));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.1, 0.3, 0.8})
    void thickerDeeperAndNarrowerWantsMore(double sheet) {
        double plain = Relief.formingMpa(Stock.Kind.CARD, sheet, 0.8, 60);
        assertTrue(Relief.formingMpa(Stock.Kind.CARD, sheet + 0.1, 0.8, 60) > plain);
        assertTrue(Relief.formingMpa(Stock.Kind.CARD, sheet, 1.6, 60) > plain);
        assertTrue(Relief.formingMpa(Stock.Kind.CARD, sheet, 0.8, 8) > plain);
        assertTrue(Relief.formingMpa(Stock.Kind.LEATHER, sheet, 0.8, 60) < plain);
        assertTrue(Relief.formingMpa(Stock.Kind.ACETATE, sheet, 0.8, 60) > plain);
    }

    @Test
    void deepReliefTearsSooner() {
        assertEquals(Fitted.TEARING.value(), Relief.tearing(0.8, 0.34), 1e-9);
        assertTrue(Relief.tearing(1.6, 0.34) < Relief.tearing(0.8, 0.34));
        assertTrue(Relief.tearing(1.6, 0.34) > 1, "there is room between formed and torn");
        assertEquals(0.20, Relief.crackMm(1), 1e-9);
    }
}
