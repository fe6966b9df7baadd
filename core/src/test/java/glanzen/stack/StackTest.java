package glanzen.stack;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import glanzen.Bench;
import glanzen.Crafts;
import glanzen.kit.Board;
import glanzen.kit.Plate;
import glanzen.kit.StackItem;
import glanzen.measure.BadInput;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** What holds of layers in any order. */
class StackTest {

    private static final List<StackItem> THINGS = List.of(
            Bench.PLATFORM,
            Bench.WORDS,
            Bench.COPPER,
            Bench.SMOOTH,
            Bench.SPACER,
            Bench.PLASTIC,
            Bench.CARD_SHIM,
            Bench.METAL,
            Crafts.MAT,
            Crafts.OUTER);

    private static Stack any(Random random) {
        List<Layer> layers = new ArrayList<>();
        for (int n = 1 + random.nextInt(9); n > 0; n--) {
            layers.add(new Layer(
                    THINGS.get(random.nextInt(THINGS.size())), random.nextBoolean() ? Facing.UP : Facing.DOWN));
        }
        return new Stack(layers);
    }

    @RepeatedTest(20)
    void layersThatAreMovedAreTheSameLayers(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        Stack stack = any(random);
        int from = random.nextInt(stack.layers().size());
        int to = random.nextInt(stack.layers().size());
        Stack moved = stack.moved(from, to);
        assertEquals(stack.layers().get(from), moved.layers().get(to));
        assertEquals(stack, moved.moved(to, from));
        assertEquals(stack.thicknessMm(), moved.thicknessMm(), 1e-9);
    }

    @RepeatedTest(20)
    void aLayerPutInMakesItThickerByItselfAndCanBeTakenOutAgain(RepetitionInfo run) {
        Random random = new Random(100 + run.getCurrentRepetition());
        Stack stack = any(random);
        int at = random.nextInt(stack.layers().size() + 1);
        Layer more = new Layer(Bench.THIN_CARD, Facing.UP);
        Stack thicker = stack.with(at, more);
        assertEquals(stack, thicker.without(at));
        assertEquals(stack.thicknessMm() + 0.16, thicker.thicknessMm(), 1e-9);
        assertEquals(stack.overfillMm(14) + 0.16, thicker.overfillMm(14), 1e-9);
        assertEquals(stack, stack.replaced(0, stack.layers().get(0).flipped().flipped()));
    }

    @Test
    void onlySoftShimsOverTheToolMakeTheBackingGive() {
        List<Layer> layers = new ArrayList<>();
        for (StackItem item : List.of(Bench.CARD_SHIM, Bench.WORDS, Bench.COPPER, Bench.SMOOTH)) {
            layers.add(new Layer(item, Facing.UP));
        }
        Stack bare = new Stack(layers);
        assertEquals(0, bare.softBackingMm(), "what lies under the tool gives nothing, and stock does not count");
        assertEquals(0.30, bare.with(4, new Layer(Bench.CARD_SHIM, Facing.UP)).softBackingMm(), 1e-9);
        assertEquals(0, bare.with(4, new Layer(Bench.METAL, Facing.UP)).softBackingMm(), "steel does not give");
    }

    @Test
    void whatIsThereIsFoundFromTheBottom() {
        Stack stack = new Stack(List.of(
                new Layer(Bench.SPACER, Facing.UP),
                new Layer(Bench.WORDS, Facing.UP),
                new Layer(Bench.METAL, Facing.UP)));
        assertEquals(List.of(Bench.SPACER, Bench.METAL), stack.all(Board.class));
        assertEquals(1, stack.indexOf(Plate.class));
        assertEquals(2, stack.indexWhere(Bench.METAL::equals));
        assertEquals(-1, stack.indexWhere(Bench.COPPER::equals));
    }

    @Test
    void whatIsFoldedLiesThereTwice() {
        Stack stack = new Stack(Collections.nCopies(3, new Layer(Crafts.CARRIER, Facing.UP)));
        assertEquals(2 * Crafts.CARRIER.owned() - 3, stack.left(Crafts.CARRIER));
        assertEquals(Bench.METAL.owned(), stack.left(Bench.METAL));
    }

    @Test
    void noMoreAreStackedThanAPressTakes() {
        List<Layer> most = Collections.nCopies(Stack.MOST, new Layer(Bench.THIN_CARD, Facing.UP));
        assertEquals(Stack.MOST, new Stack(most).layers().size());
        BadInput over = assertThrows(BadInput.class, () -> new Stack(most).with(3, most.get(0)));
        assertEquals("layers", over.problems().get(0).field());
        assertThrows(BadInput.class, () -> new Stack(List.of()));
    }
}
