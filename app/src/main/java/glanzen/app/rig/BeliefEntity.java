package glanzen.app.rig;

import glanzen.app.keeping.AsText;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** What is believed of one press with one platform. */
@Entity
@Table(name = "belief")
class BeliefEntity {

    @Id
    String id = "";

    String machineId = "";

    String platformId = "";

    @AsText
    String crowd = "";

    int pulls;

    @Version
    long version;
}
