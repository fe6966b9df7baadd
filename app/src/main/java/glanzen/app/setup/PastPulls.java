package glanzen.app.setup;

import glanzen.app.setup.SetUpReport.Tick;
import java.util.List;

/** What forecasts need of the logbook. */
public interface PastPulls {

    /** Where the last few pulls of a plate, film and stock lay, newest first. */
    List<Tick> ticks(String plateId, String filmId, String stockId);
}
