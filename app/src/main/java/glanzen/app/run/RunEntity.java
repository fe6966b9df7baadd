package glanzen.app.run;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

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

    int step;

    /** In bench time. */
    Instant stepStartedAt = Instant.EPOCH;

    /** How long it was really warmed, s; see the core's RunState. */
    @Nullable
    Double warmedSeconds;

    /** Places of the pre-flight list that are ticked, as JSON. */
    @Lob
    String ticked = "[]";

    Instant createdAt = Instant.EPOCH;

    @Version
    long version;
}
