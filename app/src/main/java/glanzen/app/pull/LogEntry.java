package glanzen.app.pull;

import glanzen.app.setup.Draft;
import glanzen.diagnosis.Remedy;
import glanzen.learning.Fault;
import glanzen.learning.Observation;
import glanzen.learning.Observation.Amount;
import glanzen.learning.Observation.Outcome;
import glanzen.measure.Checks;
import glanzen.route.Standard;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a person writes down of a pull.
 *
 * @param title what was pulled
 * @param runId the run it came from; or else
 * @param draft the set-up, for a pull logged by hand
 * @param outcome under, clean, over or both
 * @param amount how far off
 * @param coverage share covered, if read off, 0…1
 * @param spillMm spill, if read off, mm
 * @param coverageGive how far that coverage may be off, if a picture was read
 * @param spillGiveMm how far that spill may be off, if a picture was read, mm
 * @param faults what else was seen
 * @param note anything else
 * @param read what else was read off its picture, if one was
 * @param next the change that is made for the pull after it, if one was chosen
 * @param keepFoil whether the foil cut for it is kept as a leftover; yes if nothing is said
 */
public record LogEntry(
        String title,
        @Nullable String runId,
        @Nullable Draft draft,
        Outcome outcome,
        Amount amount,
        @Nullable Double coverage,
        @Nullable Double spillMm,
        @Nullable Double coverageGive,
        @Nullable Double spillGiveMm,
        List<Fault> faults,
        String note,
        @Nullable LogRead read,
        @Nullable Remedy next,
        @Nullable Boolean keepFoil) {

    private static final int LONGEST_NOTE = 2000;

    public LogEntry {
        new Checks()
                .name("title", title)
                .present("outcome", outcome, "under, clean, over or both")
                .present("amount", amount, "a little or a lot")
                .present("faults", faults, "a list, perhaps empty")
                .present("note", note, "a note, perhaps empty")
                .holds(
                        (runId == null) != (draft == null),
                        "runId",
                        "and draft: one of them says what was pulled",
                        "a run, or a draft for a pull logged by hand")
                .holds(
                        note == null || note.length() <= LONGEST_NOTE,
                        "note",
                        "is too long",
                        "up to " + LONGEST_NOTE + " letters")
                .done();
    }

    /**
     * What was seen, for learning.
     *
     * @param standard what counts as good on the route that was pulled
     */
    Observation seen(Standard standard) {
        Observation seen = Observation.roughly(outcome, amount, standard);
        if (coverage != null && coverageGive != null && spillMm != null && spillGiveMm != null) {
            return seen.read(coverage, coverageGive, spillMm, spillGiveMm);
        }
        seen = coverage == null ? seen : seen.withCoverage(coverage);
        return spillMm == null ? seen : seen.withSpill(spillMm);
    }

    /** Whether the pull says anything about heat and pressure. */
    boolean telling() {
        return faults.stream().noneMatch(Fault::misleading);
    }
}
