package glanzen.app.rig;

import glanzen.app.keeping.AsText;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** The belief of all things of the workshop: there is one, or none before anything is known. */
@Entity
@Table(name = "belief")
class BeliefEntity {

    static final String ID = "workshop";

    @Id
    String id = ID;

    /** Another with every change: what was read is remembered by it. */
    String stamp = "";

    @AsText
    String believed = "";

    @Version
    long version;
}
