package glanzen.app.run;

import glanzen.app.run.RunView.Status;
import glanzen.app.setup.Snapshot;
import glanzen.measure.Checks;
import glanzen.steps.RunState;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A run as it travels in a workshop file. */
public record RunRecord(
        String id,
        String title,
        Snapshot snapshot,
        Status status,
        RunState state,
        boolean simulated,
        boolean scrap,
        @Nullable Long seed,
        Instant stepStartedAt,
        List<Integer> ticked,
        Instant createdAt) {

    public RunRecord {
        new Checks()
                .name("runs.id", id)
                .present("runs.title", title, "a title")
                .present("runs.snapshot", snapshot, "its set-up")
                .present("runs.status", status, "open, paused, logged or left")
                .present("runs.state", state, "how far it is")
                .present("runs.ticked", ticked, "lines, perhaps none")
                .moment("runs.createdAt", createdAt)
                .present("runs.stepStartedAt", stepStartedAt, "a moment")
                .done();
    }
}
