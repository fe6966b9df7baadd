package glanzen.app.evening;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;

/** An evening that is planned. Its body is {@link Kept} as JSON. */
@Entity
@Table(name = "evening")
class EveningEntity {

    @Id
    String id = "";

    @Lob
    String body = "";

    Instant plannedAt = Instant.EPOCH;

    @Version
    long version;
}
