package glanzen.app.drill;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A drill that was answered. */
@Entity
@Table(name = "drill_answer")
class DrillAnswerEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    long id;

    String topic = "";

    long seed;

    Instant answeredAt = Instant.EPOCH;

    boolean good;

    boolean sure;

    @Nullable
    Double guess;

    @Nullable
    Double came;
}
