package glanzen.solver;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CircuitConstraint;
import com.google.ortools.sat.Constraint;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import com.google.ortools.util.Domain;
import glanzen.schedule.Cost;
import glanzen.schedule.Heater;
import glanzen.schedule.Hours;
import glanzen.schedule.Lately.Last;
import glanzen.schedule.Schedule;
import glanzen.schedule.Task;
import glanzen.schedule.Task.Hot;
import glanzen.schedule.Workload;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** What follows what on one heater: a circuit through its tasks; each is begun from cold, or while the heater is hot from the one before. */
final class HotChain {

    private final CpModel cp;
    private final Workload work;
    private final Heater heater;
    private final List<Task> on;
    private final List<IntVar> starts;
    private final List<BoolVar> planned;
    private final LinearExprBuilder changes;
    private final CircuitConstraint circuit;
    private final BoolVar none;
    private final List<BoolVar> cold = new ArrayList<>();
    private final List<BoolVar> opens = new ArrayList<>();
    private final List<BoolVar> closes = new ArrayList<>();
    private final List<Then> thens = new ArrayList<>();

    /** One task right after another on the heater. */
    private record Then(
            int before, int after, BoolVar arc, @Nullable BoolVar swaps) {}

    /**
     * @param on tasks of the heater
     * @param starts of these tasks
     * @param planned whether each is done
     * @param changes where heat-ups and swaps are counted
     */
    HotChain(
            CpModel cp,
            Workload work,
            Heater heater,
            List<Task> on,
            List<IntVar> starts,
            List<BoolVar> planned,
            LinearExprBuilder changes) {
        this.cp = cp;
        this.work = work;
        this.heater = heater;
        this.on = on;
        this.starts = starts;
        this.planned = planned;
        this.changes = changes;
        this.circuit = cp.addCircuit();
        this.none = cp.newBoolVar("nothing on " + heater.id());
        circuit.addArc(0, 0, none);
        for (int j = 0; j < on.size(); j++) {
            task(j);
        }
        for (int i = 0; i < on.size(); i++) {
            for (int j = 0; j < on.size(); j++) {
                if (i != j && on.get(i).after().stream().noneMatch(named(on.get(j)))) {
                    follows(i, j);
                }
            }
        }
    }

    private static Predicate<Task.After> named(Task task) {
        return a -> a.task().equals(task.id());
    }

    private Hot hot(int n) {
        return Objects.requireNonNull(on.get(n).hot());
    }

    private int warm(int n) {
        return heater.warmUpSeconds().get(hot(n).setting());
    }

    private void task(int j) {
        BoolVar fromCold = cp.newBoolVar("cold");
        cold.add(fromCold);
        changes.addTerm(fromCold, Cost.HEAT_UP);
        cp.addImplication(fromCold, planned.get(j));
        cp.addImplication(none, planned.get(j).not());
        Domain domain = Model.domain(work, on.get(j), warm(j));
        if (domain.isEmpty()) {
            cp.addEquality(fromCold, 0);
        } else {
            cp.addLinearExpressionInDomain(starts.get(j), domain).onlyEnforceIf(fromCold);
        }
        circuit.addArc(j + 1, j + 1, planned.get(j).not());
        BoolVar first = cp.newBoolVar("first");
        opens.add(first);
        circuit.addArc(0, j + 1, first);
        work.lately().on(heater.id()).ifPresentOrElse(last -> stillHot(j, first, last), () -> {
            cp.addImplication(first, fromCold);
        });
        BoolVar last = cp.newBoolVar("last");
        closes.add(last);
        circuit.addArc(j + 1, 0, last);
    }

