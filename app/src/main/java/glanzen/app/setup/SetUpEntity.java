package glanzen.app.setup;

import glanzen.app.keeping.AsText;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "set_up")
class SetUpEntity {

    @Id
    String id = "";

    String name = "";

    @AsText
    String draft = "";

    boolean proven;

    /** What it is the recipe for, while it is one: there is no second one. */
    @Nullable
    String recipeOf;

    Instant touchedAt = Instant.EPOCH;

    @Version
    long version;
}
