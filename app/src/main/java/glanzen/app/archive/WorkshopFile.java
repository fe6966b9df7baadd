package glanzen.app.archive;

import com.fasterxml.jackson.annotation.JsonAlias;
import glanzen.app.drill.DrillRecord;
import glanzen.app.drying.DryingRecord;
import glanzen.app.evening.EveningRecord;
import glanzen.app.job.SavedJob;
import glanzen.app.kit.KitView;
import glanzen.app.preferences.Preferences;
import glanzen.app.pull.PullRecord;
import glanzen.app.run.RunRecord;
import glanzen.app.setup.SavedSetUp;
import glanzen.learning.Belief;
import glanzen.measure.BadInput;
import glanzen.measure.Checks;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The whole workshop as JSON; docs/workshop-file.md describes it.
 *
 * @param format always {@value #FORMAT}
 * @param version version of the format
 * @param kit everything owned, retired things included
 * @param setUps saved set-ups
 * @param pulls the logbook, oldest first
 * @param belief what is believed of all things
 * @param dryings gel panels on the bench
 * @param jobs jobs
 * @param runs runs, on, paused and over
 * @param evenings planned evenings
 * @param drills what was answered to drills, oldest first
 * @param preferences how the person likes things; nothing in a file from before they travelled
 */
public record WorkshopFile(
        String format,
        int version,
        KitView kit,
        List<SavedSetUp> setUps,
        List<PullRecord> pulls,
        @JsonAlias("beliefs") Belief belief,
        List<DryingRecord> dryings,
        List<SavedJob> jobs,
        List<RunRecord> runs,
        List<EveningRecord> evenings,
        List<DrillRecord> drills,
        @Nullable Preferences preferences) {

    static final String FORMAT = "glanzen-workshop";
    static final int VERSION = 5;

    public WorkshopFile {
        // A file written before there was gel, or before there were jobs, runs or evenings in it, has none.
        dryings = dryings == null ? List.of() : dryings;
        jobs = jobs == null ? List.of() : jobs;
        runs = runs == null ? List.of() : runs;
        evenings = evenings == null ? List.of() : evenings;
        drills = drills == null ? List.of() : drills;
        if (!FORMAT.equals(format) || version < 1 || version > VERSION) {
            throw new BadInput("format", "is " + format + " " + version, FORMAT + " 1 to " + VERSION);
        }
        new Checks()
                .present("kit", kit, "the kit")
                .present("setUps", setUps, "set-ups, perhaps none")
                .present("pulls", pulls, "pulls, perhaps none")
                .present("belief", belief, "what is believed, perhaps nothing")
                .done();
    }
}
