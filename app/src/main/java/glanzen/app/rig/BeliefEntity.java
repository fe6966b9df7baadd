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

    String crowdId = "";

    /** How plausible each rig of the crowd is now; none, if as plausible as it is written. */
    @AsText
    String weights = "";

    int pulls;

    @Version
    long version;
}
