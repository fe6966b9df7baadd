package glanzen.schedule;

import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/** The port for whatever finds better plans than the quick one. */
public interface Planner {

    /**
     * How far a plan is from the best there is.
     *
     * @param schedule the plan
     * @param endBound no plan that leaves as little undone and is as punctual ends earlier, s; 0 where nothing is proven
     * @param proven whether nothing is left to look for
     */
    record Found(Schedule schedule, int endBound, boolean proven) {}

    /**
     * Looks for better plans until time is up, nothing better is left, or it is told to stop.
     *
     * @param start a plan to begin with
     * @param seconds longest time, s
     * @param stopped whether nobody waits for it any more
     * @param better is told every better plan
     * @return the best
     */
    Found improve(Workload work, Schedule start, double seconds, BooleanSupplier stopped, Consumer<Found> better);

    /** Whether it can do anything on this machine. */
    boolean available();
}