    /** Where the heater is hot from before all this, its first task may find it so. */
    private void stillHot(int j, BoolVar first, Last last) {
        Hot before = Objects.requireNonNull(last.task().hot());
        Literal[] hot = {first, cold.get(j).not()};
        int soonest = last.end() + heater.between(before, hot(j));
        int latest = Math.min(
                last.end() + heater.offSeconds(),
                work.hours().get(0).to() - on.get(j).seconds());
        if (soonest > latest) {
            cp.addImplication(first, cold.get(j));
            return;
        }
        cp.addLinearConstraint(starts.get(j), soonest, latest).onlyEnforceIf(hot);
        if (Heater.changes(before, hot(j))) {
            BoolVar swaps = cp.newBoolVar("swaps at first");
            cp.addBoolOr(new Literal[] {first.not(), cold.get(j), swaps});
            changes.addTerm(swaps, 1);
        }
    }

    private void follows(int i, int j) {
        BoolVar arc = cp.newBoolVar("then");
        circuit.addArc(i + 1, j + 1, arc);
        int between = heater.between(hot(i), hot(j));
        int over = on.get(i).seconds();
        Literal warm = cold.get(j).not();
        after(i, j, over + between).onlyEnforceIf(arc);
        after(i, j, over + Math.max(warm(j), between)).onlyEnforceIf(new Literal[] {arc, cold.get(j)});
        cp.addLessOrEqual(
                        starts.get(j),
                        LinearExpr.newBuilder().add(starts.get(i)).add(over + heater.offSeconds()))
                .onlyEnforceIf(new Literal[] {arc, warm});
        for (Hours h : work.hours()) {
            if (nearNext(h)) {
                watched(i, j, arc, h);
            }
        }
        BoolVar swaps = null;
        if (Heater.changes(hot(i), hot(j))) {
            swaps = cp.newBoolVar("swaps");
            cp.addBoolOr(new Literal[] {arc.not(), cold.get(j), swaps});
            changes.addTerm(swaps, 1);
        }
        thens.add(new Then(i, j, arc, swaps));
    }

    private Constraint after(int i, int j, int seconds) {
        return cp.addGreaterOrEqual(
                starts.get(j), LinearExpr.newBuilder().add(starts.get(i)).add(seconds));
    }

    /** Where the next hours begin before the heater would be off: somebody must be there while it is hot. */
    private void watched(int i, int j, BoolVar arc, Hours h) {
        BoolVar in = cp.newBoolVar("in");
        cp.addLessOrEqual(starts.get(i), h.to()).onlyEnforceIf(in);
        cp.addGreaterThan(starts.get(i), h.to()).onlyEnforceIf(in.not());
        cp.addLessOrEqual(starts.get(j), h.to())
                .onlyEnforceIf(new Literal[] {arc, cold.get(j).not(), in});
    }

    private boolean nearNext(Hours hours) {
        return work.hours().stream()
                .anyMatch(n -> n.from() >= hours.to() && n.from() - hours.to() <= heater.offSeconds());
    }

    /** A plan to begin with, with all that follows from it. */
    void hint(Schedule plan) {
        List<Task> order = plan.on(work, heater.id());
        Set<String> fromCold = new HashSet<>();
        plan.spells(work).stream()
                .filter(s -> s.lately() == null)
                .forEach(s -> fromCold.add(s.tasks().get(0).id()));
        cp.addHint(none, order.isEmpty());
        for (int j = 0; j < on.size(); j++) {
            String id = on.get(j).id();
            cp.addHint(cold.get(j), fromCold.contains(id));
            cp.addHint(opens.get(j), !order.isEmpty() && order.get(0).id().equals(id));
            cp.addHint(
                    closes.get(j),
                    !order.isEmpty() && order.get(order.size() - 1).id().equals(id));
        }
        for (Then t : thens) {
            int at = order.indexOf(on.get(t.before));
            boolean next = at >= 0 && at + 1 < order.size() && order.get(at + 1).equals(on.get(t.after));
            cp.addHint(t.arc, next);
            if (t.swaps != null) {
                cp.addHint(t.swaps, next && !fromCold.contains(on.get(t.after).id()));
            }
        }
    }
}
