package glanzen.app.job;

import glanzen.app.keeping.AsText;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** A job. Its body is the core's own record as JSON. */
@Entity
@Table(name = "job")
class JobEntity {

    @Id
    String id = "";

    @AsText
    String body = "";

    /** Order in which jobs were begun. */
    int place;

    @Version
    long version;
}
