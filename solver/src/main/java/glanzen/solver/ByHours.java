package glanzen.solver;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import com.google.ortools.util.Domain;
import glanzen.schedule.Cost;
import glanzen.schedule.Heater;
import glanzen.schedule.Hours;
import glanzen.schedule.Task;
import glanzen.schedule.Task.After;
import glanzen.schedule.Task.Hot;
import glanzen.schedule.Task.On;
import glanzen.schedule.Workload;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.ToIntFunction;

/**
 * Into which hours each task falls, without a clock inside them: hands, machines and heaters are only not to be filled beyond what the
 * hours hold. No plan ends before this one; and it says what had best be done when.
 */
final class ByHours {

    private final Workload work;
    private final List<Hours> hours;
    private final CpModel cp = new CpModel();
    private final Map<String, List<BoolVar>> in = new HashMap<>();
    /** Whether anything falls into each of the hours. */
    private final List<BoolVar> any = new ArrayList<>();

    private final IntVar end;

    /**
     * @param endSeconds no plan ends earlier, s
     * @param evenings which of the hours each task falls into; nothing where none was found
     */
    record Answer(int endSeconds, Optional<Map<String, Integer>> evenings) {}

    /** @param reached what may not be undercut: work left undone, and being late */
    ByHours(Workload work, Cost reached) {
        this.work = work;
        this.hours = work.hours();
        this.end = cp.newIntVar(0, hours.get(hours.size() - 1).to(), "end");
        hours.forEach(h -> any.add(cp.newBoolVar("any")));
        work.tasks().forEach(this::task);
        work.tasks().forEach(t -> t.after().forEach(a -> waits(t, a)));
        leaves(reached.leftSeconds());
        late(reached.lateSeconds());
        holds(work.tasks(), work.people(), h -> 0);
        Map<String, List<Task>> machines = new TreeMap<>();
        for (Task t : work.tasks()) {
            if (t.on() != null) {
                machines.computeIfAbsent(t.on().machine(), m -> new ArrayList<>())
                        .add(t);
            }
        }
        machines.values().forEach(this::machine);
        work.heaters().forEach(this::heater);
        List<Task> loud = work.tasks().stream().filter(Task::loud).toList();
        holds(loud, work.people(), this::quietSeconds);
        cp.minimize(end);
    }

    Answer solve(CpSolver solver) {
        CpSolverStatus status = solver.solve(cp);
        boolean found = status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE;
        int bound = found || status == CpSolverStatus.UNKNOWN ? (int) Math.ceil(solver.bestObjectiveBound() - 1e-6) : 0;
        return new Answer(Math.max(0, bound), found ? Optional.of(read(solver)) : Optional.empty());
    }

    private Map<String, Integer> read(CpSolver solver) {
        Map<String, Integer> evenings = new HashMap<>();
        in.forEach((id, where) -> {
            for (int h = 0; h < where.size(); h++) {
                if (solver.booleanValue(where.get(h))) {
                    evenings.put(id, h);
                }
            }
        });
        return evenings;
    }

    private List<BoolVar> in(Task t) {
        return Objects.requireNonNull(in.get(t.id()));
    }

    private void task(Task t) {
        List<BoolVar> where = new ArrayList<>();
        for (Hours h : hours) {
            BoolVar x = cp.newBoolVar(t.id());
            cp.addImplication(x, any.get(where.size()));
            where.add(x);
            if (!possible(t, h)) {
                cp.addEquality(x, 0);
            }
            cp.addGreaterOrEqual(end, h.from() + t.seconds()).onlyEnforceIf(x);
        }
        in.put(t.id(), where);
        cp.addAtMostOne(where.toArray(new Literal[0]));
    }

    private boolean possible(Task t, Hours h) {
        Integer fixed = work.fixed().get(t.id());
        if (fixed != null) {
            return h.from() <= fixed && fixed <= h.to();
        }
        Domain within = new Domain(h.from(), Math.max(h.from(), h.to() - (long) t.seconds()));
        return !Model.domain(work, t, 0).intersectionWith(within).isEmpty();
    }

    private void waits(Task t, After a) {
        List<BoolVar> before = in.get(a.task());
        if (before == null) {
            return;
        }
        int took = Objects.requireNonNull(work.byId().get(a.task())).seconds();
        for (int h = 0; h < hours.size(); h++) {
            List<Literal> some = new ArrayList<>();
            some.add(in(t).get(h).not());
            for (int b = 0; b <= h; b++) {
                int soonest = hours.get(b).from() + took + a.leastSeconds();
                long latest = (long) hours.get(b).to() + a.mostSeconds();
                if (soonest + t.seconds() <= hours.get(h).to() && hours.get(h).from() <= latest) {
                    some.add(before.get(b));
                }
            }
            cp.addBoolOr(some.toArray(new Literal[0]));
        }
    }

    private void leaves(long most) {
        LinearExprBuilder done = LinearExpr.newBuilder();
        long all = 0;
        for (Task t : work.tasks()) {
            in(t).forEach(x -> done.addTerm(x, t.seconds()));
            all += t.seconds();
        }
        cp.addGreaterOrEqual(done, all - most);
    }

