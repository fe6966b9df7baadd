package glanzen.app.rig;

import glanzen.app.keeping.AsText;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** Plausible rigs; written once, and replaced by others under another key. */
@Entity
@Table(name = "crowd")
class CrowdEntity {

    @Id
    String id = "";

    @AsText
    String rigs = "";
}
