package glanzen.app.pull;

import glanzen.app.setup.KeptSnapshot;
import glanzen.diagnosis.Remedy;
import glanzen.learning.Fault;
import glanzen.learning.Observation.Amount;
import glanzen.learning.Observation.Outcome;
import glanzen.measure.Checks;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A pull with everything kept of it, as it travels in a workshop file. */
public record PullRecord(
        String id,
        int number,
        Instant loggedAt,
        String title,
        Outcome outcome,
        Amount amount,
        @Nullable Double coverage,
        @Nullable Double spillMm,
        List<Fault> faults,
        String note,
        @Nullable List<String> cut,
        double position,
        double expectedUnder,
        double expectedClean,
        double expectedOver,
        boolean proven,
        boolean pictured,
        @Nullable LogRead read,
        @Nullable Remedy next,
        @Nullable String runId,
        KeptSnapshot snapshot) {

    public PullRecord {
        new Checks()
                .name("pulls.id", id)
                .moment("pulls.loggedAt", loggedAt)
                .figure("pulls.number", number, 1, 1_000_000, "")
                .present("pulls.title", title, "a title")
                .present("pulls.outcome", outcome, "under, clean, over or both")
                .present("pulls.amount", amount, "a little or a lot")
                .present("pulls.faults", faults, "a list, perhaps empty")
                .present("pulls.note", note, "a note, perhaps empty")
                .present("pulls.snapshot", snapshot, "the set-up that was pulled")
                .done();
        // Files from before this was kept have none.
        cut = cut == null ? List.of() : List.copyOf(cut);
    }
}
