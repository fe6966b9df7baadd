package glanzen.solver;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearArgument;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.util.Domain;
import glanzen.schedule.Cost;
import glanzen.schedule.Heater;
import glanzen.schedule.Hours;
import glanzen.schedule.Lately.Last;
import glanzen.schedule.Schedule;
import glanzen.schedule.Task;
import glanzen.schedule.Task.After;
import glanzen.schedule.Workload;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.ToLongFunction;

/**
 * A workload as constraints: a start for each task within the hours, hands as a cumulative resource, machines without overlap, and for
 * each heater a circuit of what follows what, cold or hot.
 */
final class Model {

    final CpModel cp = new CpModel();
    private final Workload work;
    private final Map<String, Integer> places = new HashMap<>();
    private final List<IntVar> starts = new ArrayList<>();
    private final List<BoolVar> planned = new ArrayList<>();
    private final List<IntervalVar> intervals = new ArrayList<>();
    private final LinearExprBuilder left = LinearExpr.newBuilder();
    private final LinearExprBuilder late = LinearExpr.newBuilder();
    private final List<HotChain> chains = new ArrayList<>();
    private final List<BoardChain> boards = new ArrayList<>();
    private final LinearExprBuilder changes = LinearExpr.newBuilder();
    private final Map<Integer, IntVar> lates = new HashMap<>();
    private final IntVar endSteps;
    private final long horizon;

    Model(Workload work) {
        this.work = work;
        this.horizon = work.hours().stream().mapToLong(Hours::to).max().orElse(0);
        this.endSteps = cp.newIntVar(0, horizon / Schedule.END_STEP + 1, "end");
        work.tasks().forEach(this::task);
        work.tasks().forEach(this::waits);
        hands();
        machines();
        work.heaters().forEach(this::heater);
    }

    private void task(Task t) {
        int n = starts.size();
        places.put(t.id(), n);
        Domain domain = domain(work, t, 0);
        BoolVar on = cp.newBoolVar("planned " + n);
        IntVar start;
        Integer fixed = work.fixed().get(t.id());
        if (fixed != null) {
            start = cp.newConstant(fixed);
            cp.addEquality(on, 1);
        } else if (domain.isEmpty()) {
            start = cp.newConstant(0);
            cp.addEquality(on, 0);
        } else {
            start = cp.newIntVarFromDomain(domain, "start " + n);
        }
        starts.add(start);
        planned.add(on);
        intervals.add(cp.newOptionalFixedSizeIntervalVar(start, t.seconds(), on, "task " + n));
        cp.addLessOrEqual(
                        LinearExpr.newBuilder().add(start).add(t.seconds()),
                        LinearExpr.term(endSteps, Schedule.END_STEP))
                .onlyEnforceIf(on);
        left.addTerm(on, -t.seconds()).add(t.seconds());
        int due = work.dueSeconds(t);
        if (due < horizon) {
            IntVar over = cp.newIntVar(0, horizon, "late " + n);
            cp.addGreaterOrEqual(over, LinearExpr.newBuilder().add(start).add(t.seconds() - (long) due))
                    .onlyEnforceIf(on);
            late.addTerm(over, 1);
            lates.put(n, over);
        }
    }

    /** When a task can begin within the hours, with so much of them before it. */
    static Domain domain(Workload work, Task t, int beforeSeconds) {
        long[][] stretches = work.hours().stream()
                .filter(h -> h.from() + beforeSeconds + t.seconds() <= h.to())
                .map(h -> new long[] {h.from() + beforeSeconds, h.to() - t.seconds()})
                .toArray(long[][]::new);
        Domain domain = Domain.fromIntervals(stretches).intersectionWith(new Domain(t.notBefore(), t.notAfter()));
        for (Hours quiet : t.loud() ? work.quiet() : List.<Hours>of()) {
            // It would be heard if it began after that and before its end.
            domain = domain.intersectionWith(
                    new Domain(quiet.from() - (long) t.seconds() + 1, quiet.to() - 1L).complement());
        }
        return domain;
    }

    private int place(Task t) {
        return Objects.requireNonNull(places.get(t.id()));
    }

