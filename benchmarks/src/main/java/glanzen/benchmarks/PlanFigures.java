package glanzen.benchmarks;

import glanzen.schedule.Check;
import glanzen.schedule.Greedy;
import glanzen.schedule.Planner.Found;
import glanzen.schedule.Schedule;
import glanzen.schedule.Workload;
import glanzen.schedule.Workshops;
import glanzen.solver.CpSatPlanner;
import java.util.Arrays;
import java.util.Locale;

/** How near plans of workshops nobody thought of come to the best there is. Arguments: tasks, seconds, workshops, first seed. */
public final class PlanFigures {

    private PlanFigures() {}

    private static double end(Workload work, Schedule plan) {
        return work.tasks().stream()
                .filter(plan::plans)
                .mapToInt(plan::end)
                .max()
                .orElse(0);
    }

    public static void main(String[] args) {
        int tasks = Integer.parseInt(args[0]);
        double seconds = Double.parseDouble(args[1]);
        int count = Integer.parseInt(args[2]);
        CpSatPlanner planner = new CpSatPlanner();
        int first = Integer.parseInt(args[3]);
        double[] gaps = new double[count];
        double[] quick = new double[count];
        double saved = 0;
        // A running application is warm.
        planner.improve(
                Workshops.any(tasks, 4999), Greedy.plan(Workshops.any(tasks, 4999)), seconds, () -> false, f -> {});
        for (int n = 0; n < count; n++) {
            Workload work = Workshops.any(tasks, first + n);
            long began = System.nanoTime();
            Schedule greedy = Greedy.plan(work);
            quick[n] = (System.nanoTime() - began) / 1e6;
            Found found = planner.improve(work, greedy, seconds, () -> false, f -> {});
            if (!Check.of(work, found.schedule()).isEmpty()) {
                throw new IllegalStateException("cannot be kept");
            }
            double end = end(work, found.schedule());
            gaps[n] = found.endBound() == 0 ? 1 : (end - found.endBound()) / end;
            saved += end(work, greedy) - end;
            System.out.printf(
                    Locale.ROOT,
                    "%d gap %.3f proven %s, quick plan %.1f ms, %s after %s%n",
                    n,
                    gaps[n],
                    found.proven(),
                    quick[n],
                    found.schedule().cost(work),
                    greedy.cost(work));
        }
        Arrays.sort(gaps);
        Arrays.sort(quick);
        System.out.printf(
                Locale.ROOT,
                "%d tasks, %.0f s: gap median %.2f %%, worst %.2f %%; quick plan median %.1f ms; ends %.1f min earlier%n",
                tasks,
                seconds,
                100 * gaps[count / 2],
                100 * gaps[count - 1],
                quick[count / 2],
                saved / 60 / count);
    }
}
