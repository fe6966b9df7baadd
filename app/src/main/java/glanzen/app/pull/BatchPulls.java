package glanzen.app.pull;

import glanzen.app.keeping.Json;
import glanzen.app.web.Conflict;
import glanzen.learning.Drift;
import glanzen.learning.Fault;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The pulls of one run: logged by one key when one is like the last, and watched for drift. */
@Service
class BatchPulls {

    private final PullRepository pulls;
    private final PullService logbook;
    private final Telling telling;
    private final Json json;

    BatchPulls(PullRepository pulls, PullService logbook, Telling telling, Json json) {
        this.pulls = pulls;
        this.logbook = logbook;
        this.telling = telling;
        this.json = json;
    }

    /**
     * What came of a run so far.
     *
     * @param pulls first to last
     * @param drift whether the last come out otherwise than those before
     */
    record OfRun(List<PullView> pulls, @Nullable Drift drift) {}

    @Transactional(readOnly = true)
    OfRun of(String runId) {
        List<PullEntity> made = pulls.findAllByRunIdOrderByNumber(runId);
        return new OfRun(
                made.stream().map(p -> logbook.get(p.id)).toList(),
                Drift.of(made.stream().map(p -> p.outcome).toList()).orElse(null));
    }

    /** Logs the next pull of a run as the last one was. */
    PullView same(String runId, boolean keepFoil) {
        List<PullEntity> made = pulls.findAllByRunIdOrderByNumber(runId);
        if (made.isEmpty()) {
            throw new Conflict("No pull of this run is logged yet. Say of the first how it came out.");
        }
        PullEntity last = made.get(made.size() - 1);
        return telling.log(new LogEntry(
                last.title,
                runId,
                null,
                last.outcome,
                last.amount,
                last.coverage,
                last.spillMm,
                null,
                null,
                Arrays.asList(json.read(last.faults, Fault[].class)),
                "",
                null,
                null,
                keepFoil));
    }
}
