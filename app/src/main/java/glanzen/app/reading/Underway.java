package glanzen.app.reading;

import glanzen.app.web.Conflict;
import glanzen.inspect.Stage;
import glanzen.measure.Checks;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Readings that are under way, by the ticket their caller gave them: what each is at, and whether it is still wanted. */
@Component
class Underway {

    private static final int LONGEST_TICKET = 64;

    private final Map<String, Stage> stages = new ConcurrentHashMap<>();
    private final Set<String> unwanted = ConcurrentHashMap.newKeySet();

    /** What a reading is at; nothing where none has that ticket. */
    record ReadingStage(@Nullable String label, double gone) {}

    /** Takes note of a stage; a reading that is no longer wanted ends here. */
    void at(@Nullable String ticket, Stage stage) {
        if (ticket == null) {
            return;
        }
        new Checks()
                .holds(
                        ticket.length() <= LONGEST_TICKET,
                        "ticket",
                        "is too long",
                        "up to " + LONGEST_TICKET + " letters")
                .done();
        if (unwanted.remove(ticket)) {
            stages.remove(ticket);
            throw new Conflict("The reading was cancelled. Nothing was kept of it.");
        }
        stages.put(ticket, stage);
    }

    void end(@Nullable String ticket) {
        if (ticket != null) {
            stages.remove(ticket);
            unwanted.remove(ticket);
        }
    }

    ReadingStage of(String ticket) {
        Stage stage = stages.get(ticket);
        return stage == null ? new ReadingStage(null, 0) : new ReadingStage(stage.label(), stage.gone());
    }

    void cancel(String ticket) {
        if (stages.containsKey(ticket)) {
            unwanted.add(ticket);
        }
    }
}
