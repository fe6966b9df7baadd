package glanzen.app.device;

import glanzen.kit.Machine;
import glanzen.setup.SetUp;
import java.util.Optional;

/** What a run is done on: devices that are worked by hand and asked after, or simulated ones for trying things out. */
public interface Bench {

    /** What heats a set-up: its platform, or its machine by itself; nothing where nothing does. */
    Optional<Heater> heater(SetUp setUp);

    /** What feeds: a press, or a machine with heated rollers. */
    Feeder feeder(Machine machine);
}
