package glanzen.app.run;

import glanzen.app.keeping.Json;
import glanzen.app.run.RunView.Status;
import glanzen.measure.BadInput;
import glanzen.setup.SetUp;
import glanzen.steps.Run;
import jakarta.persistence.EntityManager;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** All runs at once, for a workshop file. */
@Service
@Transactional
public class RunArchive {

    private final RunRepository runs;
    private final Json json;
    private final EntityManager entities;

    RunArchive(RunRepository runs, Json json, EntityManager entities) {
        this.runs = runs;
        this.json = json;
        this.entities = entities;
    }

    /** All runs, oldest first. */
    @Transactional(readOnly = true)
    public List<RunRecord> records() {
        return runs.findAll(Sort.by("createdAt", "id")).stream()
                .map(r -> new RunRecord(
                        r.id,
                        r.title,
                        r.snapshot(json),
                        r.status(),
                        r.state(json),
                        r.simulated,
                        r.scrap,
                        r.seed,
                        r.stepStartedAt,
                        List.copyOf(r.ticked(json)),
                        r.createdAt))
                .toList();
    }

    /** Replaces all runs. A machine has one open run: of two, the later one is paused. */
    public void replace(List<RunRecord> all, long version) {
        runs.deleteAllInBatch();
        Set<String> busy = new HashSet<>();
        for (RunRecord record : all) {
            SetUp setUp = record.snapshot().setUp();
            possible(record, setUp);
            RunEntity run = new RunEntity();
            run.id = record.id();
            run.title = record.title();
            run.snapshot = json.write(record.snapshot());
            run.state = json.write(record.state());
            run.machineId = setUp.machine().id();
            run.platformId = setUp.platformId();
            run.simulated = record.simulated();
            run.scrap = record.scrap();
            run.seed = record.seed();
            run.stepStartedAt = record.stepStartedAt();
            run.ticked = json.write(record.ticked());
            run.createdAt = record.createdAt();
            boolean free = busy.add(run.machineId) & (run.platformId.isEmpty() || busy.add(run.platformId));
            run.is(record.status() == Status.OPEN && !free ? Status.PAUSED : record.status());
            run.version = version;
            entities.persist(run);
        }
    }

    private static void possible(RunRecord record, SetUp setUp) {
        try {
            new Run(setUp).step(record.state());
        } catch (RuntimeException nowhere) {
            throw new BadInput("runs.state", "is of no step of run " + record.id(), "a step of its set-up");
        }
    }
}
