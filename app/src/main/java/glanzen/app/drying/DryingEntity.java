package glanzen.app.drying;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A gel panel on the bench. Times are bench time. */
@Entity
@Table(name = "drying")
class DryingEntity {

    @Id
    String id = "";

    String name = "";

    @Nullable
    String stockId;

    double coatMm;

    double celsius;

    double humidity;

    boolean stencilled;

    /** The stencil it was spread through, if that is in the kit. */
    @Nullable
    String stencilId;

    Instant spreadAt = Instant.EPOCH;

    /** When the person found it dry. */
    @Nullable
    Instant dryAt;

    @Version
    long version;
}
