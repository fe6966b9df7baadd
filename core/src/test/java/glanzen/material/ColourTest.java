package glanzen.material;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ColourTest {

    /** Test pairs published with the formula (Sharma, Wu and Dalal 2005). */
    @ParameterizedTest
    @CsvSource({
        "50.0000, 2.6772, -79.7751, 50.0000, 0.0000, -82.7485, 2.0425",
        "50.0000, 3.1571, -77.2803, 50.0000, 0.0000, -82.7485, 2.8615",
        "50.0000, 2.8361, -74.0200, 50.0000, 0.0000, -82.7485, 3.4412",
        "50.0000, -1.3802, -84.2814, 50.0000, 0.0000, -82.7485, 1.0000",
        "50.0000, 0.0000, 0.0000, 50.0000, -1.0000, 2.0000, 2.3669",
        "50.0000, 2.4900, -0.0010, 50.0000, -2.4900, 0.0009, 7.1792",
        "50.0000, 2.4900, -0.0010, 50.0000, -2.4900, 0.0011, 7.2195",
        "50.0000, -0.0010, 2.4900, 50.0000, 0.0009, -2.4900, 4.8045",
        "50.0000, 2.5000, 0.0000, 73.0000, 25.0000, -18.0000, 27.1492",
        "50.0000, 2.5000, 0.0000, 61.0000, -5.0000, 29.0000, 22.8977",
        "60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644",
        "22.7233, 20.0904, -46.6940, 23.0331, 14.9730, -42.5619, 2.0373",
        "90.8027, -2.0831, 1.4410, 91.1528, -1.6435, 0.0447, 1.4441",
        "2.0776, 0.0795, -1.1350, 0.9033, -0.0636, -0.5514, 0.9082"
    })
    void differencesAreAsPublished(
            double l1, double a1, double b1, double l2, double a2, double b2, double difference) {
        Colour one = new Colour(l1, a1, b1);
        Colour two = new Colour(l2, a2, b2);
        assertEquals(difference, one.difference(two), 1e-4);
        assertEquals(difference, two.difference(one), 1e-4);
    }

    @Test
    void screensAreRead() {
        assertEquals(100, Colour.of("#ffffff").lightness(), 0.01);
        assertEquals(0, Colour.of("#000000").lightness(), 0.01);
        assertEquals(53.24, Colour.of("#ff0000").lightness(), 0.05);
        assertTrue(Colour.of("#b8683a").difference(Colour.of("#bb7146")) < Colour.LOOKS_ALIKE);
        assertTrue(Colour.of("#b8683a").difference(Colour.of("#c69a3b")) > Colour.LOOKS_ALIKE);
    }
}
