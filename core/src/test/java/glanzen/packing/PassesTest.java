package glanzen.packing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;

/** Every count is made exactly, in as few passes as by trying everything. */
class PassesTest {

    private static final Predicate<Set<String>> PAIRS = group -> group.size() <= 2;

    private static Map<String, Integer> made(Passes passes) {
        Map<String, Integer> made = new TreeMap<>();
        passes.passes().forEach(p -> p.ids().forEach(id -> made.merge(id, p.times(), Integer::sum)));
        return made;
    }

    @Test
    void threeThatGoInPairsTakeHalfOfAll() {
        Map<String, Integer> counts = Map.of("a", 36, "b", 36, "c", 36);
        Passes passes = Passes.of(counts, PAIRS);
        assertEquals(54, passes.times());
        assertEquals(54, passes.atLeast());
        assertEquals(new TreeMap<>(counts), made(passes));
    }

    @Test
    void whatGoesWithNothingGoesAlone() {
        Passes passes = Passes.of(Map.of("a", 12, "b", 30), group -> false);
        assertEquals(42, passes.times());
        assertEquals(List.of("b"), List.copyOf(passes.passes().get(0).ids()));
        assertEquals(0, Passes.of(Map.of(), PAIRS).times());
    }

    @Test
    void asFewAsByTryingEverything() {
        for (int seed = 1; seed <= 200; seed++) {
            Random random = new Random(seed);
            Map<String, Integer> counts = new HashMap<>();
            for (int n = 0; n < 2 + random.nextInt(3); n++) {
                counts.put("" + (char) ('a' + n), 1 + random.nextInt(4));
            }
            int rule = 2 + random.nextInt(60);
            Predicate<Set<String>> together = group -> group.stream()
                            .mapToInt(id -> 10 + (id.charAt(0) * rule) % 17)
                            .sum()
                    <= 40;
            Passes passes = Passes.of(counts, together);
            assertEquals(new TreeMap<>(counts), made(passes));
            passes.passes().forEach(p -> assertTrue(p.ids().size() == 1 || together.test(p.ids())));
            assertEquals(fewest(new TreeMap<>(counts), together, new HashMap<>()), passes.times(), "seed " + seed);
            assertTrue(passes.atLeast() <= passes.times());
        }
    }

    private static int fewest(
            TreeMap<String, Integer> left, Predicate<Set<String>> together, Map<Map<String, Integer>, Integer> known) {
        if (left.isEmpty()) {
            return 0;
        }
        Integer found = known.get(left);
        if (found != null) {
            return found;
        }
        int best = Integer.MAX_VALUE;
        List<String> ids = List.copyOf(left.keySet());
        for (int mask = 1; mask < 1 << ids.size(); mask++) {
            Set<String> group = new HashSet<>();
            for (int n = 0; n < ids.size(); n++) {
                if ((mask >> n & 1) == 1) {
                    group.add(ids.get(n));
                }
            }
            if (group.size() == 1 || together.test(group)) {
                TreeMap<String, Integer> next = new TreeMap<>(left);
                group.forEach(id -> next.computeIfPresent(id, (k, n) -> n == 1 ? null : n - 1));
                best = Math.min(best, 1 + fewest(next, together, known));
            }
        }
        known.put(new TreeMap<>(left), best);
        return best;
    }
}
