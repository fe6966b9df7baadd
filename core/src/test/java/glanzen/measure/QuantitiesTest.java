package glanzen.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class QuantitiesTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "4 1/4      | IN | 107.95",
                "4-1/4\"    | MM | 107.95",
                "4¼ in      | MM | 107.95",
                "108 mm     | IN | 108",
                "10.8 cm    | IN | 108",
                "10,8cm     | MM | 108",
                "108        | MM | 108",
                "2          | IN | 50.8",
                "1/16       | IN | 1.5875",
                "3/32″      | MM | 2.38125",
                ".5 inch    | MM | 12.7",
                "0.012      | MM | 0.012",
                "-3 mm      | MM | -3",
                "7 MM       | IN | 7"
            })
    void readsLengthsAsPeopleWriteThem(String text, LengthUnit unit, double mm) {
        assertEquals(mm, Quantities.lengthMm("width", text, unit), 1e-9);
    }

    @ParameterizedTest
    @CsvSource({"112, C, 112", "112 °C, F, 112", "234°F, C, 112.222", "212, F, 100", "32 f, C, 0"})
    void readsTemperatures(String text, TemperatureUnit unit, double celsius) {
        assertEquals(celsius, Quantities.celsius("heat", text, unit), 1e-3);
    }

    @ParameterizedTest
    @CsvSource({
        "300gsm, GSM, 300",
        "300 g/m², LB_COVER, 300",
        "110 lb cover, GSM, 297.44",
        "110lb, GSM, 297.44",
        "80 lbs text, GSM, 118.4",
        "90# index, GSM, 162.63",
        "110, LB_COVER, 297.44",
        "60 lb, LB_TEXT, 88.8"
    })
    void readsPaperWeights(String text, WeightUnit unit, double gsm) {
        assertEquals(gsm, Quantities.gsm("weight", text, unit), 1e-9);
    }

    @ParameterizedTest
    @CsvSource({"45, 45", "45 s, 45", "4 min, 240", "1:30, 90", "0.5 h, 1800", "1 1/2 min, 90"})
    void readsDurations(String text, double seconds) {
        assertEquals(seconds, Quantities.seconds("soak", text), 1e-9);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "wide", "4 furlongs", "1/0", "1//2", "4 1/4 1/4", "12 mmm", "𝟜"})
    void saysWhatItAcceptsWhenItCannotRead(String text) {
        BadInput bad = assertThrows(BadInput.class, () -> Quantities.lengthMm("width", text, LengthUnit.MM));
        assertEquals("width", bad.problems().get(0).field());
        assertTrue(bad.problems().get(0).accepted().contains("4 1/4"));
    }

    @Test
    void namesAnUnknownUnit() {
        BadInput bad = assertThrows(BadInput.class, () -> Quantities.gsm("weight", "300 stone", WeightUnit.GSM));
        assertTrue(bad.getMessage().contains("stone"));
    }

    @Test
    void doesNotRepeatEndlessTextBack() {
        String endless = "x".repeat(5000);
        BadInput bad = assertThrows(BadInput.class, () -> Quantities.seconds("soak", endless));
        assertTrue(bad.getMessage().length() < 200);
    }
}
