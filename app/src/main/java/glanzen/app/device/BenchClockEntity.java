package glanzen.app.device;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

@Entity
@Table(name = "bench_clock")
class BenchClockEntity {

    static final int ONLY = 1;

    @Id
    int id = ONLY;

    Instant realAt = Instant.EPOCH;

    Instant benchAt = Instant.EPOCH;

    double speed;
}
