package glanzen.app.run;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;

@Entity
@Table(name = "run")
class RunEntity {

    @Id
    String id = "";

    String title = "";

    @Lob
    String snapshot = "";

    @Enumerated(EnumType.STRING)
    RunView.Status status = RunView.Status.OPEN;

    /** The core's RunState, as JSON. */
    @Lob
    String state = "";

    String machineId = "";

    String platformId = "";

    /** Whether stand-ins do it, to try things out. */
    boolean simulated;

    /** Whether it is tried on scrap. */
    boolean scrap;

    /** By the clock of its devices. */
    Instant stepStartedAt = Instant.EPOCH;

    /** Places of the pre-flight list that are ticked, as JSON. */
    @Lob
    String ticked = "[]";

    Instant createdAt = Instant.EPOCH;

    @Version
    long version;
}
