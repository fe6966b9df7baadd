package glanzen.evening;

import glanzen.gluing.Building.CardStep;
import glanzen.plan.Job;
import glanzen.setup.SetUp;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A job that is to be done.
 *
 * @param id its key
 * @param job the job
 * @param setUps that its operations name, by their keys
 * @param proven keys of those that have come out well before: others are tried on scrap first
 * @param steps how one card is put together; none where nobody has thought of it
 */
public record Wanted(String id, Job job, Map<String, SetUp> setUps, Set<String> proven, List<CardStep> steps) {

    public Wanted {
        setUps = Map.copyOf(setUps);
        proven = Set.copyOf(proven);
        steps = List.copyOf(steps);
    }
}
