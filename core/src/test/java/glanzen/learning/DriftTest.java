package glanzen.learning;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.learning.Observation.Outcome;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DriftTest {

    private static List<Outcome> pulls(String told) {
        return Stream.of(told.split(""))
                .map(c -> c.equals("u") ? Outcome.UNDER : c.equals("o") ? Outcome.OVER : Outcome.CLEAN)
                .toList();
    }

    @Test
    void whatComesOutOtherwiseLatelyIsSeen() {
        assertEquals(
                Outcome.UNDER, Drift.of(pulls("cccccccccuuuu")).orElseThrow().side());
        assertEquals(
                Outcome.OVER, Drift.of(pulls("ccuccccccooooo")).orElseThrow().side());
    }

    @Test
    void oneOddPullIsNoDrift() {
        assertEquals(Optional.empty(), Drift.of(pulls("ccccccu")));
        assertEquals(Optional.empty(), Drift.of(pulls("ucuccuccu")));
        assertEquals(Optional.empty(), Drift.of(List.of()));
    }

    private static List<Outcome> batch(Random random, int count, double before, int changes, double after) {
        return IntStream.range(0, count)
                .mapToObj(i -> random.nextDouble() < (i < changes ? before : after)
                        ? random.nextInt(4) == 0 ? Outcome.OVER : Outcome.UNDER
                        : Outcome.CLEAN)
                .toList();
    }

    /** Looked for at every pull, as the page does. */
    private static boolean seen(List<Outcome> told) {
        return IntStream.rangeClosed(1, told.size())
                .anyMatch(n -> Drift.of(told.subList(0, n)).isPresent());
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.05, 0.1, 0.2, 0.3, 0.5})
    void luckIsSeldomTakenForIt(double share) {
        for (int count : new int[] {20, 40}) {
            long taken = IntStream.range(0, 400)
                    .filter(seed -> seen(batch(new Random(seed), count, share, 0, share)))
                    .count();
            assertTrue(taken <= 0.05 * 400, taken + " of 400 batches of " + count);
        }
    }

    @Test
    void whatChangesIsFoundInTheEnd() {
        long found = IntStream.range(0, 200)
                .filter(seed -> seen(batch(new Random(seed), 30, 0.05, 15, 0.8)))
                .count();
        assertTrue(found > 0.75 * 200, found + " of 200");
    }
}
