package glanzen.schedule;

import java.util.Comparator;

/**
 * How good a plan is: the first that differs decides.
 *
 * @param leftSeconds work that is not planned, s
 * @param lateSeconds by how much tasks end after their job is due, all together, s
 * @param endSteps when the last is over, in {@link Schedule#END_STEP}
 * @param heatUps how often something is heated up
 * @param swaps how often a tool is swapped or another level set on what is hot
 * @param boards how often other boards are laid into a machine
 * @param idleSeconds how long heaters are hot with nothing on them, s
 * @param riskySeconds how late risky tasks begin, all together, s
 */
public record Cost(
        long leftSeconds,
        long lateSeconds,
        long endSteps,
        long heatUps,
        long swaps,
        long boards,
        long idleSeconds,
        long riskySeconds)
        implements Comparable<Cost> {

    /** A heat-up is as much trouble as two changes of something that lies ready. */
    public static final int HEAT_UP = 2;

    private static final Comparator<Cost> ORDER = Comparator.comparingLong(Cost::leftSeconds)
            .thenComparingLong(Cost::lateSeconds)
            .thenComparingLong(Cost::endSteps)
            .thenComparingLong(Cost::changes)
            .thenComparingLong(Cost::idleSeconds)
            .thenComparingLong(Cost::riskySeconds);

    /** Heat-ups and changes in one: fewer is better. */
    public long changes() {
        return HEAT_UP * heatUps + swaps + boards;
    }

    @Override
    public int compareTo(Cost other) {
        return ORDER.compare(this, other);
    }

    /** Whether both do the same work, as punctually, by the same time. */
    public boolean asSoon(Cost other) {
        return leftSeconds == other.leftSeconds && lateSeconds == other.lateSeconds && endSteps == other.endSteps;
    }
}
