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

class DriftTest {

    private static List<Outcome> pulls(String told) {
        return Stream.of(told.split(""))
                .map(c -> c.equals("u") ? Outcome.UNDER : c.equals("o") ? Outcome.OVER : Outcome.CLEAN)
                .toList();
    }

    @Test
    void whatComesOutOtherwiseLatelyIsSeen() {
        assertEquals(Outcome.UNDER, Drift.of(pulls("cccccuuu")).orElseThrow().side());
        assertEquals(Outcome.OVER, Drift.of(pulls("ccucccoocoo")).orElseThrow().side());
    }

    @Test
    void oneOddPullIsNoDrift() {
        assertEquals(Optional.empty(), Drift.of(pulls("ccccccu")));
        assertEquals(Optional.empty(), Drift.of(pulls("ucuccuccu")));
        assertEquals(Optional.empty(), Drift.of(List.of()));
    }

    @Test
    void luckIsSeldomTakenForIt() {
        long taken = IntStream.range(0, 400)
                .filter(seed -> {
                    Random random = new Random(seed);
                    List<Outcome> told = IntStream.range(0, 12)
                            .mapToObj(i -> random.nextDouble() < 0.2 ? Outcome.UNDER : Outcome.CLEAN)
                            .toList();
                    return Drift.of(told).isPresent();
                })
                .count();
        assertTrue(taken < 0.12 * 400, taken + " of 400");
    }
}
