package glanzen.app.run;

import glanzen.app.keeping.AsText;
import glanzen.app.keeping.Json;
import glanzen.app.setup.Snapshot;
import glanzen.setup.SetUp;
import glanzen.steps.RunSheet;
import glanzen.steps.RunState;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Arrays;
import java.util.SortedSet;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "run")
class RunEntity {

    @Id
    String id = "";

    String title = "";

    @AsText
    String snapshot = "";

    @Enumerated(EnumType.STRING)
    private RunView.Status status = RunView.Status.OPEN;

    /** The core's RunState, as JSON. */
    @AsText
    String state = "";

    String machineId = "";

    String platformId = "";

    /** Its machine while it is open: no other run may have the same. */
    @Nullable
    private String openMachine;

    @Nullable
    private String openPlatform;

    /** Whether stand-ins do it, to try things out. */
    boolean simulated;

    /** Whether it is tried on scrap. */
    boolean scrap;

    /** The luck of its stand-ins, where somebody gave it; else it is the run's own. */
    @Nullable
    Long seed;

    /** By the clock of its devices. */
    Instant stepStartedAt = Instant.EPOCH;

    /** Places of the pre-flight list that are ticked, as JSON. */
    @AsText
    String ticked = "[]";

    Instant createdAt = Instant.EPOCH;

    @Version
    long version;

    /** What it was set up as when it was begun. */
    Snapshot snapshot(Json json) {
        return json.read(snapshot, Snapshot.class);
    }

    SetUp setUp(Json json) {
        return snapshot(json).setUp();
    }

    /** Where it stands. */
    RunState state(Json json) {
        return json.read(state, RunState.class);
    }

    /** Places of the pre-flight list that are ticked, in their order. */
    SortedSet<Integer> ticked(Json json) {
        return new TreeSet<>(Arrays.asList(json.read(ticked, Integer[].class)));
    }

    /** How many lines of the pre-flight list are not ticked. */
    int openLines(Json json) {
        return RunSheet.preflight(setUp(json)).size() - ticked(json).size();
    }

    RunView.Status status() {
        return status;
    }

    /** Whatever is open keeps its machine, and its platform if it has one. */
    void is(RunView.Status now) {
        status = now;
        boolean open = now == RunView.Status.OPEN;
        openMachine = open && !machineId.isEmpty() ? machineId : null;
        openPlatform = open && !platformId.isEmpty() ? platformId : null;
    }
}
