package glanzen.schedule;

import java.util.Comparator;

/**
 * How good a plan is: the first that differs decides.
 *
 * @param leftSeconds work that is not planned, s
 * @param lateSeconds by how much tasks end after their job is due, all together, s
 * @param endSteps when the last is over, in {@link Schedule#END_STEP}
 * @param changes how often something is heated up, or swapped on what is hot
 * @param idleSeconds how long heaters are hot with nothing on them, s
 * @param riskySeconds how late risky tasks begin, all together, s
 */
public record Cost(long leftSeconds, long lateSeconds, long endSteps, long changes, long idleSeconds, long riskySeconds)
        implements Comparable<Cost> {

    private static final Comparator<Cost> ORDER = Comparator.comparingLong(Cost::leftSeconds)
            .thenComparingLong(Cost::lateSeconds)
            .thenComparingLong(Cost::endSteps)
            .thenComparingLong(Cost::changes)
            .thenComparingLong(Cost::idleSeconds)
            .thenComparingLong(Cost::riskySeconds);

    @Override
    public int compareTo(Cost other) {
        return ORDER.compare(this, other);
    }

    /** Whether both do the same work, as punctually, by the same time. */
    public boolean asSoon(Cost other) {
        return leftSeconds == other.leftSeconds && lateSeconds == other.lateSeconds && endSteps == other.endSteps;
    }
}