    private void waits(Task t) {
        int n = place(t);
        for (After a : t.after()) {
            Integer before = places.get(a.task());
            if (before == null) {
                continue;
            }
            Task b = work.tasks().get(before);
            cp.addImplication(planned.get(n), planned.get(before));
            cp.addGreaterOrEqual(
                            starts.get(n),
                            LinearExpr.newBuilder().add(starts.get(before)).add(b.seconds() + a.leastSeconds()))
                    .onlyEnforceIf(planned.get(n));
            if (b.seconds() + (long) a.mostSeconds() < horizon) {
                cp.addLessOrEqual(
                                starts.get(n),
                                LinearExpr.newBuilder().add(starts.get(before)).add(b.seconds() + a.mostSeconds()))
                        .onlyEnforceIf(planned.get(n));
            }
        }
    }

    private void hands() {
        if (work.people() == 1) {
            cp.addNoOverlap(intervals);
            return;
        }
        CumulativeConstraint hands = cp.addCumulative(work.people());
        intervals.forEach(i -> hands.addDemand(i, 1));
    }

    private void machines() {
        Map<String, List<Task>> users = new TreeMap<>();
        for (Task t : work.tasks()) {
            if (t.on() != null) {
                users.computeIfAbsent(t.on().machine(), k -> new ArrayList<>()).add(t);
            }
        }
        users.values().forEach(this::machine);
    }

    private void machine(List<Task> through) {
        cp.addNoOverlap(through.stream().map(t -> intervals.get(place(t))).toList());
        Set<String> kinds = new HashSet<>();
        through.forEach(t -> kinds.add(Objects.requireNonNull(t.on()).boards()));
        String machine = Objects.requireNonNull(through.get(0).on()).machine();
        Last lately = work.lately().machines().get(machine);
        if (lately != null) {
            kinds.add(Objects.requireNonNull(lately.task().on()).boards());
        }
        if (kinds.size() > 1) {
            boards.add(new BoardChain(cp, lately, through, starts(through), planned(through), changes));
        }
    }

    private List<IntVar> starts(List<Task> some) {
        return some.stream().map(t -> starts.get(place(t))).toList();
    }

    private List<BoolVar> planned(List<Task> some) {
        return some.stream().map(t -> planned.get(place(t))).toList();
    }

    private void heater(Heater heater) {
        List<Task> on = work.tasks().stream()
                .filter(t -> t.hot() != null && t.hot().heater().equals(heater.id()))
                .toList();
        if (!on.isEmpty()) {
            chains.add(new HotChain(cp, work, heater, on, starts(on), planned(on), changes));
        }
    }

    /** What plans are compared by, in this order. */
    enum Aim {
        LEFT(Cost::leftSeconds),
        LATE(Cost::lateSeconds),
        END(Cost::endSteps),
        CHANGES(Cost::changes);

        private final ToLongFunction<Cost> of;

        Aim(ToLongFunction<Cost> of) {
            this.of = of;
        }

        /** What a plan reaches of it. */
        long of(Cost cost) {
            return of.applyAsLong(cost);
        }
    }

    private LinearArgument measure(Aim aim) {
        return switch (aim) {
            case LEFT -> left;
            case LATE -> late;
            case END -> endSteps;
            case CHANGES -> changes;
        };
    }

    /** From now on no plan may do worse in this. */
    void keep(Aim aim, Cost reached) {
        cp.addLessOrEqual(measure(aim), aim.of(reached));
    }

    void aim(Aim aim) {
        cp.minimize(measure(aim));
    }

    /** A plan to begin with. */
    void hint(Schedule plan) {
        cp.clearHints();
        for (Task t : work.tasks()) {
            cp.addHint(planned.get(place(t)), plan.plans(t));
            if (plan.plans(t) && !work.fixed().containsKey(t.id())) {
                cp.addHint(starts.get(place(t)), plan.start(t));
            }
        }
        lates.forEach((n, over) -> {
            Task t = work.tasks().get(n);
            cp.addHint(over, plan.plans(t) ? Math.max(0, plan.end(t) - work.dueSeconds(t)) : 0);
        });
        cp.addHint(endSteps, plan.cost(work).endSteps());
        chains.forEach(c -> c.hint(plan));
        boards.forEach(b -> b.hint(plan));
    }

    Schedule read(ToLongFunction<LinearArgument> value) {
        Map<String, Integer> found = new HashMap<>();
        for (Task t : work.tasks()) {
            if (value.applyAsLong(planned.get(place(t))) == 1) {
                found.put(t.id(), (int) value.applyAsLong(starts.get(place(t))));
            }
        }
        return new Schedule(found);
    }
}
