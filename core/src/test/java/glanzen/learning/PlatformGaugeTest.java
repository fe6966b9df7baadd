package glanzen.learning;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.artwork.Motif;
import glanzen.heat.Lump;
import glanzen.kit.Plate;
import glanzen.learning.PlatformGauge.Figures;
import glanzen.learning.PlatformGauge.Told;
import glanzen.material.Material;
import glanzen.measure.BadInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A platform measured with a clock. */
class PlatformGaugeTest {

    private static final Plate LARGE =
            new Plate("p", "Large", Plate.Kind.SOLID_PLATE, Material.BRASS, 6, 120, 120, Motif.of(Motif.Kind.SOLID));

    /** Hidden platforms, weak and strong, that are told of with a clock that is read to five seconds. */
    @ParameterizedTest
    @CsvSource({"700,110", "900,150", "1400,150", "1100,240"})
    void aClockTellsWhatItHoldsAndGives(double capacity, double power) {
        double loss = 0.0019 * 315;
        Lump hidden = new Lump(capacity, loss, power, 91);
        Told told = new Told(
                150, 210, 112, 21, five(hidden.secondsToReady(0)), LARGE, five(PlatformGauge.again(LARGE, hidden)));
        Figures figures = PlatformGauge.of(told);
        assertEquals(capacity, figures.heatCapacityJPerK(), 0.15 * capacity);
        assertEquals(power, figures.maxPowerW(), 0.15 * power);
        Lump found = new Lump(figures.heatCapacityJPerK(), figures.lossWPerK(), figures.maxPowerW(), 91);
        assertEquals(told.coldSeconds(), found.secondsToReady(0), 4);
    }

    private static double five(double seconds) {
        return 5 * Math.round(seconds / 5);
    }

    @Test
    void withoutAPlateItsHeaterIsAnOrdinaryOne() {
        Figures figures = PlatformGauge.of(new Told(150, 210, 112, 21, 700, null, 0));
        assertEquals(151, figures.maxPowerW(), 2);
        assertTrue(figures.heatCapacityJPerK() > 700 && figures.heatCapacityJPerK() < 1200, figures.toString());
    }

    @Test
    void aTimeThatNobodyWaitsIsRefused() {
        assertThrows(BadInput.class, () -> new Told(150, 210, 112, 21, 5, null, 0));
    }
}
