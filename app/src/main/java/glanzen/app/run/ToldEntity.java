package glanzen.app.run;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** How long a heater took from cold, as its owner said. */
@Entity
@Table(name = "told")
class ToldEntity {

    @Id
    String id = "";

    /** What was told. */
    enum Kind {
        FROM_COLD,
        AGAIN
    }

    String heaterId = "";

    @Enumerated(EnumType.STRING)
    Kind kind = Kind.FROM_COLD;

    double seconds;

    Instant toldAt = Instant.EPOCH;
}
