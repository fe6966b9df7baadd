package glanzen.app.setup;

import glanzen.kit.Kit;
import glanzen.measure.BadInput;
import glanzen.setup.SetUp;

/**
 * A set-up frozen with the things it was made of. Never changed once written; older formats stay readable.
 *
 * @param format which way of writing this is
 * @param draft the set-up
 * @param kit the things it names, as they were
 */
public record Snapshot(int format, Draft draft, Kit kit) {

    private static final int FORMAT = 2;

    public Snapshot {
        if (format < 1 || format > FORMAT) {
            throw new BadInput("snapshot.format", "is " + format, "1 to " + FORMAT);
        }
        // A draft of an earlier format was rewritten when it was read.
        format = FORMAT;
    }

    /** Freezes a set-up. */
    public static Snapshot of(SetUp setUp) {
        return new Snapshot(FORMAT, Drafts.draft(setUp), Drafts.excerpt(setUp));
    }

    /** The set-up as it was. */
    public SetUp setUp() {
        return Drafts.setUp(draft, kit);
    }
}
