package glanzen.app.run;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** How long a heater took from cold, as its owner said. */
@Entity
@Table(name = "told")
class ToldEntity {

    @Id
    String id = "";

    String heaterId = "";

    double seconds;

    Instant toldAt = Instant.EPOCH;
}
