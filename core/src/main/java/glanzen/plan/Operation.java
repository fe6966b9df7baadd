package glanzen.plan;

import glanzen.material.BondingLayer;
import glanzen.measure.Checks;
import glanzen.route.Mechanism;
import glanzen.route.Route;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/**
 * One thing done to a piece.
 *
 * @param kind what
 * @param note in the person's words; perhaps empty
 * @param setUpId the set-up it is done with, where there is one
 */
public record Operation(Kind kind, String note, @Nullable String setUpId) {

    /** What can be done to a piece, in the order in which it is usually done. */
    public enum Kind {
        INK("ink or paint", "Ink %s"),
        DRY("dry the ink", "Dry %s"),
        TAPE("tape on", "Tape %s"),
        FILM_OFF_FRONT("protective film off the foil side", "Pull the film off %s"),
        HOT_FOIL("hot foil", "Foil %s"),
        TONER_FOIL("toner foil", "Foil %s"),
        GEL("gel through a stencil", "Spread gel on %s"),
        GEL_DRY("let the gel dry", "Dry the gel of %s"),
        GEL_FOIL("foil the gel", "Foil the gel of %s"),
        FLOCK("flock the gel", "Flock %s"),
        REACTIVE_FOIL("reactive ink and foil", "Foil %s"),
        FILM_OFF_BACK("protective film off the back", "Pull the film off the back of %s"),
        TAPE_OFF("tape off", "Take the tape off %s"),
        EMBOSS("emboss", "Emboss %s"),
        WINDOW("cut an opening", "Cut the opening of %s"),
        CUT("die-cut", "Cut %s"),
        TRIM("trim", "Trim %s"),
        FOLD("score and fold", "Fold %s"),
        ASSEMBLE("assemble", "Put %s together");

        private final String label;
        private final String task;

        Kind(String label, String task) {
            this.label = label;
            this.task = task;
        }

        /** The same as a task to be done to a piece of a name. */
        public String task(String piece) {
            return task.formatted(piece);
        }

        /** The everyday name. */
        public String label() {
            return label;
        }

        /** Whether a set-up of a route does it; false for what is done by hand. */
        public boolean doneBy(Route route) {
            BondingLayer bonding = route.bonding().orElse(null);
            return switch (this) {
                case HOT_FOIL -> bonding == BondingLayer.HOT_FOIL;
                case TONER_FOIL -> bonding == BondingLayer.TONER;
                case GEL_FOIL -> bonding == BondingLayer.GEL_FOIL;
                case FLOCK -> bonding == BondingLayer.GEL_FLOCK;
                case REACTIVE_FOIL -> bonding == BondingLayer.REACTIVE_INK;
                case CUT, WINDOW -> route.mechanism().cuts();
                case EMBOSS -> route.mechanism() == Mechanism.EMBOSS || route.mechanism() == Mechanism.CUT_AND_EMBOSS;
                default -> false;
            };
        }

        /** Whether a set-up does it, whatever the route; false for what is done by hand. */
        public boolean wantsSetUp() {
            return Arrays.stream(Route.values()).anyMatch(this::doneBy);
        }

        /** Whether it lays foil or flock. */
        public boolean lays() {
            return this == HOT_FOIL || this == TONER_FOIL || this == GEL_FOIL || this == FLOCK || this == REACTIVE_FOIL;
        }

        /** Whether a die does it. */
        public boolean cuts() {
            return this == CUT || this == WINDOW;
        }

        /** Whether it takes gel that is dry. */
        boolean wantsGel() {
            return this == GEL_FOIL || this == FLOCK;
        }
    }

    public Operation {
        note = note == null ? "" : note;
        new Checks()
                .present("operation.kind", kind, "one of the operations")
                .holds(note.length() <= 300, "operation.note", "is too long", "up to 300 letters")
                .done();
    }

    /** An operation without more to say. */
    public static Operation of(Kind kind) {
        return new Operation(kind, "", null);
    }
}
