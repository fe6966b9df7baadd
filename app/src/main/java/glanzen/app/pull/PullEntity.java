package glanzen.app.pull;

import glanzen.app.keeping.AsText;
import glanzen.app.keeping.Json;
import glanzen.diagnosis.Cause;
import glanzen.diagnosis.Remedy;
import glanzen.diagnosis.Verdict;
import glanzen.learning.Observation.Amount;
import glanzen.learning.Observation.Outcome;
import glanzen.setup.SetUp;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** One pull. Its snapshot is never changed; only its note, its picture and whether it is a recipe are. */
@Entity
@Table(name = "pull")
class PullEntity {

    @Id
    String id = "";

    int number;

    Instant loggedAt = Instant.EPOCH;

    @Nullable
    @Column(name = "of_run")
    String runId;

    String machineId = "";

    String platformId = "";

    String plateId = "";

    String stockId = "";

    String filmId = "";

    String route = "";

    String title = "";

    @Enumerated(EnumType.STRING)
    Outcome outcome = Outcome.CLEAN;

    @Enumerated(EnumType.STRING)
    Amount amount = Amount.A_LITTLE;

    @Nullable
    Double coverage;

    @Nullable
    Double spillMm;

    @AsText
    String faults = "[]";

    String note = "";

    /** Sentences on what was cut short in its run, as JSON. */
    @AsText
    @Column(name = "cut_short")
    String cut = "[]";

    @AsText
    @Nullable
    String readOff;

    @Enumerated(EnumType.STRING)
    Verdict.@Nullable Action verdict;

    @Enumerated(EnumType.STRING)
    @Nullable
    Cause cause;

    @Enumerated(EnumType.STRING)
    @Nullable
    @Column(name = "tried_next")
    Remedy next;

    double position;

    double expectedUnder;

    double expectedClean;

    double expectedOver;

    boolean proven;

    boolean pictured;

    @AsText
    @Column(updatable = false)
    String snapshot = "";

    @Version
    long version;

    /** Takes in what was read off its picture. */
    void take(@Nullable LogRead read, Json json) {
        readOff = read == null ? null : json.write(read);
        verdict = read == null ? null : read.verdict();
        cause = read == null ? null : read.cause();
    }

    /** Takes a set-up in for good. */
    void freeze(SetUp setUp, String written) {
        snapshot = written;
        machineId = setUp.machine().id();
        platformId = setUp.platformId();
        route = setUp.route().name();
        plateId = setUp.plate().id();
        stockId = setUp.stock().id();
        // Where nothing is transferred, the stock stands for what the need is learned of.
        filmId = setUp.needKey();
    }
}
