package glanzen.app.parcel;

import glanzen.app.setup.Draft;
import glanzen.kit.Kit;
import glanzen.measure.BadInput;
import glanzen.measure.Checks;
import glanzen.plan.Job;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A job or a recipe with all that it names.
 *
 * @param format always {@value #FORMAT}
 * @param version version of the format
 * @param job the job; nothing if it is a recipe alone
 * @param setUps the recipe, or the set-ups that the job names
 * @param things what those are made with, nothing else
 */
record Parcel(String format, int version, @Nullable Job job, List<Sent> setUps, Kit things) {

    static final String FORMAT = "glanzen-parcel";
    static final int VERSION = 1;

    private static final int MOST_SET_UPS = 500;

    /** A set-up on its way. */
    record Sent(String id, String name, Draft draft) {

        Sent {
            new Checks()
                    .name("setUps.id", id)
                    .name("setUps.name", name)
                    .present("setUps.draft", draft, "the set-up")
                    .done();
        }
    }

    Parcel {
        if (!FORMAT.equals(format) || version < 1 || version > VERSION) {
            throw new BadInput("format", "is " + format + " " + version, FORMAT + " 1 to " + VERSION);
        }
        new Checks()
                .present("setUps", setUps, "set-ups, perhaps none")
                .present("things", things, "the things they are made with")
                .done();
        new Checks()
                .figure("setUps", setUps.size(), job == null ? 1 : 0, MOST_SET_UPS, "set-ups")
                .done();
    }

    /** What it is called. */
    String title() {
        return job == null ? setUps.get(0).name() : job.name();
    }
}
