package glanzen.evening;

import glanzen.schedule.Heater;
import glanzen.setup.SetUp;
import java.util.List;

/** Tells how long what heats takes. */
public interface Heaters {

    /** @param setUps one for each that heats */
    List<Heater> of(Iterable<SetUp> setUps);
}
