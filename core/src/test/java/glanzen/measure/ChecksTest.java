package glanzen.measure;

import static org.junit.jupiter.api.Assertions.assertDoesNotThrow;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import glanzen.artwork.Motif;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.material.Material;
import glanzen.material.PaperWeight;
import glanzen.material.Surface;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ChecksTest {

    @Test
    void gathersEverythingWrongAtOnce() {
        BadInput bad = assertThrows(
                BadInput.class,
                () -> new Board("b", " ", Board.Kind.SPACER, Material.LAMINATE, -3, 150, 9000, 0, 0, 1, 10));
        assertEquals(
                List.of("name", "thicknessMm", "heightMm", "owned"),
                bad.problems().stream().map(BadInput.Problem::field).toList());
    }

    @Test
    void saysHowMuchWouldBeAccepted() {
        BadInput bad = assertThrows(
                BadInput.class,
                () -> new Checks().lengthMm("width", 900, 5, 400).done());
        assertEquals("{mm:900} is too much", bad.problems().get(0).message());
        assertEquals("{mm:5} to {mm:400}", bad.problems().get(0).accepted());
    }

    @ParameterizedTest
    @ValueSource(doubles = {Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, -1, 31})
    void refusesAbsurdThickness(double thicknessMm) {
        assertThrows(
                BadInput.class,
                () -> new Stock(
                        "s",
                        "Card",
                        Stock.Kind.CARD,
                        Surface.SMOOTH,
                        thicknessMm,
                        300,
                        100,
                        140,
                        1,
                        true,
                        false,
                        "#ffffff"));
    }

    @Test
    void refusesColoursThatAreNone() {
        assertThrows(
                BadInput.class,
                () -> new Film("f", "Foil", Film.Kind.HOT_FOIL, 0.012, 100, 5000, 10, "javascript:alert(1)"));
    }

    @Test
    void refusesMoreFoilLeftThanTheRollEverHad() {
        assertThrows(BadInput.class, () -> new Film("f", "Foil", Film.Kind.HOT_FOIL, 0.012, 100, 100, 101, "#b8683a"));
    }

    @Test
    void refusesWordsThatCannotBeLettered() {
        assertThrows(BadInput.class, () -> Motif.words("漢字"));
        assertThrows(BadInput.class, () -> Motif.words(""));
        assertDoesNotThrow(() -> Motif.words("Alder Lane & Co., 1st"));
    }

    @Test
    void takesAPlainPlate() {
        assertDoesNotThrow(
                () -> new Plate("p", "Bee", Plate.Kind.PLATE, Material.BRASS, 1.6, 60, 50, Motif.of(Motif.Kind.BEE)));
    }

    @Test
    void reckonsCaliperFromWeightAndBulk() {
        assertEquals(0.375, PaperWeight.caliperMm(300, 1.25), 1e-12);
        assertThrows(BadInput.class, () -> PaperWeight.caliperMm(300, 12));
    }

    @Test
    void marksQuantitiesForWhoeverShowsThem() {
        assertEquals("{mm:0.45}", Figures.length(0.45));
        assertEquals("{c:112}", Figures.temperature(112));
        assertEquals("{s:30}", Figures.duration(30));
        assertEquals("{gsm:300}", Figures.weight(300));
        assertEquals("{mm:300}", Figures.length(300));
    }
}
