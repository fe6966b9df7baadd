package glanzen.learning;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What many pulls tell together: how a recipe drifts, and which board presses one side less. */
class StoriesTest {

    private static List<Trend.Point> pulls(int n, double perPull, double perDegree, long seed) {
        Random luck = new Random(seed);
        return IntStream.range(0, n)
                .mapToObj(i -> {
                    double roomC = 17 + 8 * luck.nextDouble();
                    double coverage = 0.94 + perPull * i + perDegree * (roomC - 21) + 0.008 * luck.nextGaussian();
                    return new Trend.Point(Math.max(0, Math.min(1, coverage)), roomC);
                })
                .toList();
    }

    @Test
    void aRecipeThatLosesCoverageIsSaidSo() {
        Trend trend = Trend.of(pulls(14, -0.006, 0, 3));
        assertEquals(-0.06, trend.perTenPulls(), 0.02);
        assertTrue(trend.says().startsWith("It loses 5.8 points"), trend.says());
    }

    @Test
    void aWarmRoomIsNotTakenForWear() {
        String says = Trend.of(pulls(16, 0, 0.006, 5)).says();
        assertTrue(says.contains("warm room"), says);
    }

    @Test
    void luckIsNoTrendAndAFewPullsAreNone() {
        long told = IntStream.range(0, 200)
                .filter(n -> !Trend.of(pulls(12, 0, 0, 1000 + n)).says().isEmpty())
                .count();
        assertTrue(told < 26, told + " of 200 by luck alone");
        assertEquals("", Trend.of(pulls(5, -0.05, 0, 1)).says());
        assertEquals(
                "",
                Trend.of(pulls(9, 0, 0, 2).stream()
                                .map(p -> new Trend.Point(0.99, 21))
                                .toList())
                        .says());
    }

    private static Uneven.Read read(double onRight, String... boards) {
        return new Uneven.Read(onRight, 0, Set.of(boards));
    }

    private static Uneven.Read weakMiddle(double inMiddle, String... boards) {
        return new Uneven.Read(0, inMiddle, Set.of(boards));
    }

    @Test
    void aWeakMiddleIsTheBoardsWhereItGoesWithOneAndTheRollersOtherwise() {
        List<Uneven.Read> with = List.of(
                weakMiddle(0.15, "Spacer", "Outer plate, old"),
                weakMiddle(0.02, "Spacer", "Outer plate, new"),
                weakMiddle(0.1, "Spacer", "Outer plate, old"),
                weakMiddle(0.12, "Spacer", "Outer plate, old"));
        Uneven bowed = Uneven.of(with).orElseThrow();
        assertEquals(Uneven.Place.MIDDLE, bowed.place());
        assertTrue(bowed.says().contains("Outer plate, old: it may be bowed"), bowed.says());
        List<Uneven.Read> always = List.of(weakMiddle(0.15, "A"), weakMiddle(0.1, "A"), weakMiddle(0.12, "A"));
        assertTrue(Uneven.of(always).isEmpty());
    }

    @Test
    void theBoardThatGoesWithAWeakSideIsNamed() {
        Optional<Uneven> found = Uneven.of(List.of(
                read(-0.12, "Spacer", "Outer plate, old"),
                read(0.01, "Spacer", "Outer plate, new"),
                read(-0.15, "Spacer", "Outer plate, old"),
                read(-0.09, "Spacer", "Outer plate, old")));
        assertEquals(Uneven.Place.RIGHT, found.orElseThrow().place());
        assertEquals(3, found.get().pulls());
        assertEquals(Optional.of("Outer plate, old"), found.get().board());
        assertTrue(found.get().says().contains("right side"), found.get().says());
    }

    @Test
    void aSideThatChangesOrOnlyTwoPullsNameNothing() {
        assertTrue(Uneven.of(List.of(read(-0.12, "A"), read(0.13, "A"), read(-0.2, "A"), read(-0.1, "A")))
                .isEmpty());
        assertTrue(Uneven.of(List.of(read(-0.12, "A"), read(-0.13, "A"))).isEmpty());
        Uneven unknown = Uneven.of(List.of(read(0.12, "A"), read(0.13, "A"), read(0.2, "A")))
                .orElseThrow();
        assertTrue(unknown.board().isEmpty(), "where it lay each time nothing tells it from the others");
        assertTrue(unknown.says().contains("left side"), unknown.says());
    }
}
