package glanzen.kit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.Crafts;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What of one's own could stand in for what somebody else owns. */
class LikenessTest {

    private static Board board(Board b, String id, String name, double thicknessMm) {
        return new Board(
                id,
                name,
                b.kind(),
                b.material(),
                thicknessMm,
                b.widthMm(),
                b.heightMm(),
                b.owned() + 3,
                0.7,
                b.passes() + 40,
                b.lifePasses(),
                9,
                2,
                b.opaque(),
                null);
    }

    @Test
    void wearNameAndPriceAreNobodyElsesAffair() {
        Board theirs = board(Bench.PLASTIC, "x", "Grey sheet", Bench.PLASTIC.thicknessMm() * 1.03);
        assertTrue(Likeness.same(Bench.PLASTIC, theirs));
        assertFalse(Likeness.same(Bench.PLASTIC, board(theirs, "y", "Thick sheet", theirs.thicknessMm() * 1.5)));
    }

    @Test
    void theMostAlikeComesFirstAndOfTwoAlikeTheOneOfThatName() {
        Board theirs = board(Bench.PLASTIC, "x", "Clear sheet", 1.0);
        Board far = board(theirs, "far", "Clear sheet", 1.4);
        Board near = board(theirs, "near", "Another", 1.02);
        Board named = board(theirs, "named", "clear sheet", 1.02);
        List<Owned> found = Likeness.standIns(theirs, List.of(far, near, named, Bench.SMOOTH, Bench.CRANK));
        assertEquals(List.of(named, near, far), found);
        assertEquals(named, Likeness.usual(theirs, List.of(far, near, named)).orElseThrow());
        assertTrue(Likeness.usual(theirs, List.of(far)).isEmpty(), "bought or cut rather than made do with");
    }

    @Test
    void nobodyBuysAPressForARecipe() {
        Press c = Bench.CRANK;
        Press theirs =
                new Press("x", "Theirs", Press.Kind.MOTOR, 19, 9000, 20, 300, c.maxForceN() * 2, 0, 5, 10, 15, true);
        assertEquals(
                Bench.CRANK,
                Likeness.usual(theirs, List.of(Bench.CRANK, Crafts.ROLLERS)).orElseThrow());
        assertTrue(Likeness.usual(Crafts.ROLLERS, List.of(Bench.CRANK)).isEmpty());
    }
}
