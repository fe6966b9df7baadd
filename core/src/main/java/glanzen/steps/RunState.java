package glanzen.steps;

import org.jspecify.annotations.Nullable;

/**
 * Where a run stands.
 *
 * @param step which instruction is on, from 0
 * @param left whether it was given up
 * @param warmedSeconds how long the plate really soaked, or how long rollers have been on as far as their heat tells, s;
 *     nothing while that is not known
 */
public record RunState(int step, boolean left, @Nullable Double warmedSeconds) {

    /** A run that has just begun. */
    public static final RunState BEGUN = new RunState(0, false, null);
}
