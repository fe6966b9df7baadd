package glanzen.packing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import org.apache.commons.math3.optim.linear.LinearConstraint;
import org.apache.commons.math3.optim.linear.LinearConstraintSet;
import org.apache.commons.math3.optim.linear.LinearObjectiveFunction;
import org.apache.commons.math3.optim.linear.NonNegativeConstraint;
import org.apache.commons.math3.optim.linear.Relationship;
import org.apache.commons.math3.optim.linear.SimplexSolver;
import org.apache.commons.math3.optim.nonlinear.scalar.GoalType;

/**
 * The fewest passes that make the counts wanted, when some things can go through together. Which groups can is asked, smaller ones
 * first. The passes of each group come from the linear covering problem (Gilmore and Gomory 1961), rounded down, and what is then
 * missing is made up by trying.
 *
 * @param passes who goes through together, and how often; most often first
 * @param atLeast no way needs fewer passes
 */
public record Passes(List<Pass> passes, int atLeast) {

    /** Together through the press, so many times. */
    public record Pass(Set<String> ids, int times) {

        public Pass {
            ids = new TreeSet<>(ids);
        }
    }

    public Passes {
        passes = List.copyOf(passes);
    }

    /** How often the machine is fed. */
    public int times() {
        return passes.stream().mapToInt(Pass::times).sum();
    }

    /**
     * Finds them.
     *
     * @param counts how often each is wanted
     * @param together whether some can go through at once; whoever can, can with fewer too
     */
    public static Passes of(Map<String, Integer> counts, Predicate<Set<String>> together) {
        if (counts.isEmpty()) {
            return new Passes(List.of(), 0);
        }
        List<Set<String>> groups = largest(counts.keySet(), together);
        List<String> ids = List.copyOf(new TreeSet<>(counts.keySet()));
        double[] often = often(ids, groups, counts);
        int atLeast = (int) Math.ceil(sum(often) - 1e-6);
        Map<Set<String>, Integer> times = new LinkedHashMap<>();
        Map<String, Integer> missing = new HashMap<>(counts);
        for (int g = 0; g < groups.size(); g++) {
            run(groups.get(g), (int) Math.floor(often[g] + 1e-6), times, missing);
        }
        missing.values().removeIf(n -> n <= 0);
        new Rest(groups).fewest(missing).forEach(g -> times.merge(g, 1, Integer::sum));
        return new Passes(exact(times, counts), atLeast);
    }

    private static void run(Set<String> group, int n, Map<Set<String>, Integer> times, Map<String, Integer> missing) {
        if (n > 0) {
            times.merge(group, n, Integer::sum);
            group.forEach(id -> missing.merge(id, -n, Integer::sum));
        }
    }

    private static double sum(double[] all) {
        double sum = 0;
        for (double one : all) {
            sum += one;
        }
        return sum;
    }

    /** Groups that can go through together and are part of no larger one. */
    private static List<Set<String>> largest(Collection<String> ids, Predicate<Set<String>> together) {
        List<Set<String>> all = new ArrayList<>();
        Set<Set<String>> known = new LinkedHashSet<>();
        new TreeSet<>(ids).forEach(id -> known.add(Set.of(id)));
        Set<Set<String>> now = known;
        while (!now.isEmpty()) {
            Set<Set<String>> good = now;
            all.addAll(good);
            Set<Set<String>> next = new LinkedHashSet<>();
            for (Set<String> group : good) {
                for (String id : new TreeSet<>(ids)) {
                    Set<String> more = new HashSet<>(group);
                    if (more.add(id) && everyPart(more, good)) {
                        next.add(more);
                    }
                }
            }
            next.removeIf(together.negate());
            now = next;
        }
        return all.stream()
                .filter(g -> all.stream().noneMatch(o -> o.size() > g.size() && o.containsAll(g)))
                .toList();
    }

