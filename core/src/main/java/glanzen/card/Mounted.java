package glanzen.card;

import glanzen.layout.PlacementConstraint;
import glanzen.measure.Checks;
import org.jspecify.annotations.Nullable;

/**
 * One piece as it is mounted.
 *
 * @param key names it within the card
 * @param piece name of the piece of the job
 * @param on what it lies on: {@link #FRONT}, {@link #INSIDE}, or the key of another piece
 * @param way how it is mounted
 * @param foamMm height of the foam under it, mm; 0 where there is none
 * @param quarterTurns how often it is turned anticlockwise by a quarter, 0…3
 * @param across what holds it across
 * @param along what holds it up and down
 * @param showingMm how much of what it lies on shows all round, mm: its size follows; nothing where it has its own
 * @param fillingMm height of what is shaken behind its opening, mm; 0 where it is no shaker
 * @param through whether its opening goes on through the base: both are cut at once
 */
public record Mounted(
        String key,
        String piece,
        String on,
        Way way,
        double foamMm,
        int quarterTurns,
        PlacementConstraint across,
        PlacementConstraint along,
        @Nullable Double showingMm,
        double fillingMm,
        boolean through) {

    /** The outside of the front leaf. */
    public static final String FRONT = "front";
    /** The inside of the back leaf. */
    public static final String INSIDE = "inside";

    /** Nothing is mounted higher, mm. */
    public static final double MOST_FOAM_MM = 12;

    public Mounted {
        new Checks()
                .name("mounted.key", key)
                .name("mounted.piece", piece)
                .name("mounted.on", on)
                .present("mounted.way", way, "how it is mounted")
                .present("mounted.across", across, "what holds it across")
                .present("mounted.along", along, "what holds it up and down")
                .lengthMm("mounted.foamMm", foamMm, 0, MOST_FOAM_MM)
                .lengthMm("mounted.fillingMm", fillingMm, 0, MOST_FOAM_MM)
                .lengthMm("mounted.showingMm", showingMm == null ? 0 : showingMm, 0, 100)
                .figure("mounted.quarterTurns", quarterTurns, 0, 3, "quarter turns")
                .done();
    }

    /** In the middle of what it lies on. */
    public static Mounted centred(String piece, String on, Way way, double foamMm) {
        return new Mounted(
                piece,
                piece,
                on,
                way,
                foamMm,
                0,
                PlacementConstraint.CENTRED,
                PlacementConstraint.CENTRED,
                null,
                0,
                false);
    }

    /** The same on other foam, or on none. */
    public Mounted raised(double changedMm) {
        Way changed =
                changedMm > 0 && way == Way.FLAT ? Way.RAISED : changedMm == 0 && way == Way.RAISED ? Way.FLAT : way;
        return new Mounted(
                key, piece, on, changed, changedMm, quarterTurns, across, along, showingMm, fillingMm, through);
    }

    /** The same mounted another way. */
    public Mounted mounted(Way changed) {
        return new Mounted(key, piece, on, changed, foamMm, quarterTurns, across, along, showingMm, fillingMm, through);
    }

    /** The same under another key. */
    public Mounted called(String changed) {
        return new Mounted(changed, piece, on, way, foamMm, quarterTurns, across, along, showingMm, fillingMm, through);
    }

    /** The same held otherwise. */
    public Mounted held(PlacementConstraint changedAcross, PlacementConstraint changedAlong) {
        return new Mounted(
                key, piece, on, way, foamMm, quarterTurns, changedAcross, changedAlong, showingMm, fillingMm, through);
    }

    /** The same on something else. */
    public Mounted lyingOn(String changed) {
        return new Mounted(
                key, piece, changed, way, foamMm, quarterTurns, across, along, showingMm, fillingMm, through);
    }

    /** The same with so much showing all round. */
    public Mounted showing(double mm) {
        return new Mounted(key, piece, on, way, foamMm, quarterTurns, across, along, mm, fillingMm, through);
    }

    /** The same with its opening cut through the base too. */
    public Mounted cutThrough() {
        return new Mounted(key, piece, on, way, foamMm, quarterTurns, across, along, showingMm, fillingMm, true);
    }

    /** The same with something to shake behind its opening. */
    public Mounted shaking(double mm) {
        return new Mounted(key, piece, on, way, foamMm, quarterTurns, across, along, showingMm, mm, through);
    }

    /** Whether it lies on the base itself. */
    public boolean onBase() {
        return on.equals(FRONT) || on.equals(INSIDE);
    }

    /** Whether it is held by the opening of what it lies on, not by its edges. */
    public boolean inOpening() {
        return way == Way.INTO_OPENING || way.below();
    }

    /** What holds it: pieces with the same ground may hold each other. */
    String ground() {
        return inOpening() ? on + " opening" : on;
    }
}
