package glanzen.app.setup;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;

@Entity
@Table(name = "set_up")
class SetUpEntity {

    @Id
    String id = "";

    String name = "";

    @Lob
    String draft = "";

    boolean proven;

    Instant touchedAt = Instant.EPOCH;

    @Version
    long version;
}
