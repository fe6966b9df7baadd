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
import glanzen.schedule.Reordering;
import glanzen.schedule.Reordering.Aim;
import glanzen.schedule.Schedule;
import glanzen.schedule.Workload;
import java.util.Timer;
import java.util.TimerTask;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/** Better plans: which tasks fall into which hours, other orders of the work, and for few tasks CP-SAT with a clock, one aim after the other. */
public final class CpSatPlanner implements Planner {

    /** Several do not find the same plan twice; searching in turns with each other they bring the native library down. */
    private static final int WORKERS = 1;

    private static final int SEED = 20_26;
    private static final double LEAST_SECONDS = 0.05;
    private static final double NANO = 1e-9;
    private static final long LOOK_MS = 100;
    /** The end is worth more of the time than each of the others. */
    private static final double SHARE = 0.6;

    private static final double BY_HOURS_SHARE = 0.15;

    /** With more tasks a clock to the second finds nothing in the time anybody waits, other orders do. */
    private static final int MANY = 40;

    private static final double MANY_SHARE = 0.8;
    private static final double FEW_SHARE = 0.25;

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
        Loader.loadNativeLibraries();
        return new Search(work, start, seconds, stopped, better).run();
    }

    private static final class Search {
        private final Workload work;
        private final BooleanSupplier stopped;
        private final Consumer<Found> better;
        private final long until;
        private volatile Schedule best;
        private volatile Cost cost;
        private Schedule byHours;
        private int endBound;
        private boolean proven = true;

        Search(Workload work, Schedule start, double seconds, BooleanSupplier stopped, Consumer<Found> better) {
            this.work = work;
            this.best = start;
            this.cost = start.cost(work);
            this.byHours = start;
            this.stopped = stopped;
            this.better = better;
            this.until = System.nanoTime() + (long) (seconds / NANO);
        }

        Found run() {
            byHours();
            boolean many = work.tasks().size() > MANY;
            Cost before = cost;
            reorder(Aim.SPILL, many ? MANY_SHARE : FEW_SHARE, this::reached);
            if (cost.leftSeconds() < before.leftSeconds() || cost.lateSeconds() < before.lateSeconds()) {
                byHours();
            }
            if (many) {
                proven = false;
                reorder(Aim.COST, 1, () -> false);
            } else {
                onTheClock();
            }
            return found();
        }

        /** One aim after the other, each start to the second. */
        private void onTheClock() {
            Model model = new Model(work);
            for (Model.Aim aim : Model.Aim.values()) {
                if (aim.of(cost) > 0 && goesOn()) {
                    pursue(model, aim);
                }
                model.keep(aim, cost);
            }
        }

        private boolean goesOn() {
            return left() > LEAST_SECONDS && !stopped.getAsBoolean();
        }

        private double left() {
            return NANO * (until - System.nanoTime());
        }

        private Found found() {
            endBound = Math.max(endBound, Bound.endSeconds(work, best));
            return new Found(best, endBound, proven);
        }

        /** Which tasks fall into which hours at best: a bound, and plans in which those have their choice first. */
        private void byHours() {
            if (!goesOn() || work.hours().isEmpty()) {
                return;
            }
            ByHours.Answer answer = new ByHours(work, cost).solve(solver(BY_HOURS_SHARE));
            endBound = Math.max(endBound, answer.endSeconds());
            answer.evenings().ifPresent(into -> {
                byHours = Greedy.plan(work, t -> into.getOrDefault(t.id(), into.size()));
                take(byHours);
            });
        }

        /** Other orders find soon what constraints find late: room in earlier hours for what spills into the last. */
        private void reorder(Aim aim, double share, BooleanSupplier enough) {
            long end = System.nanoTime() + (long) (share * left() / NANO);
            BooleanSupplier over = () -> stopped.getAsBoolean() || System.nanoTime() > end || enough.getAsBoolean();
            Schedule from = best;
            Schedule second = aim == Aim.SPILL ? byHours : best;
            Thread other =
                    new Thread(() -> Reordering.of(work, second, aim, SEED + 1, over, this::take), "other orders");
            other.setDaemon(true);
            other.start();
            Reordering.of(work, from, aim, SEED, over, this::take);
            join(other);
        }

        private static void join(Thread other) {
            try {
                other.join();
            } catch (InterruptedException interrupted) {
                Thread.currentThread().interrupt();
            }
        }

        /** Whether nothing is left undone or late, and no plan does without the last of the hours that are used. */
        private boolean reached() {
            Cost c = cost;
            long end = c.endSteps() * Schedule.END_STEP;
            return c.leftSeconds() == 0
                    && c.lateSeconds() == 0
                    && work.hours().stream().noneMatch(h -> endBound <= h.from() && h.from() < end - Schedule.END_STEP);
        }

        private CpSolver solver(double share) {
            CpSolver solver = new CpSolver();
            solver.getParameters()
                    .setNumSearchWorkers(WORKERS)
                    .setRandomSeed(SEED)
                    .setMaxTimeInSeconds(share * left());
            return solver;
        }

        private void pursue(Model model, Model.Aim aim) {
            model.aim(aim);
            model.hint(best);
            CpSolver solver = solver(aim == Model.Aim.CHANGES ? 1 : SHARE);
            CpSolverStatus status = watched(model, solver);
            proven &= status == CpSolverStatus.OPTIMAL;
            if (aim == Model.Aim.END && (status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE)) {
                // The last step but one is over in any plan.
                int steps = (int) Math.ceil(solver.bestObjectiveBound() - 1e-6);
                endBound = Math.max(endBound, Schedule.END_STEP * (steps - 1) + 1);
                better.accept(found());
            }
        }

        /** Solves, and looks now and then whether anybody still waits. */
        private CpSolverStatus watched(Model model, CpSolver solver) {
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
        private synchronized void take(Schedule plan) {
            Schedule forward = Greedy.pulledForward(work, plan);
            if (forward.cost(work).compareTo(cost) < 0
                    && Check.of(work, forward).isEmpty()) {
                best = forward;
                cost = forward.cost(work);
                better.accept(found());
            }
        }
    }
}
