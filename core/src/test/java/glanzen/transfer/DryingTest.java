package glanzen.transfer;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.measure.BadInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DryingTest {

    /** “Two hours” and “a full day” are both right: it is the coat that differs. */
    @ParameterizedTest
    @CsvSource({"0.15, 2.2", "0.5, 24.4"})
    void thinCoatsTakeTwoHoursThickOnesADay(double coatMm, double hours) {
        assertEquals(hours, new Drying(coatMm, 21, 0.5).secondsTo(Drying.SOUND) / 3600, 0.1);
    }

    @Test
    void itIsClearBeforeItIsSoundAndDrynessOnlyGrows() {
        Drying gel = new Drying(0.3, 21, 0.5);
        assertTrue(gel.secondsTo(Drying.CLEAR) < gel.secondsTo(Drying.BLOB));
        assertTrue(gel.secondsTo(Drying.BLOB) < gel.secondsTo(Drying.SOUND));
        double before = 0;
        for (int t = 0; t < 100_000; t += 500) {
            assertTrue(gel.dryness(t) >= before && gel.dryness(t) < 1);
            before = gel.dryness(t);
        }
        assertEquals(Drying.CLEAR, gel.dryness(gel.secondsTo(Drying.CLEAR)), 1e-12);
    }

    @Test
    void dampAndCoolRoomsDrySlower() {
        double usual = new Drying(0.2, 21, 0.5).timeConstantSeconds();
        assertEquals(3600, usual, 1e-6);
        assertEquals(2 * usual, new Drying(0.2, 21, 0.75).timeConstantSeconds(), 1e-6);
        assertTrue(new Drying(0.2, 14, 0.5).timeConstantSeconds() > 1.3 * usual);
        assertThrows(BadInput.class, () -> new Drying(0, 21, 0.5));
        assertThrows(BadInput.class, () -> new Drying(0.2, 21, 1));
    }

    @Test
    void nothingTurnsWithinMinutesOrMicrometres() {
        Drying gel = new Drying(0.20, 21, 0.5);
        double sound = gel.secondsTo(Drying.SOUND);
        assertEquals(gel.stillWet(sound), gel.stillWet(sound - 60), 0.01);
        assertEquals(gel.stillWet(sound), new Drying(0.201, 21, 0.5).stillWet(sound), 0.02);
        assertEquals(1, gel.stillWet(0));
        assertTrue(gel.stillWet(24 * 3600) < 1e-6, "a day does");
    }
}
