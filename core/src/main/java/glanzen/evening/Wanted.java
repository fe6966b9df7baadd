package glanzen.evening;

import glanzen.gluing.Building.CardStep;
import glanzen.plan.Job;
import glanzen.plan.Operation;
import glanzen.setup.SetUp;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A job that is to be done.
 *
 * @param id its key
 * @param job the job
 * @param setUps that its operations name, by their keys
 * @param proven keys of those that have come out well before: others are tried on scrap first
 * @param steps how one card is put together; none where nobody has thought of it
 * @param gel gel for its pieces that is on the bench already, soonest sound first
 */
public record Wanted(
        String id, Job job, Map<String, SetUp> setUps, Set<String> proven, List<CardStep> steps, List<GelOnBench> gel) {

    /**
     * A panel of gel that was spread already.
     *
     * @param piece which piece of the job it is, counted from 0
     * @param soundSeconds when it takes foil or flock, s from now; 0 if it does
     * @param useBySeconds when it has lost its tack, s from now
     */
    public record GelOnBench(int piece, int soundSeconds, int useBySeconds) {}

    public Wanted {
        gel = List.copyOf(gel);
        setUps = Map.copyOf(setUps);
        proven = Set.copyOf(proven);
        steps = List.copyOf(steps);
    }

    /** One with no gel on the bench. */
    public Wanted(String id, Job job, Map<String, SetUp> setUps, Set<String> proven, List<CardStep> steps) {
        this(id, job, setUps, proven, steps, List.of());
    }

    /** The set-up an operation is done with; nothing where it is done by hand. */
    @Nullable
    SetUp setUp(Operation operation) {
        return operation.setUpId() == null ? null : setUps.get(operation.setUpId());
    }
}
