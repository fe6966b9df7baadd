package glanzen.app.device;

import glanzen.app.keeping.AsText;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** State of one simulated device, so that it stays hot over a restart. */
@Entity
@Table(name = "device")
class DeviceEntity {

    @Id
    String id = "";

    @AsText
    String state = "";
}
