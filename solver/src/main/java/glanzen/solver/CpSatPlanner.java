package glanzen.solver;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverSolutionCallback;
import com.google.ortools.sat.CpSolverStatus;
import glanzen.schedule.Bound;
import glanzen.schedule.Check;
import glanzen.schedule.Cost;
import glanzen.schedule.Greedy;
import glanzen.schedule.Planner;
import glanzen.schedule.Schedule;
import glanzen.schedule.Workload;
import glanzen.solver.Model.Aim;
import java.util.Timer;
import java.util.TimerTask;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/** Better plans by CP-SAT: what is left undone, lateness, the end and changes, one after the other, none at the cost of those before. */
public final class CpSatPlanner implements Planner {

    /** Several do not find the same plan twice; searching in turns with each other they bring the native library down. */
    private static final int WORKERS = 1;

    private static final int SEED = 20_26;
    private static final double LEAST_SECONDS = 0.05;
    private static final double NANO = 1e-9;
    private static final long LOOK_MS = 100;
    /** The end is worth more of the time than each of the others. */
    private static final double SHARE = 0.6;

    @Override
    public boolean available() {
        try {
            Loader.loadNativeLibraries();
            return true;
        } catch (RuntimeException | UnsatisfiedLinkError none) {
            return false;
        }
    }

    @Override
    public Found improve(
            Workload work, Schedule start, double seconds, BooleanSupplier stopped, Consumer<Found> better) {
        return new Search(work, start, seconds, stopped, better).run();
    }

    private static final class Search {
        private final Workload work;
        private final BooleanSupplier stopped;
        private final Consumer<Found> better;
        private final long until;
        private final Model model;
        private Schedule best;
        private int endBound;
        private boolean proven = true;

        Search(Workload work, Schedule start, double seconds, BooleanSupplier stopped, Consumer<Found> better) {
            this.work = work;
            this.best = start;
            this.stopped = stopped;
            this.better = better;
            this.until = System.nanoTime() + (long) (seconds / NANO);
            this.model = new Model(work);
        }

        Found run() {
            for (Aim aim : Aim.values()) {
                if (aim.of(cost()) > 0 && left() > LEAST_SECONDS && !stopped.getAsBoolean()) {
                    pursue(aim);
                }
                model.keep(aim, cost());
            }
            return found();
        }

        private double left() {
            return NANO * (until - System.nanoTime());
        }

        private Cost cost() {
            return best.cost(work);
        }

        private Found found() {
            endBound = Math.max(endBound, Bound.endSeconds(work, best));
            return new Found(best, endBound, proven);
        }

        private void pursue(Aim aim) {
            model.aim(aim);
            model.hint(best);
            CpSolver solver = new CpSolver();
            double share = aim == Aim.CHANGES ? 1 : SHARE;
            solver.getParameters()
                    .setNumSearchWorkers(WORKERS)
                    .setRandomSeed(SEED)
                    .setMaxTimeInSeconds(share * left());
            CpSolverStatus status = watched(solver);
            proven &= status == CpSolverStatus.OPTIMAL;
            if (aim == Aim.END && (status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE)) {
                // The last step but one is over in any plan.
                int steps = (int) Math.ceil(solver.bestObjectiveBound() - 1e-6);
                endBound = Math.max(endBound, Schedule.END_STEP * (steps - 1) + 1);
                better.accept(found());
            }
        }

        /** Solves, and looks now and then whether anybody still waits. */
        private CpSolverStatus watched(CpSolver solver) {
            Timer watch = new Timer("does anybody wait", true);
            watch.schedule(
                    new TimerTask() {
                        @Override
                        public void run() {
                            if (stopped.getAsBoolean()) {
                                solver.stopSearch();
                            }
                        }
                    },
                    LOOK_MS,
                    LOOK_MS);
            try {
                return solver.solve(model.cp, new CpSolverSolutionCallback() {
                    @Override
                    public void onSolutionCallback() {
                        take(model.read(this::value));
                    }
                });
            } finally {
                watch.cancel();
            }
        }

        /** A plan that was found, if it can be kept and is better. */
        private void take(Schedule plan) {
            Schedule forward = Greedy.pulledForward(work, plan);
            if (forward.cost(work).compareTo(cost()) < 0
                    && Check.of(work, forward).isEmpty()) {
                best = forward;
                better.accept(found());
            }
        }
    }
}