    /** Whatever is done in hours after its job is due is late by so much at least. */
    private void late(long most) {
        LinearExprBuilder late = LinearExpr.newBuilder();
        for (Task t : work.tasks()) {
            for (int h = 0; h < hours.size(); h++) {
                long by = (long) hours.get(h).from() + t.seconds() - work.dueSeconds(t);
                if (by > 0) {
                    late.addTerm(in(t).get(h), by);
                }
            }
        }
        cp.addLessOrEqual(late, most);
    }

    /** So many of them at once, in each of the hours less what is lost of them. */
    private void holds(List<Task> some, int atOnce, ToIntFunction<Hours> lost) {
        for (int h = 0; h < hours.size(); h++) {
            LinearExprBuilder load = load(some, h);
            Hours there = hours.get(h);
            cp.addLessOrEqual(load, (long) atOnce * (there.seconds() - lost.applyAsInt(there)));
            ends(h, load, atOnce);
        }
    }

    private LinearExprBuilder load(List<Task> some, int h) {
        LinearExprBuilder load = LinearExpr.newBuilder();
        some.forEach(t -> load.addTerm(in(t).get(h), t.seconds()));
        return load;
    }

    /** Whatever is done in some hours keeps them busy for so long from their beginning. */
    private void ends(int h, LinearExprBuilder load, int atOnce) {
        cp.addGreaterOrEqual(
                        LinearExpr.term(end, atOnce),
                        LinearExpr.newBuilder()
                                .add(load)
                                .add((long) atOnce * hours.get(h).from()))
                .onlyEnforceIf(any.get(h));
    }

    /** Quiet hours may overlap: the longest of them is lost for certain. */
    private int quietSeconds(Hours h) {
        return work.quiet().stream()
                .mapToInt(q -> Math.max(0, Math.min(h.to(), q.to()) - Math.max(h.from(), q.from())))
                .max()
                .orElse(0);
    }

    /** It takes some time for other boards. */
    private void machine(List<Task> through) {
        int laying = through.stream().mapToInt(t -> on(t).layingSeconds()).min().orElse(0);
        for (int h = 0; h < hours.size(); h++) {
            LinearExprBuilder load = load(through, h);
            BoolVar used = cp.newBoolVar("used");
            load.addTerm(used, -laying);
            kinds(through, h, used, t -> on(t).boards()).forEach(b -> load.addTerm(b, laying));
            cp.addLessOrEqual(load, hours.get(h).seconds());
            ends(h, load, 1);
        }
    }

    /** How many kinds there are of what falls into some hours: one true for each. */
    private Collection<BoolVar> kinds(List<Task> some, int h, BoolVar used, Function<Task, Object> kind) {
        Map<Object, BoolVar> kinds = new HashMap<>();
        LinearExprBuilder all = LinearExpr.newBuilder();
        for (Task t : some) {
            BoolVar x = in(t).get(h);
            cp.addImplication(x, kinds.computeIfAbsent(kind.apply(t), k -> cp.newBoolVar("kind")));
            cp.addImplication(x, used);
            all.add(x);
        }
        cp.addGreaterOrEqual(all, used);
        return kinds.values();
    }

    /** It warms up once where it is used at all, and takes some time for each tool and each setting more. */
    private void heater(Heater heater) {
        List<Task> on = work.tasks().stream()
                .filter(t -> t.hot() != null && t.hot().heater().equals(heater.id()))
                .toList();
        if (on.isEmpty()) {
            return;
        }
        int warm = on.stream()
                .mapToInt(t -> heater.warmUpSeconds().get(hot(t).setting()))
                .min()
                .orElse(0);
        int level = Math.min(warm, leastChange(heater, on));
        int swap = Math.min(heater.swapSeconds(), level);
        for (int h = 0; h < hours.size(); h++) {
            LinearExprBuilder load = load(on, h);
            BoolVar used = cp.newBoolVar("hot");
            load.addTerm(used, warm - level);
            kinds(on, h, used, t -> hot(t).setting()).forEach(s -> load.addTerm(s, level - swap));
            kinds(on, h, used, t -> List.of(hot(t).setting(), hot(t).tool())).forEach(s -> load.addTerm(s, swap));
            boolean hotAlready = h == 0 && work.lately().on(heater.id()).isPresent();
            // A task that was put to a time by hand may have been put to one that leaves no time to warm up.
            if (!hotAlready && on.stream().noneMatch(t -> work.fixed().containsKey(t.id()))) {
                cp.addLessOrEqual(load, hours.get(h).seconds());
                ends(h, load, 1);
            }
        }
    }

    private static int leastChange(Heater heater, List<Task> on) {
        List<Integer> settings =
                on.stream().map(t -> hot(t).setting()).distinct().toList();
        int least = Integer.MAX_VALUE;
        for (int from : settings) {
            for (int to : settings) {
                least = from == to
                        ? least
                        : Math.min(least, heater.changeSeconds().get(from).get(to));
            }
        }
        return least;
    }

    private static On on(Task t) {
        return Objects.requireNonNull(t.on());
    }

    private static Hot hot(Task t) {
        return Objects.requireNonNull(t.hot());
    }
}