    private static boolean everyPart(Set<String> group, Set<Set<String>> good) {
        return group.stream().allMatch(id -> {
            Set<String> without = new HashSet<>(group);
            without.remove(id);
            return good.contains(without);
        });
    }

    private static double[] often(List<String> ids, List<Set<String>> groups, Map<String, Integer> counts) {
        double[] ones = new double[groups.size()];
        Arrays.fill(ones, 1);
        List<LinearConstraint> enough = new ArrayList<>();
        for (String id : ids) {
            double[] holds =
                    groups.stream().mapToDouble(g -> g.contains(id) ? 1 : 0).toArray();
            enough.add(new LinearConstraint(holds, Relationship.GEQ, Objects.requireNonNull(counts.get(id))));
        }
        return new SimplexSolver()
                .optimize(
                        new LinearObjectiveFunction(ones, 0),
                        new LinearConstraintSet(enough),
                        GoalType.MINIMIZE,
                        new NonNegativeConstraint(true))
                .getPoint();
    }

    /** What is missing is little: at most as many passes as there are kinds of groups in use. */
    private static final class Rest {
        private final List<Set<String>> groups;
        private final int most;
        private List<Set<String>> best = List.of();

        Rest(List<Set<String>> groups) {
            this.groups = groups;
            this.most = groups.stream().mapToInt(Set::size).max().orElse(1);
        }

        List<Set<String>> fewest(Map<String, Integer> missing) {
            List<Set<String>> greedy = new ArrayList<>();
            Map<String, Integer> left = new HashMap<>(missing);
            while (!left.isEmpty()) {
                Set<String> next = groups.stream()
                        .max(Comparator.comparingLong(
                                g -> g.stream().filter(left::containsKey).count()))
                        .orElseThrow();
                greedy.add(next);
                next.forEach(id -> left.computeIfPresent(id, (k, n) -> n == 1 ? null : n - 1));
            }
            best = greedy;
            look(new HashMap<>(missing), new ArrayList<>());
            return best;
        }

        private void look(Map<String, Integer> missing, List<Set<String>> taken) {
            if (missing.isEmpty()) {
                best = taken.size() < best.size() ? List.copyOf(taken) : best;
                return;
            }
            int sum = missing.values().stream().mapToInt(n -> n).sum();
            int longest = missing.values().stream().mapToInt(n -> n).max().orElse(0);
            if (taken.size() + Math.max(longest, (sum + most - 1) / most) >= best.size()) {
                return;
            }
            String first = new TreeSet<>(missing.keySet()).first();
            for (Set<String> group : groups) {
                if (group.contains(first)) {
                    Map<String, Integer> left = new HashMap<>(missing);
                    group.forEach(id -> left.computeIfPresent(id, (k, n) -> n == 1 ? null : n - 1));
                    taken.add(group);
                    look(left, taken);
                    taken.remove(taken.size() - 1);
                }
            }
        }
    }

    /** Nobody cuts more than is wanted: whoever has enough stays out of the last ones. */
    private static List<Pass> exact(Map<Set<String>, Integer> times, Map<String, Integer> counts) {
        Map<String, Integer> left = new HashMap<>(counts);
        Map<Set<String>, Integer> exact = new LinkedHashMap<>();
        times.forEach((group, n) -> {
            int todo = n;
            while (todo > 0) {
                Set<String> going = new TreeSet<>(group);
                going.removeIf(id -> left.getOrDefault(id, 0) <= 0);
                if (going.isEmpty()) {
                    return;
                }
                int most = Math.min(
                        todo,
                        going.stream()
                                .mapToInt(id -> left.getOrDefault(id, 0))
                                .min()
                                .orElseThrow());
                exact.merge(going, most, Integer::sum);
                going.forEach(id -> left.merge(id, -most, Integer::sum));
                todo -= most;
            }
        });
        return exact.entrySet().stream()
                .map(e -> new Pass(e.getKey(), e.getValue()))
                .sorted(Comparator.comparingInt(Pass::times).reversed())
                .toList();
    }
}
