package glanzen.app.drying;

import glanzen.measure.Checks;
import glanzen.transfer.Drying;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A gel panel as it is written down. */
public record DryingRecord(
        String id,
        String name,
        @Nullable String stockId,
        double coatMm,
        double celsius,
        double humidity,
        boolean stencilled,
        @Nullable String stencilId,
        Instant spreadAt,
        @Nullable Instant dryAt) {

    public DryingRecord {
        new Checks()
                .name("dryings.id", id)
                .name("dryings.name", name)
                .moment("dryings.spreadAt", spreadAt)
                .moment("dryings.dryAt", dryAt == null ? spreadAt : dryAt)
                .done();
        new Drying(coatMm, celsius, humidity);
    }
}
