package glanzen.start;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.Crafts;
import glanzen.kit.Board;
import glanzen.material.Material;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FillingTest {

    private static final List<Board> BOARDS = List.of(
            Crafts.BASE,
            Crafts.OUTER,
            Crafts.EMBOSSING_PLATE,
            Bench.PLASTIC,
            Bench.PLASTIC,
            Bench.CARD_SHIM,
            Bench.THIN_CARD);

    private static double mm(List<Board> boards) {
        return boards.stream().mapToDouble(Board::thicknessMm).sum();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.5, 1.0, 2.0, 3.05, 5.05, 6.25, 9.3, 11.3})
    void whatIsThereIsFound(double wanted) {
        assertEquals(wanted, mm(Filling.below(BOARDS, wanted)), 0.12);
    }

    @Test
    void nothingIsAddedWhereNothingIsWanting() {
        assertEquals(List.of(), Filling.below(BOARDS, 0));
        assertEquals(List.of(), Filling.below(BOARDS, -1));
        assertEquals(List.of(), Filling.below(List.of(), 4));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.4, 2.2, 6.25, 13})
    void aShelfOfHundredsIsGoneThrough(double wanted) {
        List<Board> hundreds = IntStream.range(0, 300)
                .mapToObj(n -> Bench.board("b" + n, Board.Kind.PLASTIC_SHIM, Material.POLYCARBONATE, 4 - n * 0.013))
                .toList();
        assertEquals(wanted, mm(Filling.below(hundreds, wanted)), 0.05);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.4, 2.2, 6.25, 13})
    void alsoWhereAsManyAsItTakesMayBeLaid(double wanted) {
        List<Board> hundred = IntStream.range(0, 100)
                .mapToObj(n -> Bench.board("b" + n, Board.Kind.PLASTIC_SHIM, Material.POLYCARBONATE, 2.1 - n * 0.02))
                .toList();
        Filling.Wanting wanting = new Filling.Wanting(wanted, wanted, 0.3);
        assertEquals(wanted, mm(Filling.below(hundred, wanting, Filling.Most.FREELY)), 0.1);
    }

    @Test
    void whatIsRefusedOrNotGrippedIsWorseThanManyBoards() {
        List<Board> shelf = List.of(Crafts.OUTER, Bench.PLASTIC, Bench.PLASTIC, Bench.PLASTIC, Bench.PLASTIC);
        assertEquals(
                List.of(Crafts.OUTER),
                Filling.below(shelf, new Filling.Wanting(2.5, 1, 1), Filling.Most.USUAL),
                "half a millimetre more is borne");
        assertEquals(
                List.of(Bench.PLASTIC, Bench.PLASTIC, Bench.PLASTIC, Bench.PLASTIC),
                Filling.below(shelf, new Filling.Wanting(2.5, 1, 0.2), Filling.Most.USUAL),
                "it is not, and half a millimetre less is gripped");
    }

    @Test
    void oneBoardIsBetterThanTwoAsThick() {
        assertEquals(List.of(Bench.PLASTIC), Filling.below(BOARDS, 0.47));
    }

    @Test
    void noChoiceOfFourIsCloserByMoreThanABoardIsWorth() {
        Random random = new Random(5);
        for (int n = 0; n < 40; n++) {
            double wanted = 9 * random.nextDouble();
            List<Board> best = Filling.below(BOARDS, wanted);
            List<Board> other = new ArrayList<>(BOARDS);
            other.sort(Comparator.comparingInt(b -> random.nextInt()));
            other = other.subList(0, random.nextInt(5));
            double off = mm(other) - wanted;
            double bestOff = mm(best) - wanted;
            double loss = Math.max(bestOff, -1.8 * bestOff) + 0.02 * best.size();
            double rival = Math.max(off, -1.8 * off) + 0.06 * other.size();
            assertTrue(loss <= rival + 1e-9 + 0.06 * best.size(), wanted + ": " + best + " against " + other);
        }
    }
}
