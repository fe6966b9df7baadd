package glanzen.advice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.kit.Board;
import glanzen.kit.Board.Kind;
import glanzen.material.Material;
import java.util.List;
import org.junit.jupiter.api.Test;

class BoardCareTest {

    private static Board plate(String id, double mm, double bowMm, int passes, double price) {
        return new Board(
                id,
                id,
                Kind.OUTER_PLATE,
                Material.POLYCARBONATE,
                mm,
                150,
                210,
                1,
                bowMm,
                passes,
                400,
                price,
                0,
                false,
                null);
    }

    private static BoardCare.Care care(String id, Board... boards) {
        return BoardCare.of(List.of(boards)).stream()
                .filter(c -> c.boardId().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aBowedPlateWantsTurningAndIsThenAtPeace() {
        Board bowed = plate("a", 3, 7, 100, 12);
        assertTrue(care("a", bowed).turn());
        assertTrue(care("a", bowed).says().get(0).contains("refused"));
        Board turned = bowed.turned();
        assertEquals(1, turned.turns());
        assertFalse(care("a", turned).turn());
        assertTrue(care("a", turned).says().isEmpty());
        assertEquals(bowed.bowMm(), turned.turned().bowMm());
    }

    @Test
    void theWornOneLetsTheFreshOneTakeItsTurn() {
        Board worn = plate("worn", 3.05, 0, 390, 12);
        Board fresh = plate("fresh", 3.1, 0, 10, 12);
        Board thick = plate("thick", 4, 0, 0, 12);
        assertEquals(2, care("worn", worn, fresh, thick).says().size());
        assertTrue(care("worn", worn, fresh).says().get(1).contains("fresh"));
        assertTrue(care("fresh", worn, fresh).says().isEmpty());
        assertEquals(10, care("worn", worn, fresh).passesLeft());
        assertEquals(391, worn.pressed(1).passes());
    }

    @Test
    void aCheaperPlateIsReckonedWithTheCardThatMakesUpForIt() {
        Board own = plate("own", 3.05, 0, 0, 16);
        Board other = plate("other", 2.75, 0, 0, 6);
        BoardCare.Cheaper c = BoardCare.compare(List.of(own, other, Bench.CARD_SHIM, Bench.THIN_CARD))
                .get(0);
        assertEquals(0.04, c.ownCost(), 1e-9);
        assertEquals(0.015, c.otherCost(), 1e-9);
        assertTrue(c.says().endsWith("; with " + Bench.CARD_SHIM.name() + " it is the same"), c.says());
        assertTrue(c.caution().contains("no maker vouches"));
        assertEquals(
                "just as thick",
                BoardCare.compare(List.of(own, plate("same", 3.05, 0, 0, 6)))
                        .get(0)
                        .says());
        assertTrue(BoardCare.compare(List.of(own, plate("gift", 3, 0, 0, 0))).isEmpty(), "no price, no comparing");
    }
}
