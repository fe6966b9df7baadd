package glanzen.app.evening;

import glanzen.measure.Checks;
import java.time.Instant;

/** A planned evening as it travels in a workshop file. */
public record EveningRecord(String id, Instant plannedAt, Kept plan) {

    public EveningRecord {
        new Checks()
                .name("evenings.id", id)
                .moment("evenings.plannedAt", plannedAt)
                .present("evenings.plan", plan, "what was planned")
                .done();
    }
}
