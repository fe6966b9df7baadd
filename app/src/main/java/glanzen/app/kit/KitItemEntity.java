package glanzen.app.kit;

import glanzen.app.keeping.AsText;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** One thing in the kit. Its body is the core's own record as JSON, so a new kind of thing needs no new table. */
@Entity
@Table(name = "kit_item")
class KitItemEntity {

    @Id
    String id = "";

    @Enumerated(EnumType.STRING)
    Shelf shelf = Shelf.BOARDS;

    @AsText
    String body = "";

    boolean retired;

    /** Order in which things came into the kit. */
    int place;

    @Version
    long version;
}
