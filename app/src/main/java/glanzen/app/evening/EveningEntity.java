package glanzen.app.evening;

import glanzen.app.keeping.AsText;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;

/** An evening that is planned. Its body is {@link Kept} as JSON. */
@Entity
@Table(name = "evening")
class EveningEntity {

    @Id
    String id = "";

    @AsText
    String body = "";

    Instant plannedAt = Instant.EPOCH;

    @Version
    long version;
}
