package glanzen.solver;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CircuitConstraint;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import glanzen.schedule.Lately.Last;
import glanzen.schedule.Schedule;
import glanzen.schedule.Task;
import glanzen.schedule.Task.On;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** What goes through one machine right after what: a circuit through its tasks, with time to lay other boards. */
final class BoardChain {

    private final CpModel cp;
    private final List<Task> through;
    private final List<IntVar> starts;
    private final LinearExprBuilder changes;
    private final List<Arc> arcs = new ArrayList<>();

    /** Task 0 is before the first and after the last. */
    private record Arc(int from, int to, BoolVar taken) {}

    /**
     * @param lately what lies in the machine before all this; nothing for no boards at all
     * @param through tasks of the machine
     * @param starts of these tasks
     * @param planned whether each is done
     * @param changes where other boards are counted
     */
    BoardChain(
            CpModel cp,
            @Nullable Last lately,
            List<Task> through,
            List<IntVar> starts,
            List<BoolVar> planned,
            LinearExprBuilder changes) {
        this.cp = cp;
        this.through = through;
        this.starts = starts;
        this.changes = changes;
        CircuitConstraint circuit = cp.addCircuit();
        circuit.addArc(0, 0, arc(0, 0));
        for (int j = 1; j <= through.size(); j++) {
            circuit.addArc(j, j, planned.get(j - 1).not());
            circuit.addArc(0, j, first(j, lately));
            circuit.addArc(j, 0, arc(j, 0));
            for (int i = 1; i <= through.size(); i++) {
                if (i != j && !waits(i, j)) {
                    circuit.addArc(i, j, follows(i, j));
                }
            }
        }
    }

    private BoolVar arc(int from, int to) {
        BoolVar taken = cp.newBoolVar("through " + from + " " + to);
        arcs.add(new Arc(from, to, taken));
        return taken;
    }

    private BoolVar first(int j, @Nullable Last lately) {
        BoolVar taken = arc(0, j);
        int between =
                lately == null ? 0 : Objects.requireNonNull(lately.task().on()).between(on(j));
        if (lately != null && between > 0) {
            cp.addGreaterOrEqual(starts.get(j - 1), lately.end() + between).onlyEnforceIf(taken);
            changes.addTerm(taken, 1);
        }
        return taken;
    }

    private On on(int n) {
        return Objects.requireNonNull(through.get(n - 1).on());
    }

    /** Whether a task waits for another, so that it cannot go before it. */
    private boolean waits(int task, int other) {
        return through.get(task - 1).after().stream()
                .anyMatch(a -> a.task().equals(through.get(other - 1).id()));
    }

    private BoolVar follows(int i, int j) {
        BoolVar taken = arc(i, j);
        int between = on(i).between(on(j));
        cp.addGreaterOrEqual(
                        starts.get(j - 1),
                        LinearExpr.newBuilder()
                                .add(starts.get(i - 1))
                                .add(through.get(i - 1).seconds() + between))
                .onlyEnforceIf(taken);
        if (between > 0) {
            changes.addTerm(taken, 1);
        }
        return taken;
    }

    /** A plan to begin with. */
    void hint(Schedule plan) {
        List<Integer> order = new ArrayList<>();
        through.stream()
                .filter(plan::plans)
                .sorted(Comparator.comparingInt(plan::start))
                .forEach(t -> order.add(through.indexOf(t) + 1));
        order.add(0, 0);
        for (Arc a : arcs) {
            int at = order.indexOf(a.from);
            cp.addHint(a.taken, at >= 0 && order.get((at + 1) % order.size()) == a.to);
        }
    }
}
